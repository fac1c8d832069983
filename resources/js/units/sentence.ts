import type { Settings } from '../api/types';
import { length } from './units';

/** A sentence of the server, its millimetres in the painter's unit. */
export function inUnit(sentence: string, settings: Settings): string {
  const unit = length.unit(settings);
  if (unit === 'mm') return sentence;
  return sentence.replace(/([\d.]+) mm/g, (_, mm: string) => `${length.show(Number(mm), settings)} ${unit}`);
}
