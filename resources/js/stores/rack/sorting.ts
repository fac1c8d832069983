import type { Paint } from '../../api/types';

export const STANDS = ['on the rack', 'low or empty', 'guessed', 'measured', 'mixed', 'archived'] as const;
export type Stand = (typeof STANDS)[number];

export const ORDERS = ['name', 'kind', 'light to dark', 'what is left', 'opened first'] as const;
export type Order = (typeof ORDERS)[number];

const LOW = 0.15;

const STANDING: Record<Stand, (paint: Paint) => boolean> = {
  'on the rack': () => true,
  'low or empty': (paint) => paint.left_ml / paint.bottle_ml < LOW,
  guessed: (paint) => !paint.from_card && paint.mix === null,
  measured: (paint) => paint.from_card,
  mixed: (paint) => paint.mix !== null,
  archived: () => true,
};

const BEFORE: Record<Order, (a: Paint, b: Paint) => number> = {
  name: (a, b) => a.name.localeCompare(b.name),
  kind: (a, b) => a.kind.localeCompare(b.kind) || a.name.localeCompare(b.name),
  'light to dark': (a, b) => green(b) - green(a),
  'what is left': (a, b) => a.left_ml / a.bottle_ml - b.left_ml / b.bottle_ml,
  'opened first': (a, b) => (a.opened_on ?? '9').localeCompare(b.opened_on ?? '9'),
};

interface Wanted {
  words: string;
  /** Those that answer to the words, by their patterns too; undefined while that is not known. */
  found: Set<string> | undefined;
  kind: string;
  stand: Stand;
  order: Order;
}

/** What of the rack is looked for, in which order. */
export function pick(paints: Paint[], by: Wanted): Paint[] {
  const words = by.words.toLowerCase().split(/\s+/).filter(Boolean);
  return paints
    .filter(
      (paint) =>
        paint.archived === (by.stand === 'archived') &&
        STANDING[by.stand](paint) &&
        (by.kind === '' || paint.kind === by.kind) &&
        (words.length === 0 || (by.found?.has(paint.id) ?? words.every((word) => text(paint).includes(word)))),
    )
    .sort(BEFORE[by.order]);
}

function text(paint: Paint): string {
  return `${paint.name} ${paint.family} ${paint.finish} ${paint.kind}`.toLowerCase();
}

/** The chip over white, by its green: near enough to lightness for putting bottles in a row. */
function green(paint: Paint): number {
  return Number.parseInt(paint.chip.white.slice(3, 5), 16);
}
