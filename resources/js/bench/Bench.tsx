import { Button, UnstyledButton } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { useRun, useSettings } from '../api/queries';
import { useCautions } from '../api/shopQueries';
import { useShownFrom } from '../api/shownFrom';
import type { Run, Settings, Step } from '../api/types';
import { keepRun } from '../offline/keepRun';
import { Failed } from '../parts/Failed';
import { useKeys } from '../parts/keys';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { faceOf } from '../steps/kinds';
import { clock } from '../units/units';
import { Acts } from './Acts';
import { AfterStep } from './AfterStep';
import { AllDone } from './AllDone';
import { useAcknowledged } from './acknowledged';
import { DOUBLE_TAP_MS, faultWords, holdSeconds, longer, onButton } from './atBench';
import { BaitChoice } from './BaitChoice';
import { Baits } from './Baits';
import { BeforeItHurts } from './BeforeItHurts';
import classes from './bench.module.css';
import { PedalForm } from './PedalForm';
import { usePedal } from './pedal';
import { Slip } from './Slip';
import { SomethingWrong } from './SomethingWrong';
import { StepNow } from './StepNow';
import { canBeFelt, LeaveTurning, left, StillWet } from './StillWet';
import { Timers } from './Timers';
import { useBench } from './useBench';

/** One step at a time, for two metres away and a knuckle. */
export function Bench() {
  const { id = '' } = useParams();
  const run = useRun(id);
  const settings = useSettings().data;
  if (run.isError) return <Failed error={run.error} retry={() => void run.refetch()} />;
  if (run.data === undefined || settings === undefined) return <Waiting />;
  if (run.data.started_at === null) {
    return (
      <div className="page">
        <div className="empty">
          <h2>This run has not been started</h2>
          <Button component={Link} to={`/runs/${id}`}>
            To its plan
          </Button>
        </div>
      </div>
    );
  }
  return <AtTheBench run={run.data} settings={settings} />;
}

