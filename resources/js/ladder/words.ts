import type { Settings, Step, StepDocument } from '../api/types';
import { pressure } from '../units/units';

/** The air of a paint step: its figure and its unit, or that it is put on by hand. */
export function air({ shown }: Step, psi: number | undefined, settings: Settings): [string, string] {
  return shown.sprayed === false
    ? ['by hand', '']
    : [String(pressure.show(psi ?? 0, settings)), pressure.unit(settings)];
}

/** The sides of a bait that a step is done on by themselves; none where it is done all round. */
export function sidesOf(step: Step | undefined): string[] {
  const type = step?.document.type;
  if (type !== 'paint' && type !== 'eye') return [];
  const side = step?.document.where?.side;
  return side === 'left' || side === 'right' ? [side] : ['left', 'right'];
}

/** How a coat is set, in words. */
export function setWords(set: { by: string; minutes: number }): string {
  const wait = set.minutes > 0 ? `, then ${set.minutes} min` : '';
  if (set.by === 'heat') return `heat set${wait}`;
  if (set.by === 'wet') return 'left wet: blends with the next';
  return set.minutes > 0 ? `air, ${set.minutes} min` : 'air, no wait';
}

export const TYPE_NAMES: Record<StepDocument['type'], string> = {
  paint: 'Paint',
  prep: 'Prepare',
  wait: 'Wait',
  inspect: 'Inspect',
  eye: 'Eye',
  clear: 'Clear coat',
};

/** What a new step of a type starts from. */
export function fresh(
  type: StepDocument['type'],
  paintId: string | undefined,
): Partial<StepDocument> & { type: string } {
  switch (type) {
    case 'paint':
      return {
        type,
        mix: [{ paint: paintId ?? '', drops: 1 }],
        technique: { name: 'spray' },
        where: { zone: 'flank' },
        aim_deg: 90,
        coats: 1,
        weight: 'medium',
        psi: 15,
        thinning_percent: 20,
        strokes: 4,
        set: { by: 'heat', minutes: 0 },
      };
    case 'eye':
      return { type, title: 'Eyes', diameter_mm: 5 };
    case 'clear':
      return { type, title: 'Clear', clear: 'two-part epoxy', coats: 1 };
    case 'wait':
      return { type, title: 'Wait', minutes: 20 };
    default:
      return { type, title: TYPE_NAMES[type], task: '', minutes: 3 };
  }
}
