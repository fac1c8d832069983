import type { Settings } from '../api/types';
import { length, pressure } from './units';

/** A sentence of the server, its millimetres in the painter's unit. */
export function inUnit(sentence: string, settings: Settings): string {
  const unit = length.unit(settings);
  if (unit === 'mm') return sentence;
  return sentence.replace(/([\d.]+) mm/g, (_, mm: string) => `${length.show(Number(mm), settings)} ${unit}`);
}

/** A sentence of the server, its pressures in the painter's unit; a nozzle stays in millimetres. */
export function inPressure(sentence: string, settings: Settings): string {
  const psi = (figure: string) => pressure.show(Number(figure), settings);
  return sentence.replace(
    /([\d.]+)(?: (to|and) ([\d.]+))? psi/g,
    (_, from: string, word?: string, to?: string) =>
      `${psi(from)}${to === undefined ? '' : ` ${word} ${psi(to)}`} ${pressure.unit(settings)}`,
  );
}
