// Makes the fonts that every page loads first, from the packages they come in: the letters of western Europe only, the
// display face narrow and heavy as it is used. Other letters come from the packages as they are, when a page has them.
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import subset from 'subset-font';

const range = (from, to) => String.fromCodePoint(...Array.from({ length: to - from + 1 }, (_, i) => from + i));
// Signs that stand in no word of ours: a page that has one falls back to the next face.
const NOT_USED = /[¤¦¨¬¯¸]/g;
const LETTERS = `${range(0x20, 0x7e)}${range(0xa0, 0xff).replace(NOT_USED, '')}ıŒœ–—‘’‚“”„†•…‹›€™−×≤≥°µ↑↓✓☐`;

const FONTS = {
  'display.woff2': {
    from: 'bricolage-grotesque/files/bricolage-grotesque-latin-wdth-normal.woff2',
    variationAxes: { wdth: 82, wght: 700 },
  },
  'text.woff2': {
    from: 'instrument-sans/files/instrument-sans-latin-wght-normal.woff2',
    variationAxes: { wght: { min: 400, max: 700 } },
  },
};

const to = new URL('made/', import.meta.url);
await mkdir(to, { recursive: true });
for (const [name, { from, variationAxes }] of Object.entries(FONTS)) {
  const font = await readFile(new URL(`../../node_modules/@fontsource-variable/${from}`, import.meta.url));
  await writeFile(new URL(name, to), await subset(font, LETTERS, { targetFormat: 'woff2', variationAxes }));
}

// The face of printed sheets, which the server sets.
const print = new URL('../print/', import.meta.url);
await mkdir(print, { recursive: true });
const text = await readFile(
  new URL(`../../node_modules/@fontsource-variable/${FONTS['text.woff2'].from}`, import.meta.url),
);
await writeFile(
  new URL('text.ttf', print),
  await subset(text, LETTERS, { targetFormat: 'truetype', variationAxes: { wght: 500 } }),
);
