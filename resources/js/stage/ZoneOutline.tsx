import { memo } from 'react';
import type { BodyShape } from '../api/types';
import { COVER_COLUMNS as COLUMNS, isCovered, COVER_ROWS as ROWS } from './cover';
import { sampleAt } from './pixels';

const WIDTH = 86;

/** A small outline of this body with the covered part inked, from the real cover of the step. */
export const ZoneOutline = memo(function ZoneOutline({ body, cover }: { body: BodyShape; cover: string | undefined }) {
  const scale = WIDTH / body.length_mm;
  const up = Math.max(...body.profile.top_mm) * scale;
  const down = Math.max(...body.profile.bottom_mm) * scale;
  const tall = Math.min(30, up + down);
  const squash = tall / (up + down);
  const y = (u: number, deg: number) => {
    const c = Math.cos((deg * Math.PI) / 180);
    const reach = sampleAt(c >= 0 ? body.profile.top_mm : body.profile.bottom_mm, u) * scale * squash;
    return up * squash - Math.sign(c) * Math.abs(c) ** (2 / body.exponent) * reach;
  };
  const edge = (deg: number) =>
    Array.from({ length: 25 }, (_, i) => `${((i / 24) * WIDTH).toFixed(1)},${y(i / 24, deg).toFixed(1)}`);
  const outline = `M${edge(0).join('L')}L${edge(180).reverse().join('L')}Z`;
  const inked: string[] = [];
  for (let column = 0; cover !== undefined && column < COLUMNS; column++) {
    const u = (column + 0.5) / COLUMNS;
    const x = (column / COLUMNS) * WIDTH;
    for (let row = 0; row < ROWS; row++) {
      if (!isCovered(cover, column, row)) continue;
      const from = y(u, (row * 180) / ROWS);
      const height = y(u, ((row + 1) * 180) / ROWS) - from;
      inked.push(`M${x.toFixed(1)} ${from.toFixed(1)}h1.9v${Math.max(0.3, height + 0.1).toFixed(1)}h-1.9z`);
    }
  }

  return (
    <svg
      viewBox={`-1 -1 ${WIDTH + 2} ${tall + 2}`}
      width={WIDTH}
      height={tall + 2}
      aria-hidden="true"
      className="zone-outline"
    >
      <path d={inked.join('')} fill="currentColor" />
      <path d={outline} fill="none" stroke="currentColor" strokeWidth="1.1" />
    </svg>
  );
});