function AtTheBench({ run, settings }: { run: Run; settings: Settings }) {
  const go = useNavigate();
  const queries = useQueryClient();
  const { record, add, addPhoto, unsent } = useBench(run);
  const away = useShownFrom() !== null;
  const pressed = useRef(Number.NEGATIVE_INFINITY);
  const [slip, setSlip] = useState<'figures' | 'note' | 'pedal' | 'wrong' | null>(null);
  const [tapped, setTapped] = useState<{ step: string; bait: number } | null>(null);
  const [asked, setAsked] = useState<Parameters<typeof StillWet>[0]['asked']>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const photo = useRef<HTMLInputElement>(null);

  const steps = run.steps.filter((s) => s.document.on);
  const finished = run.finished_at !== null;
  // One that was finished elsewhere takes nothing more, whatever was left open.
  const position = finished ? null : record.position;
  const step: Step | undefined = steps.find((s) => s.document.id === position?.step) ?? steps.at(-1);
  const stepId = step?.document.id ?? '';
  const index = steps.findIndex((s) => s.document.id === stepId);
  const kept = run.baits.filter((b) => record.rejected[b.position] === undefined);
  const isOpen = (one: number) =>
    position !== null && record.rejected[one] === undefined && !(record.done[stepId] ?? []).includes(one);
  /** The bait that is worked on next when one is skipped. */
  const after = (one: number | null) => {
    const open = kept.map((b) => b.position).filter((other) => other !== one && isOpen(other));
    return open.find((other) => other > (one ?? 0)) ?? open[0];
  };
  // The one that was tapped, as long as this step is open on it; else the first that is open.
  const bait = tapped?.step === stepId && isOpen(tapped.bait) ? tapped.bait : (position?.bait ?? run.bait_count);
  const forAll = step?.shown.for_all ?? false;
  const isLast = after(bait) === undefined;
  const planned = run.plan.steps.find((p) => p.step === stepId);
  const sides = record.sides[stepId]?.[bait] ?? [];
  const worked = step?.shown.sides ?? [];
  // The side that is next to be sprayed.
  const side = worked.find((one) => !sides.includes(one)) ?? worked.at(-1) ?? 'left';
  const triedStep = run.steps.find((s) => s.document.id === step?.shown.tries);
  const tried = triedStep && { step: triedStep, planned: run.plan.steps.find((p) => p.step === triedStep.document.id) };

  const tick = (side: 'left' | 'right') =>
    add({ type: 'side', step: stepId, bait, data: { side, done: !sides.includes(side) } });
  // An earlier step may have left this bait wet, or all of them.
  const stillWet = useCallback(
    () =>
      record.timers.filter(
        (t) => t.step !== stepId && (forAll || position === null || t.bait === null || t.bait === bait) && left(t) > 0,
      ),
    [record.timers, stepId, forAll, position, bait],
  );
  const timer = useCallback(() => {
    if (planned === undefined || step === undefined) return;
    const heat = holdSeconds(step, planned);
    const seconds = heat + planned.wait_min * 60;
    const label =
      heat > 0 && planned.wait_min > 0
        ? 'heat set, then wait'
        : heat > 0
          ? 'heat set'
          : planned.wait_min > 0
            ? 'waiting'
            : 'a minute';
    add({
      type: 'timer',
      step: stepId,
      bait: forAll ? null : bait,
      data: { seconds: seconds > 0 ? Math.ceil(seconds) : 60, label },
    });
  }, [planned, step, add, stepId, forAll, bait]);

  const dry = (felt: Run['record']['timers'][number]) => {
    const stops = (run.plan.steps.find((p) => p.step === felt.step)?.wait_min ?? 0) === 0;
    add(
      { type: 'dried', step: felt.step, bait: felt.bait, data: {} },
      // A wait planned on top goes on, unless it is up.
      ...(stops || felt.tacky ? [{ type: 'timer-stopped' as const, step: felt.step, bait: felt.bait, data: {} }] : []),
    );
  };

  const done = useCallback(() => {
    if (position === null || step === undefined) return;
    // A second tap of the same press would finish the next bait as well, and nobody paints one that fast.
    if (performance.now() - pressed.current < DOUBLE_TAP_MS) return;
    pressed.current = performance.now();
    const bare = step.shown.sides.filter((side) => !sides.includes(side));
    // The big button says that both sides are done: they are ticked with it, so that the record says so too.
    add(...bare.map((side) => ({ type: 'side' as const, step: stepId, bait, data: { side, done: true } })), {
      type: 'done',
      step: stepId,
      bait: forAll ? null : bait,
      data: {},
    });
    const wait = (planned?.wait_min ?? 0) * 60;
    const whose = { step: stepId, bait: forAll ? null : bait };
    const runs = record.timers.some((t) => t.step === whose.step && t.bait === whose.bait && left(t) > 0);
    // What was mixed for this step does not count any more once it is on the last bait.
    if (isLast && planned?.batch != null) add({ type: 'timer-stopped', step: stepId, bait: null, data: {} });
    // Every bait has a clock of its own; one that runs already is left alone.
    if (wait > 0 && !runs) add({ type: 'timer', ...whose, data: { seconds: Math.ceil(wait), label: 'waiting' } });
  }, [position, step, sides, add, stepId, bait, forAll, isLast, planned, record.timers]);
  const unlessWet = useCallback(
    (action: string, goOn: () => void) => {
      const wet = stillWet();
      if (wet.length === 0) goOn();
      else setAsked({ wet, action, goOn });
    },
    [stillWet],
  );
  const tacky = (t: Run['record']['timers'][number]) =>
    add({ type: 'tacky', step: t.step, bait: t.bait, data: { seconds: longer(t.seconds) } });
  const next = useCallback(() => unlessWet('Go on all the same', done), [unlessWet, done]);

  const back = useCallback(() => {
    const done = steps.flatMap((s) =>
      run.baits.filter((b) => (record.done[s.document.id] ?? []).includes(b.position)).map((b) => ({ s, b })),
    );
    const last = done.at(-1);
    if (last !== undefined)
      add({
        type: 'reopened',
        step: last.s.document.id,
        bait: last.s.shown.for_all ? null : last.b.position,
        data: {},
      });
  }, [steps, run.baits, record.done, add]);

  const cautions = useCautions().data;
  const { due, acknowledge } = useAcknowledged(
    stepId,
    // Until they have come, the step says its own beside how it is done.
    position === null || cautions === undefined ? [] : (step?.shown.hazards ?? []),
    cautions?.hazards.filter((one) => one.every_time).map((one) => one.name) ?? [],
  );
  const free = slip === null && asked === null && chosen === null && due.length === 0;
  const figures = step?.shown.figures ?? [];
  const soonest = record.timers.filter((t) => canBeFelt(run, t)).sort((a, b) => left(a) - left(b))[0];
  useKeys(
    'Bench',
    [
      // Space on a button that has the focus presses that button.
      { keys: 'space', does: 'done, on to the next', run: (e) => onButton(e) || next() },
      { keys: 'Enter', does: 'the same', run: (e) => onButton(e) || next() },
      ...(soonest === undefined ? [] : [{ keys: 'D', does: 'the next clock: felt dry', run: () => dry(soonest) }]),
      ...(soonest === undefined || left(soonest) > 0
        ? []
        : [{ keys: 'Y', does: 'the next clock: still tacky', run: () => tacky(soonest) }]),
      ...(worked.includes('left') ? [{ keys: 'L', does: 'left side done', run: () => tick('left') }] : []),
      ...(worked.includes('right') ? [{ keys: 'R', does: 'right side done', run: () => tick('right') }] : []),
      { keys: 'B', does: 'back: open the last again', run: back },
      { keys: 'T', does: 'start the timer', run: timer },
      ...(run.faults[stepId] === undefined
        ? []
        : [{ keys: 'W', does: 'something is wrong', run: () => setSlip('wrong') }]),
      { keys: 'N', does: 'take a note', run: () => setSlip('note') },
      { keys: 'P', does: 'take a photograph', run: () => photo.current?.click() },
      ...(figures.length > 0 ? [{ keys: 'F', does: 'say other figures', run: () => setSlip('figures') }] : []),
    ],
    free,
  );
  const pedal = usePedal(next, free);

  const finish = useMutation({
    mutationFn: () => ask(api.POST('/runs/{id}/finish', { params: { path: { id: run.id } } })),
    onSuccess: () => {
      void queries.invalidateQueries();
      void go('/log');
    },
  });
  // So that the bench goes on without a connection. What is kept of a run changes only with the run.
  // biome-ignore lint/correctness/useExhaustiveDependencies: its record changes all the time
  useEffect(() => {
    const leaving = new AbortController();
    void keepRun(run, leaving.signal);
    return () => leaving.abort();
  }, [run.id]);

  if (step === undefined) return <p className="page">This run has no steps.</p>;
  const at = { planned, used: record.figures[stepId] ?? {}, settings, thinner: run.plan.thinner, tried };
  const psi = { ...faceOf(step).figures(step, tried?.step), ...at.used }.psi;

  return (
    <div className={classes.bench}>
      <section className={classes.benchNow} aria-label="Now">
        <p className={classes.benchWhere}>
          {position === null ? 'All steps done' : `Step ${index + 1} of ${steps.length}`}
          {position !== null && step.shown.where !== undefined && ` · ${step.shown.where}`}
          {position !== null && (forAll ? ' · all baits' : ` · bait ${bait} of ${run.bait_count}`)}
        </p>
        <PageTitle of={`Bench, run ${run.number}`} />
        <h1>
          {position === null ? (finished ? 'This run is finished' : 'Take them off the clamps') : step.shown.name}
        </h1>
        {position === null ? (
          <AllDone
            finished={finished}
            away={away || unsent > 0}
            pending={finish.isPending}
            trouble={finish.isError ? words(finish.error) : ''}
            kept={kept.length}
            onFinish={() => unlessWet('Finish all the same', () => finish.mutate())}
            onBack={back}
          >
            {!finished && <LeaveTurning wet={stillWet()} />}
          </AllDone>
        ) : (
          <StepNow run={run} record={record} step={step} bait={forAll ? null : bait} at={at} psi={psi} add={add} />
        )}
        <p className={classes.benchNotes}>
          {[
            ...record.faults.filter((one) => one.step === stepId).map(faultWords),
            ...record.notes.filter((n) => n.step === stepId).map((n) => n.text),
          ].join(' · ')}
        </p>
        {position !== null && (
          <div className={classes.benchButtons}>
            {worked.map((side) => (
              <UnstyledButton
                key={side}
                type="button"
                className={classes.benchSide}
                aria-pressed={sides.includes(side)}
                onClick={() => tick(side)}
              >
                {sides.includes(side) ? '✓ ' : ''}
                {side === 'left' ? 'Left side' : 'Right side'} <kbd>{side === 'left' ? 'L' : 'R'}</kbd>
              </UnstyledButton>
            ))}
            {run.faults[stepId] !== undefined && (
              <UnstyledButton className={classes.benchWrong} onClick={() => setSlip('wrong')}>
                Something is wrong <kbd>W</kbd>
              </UnstyledButton>
            )}
            <UnstyledButton className={classes.benchNext} onClick={next}>
              {forAll || isLast ? 'Done, next step' : 'Done, next bait'} <kbd>Space</kbd>
            </UnstyledButton>
          </div>
        )}
      </section>
      <AfterStep run={run} step={step} side={side} />
      <div className={classes.benchClocks}>
        <Timers
          run={run}
          timers={record.timers}
          onStop={(t) => add({ type: 'timer-stopped', step: t.step, bait: t.bait, data: {} })}
          onDry={dry}
          onTacky={tacky}
        />
      </div>
      <footer className={classes.benchFoot}>
        <Baits
          run={run}
          record={record}
          stepId={stepId}
          bait={forAll || position === null ? null : bait}
          onTap={setChosen}
        />
        <Acts
          open={position !== null}
          figures={figures.length > 0}
          tries={step.shown.tries !== null}
          onBack={back}
          onTimer={timer}
          onNote={() => setSlip('note')}
          onPhoto={() => photo.current?.click()}
          onFigures={() => setSlip('figures')}
          onPedal={() => setSlip('pedal')}
          ends={`Run ${run.number} · ends about ${clock(run.plan.ends_at, run.plan.starts_at)}`}
        />
      </footer>
      <input
        ref={photo}
        type="file"
        accept="image/*"
        capture="environment"
        className="visually-hidden"
        tabIndex={-1}
        aria-label="Photograph"
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file !== undefined) addPhoto(file, { step: stepId, bait });
          event.currentTarget.value = '';
        }}
      />
      <BaitChoice
        run={run}
        record={record}
        bait={chosen}
        isOpen={!forAll && chosen !== null && isOpen(chosen)}
        canSkip={after(chosen) !== undefined}
        onWork={() => chosen !== null && setTapped({ step: stepId, bait: chosen })}
        onSkip={() => setTapped({ step: stepId, bait: after(chosen) ?? bait })}
        onReject={(reason) => add({ type: 'rejected', step: stepId, bait: chosen, data: { reason } })}
        onTakeBack={() => add({ type: 'taken-back', step: stepId, bait: chosen, data: {} })}
        onClose={() => setChosen(null)}
      />
      <PedalForm opened={slip === 'pedal'} code={pedal.code} onSet={pedal.set} onClose={() => setSlip(null)} />
      <BeforeItHurts due={due} cautions={cautions} onKnown={acknowledge} />
      {slip === 'wrong' && (
        <SomethingWrong
          run={run}
          step={step}
          bait={forAll ? null : bait}
          psi={psi}
          settings={settings}
          add={add}
          onClose={() => setSlip(null)}
        />
      )}
      <StillWet run={run} asked={asked} onClose={() => setAsked(null)} />
      <Slip
        kind={slip === 'pedal' || slip === 'wrong' ? null : slip}
        step={step}
        settings={settings}
        figures={{ ...faceOf(step).figures(step, tried?.step), ...at.used }}
        onClose={() => setSlip(null)}
        onNote={(text) => add({ type: 'note', step: stepId, bait: forAll ? null : bait, data: { text } })}
        onFigures={(figures) => add({ type: 'figures', step: stepId, bait: null, data: figures })}
      />
    </div>
  );
}
