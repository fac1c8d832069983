/** How a coat is set, in words. */
export function setWords(set: { by: string; minutes: number }): string {
  const wait = set.minutes > 0 ? `, then ${set.minutes} min` : '';
  if (set.by === 'heat') return `heat set${wait}`;
  if (set.by === 'wet') return 'left wet: blends with the next';
  return set.minutes > 0 ? `air, ${set.minutes} min` : 'air, no wait';
}
