import type { Settings } from '../api/types';
import { length, pressure, temperature } from './units';

/** A sentence of the server, its millimetres and degrees in the painter's units. */
export function inUnit(sentence: string, settings: Settings): string {
  const mm = length.unit(settings);
  const c = temperature.unit(settings);
  const inLength =
    mm === 'mm'
      ? sentence
      : sentence.replace(/([\d.]+) mm/g, (_, figure: string) => `${length.show(Number(figure), settings)} ${mm}`);
  return c === '°C'
    ? inLength
    : inLength.replace(
        /([\d.]+) °C/g,
        (_, figure: string) => `${Math.round(temperature.show(Number(figure), settings))} ${c}`,
      );
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
