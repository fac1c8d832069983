import type { Change, Settings, Step, StepDocument } from '../api/types';
import { length, pressure } from '../units/units';

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

/** What an edit does to these steps, as one says it. */
export function changeWords(change: Change | 'undo' | 'redo', steps: Step[], settings: Settings): string {
  if (typeof change === 'string') return change === 'undo' ? 'take the last change back' : 'make it again';
  const name = steps.find((s) => s.document.id === change.step)?.shown.name ?? 'a step that is not there any more';
  switch (change.op) {
    case 'add':
      return 'a new step';
    case 'body':
      return 'another body';
    case 'prepare':
      return 'the preparation of its body';
    case 'exchange':
      return 'another paint in the place of one';
    case 'change': {
      const set = Object.entries(change.set ?? {}).map(([field, value]) => fieldWords(field, value, settings));
      return `${name}: ${set.join(', ')}`;
    }
    default:
      return `${change.op} ${name}`;
  }
}

const WHOLE: Record<string, string> = {
  mix: 'its paint',
  technique: 'how it is put on',
  where: 'where it goes',
  set: 'how it is set',
};

function fieldWords(field: string, value: unknown, settings: Settings): string {
  if (field === 'on') return value === true ? 'switched on' : 'switched off';
  const whole = WHOLE[field];
  if (whole !== undefined) return whole;
  if (value === null) return `no ${field.replace(/_(mm|deg|percent)$/, '').replaceAll('_', ' ')}`;
  if (field === 'psi' && typeof value === 'number')
    return `${pressure.show(value, settings)} ${pressure.unit(settings)}`;
  if (field.endsWith('_mm') && typeof value === 'number')
    return `${field.slice(0, -3).replaceAll('_', ' ')} ${length.show(value, settings)} ${length.unit(settings)}`;
  const unit = field.endsWith('_percent') ? ' %' : field.endsWith('_deg') ? '°' : '';
  return `${field.replace(/_(deg|percent)$/, '').replaceAll('_', ' ')} ${value}${unit}`;
}
