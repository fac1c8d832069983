import { Suspense } from 'react';
import type { BenchRecord, Run, Settings, Step } from '../api/types';
import { Passes } from '../passes';
import type { Draft } from './apply';
import { Beat } from './Beat';
import { SomethingWrong } from './SomethingWrong';

interface Props {
  what: 'wrong' | 'beat' | 'passes';
  run: Run;
  record: BenchRecord;
  step: Step;
  bait: number | null;
  settings: Settings;
  figures: { [name: string]: number | undefined };
  add: (...drafts: Draft[]) => void;
  onClose: () => void;
}

/** What is opened over the bench about the step at hand. */
export function Opened({ what, run, record, step, bait, settings, figures, add, onClose }: Props) {
  const stepId = step.document.id;
  const { psi, strokes } = figures;
  if (what === 'wrong') return <SomethingWrong {...{ run, step, bait, psi, settings, add, onClose }} />;
  if (what === 'passes') {
    return (
      <Suspense>
        <Passes
          title={`${step.shown.name}: one more pass?`}
          version={run.version.id}
          revision={0}
          body={run.body_shape}
          step={step}
          action="Mine looks like"
          note="Tap the one that looks like yours: its coats are recorded for this step of the run, and the pictures go by them."
          mine={record.figures[stepId]?.coats}
          onChoose={(coats) => add({ type: 'figures', step: stepId, bait: null, data: { coats } })}
          onClose={onClose}
        />
      </Suspense>
    );
  }
  return strokes === undefined ? null : (
    <Beat
      strokes={strokes}
      last={record.paced?.[stepId]?.seconds}
      onPaced={(data) => add({ type: 'paced', step: stepId, bait, data })}
      onClose={onClose}
    />
  );
}
