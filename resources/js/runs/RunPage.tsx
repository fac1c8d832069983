import { Button } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { useRun, useSettings } from '../api/queries';
import type { Run, Settings } from '../api/types';
import { Changes } from '../parts/Changes';
import { Failed } from '../parts/Failed';
import layout from '../parts/layout.module.css';
import { say } from '../parts/Notices';
import { PageTitle } from '../parts/PageTitle';
import table from '../parts/table.module.css';
import { Waiting } from '../parts/Waiting';
import { isPaint } from '../steps/face';
import { air } from '../steps/paint';
import { inUnit } from '../units/sentence';
import { length, pressure, temperature } from '../units/units';
import { cupWords, PlanSheet } from './PlanSheet';
import classes from './runs.module.css';

/** A run: its plan on the screen, and as a bench card on paper. */
export function RunPage() {
  const { id = '' } = useParams();
  const run = useRun(id);
  const settings = useSettings().data;
  const go = useNavigate();
  const queries = useQueryClient();
  const start = useMutation({
    mutationFn: () => ask(api.POST('/runs/{id}/start', { params: { path: { id: id } } })),
    onSuccess: () => {
      void queries.invalidateQueries();
      void go(`/bench/${id}`);
    },
  });
  const drop = useMutation({
    // Its answer is empty; a refusal is thrown all the same.
    mutationFn: () => api.DELETE('/runs/{id}', { params: { path: { id } } }),
    onSuccess: () => {
      say('dropped', 'The plan is deleted.');
      void go('/runs');
      queries.removeQueries({ queryKey: ['run', id] });
      void queries.invalidateQueries();
    },
  });
  if (run.isError) return <Failed error={run.error} />;
  if (run.data === undefined || settings === undefined) return <Waiting />;
  const r = run.data;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of={`Run ${r.number}`} />
        <h1>
          Run {r.number}: <Link to={`/patterns/${r.pattern.id}`}>{r.pattern.name}</Link>
        </h1>
        <span className="dim">
          <Link className="link" to={`/patterns/${r.pattern.id}/versions/${r.version.id}`}>
            version {r.version.number}
            {r.version.fitted ? ', fitted' : ''}
          </Link>{' '}
          · {r.body} · {r.state}
          {r.repeat_of === null ? '' : ` · repeats ${r.repeat_of.label}`}
        </span>
        <span className="spacer" />
        <Button variant="default" className="no-print" onClick={() => window.print()}>
          Print the bench card
        </Button>
        {r.state === 'planned' && (
          <Button
            variant="default"
            className="no-print"
            onClick={() => drop.mutate()}
            disabled={drop.isPending || start.isPending}
          >
            Delete this plan
          </Button>
        )}
        {r.state === 'planned' && (
          <Button className="no-print" onClick={() => start.mutate()} disabled={start.isPending}>
            Start at the bench
          </Button>
        )}
        {r.state === 'at the bench' && (
          <Button component={Link} className="no-print" to={`/bench/${r.id}`}>
            To the bench
          </Button>
        )}
      </div>
      {start.isError && <p role="alert">{words(start.error)}</p>}
      {drop.isError && <p role="alert">{words(drop.error)}</p>}
      {r.baits.length > 0 && (
        <p>
          {r.state === 'finished' ? 'Its baits in the log: ' : 'Its baits: '}
          {r.baits.map((bait, i) => (
            <span key={bait.id}>
              {i > 0 && ', '}
              {r.state === 'finished' ? (
                <Link className="link" to={`/log/${bait.id}`}>
                  {bait.label}
                </Link>
              ) : (
                bait.label
              )}
            </span>
          ))}
        </p>
      )}
      <BenchCard run={r} settings={settings} />
      <Changes
        changes={r.changes}
        steps={r.plan.steps}
        title={r.repeat_of === null ? 'Fitted to this body' : `Changed against ${r.repeat_of.label}’s plan`}
      />
      <PlanSheet plan={r.plan} settings={settings} />
    </div>
  );
}

/** One line a step, boxes to tick for both sides of every bait. */
function BenchCard({ run, settings }: { run: Run; settings: Settings }) {
  return (
    <section className={`${classes.benchCard} ${layout.part}`} aria-label="Bench card">
      <h2>
        Bench card · {run.bait_count} × {run.body} · {temperature.show(run.plan.air_c, settings)}{' '}
        {temperature.unit(settings)}, {run.plan.humidity_percent} %
      </h2>
      <div className={table.scroll}>
        <table className={`${table.table} ${table.stacked}`}>
          <thead>
            <tr>
              <th>Step</th>
              <th>Mix, drops</th>
              <th className={table.num}>{pressure.unit(settings)}</th>
              <th className={table.num}>Coats</th>
              <th className={table.num}>Strokes</th>
              <th>How, and what to check</th>
              <th>Baits, left and right</th>
            </tr>
          </thead>
          <tbody>
            {run.steps
              .filter((s) => s.document.on)
              .map((step) => {
                const { document: d, shown } = step;
                const coat = isPaint(step) ? step : undefined;
                const c = coat?.document;
                const planned = run.plan.steps.find((p) => p.step === d.id);
                const cup = planned?.cup;
                return (
                  <tr key={d.id}>
                    <td>
                      <b>
                        {shown.number} {shown.name}
                      </b>
                      {shown.where === undefined ? '' : `, ${shown.where}`}
                      {c?.width_mm == null
                        ? ''
                        : `, ${length.show(c.width_mm, settings)} ${length.unit(settings)} wide`}
                    </td>
                    <td data-label="Mix, drops">
                      {cup == null ? '' : cupWords(cup, run.plan.thinner)}
                      {planned?.clean == null ? '' : `; ${planned.clean.level} first`}
                    </td>
                    <td data-label={pressure.unit(settings)} className={`${table.num} ${classes.figure}`}>
                      {coat === undefined ? '' : air(coat, coat.document.psi, settings)[0]}
                    </td>
                    <td data-label="Coats" className={`${table.num} ${classes.figure}`}>
                      {c === undefined ? '' : `${c.coats} ${c.weight}`}
                    </td>
                    <td data-label="Strokes" className={`${table.num} ${classes.figure}`}>
                      {c?.strokes}
                    </td>
                    <td data-label="How">
                      <span>
                        {shown.index !== undefined && shown.index.length > 0 && (
                          <span>
                            {shown.sides.length === 1 ? `On the ${shown.sides[0]}` : 'Left and right'}:{' '}
                            {inUnit(shown.index.join('; '), settings)}.{' '}
                          </span>
                        )}
                        {inUnit(shown.how, settings)} {d.check === '' ? '' : `Check: ${d.check}`}
                      </span>
                    </td>
                    <td
                      data-label="Baits"
                      className={classes.boxes}
                      role="img"
                      aria-label={
                        shown.for_all
                          ? 'one box for all'
                          : `${run.bait_count} ${shown.sides.length === 1 ? 'boxes' : 'pairs of boxes'}`
                      }
                    >
                      {(shown.for_all ? '☐' : (shown.sides.length === 1 ? '☐ ' : '☐☐ ').repeat(run.bait_count)).trim()}
                    </td>
                  </tr>
                );
              })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
