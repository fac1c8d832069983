import type { Settings, Step } from '../api/types';
import { counted, pressure } from '../units/units';

type Name = Step['shown']['figures'][number];

const WORDS: { [name in Name]: (value: number, settings: Settings) => string } = {
  psi: (psi, settings) => `${pressure.show(psi, settings)} ${pressure.unit(settings)}`,
  strokes: (strokes) => counted(strokes, 'stroke'),
  coats: (coats) => counted(coats, 'coat'),
  thinning_percent: (percent) => `${percent} % thinned`,
};

/** The figures of a step that the bench may find to be others, in words; those not known are left out. */
export function figureWords(
  { shown }: Step,
  figures: { [name: string]: number | undefined },
  settings: Settings,
): string {
  return shown.figures
    .flatMap((name) => {
      if (name === 'psi' && shown.sprayed === false) return ['by hand'];
      const value = figures[name];
      return value === undefined ? [] : [WORDS[name](value, settings)];
    })
    .join(', ');
}
