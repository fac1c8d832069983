import type { Batch } from '../api/types';
import { counted } from '../units/units';

/** What goes into one mix, by volume and by weight. */
export function mixWords({ baits, ml_a, ml_b, grams_a, grams_b }: Batch['mixes'][number]): string {
  return `for ${counted(baits, 'bait')}: ${ml_a} ml A and ${ml_b} ml B, or ${grams_a} g and ${grams_b} g`;
}
