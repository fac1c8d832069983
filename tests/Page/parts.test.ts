import { describe, expect, test } from 'vitest';
import type { Settings, Step } from '../../resources/js/api/types';
import { changeWords } from '../../resources/js/ladder/words';
import { BENCH_LAMP, halfway, towards } from '../../resources/js/stage/lamp';
import { skinOf } from '../../resources/js/stage/skin';
import { figureWords } from '../../resources/js/steps/figureWords';
import { setWords } from '../../resources/js/steps/setWords';
import { measuresOf, PLAIN, toForm } from '../../resources/js/stores/bodies/measured';
import { zoneTexture } from '../../resources/js/stores/bodies/zoneTexture';
import { clock, counted, length, minutes, pressure, temperature, volume } from '../../resources/js/units/units';

// Parts of the pages that stand on their own, without a browser.

const SETTINGS = {
  units: {
    pressure: { name: 'bar', factor: 0.0689476, offset: 0, digits: 2 },
    length: { name: 'in', factor: 1 / 25.4, offset: 0, digits: 3 },
    temperature: { name: 'F', factor: 1.8, offset: 32, digits: 0 },
    volume: { name: 'ml', factor: 1, offset: 0, digits: 1 },
  },
} as unknown as Settings;

const step = (document: object, shown: object = {}) => ({ document, shown }) as unknown as Step;

describe('units', () => {
  test('shows what is stored in the painter’s units, and stores what was shown', () => {
    expect(pressure.show(15, SETTINGS)).toBe(1.03);
    expect(pressure.unit(SETTINGS)).toBe('bar');
    expect(length.show(25.4, SETTINGS)).toBe(1);
    expect(temperature.show(21, SETTINGS)).toBe(70);
    expect(temperature.unit(SETTINGS)).toBe('°F');
    expect(volume(12.345, SETTINGS)).toBe('12.3 ml');
    for (const psi of [5, 12.5, 30, 60]) {
      expect(pressure.read(pressure.show(psi, SETTINGS), SETTINGS)).toBeCloseTo(psi, 0);
    }
    expect(temperature.read(212, SETTINGS)).toBe(100);
    expect(length.read(2, SETTINGS)).toBe(50.8);
  });

  test('counts one of a thing as one', () => {
    expect([counted(1, 'coat'), counted(0, 'coat'), counted(3, 'stroke')]).toEqual(['1 coat', '0 coats', '3 strokes']);
  });

  test('says minutes as one says them', () => {
    expect([0, 0.5, 1, 12.4, 59.6, 60, 130, 1440].map(minutes)).toEqual([
      '0 min',
      '30 s',
      '1 min',
      '12 min',
      '1 h',
      '1 h',
      '2 h 10 min',
      '24 h',
    ]);
  });

  test('names the day only where it is another', () => {
    expect(clock('2026-11-25T10:05:00', '2026-11-25T08:00:00')).toBe('10:05');
    expect(clock('2026-11-26T10:05:00', '2026-11-25T08:00:00')).toMatch(/^\S+ 10:05$/);
  });
});

describe('the Ladder’s words', () => {
  test('says figures in the painter’s units, and what is put on by hand', () => {
    const figures = { psi: 30, strokes: 1, coats: 2, thinning_percent: 40 };
    const shown = { figures: ['psi', 'strokes', 'coats', 'thinning_percent'], sprayed: true };
    expect(figureWords(step({}, shown), figures, SETTINGS)).toBe('2.07 bar, 1 stroke, 2 coats, 40 % thinned');
    expect(figureWords(step({}, { ...shown, sprayed: false }), figures, SETTINGS)).toBe(
      'by hand, 1 stroke, 2 coats, 40 % thinned',
    );
    expect(figureWords(step({}, { figures: ['psi'] }), {}, SETTINGS)).toBe('');
  });

  test('says how a coat is set', () => {
    expect(setWords({ by: 'heat', minutes: 0 })).toBe('heat set');
    expect(setWords({ by: 'heat', minutes: 22 })).toBe('heat set, then 22 min');
    expect(setWords({ by: 'wet', minutes: 0 })).toBe('left wet: blends with the next');
    expect(setWords({ by: 'air', minutes: 0 })).toBe('air, no wait');
    expect(setWords({ by: 'air', minutes: 15 })).toBe('air, 15 min');
  });

  test('says an edit as a painter would', () => {
    const bars = step({ id: 'bars' }, { name: 'Bars' });
    const said = (change: Parameters<typeof changeWords>[0]) => changeWords(change, [bars], SETTINGS);
    expect(said({ op: 'change', step: 'bars', set: { on: false } })).toBe('Bars: switched off');
    expect(said({ op: 'change', step: 'bars', set: { psi: 30, thinning_percent: 40, coats: 2 } })).toBe(
      'Bars: 2.07 bar, thinning 40 %, coats 2',
    );
    expect(said({ op: 'change', step: 'bars', set: { width_mm: null, aim_deg: 90, where: { zone: 'back' } } })).toBe(
      'Bars: no width, aim 90°, where it goes',
    );
    expect(said({ op: 'remove', step: 'bars' })).toBe('remove Bars');
    expect(said({ op: 'move', step: 'gone', to: 1 })).toBe('move a step that is not there any more');
    expect(said({ op: 'add', step: { type: 'wait' }, after: null })).toBe('a new step');
    expect(said('undo')).toBe('take the last change back');
  });
});

