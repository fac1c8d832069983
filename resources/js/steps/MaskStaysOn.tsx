import { Checkbox } from '@mantine/core';
import type { PaintStep, Version } from '../api/types';
import { isPaint, type StepOf } from './face';
import '../parts/controls';

interface Props {
  step: StepOf<PaintStep>;
  version: Pick<Version, 'steps'>;
  onChange: (set: Partial<PaintStep>) => unknown;
}

/** Whether the mesh or tape of the coat before stays on for this one. By another seed it is another one, or put on anew. */
export function MaskStaysOn({ step, version, onChange }: Props) {
  const before = version.steps
    .slice(0, step.shown.number - 1)
    .filter((one) => one.document.on)
    .filter(isPaint)
    .at(-1);
  if (before === undefined || !before.shown.clamped) return null;
  const { technique, seed } = before.document;
  return (
    <Checkbox
      size="xs"
      label={`The mask of step ${before.shown.number} stays on`}
      checked={step.shown.mask_is_on ?? false}
      onChange={(event) => onChange(event.currentTarget.checked ? { technique, seed } : { seed: seed + 1 })}
    />
  );
}
