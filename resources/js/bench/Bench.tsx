import { Button } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { words } from '../api/client';
import { useRun, useSettings } from '../api/queries';
import { useCautions } from '../api/shopQueries';
import { useShownFrom } from '../api/shownFrom';
import type { Run, Settings } from '../api/types';
import { keepRun } from '../offline/keepRun';
import { Failed } from '../parts/Failed';
import { faultWords } from '../parts/faultWords';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { faceOf } from '../steps/kinds';
import { clock } from '../units/units';
import { Acts } from './Acts';
import { AfterStep } from './AfterStep';
import { AllDone } from './AllDone';
import { useAcknowledged } from './acknowledged';
import { BaitChoice } from './BaitChoice';
import { Baits } from './Baits';
import { BeforeItHurts } from './BeforeItHurts';
import { BigButtons } from './BigButtons';
import classes from './bench.module.css';
import { Opened } from './Opened';
import { PedalForm } from './PedalForm';
import { PhotoInput } from './PhotoInput';
import { usePedal } from './pedal';
import { Slip } from './Slip';
import { StepNow } from './StepNow';
import { LastOfAll, LeaveTurning, StillWet, timerWords } from './StillWet';
import { spoken } from './spoken';
import { standing } from './standing';
import { Timers } from './Timers';
import { useActs } from './useActs';
import { useBench } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import { useFinish } from './useFinish';
import { useForAMoment } from './useForAMoment';
import { useSaidAnew } from './useSaidAnew';
import { useStillWet } from './useStillWet';
import { canSpeak, useVoice } from './useVoice';

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
  const { record, add, addPhoto, unsent } = useBench(run);
  const away = useShownFrom() !== null;
  const [slip, setSlip] = useState<'figures' | 'note' | 'pedal' | 'wrong' | 'beat' | 'passes' | null>(null);
  const [tapped, setTapped] = useState<{ step: string; bait: number } | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const twice = useForAMoment();
  const photo = useRef<HTMLInputElement>(null);

  const now = standing(run, record, tapped);
  const { steps, finished, position, step, stepId, index, kept, isOpen, after, bait, forAll, whose, sides, worked } =
    now;
  const acts = useActs(run, record, now, add, twice.say);
  const next = acts.done;
  const at = {
    planned: now.planned,
    used: record.figures[stepId] ?? {},
    settings,
    thinner: run.plan.thinner,
    tried: now.tried,
  };
  const voice = useVoice(step === undefined || position === null ? '' : spoken(run, step, whose.bait, at));
  const cautions = useCautions().data;
  const { due, acknowledge } = useAcknowledged(
    stepId,
    // Until they have come, the step says its own beside how it is done.
    position === null || cautions === undefined ? [] : (step?.shown.hazards ?? []),
    cautions?.hazards.filter((one) => one.every_time).map((one) => one.name) ?? [],
  );
  const still = useStillWet(run, record, now, due.length > 0);
  const free = slip === null && still.asked === null && chosen === null && due.length === 0;
  const figures = step === undefined ? {} : { ...faceOf(step).figures(step, now.tried?.step), ...at.used };
  const { psi, strokes } = figures;
  const does = {
    next,
    wrong: () => setSlip('wrong'),
    note: () => setSlip('note'),
    photo: () => photo.current?.click(),
    figures: () => setSlip('figures'),
    passes: figures.coats === undefined || step?.document.type !== 'paint' ? undefined : () => setSlip('passes'),
    speak: voice.toggle,
    beat: strokes === undefined || step?.shown.sprayed !== true ? undefined : () => setSlip('beat'),
  };
  useBenchKeys(run, record, now, acts, does, free);
  const pedal = usePedal(next, free);

  const finish = useFinish(run.id);
  // So that the bench goes on without a connection. What is kept of a run changes only with the run.
  // biome-ignore lint/correctness/useExhaustiveDependencies: its record changes all the time
  useEffect(() => {
    const leaving = new AbortController();
    void keepRun(run, leaving.signal);
    return () => leaving.abort();
  }, [run.id]);

  useSaidAnew(run.id, record.figures, unsent === 0 && !away);
  if (step === undefined) return <p className="page">This run has no steps.</p>;

  return (
    <div className={classes.bench}>
      <section className={classes.benchNow} aria-label="Now">
        <p className={classes.benchWhere}>
          {position === null ? 'All steps done' : `Step ${index + 1} of ${steps.length}`}
          {position !== null && step.shown.where !== undefined && ` · ${step.shown.where}`}
          {position !== null && (forAll ? ' · all baits' : ` · bait ${bait} of ${run.bait_count}`)}
          <span>{` · run ${run.number}, ends about ${clock(run.plan.ends_at, run.plan.starts_at)}`}</span>
        </p>
        <PageTitle of={`Bench, run ${run.number}`} />
        <h1>
          {position !== null ? step.shown.name : finished ? 'This run is finished' : <LastOfAll wet={still.wet} />}
        </h1>
        {position === null ? (
          <AllDone
            finished={finished}
            away={away || unsent > 0}
            pending={finish.isPending}
            trouble={finish.isError ? words(finish.error) : ''}
            kept={kept.length}
            onFinish={() => still.beforeFinish(() => finish.mutate())}
            onBack={acts.back}
          >
            {!finished && <LeaveTurning wet={still.wet} />}
          </AllDone>
        ) : (
          <StepNow run={run} record={record} step={step} bait={whose.bait} at={at} psi={psi} add={add} />
        )}
        <p className={classes.benchNotes} role="status">
          {twice.said && <b>Two presses this close together count as one. Press again to go on. </b>}
          {[
            ...record.faults.filter((one) => one.step === stepId).map(faultWords),
            ...record.notes.filter((n) => n.step === stepId).map((n) => n.text),
          ].join(' · ')}
        </p>
        {position !== null && (
          <BigButtons
            sides={worked}
            done={sides}
            next={forAll || now.isLast ? 'Done, next step' : 'Done, next bait'}
            onSide={acts.tick}
            onNext={next}
            onWrong={run.faults[stepId] === undefined ? undefined : does.wrong}
          />
        )}
      </section>
      <AfterStep run={run} step={step} side={now.side} onPasses={position === null ? undefined : does.passes} />
      <div className={classes.benchClocks}>
        <Timers
          run={run}
          timers={record.timers}
          onStop={acts.stop}
          onDry={acts.dry}
          onTacky={acts.tacky}
          onUp={(timer) => voice.say(`Time is up: ${timerWords(run, timer)}`)}
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
          figures={step.shown.figures.length > 0}
          tries={step.shown.tries !== null}
          onBack={acts.back}
          onTimer={acts.timer}
          onNote={does.note}
          onPhoto={does.photo}
          onFigures={does.figures}
          onPedal={() => setSlip('pedal')}
          speaks={canSpeak ? voice.on : undefined}
          onSpeak={voice.toggle}
          onBeat={does.beat}
        />
      </footer>
      <PhotoInput input={photo} onPhoto={(file) => addPhoto(file, { step: stepId, bait })} />
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
      {(slip === 'wrong' || slip === 'beat' || slip === 'passes') && (
        <Opened
          what={slip}
          bait={whose.bait}
          onClose={() => setSlip(null)}
          {...{ run, record, step, settings, figures, add }}
        />
      )}
      <StillWet run={run} asked={due.length > 0 ? null : still.asked} onClose={still.close} />
      <Slip
        kind={slip === 'figures' || slip === 'note' ? slip : null}
        step={step}
        settings={settings}
        figures={figures}
        onClose={() => setSlip(null)}
        onNote={(text) => add({ type: 'note', ...whose, data: { text } })}
        onFigures={(figures) => add({ type: 'figures', step: stepId, bait: null, data: figures })}
      />
    </div>
  );
}