describe('what is drawn', () => {
  test('turns the lamp in degrees into a direction of length one', () => {
    for (const lamp of [BENCH_LAMP, { along: 0, above: 0 }, { along: 60, above: -40 }, { along: -75, above: 75 }]) {
      const to = towards(lamp);
      expect(Math.hypot(to.x, to.y, to.z)).toBeCloseTo(1, 12);
      const half = halfway(to);
      expect(Math.hypot(half.x, half.y, half.z)).toBeCloseTo(1, 12);
      // As far from the lamp as from the eye.
      expect(half.x * to.x + half.y * to.y + half.z * to.z).toBeCloseTo(half.z, 12);
    }
    expect(towards({ along: 0, above: 90 }).y).toBeCloseTo(1, 12);
    expect(towards({ along: 90, above: 0 }).x).toBeCloseTo(1, 12);
  });

  test('unpacks a texture cell by cell, once', () => {
    const texture = {
      width: 2,
      height: 2,
      palette: ['#000000', '#ffffff', '#ff8000'],
      glint: ['#000000', '#ffffff', '#ffffff'],
      cells: btoa('\x02\x00\x01\x00\x00\x00\x02\x00'),
      bytes_per_cell: 2,
    } as const;
    const skin = skinOf(texture as never);
    expect([...skin.cells]).toEqual([2, 1, 0, 2]);
    expect([...skin.flat.slice(3, 6)]).toEqual([1, 1, 1]);
    // sRGB 128 is 0.2159 linear (IEC 61966-2-1).
    expect(skin.flat[7]).toBeCloseTo(0.2159, 4);
    expect(skin.glint[8]).toBe(1);
    expect(skinOf(texture as never)).toBe(skin);
  });

  test('inks a zone on both halves, ridge to ridge', () => {
    const cover = `${'0'.repeat(48)}${'f'.repeat(48)}`;
    const texture = zoneTexture(cover);
    expect([texture.width, texture.height]).toEqual([48, 4]);
    const rows = [0, 1, 2, 3].map((row) => skinOf(texture).cells[row * 48]);
    expect(rows).toEqual([0, 15, 15, 0]);
    expect(texture.palette[0]).toBe('#dcdcd6');
    expect(texture.palette[15]).toBe('#8f3f1c');
  });
});

describe('a body in the form', () => {
  test('sends of the marks only what is set', () => {
    expect(toForm(PLAIN).marks).not.toHaveProperty('bill_length_mm');
    expect(toForm(PLAIN).marks).not.toHaveProperty('zones');
    const zoned = { ...PLAIN, marks: { ...PLAIN.marks, zones: { belly: { from_u: 0.1 } } } };
    expect(toForm(zoned).marks).toHaveProperty('zones.belly.from_u', 0.1);
  });

  test('takes up a kept body, with what it says nothing of filled in', () => {
    const kept = { length_mm: 70, stations: PLAIN.stations, marks: { gill_u: 0.3, hooks_u: [0.5] } };
    const measures = measuresOf(kept as never);
    expect(measures).toMatchObject({
      length_mm: 70,
      exponent: 2,
      marks: { gill_u: 0.3, hooks_u: [0.5], eye_socket_mm: null, tie_deg: 90 },
    });
    expect(toForm(measures).marks).toMatchObject({ gill_u: 0.3 });
    expect(toForm(measures).marks).not.toHaveProperty('eye_socket_mm');
  });
});
