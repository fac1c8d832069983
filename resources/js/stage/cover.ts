/** What a step covers of the left flank, nose to tail and ridge to keel: a hex digit a cell, row by row. */
export const COVER_COLUMNS = 48;
export const COVER_ROWS = 24;

/** A cell with less paint than this counts as bare: of 15. */
const SEEN = 5;

/** The same of any place, in cells from the middle of the first: between cells it runs evenly, so that edges come out round. */
export function isCoveredAt(cover: string, column: number, row: number): boolean {
  const at = (c: number, r: number) =>
    Number.parseInt(
      cover[Math.max(0, Math.min(COVER_ROWS - 1, r)) * COVER_COLUMNS + Math.max(0, Math.min(COVER_COLUMNS - 1, c))] ??
        '0',
      16,
    );
  const [c, r] = [Math.floor(column), Math.floor(row)];
  const [x, y] = [column - c, row - r];
  const upper = at(c, r) * (1 - x) + at(c + 1, r) * x;
  const lower = at(c, r + 1) * (1 - x) + at(c + 1, r + 1) * x;
  return upper * (1 - y) + lower * y >= SEEN;
}

/** The place that is worked on, without the holes that a mesh or a stencil leaves in it: each cell as full as the fullest beside it. */
export function filled(cover: string): string {
  let whole = '';
  for (let row = 0; row < COVER_ROWS; row++) {
    for (let column = 0; column < COVER_COLUMNS; column++) {
      let most = '0';
      for (let r = Math.max(0, row - 1); r <= Math.min(COVER_ROWS - 1, row + 1); r++) {
        const from = r * COVER_COLUMNS + Math.max(0, column - 1);
        for (const cell of cover.slice(from, r * COVER_COLUMNS + Math.min(COVER_COLUMNS, column + 2))) {
          if (cell > most) most = cell;
        }
      }
      whole += most;
    }
  }
  return whole;
}

export function isCovered(cover: string, column: number, row: number): boolean {
  return Number.parseInt(cover[row * COVER_COLUMNS + column] ?? '0', 16) >= SEEN;
}
