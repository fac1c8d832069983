import type { PaintStep, PlannedStep, Settings } from '../api/types';
import { pressure } from '../units/units';
import type { Face, StepOf } from './face';
import { PaintForm } from './PaintForm';

export const paint: Face<PaintStep> = {
  name: 'Paint',
  Form: PaintForm,
  foot: (step, settings) => {
    const [figure, unit] = air(step, step.document.psi, settings);
    const { coats, thinning_percent } = step.document;
    return [
      `${figure} ${unit}`.trim(),
      [coats > 1 && `×${coats}`, unit !== '' && `${thinning_percent} %`].filter(Boolean).join(' · '),
    ];
  },
  figures: ({ document: { psi, strokes, coats, thinning_percent } }) => ({ psi, strokes, coats, thinning_percent }),
  bench: (step, { planned, used, settings, thinner }) => {
    const { document: d } = step;
    const say = (name: string, plain: string) => (used[name] === undefined ? plain : `${plain}, as used`);
    const [figure, unit] = air(step, used.psi ?? d.psi, settings);
    const coats = used.coats ?? d.coats;
    return [
      [figure, say('psi', unit)],
      [String(used.strokes ?? d.strokes), say('strokes', 'strokes a side')],
      [String(coats), say('coats', `${coats === 1 ? 'coat' : 'coats'}, ${d.weight}`)],
      ...cupFigure(planned, thinner),
    ];
  },
};

/** The air of a paint step: its figure and its unit, or that it is put on by hand. */
export function air({ shown }: StepOf<PaintStep>, psi: number, settings: Settings): [string, string] {
  return shown.sprayed === false ? ['by hand', ''] : [String(pressure.show(psi, settings)), pressure.unit(settings)];
}

/** The drops of a cup, and of what; nothing where none is mixed. */
export function cupFigure(planned: PlannedStep | undefined, thinner: string): [string, string][] {
  const cup = planned?.cup;
  if (cup == null) return [];
  const thinned = cup.reducer_drops > 0 ? [{ drops: cup.reducer_drops, name: thinner }] : [];
  const parts = [...cup.paints, ...thinned];
  return [[parts.map((p) => p.drops).join('+'), `drops for all: ${parts.map((p) => p.name).join(' + ')}`]];
}
