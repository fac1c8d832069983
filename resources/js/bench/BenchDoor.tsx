import { Button } from '@mantine/core';
import { Link, Navigate } from 'react-router';
import { useOpenRuns } from '../api/listQueries';
import { useBodies, useShelfTexture } from '../api/queries';
import type { Body, RunBrief } from '../api/types';
import { Failed } from '../parts/Failed';
import classes from '../parts/lying.module.css';
import { PageTitle } from '../parts/PageTitle';
import { standing } from '../parts/standing';
import { Waiting } from '../parts/Waiting';
import { WideBait } from '../stage/WideBait';
import { clock, counted, day } from '../units/units';

/** Leads to the run on the clamps; asks which when there are several. */
export function BenchDoor() {
  const runs = useOpenRuns();
  const bodies = useBodies().data;
  if (runs.isError) return <Failed error={runs.error} retry={() => void runs.refetch()} />;
  if (runs.data === undefined) return <Waiting />;
  const open = runs.data.filter((run) => run.state === 'at the bench');
  if (open.length === 1) return <Navigate to={`/bench/${open[0]?.id}`} replace />;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Bench" />
        <h1>Bench</h1>
      </div>
      {open.length === 0 ? (
        <div className="empty">
          <h2>No run in progress</h2>
          <p>
            Plan a run and start it; the bench then leads through it one step at a time, and stays where it was through
            a reload.
          </p>
          <Button component={Link} to="/runs/new">
            Plan a run
          </Button>
        </div>
      ) : (
        <ul className={`${classes.lying} on-stage`}>
          {open.map((run) => (
            <OnClamps key={run.id} run={run} body={bodies?.find((body) => body.id === run.body_id)} />
          ))}
        </ul>
      )}
    </div>
  );
}

/** A run on the clamps with its bait: all of it is pressed. */
function OnClamps({ run, body }: { run: RunBrief; body: Body | undefined }) {
  const texture = useShelfTexture(run.version.id, 0, true).data;
  return (
    <li>
      <Link to={`/bench/${run.id}`}>
        <WideBait body={body} texture={texture} tall={0.36} label={`${run.pattern.name}, as planned`} />
        <span>
          <b>{run.pattern.name}</b>
          <br />
          Run {run.number} · {counted(run.bait_count, 'bait')} · {run.body}
          {run.started_at === null ? '' : ` · begun ${day(run.started_at)} ${clock(run.started_at)}`}
          {run.stands !== null && (
            <>
              <br />
              {standing(run.stands)}
            </>
          )}
        </span>
      </Link>
    </li>
  );
}
