// Mixes of two colours by spectral.js, a Kubelka-Munk library of its own making, for MixingLibraryTest.
import { createRequire } from 'node:module';

const spectral = createRequire(import.meta.url)('spectral.js');
const colours = ['#f2d21b', '#c8202a', '#1f4fa8', '#1c7a4a', '#e2731c', '#6b2f86', '#12929a', '#efefe8', '#c23b7a'];
const rows = [];
for (const a of colours) {
  for (const b of colours) {
    if (a >= b) continue;
    const mixed = spectral.mix([new spectral.Color(a), 1], [new spectral.Color(b), 1]);
    rows.push({ a, b, mixed: mixed.toString() });
  }
}
console.log(JSON.stringify(rows));
