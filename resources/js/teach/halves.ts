import type { ColourGiven } from '../api/types';

/** The four colours of a card. */
export const HALVES = ['white', 'black', 'over_white', 'over_black'] as const;
export type Half = (typeof HALVES)[number];

export const WORDS: Record<Half, string> = {
  white: 'Bare white half',
  black: 'Bare black half',
  over_white: 'Painted, on the white',
  over_black: 'Painted, on the black',
};

/** A colour of the card: as sent, and as shown. */
export interface Told {
  given: ColourGiven;
  hex: string;
}
export type CardTold = Record<Half, Told>;

/** A card being entered. Bare halves are much alike on all cards, so they have a default; painted ones have none. */
export type CardBegun = Record<'white' | 'black', Told> & Record<'over_white' | 'over_black', Told | null>;

/** One for each half. */
export function byHalf<T>(of: (half: Half) => T): Record<Half, T> {
  return { white: of('white'), black: of('black'), over_white: of('over_white'), over_black: of('over_black') };
}

export function isWhole(card: CardBegun): card is CardTold {
  return card.over_white !== null && card.over_black !== null;
}

export const hexTold = (hex: string): Told => ({ given: { hex }, hex });
