import type { ImportedSheet } from '../api/types';

/** What came into the stores with a pattern, and what now has a namesake. */
export function broughtWords(brought: ImportedSheet['brought']): string {
  const names = (what: string, how: string) =>
    brought.filter((one) => one.what === what && one.how === how).map((one) => one.name);
  const [paints, bodies] = [names('paint', 'new'), names('body', 'new')];
  const namesakes = brought.filter((one) => one.how === 'namesake').map((one) => `${one.what} “${one.name}”`);
  if (brought.some((one) => one.how === 'unchanged')) return 'You have this pattern already, unchanged: here it is.';
  return [
    paints.length === 0 ? '' : `New on the rack, still empty: ${paints.join(', ')}.`,
    bodies.length === 0 ? '' : `New in the drawer: ${bodies.join(', ')}.`,
    namesakes.length === 0
      ? ''
      : `You already have something of this name; saved as a second one: ${namesakes.join(', ')}.`,
    brought.length === 0 ? 'All of its paints and its body were here already.' : '',
  ]
    .filter(Boolean)
    .join(' ');
}
