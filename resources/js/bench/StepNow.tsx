import type { BenchRecord, Run, Step } from '../api/types';
import { Chip } from '../parts/Chip';
import layout from '../parts/layout.module.css';
import type { AtBench } from '../steps/face';
import { inUnit } from '../units/sentence';
import type { Draft } from './apply';
import { holdSeconds } from './atBench';
import { BeforeSpraying } from './BeforeSpraying';
import { BigFigures } from './BigFigures';
import classes from './bench.module.css';
import { HeatClock } from './HeatClock';
import { MixClock } from './MixClock';
import { saidFor } from './said';

interface Props {
  run: Run;
  record: BenchRecord;
  step: Step;
  /** Which bait it is done on; null: all of them. */
  bait: number | null;
  at: AtBench;
  /** Air that is used, as far as it is known. */
  psi: number | undefined;
  add: (...drafts: Draft[]) => void;
}

/** What the step of now asks for: figures, cleaning, air, the dryer, the mix, how, and what can hurt. */
export function StepNow({ run, record, step, bait, at, psi, add }: Props) {
  const { planned, settings, tried } = at;
  const stepId = step.document.id;
  const coated = record.done[stepId] ?? [];
  const holdS = holdSeconds(step, planned);
  const running = record.timers.filter((timer) => timer.step === stepId).map((timer) => timer.label);
  const clock = (whose: number | null, seconds: number, label: string) =>
    add({ type: 'timer', step: stepId, bait: whose, data: { seconds: Math.ceil(seconds), label } });
  return (
    <>
      <div className={classes.figuresWithChip}>
        {step.shown.chip !== undefined && <Chip chip={step.shown.chip} className={classes.paintChip ?? ''} />}
        <BigFigures step={step} at={at} />
      </div>
      <BeforeSpraying
        air={run.air.find((one) => one.step === (tried?.step.document.id ?? stepId))}
        planned={planned}
        settings={settings}
        first={coated.length === 0}
        psi={psi}
        current={psi === saidFor(run, step, tried?.step)}
        holdS={holdS}
        sheet={tried === undefined ? null : `/patterns/${run.pattern.id}/versions/${run.version.id}/sheet/${stepId}`}
        onPsi={(read) => add({ type: 'figures', step: stepId, bait: null, data: { psi: read } })}
        onHold={() => clock(bait, holdS, 'heat set')}
      />
      {planned?.batch != null && (
        <MixClock
          batch={planned.batch}
          coated={coated.length}
          running={running}
          onMixed={(seconds, label) => clock(null, seconds, label)}
        />
      )}
      {planned?.melt != null && (
        <HeatClock
          key={stepId}
          melt={planned.melt}
          settings={settings}
          running={running}
          onHeat={(seconds, label) => clock(null, seconds, label)}
        />
      )}
      <div className={classes.benchDo}>
        {step.shown.index?.map((line) => (
          <p key={line}>{inUnit(line, settings)}.</p>
        ))}
        <p>{inUnit(step.shown.how, settings)}</p>
        {step.document.check !== '' && (
          <p>
            <b>Check:</b> {step.document.check}
          </p>
        )}
      </div>
      {step.shown.cautions.length > 0 && (
        <p className={`${layout.caution} ${classes.benchCaution}`}>
          {step.shown.cautions.join(' ')} The product’s own sheet goes first.
        </p>
      )}
    </>
  );
}
