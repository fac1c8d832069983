import type { Texture } from '../../api/types';

const COLUMNS = 48;
const TONES = 16;
const BARE = [0xdc, 0xdc, 0xd6];
const MARKED = [0x8f, 0x3f, 0x1c];

const PALETTE = Array.from({ length: TONES }, (_, tone) => {
  const mixed = BARE.map((bare, i) => Math.round(bare + (((MARKED[i] ?? 0) - bare) * tone) / (TONES - 1)));
  return `#${mixed.map((channel) => channel.toString(16).padStart(2, '0')).join('')}`;
});

/** A zone inked on the bare body: its cover of the left half, mirrored, as a skin to draw. */
export function zoneTexture(cover: string): Texture {
  const rows = cover.match(new RegExp(`.{${COLUMNS}}`, 'g')) ?? [];
  const cells = [...rows, ...rows.toReversed()].join('');
  return {
    width: COLUMNS,
    height: rows.length * 2,
    palette: PALETTE,
    glint: PALETTE,
    cells: btoa([...cells].map((digit) => `${String.fromCharCode(Number.parseInt(digit, 16))}\0`).join('')),
    bytes_per_cell: 2,
  };
}
