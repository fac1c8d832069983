import { describe, expect, test } from 'vitest';
import { alike, gravest, open } from '../../resources/js/advice/findings';
import type { Advice, BodyShape, Finding, Handle, Settings, TechniqueSetting } from '../../resources/js/api/types';
import { listedChange } from '../../resources/js/ladder/words';
import { settingWords, unitOf } from '../../resources/js/masks/TechniqueSettings';
import { layOut } from '../../resources/js/plate/layOut';
import { traces } from '../../resources/js/plate/traces';
import { shownIn } from '../../resources/js/stage/shown';
import { inUnit } from '../../resources/js/units/sentence';

const units = (length: string, factor: number, digits: number) => ({
  length: { name: length, factor, offset: 0, digits },
  pressure: { name: 'psi', factor: 1, offset: 0, digits: 1 },
  volume: { name: 'ml', factor: 1, offset: 0, digits: 2 },
  temperature: { name: 'C', factor: 1, offset: 0, digits: 1 },
});
const MM = { units: units('mm', 1, 2) } as Settings;
const INCH = { units: units('in', 1 / 25.4, 3) } as Settings;

const body = (length_mm: number, deep: number): BodyShape => {
  const samples = (most: number) => Array.from({ length: 97 }, (_, i) => most * Math.sqrt(4 * (i / 96) * (1 - i / 96)));
  return {
    length_mm,
    exponent: 2,
    area_mm2: 1,
    girth_mm: 1,
    volume_mm3: 1,
    profile: { top_mm: samples(deep), bottom_mm: samples(deep), half_width_mm: samples(deep * 0.6) },
    marks: {
      gill_u: 0.24,
      eye_u: 0.1,
      eye_deg: 70,
      eye_socket_mm: 5,
      eye_socket_depth_mm: null,
      bill_length_mm: null,
      bill_angle_deg: 35,
      bill_loose: false,
      tail_length_mm: null,
      joints_u: [],
      hooks_u: [],
      tie_u: null,
      tie_deg: 90,
    },
  };
};

const finding = (rule: string, step: string, severity: Finding['severity'], label = 'Wait 5 min'): Finding => ({
  rule,
  step,
  severity,
  headline: '',
  reason: '',
  meant: false,
  answer: null,
  fix: { label, step, set: { coats: 2 }, insert: null, before: null },
});

describe('the layout of a plate', () => {
  const SIZES: [string, BodyShape, number, number][] = [
    ['a squat body', body(60, 16), 600, 450],
    ['a slim one', body(110, 8), 600, 450],
    ['a slim one in a low window', body(110, 8), 900, 260],
    ['a telephone', body(60, 16), 360, 340],
  ];

  test.each(SIZES)('stays in its room, and no view lies on another: %s', (_, shape, width, height) => {
    const { views } = layOut(shape, width, height);
    expect(views[0]?.view).toBe('left');
    for (const view of views) {
      expect(view.left + view.width).toBeLessThanOrEqual(width);
      expect(view.top + view.height).toBeLessThanOrEqual(height);
      for (const other of views.filter((one) => one !== view))
        expect(
          view.top >= other.top + other.height ||
            other.top >= view.top + view.height ||
            view.left >= other.left + other.width ||
            other.left >= view.left + view.width,
        ).toBe(true);
    }
    expect(shape.length_mm * (views[0]?.frame.scale ?? 0)).toBeLessThanOrEqual(width);
  });

  test('keeps a slim body on one scale and one axis, with both flanks where there is room', () => {
    const { views } = layOut(body(110, 8), 770, 470);
    expect(views.map(({ view }) => view)).toEqual(['left', 'back', 'belly', 'right']);
    expect(new Set(views.map(({ frame }) => frame.scale)).size).toBe(1);
    expect(new Set(views.slice(0, 3).map(({ frame }) => Math.round(frame.noseX))).size).toBe(1);
    expect(110 * (views[0]?.frame.scale ?? 0)).toBeGreaterThan(700);
  });

  // What is left of a stage of 1280 by 540 for the views, without a slip.
  test.each([
    ['squat', body(60, 13)],
    ['slim', body(110, 8)],
    ['deep and short', body(50, 11)],
    ['long', body(180, 14)],
  ])('gives the flank at least half of the width of the stage: %s', (_, shape) => {
    expect(shape.length_mm * (layOut(shape, 780, 450).views[0]?.frame.scale ?? 0)).toBeGreaterThanOrEqual(610);
  });

  test('lays back and belly of a squat body at half the scale under its flank', () => {
    const { views } = layOut(body(60, 16), 600, 450);
    expect(views.map(({ view }) => view)).toEqual(['left', 'back', 'belly']);
    expect((views[1]?.frame.scale ?? 0) / (views[0]?.frame.scale ?? 1)).toBeCloseTo(0.5, 6);
  });

  test.each(['left', 'right', 'back', 'belly'] as const)('gives the %s the whole room when it is asked for', (view) => {
    const { views } = layOut(body(60, 16), 600, 450, view);
    expect(views).toHaveLength(1);
    const among = layOut(body(60, 16), 600, 450).views.find((one) => one.view === view);
    expect(views[0]?.frame.scale).toBeGreaterThan(among?.frame.scale ?? 0);
  });
});

test('draws the edges of a place on each view that shows them, and nothing without handles', () => {
  const shape = body(60, 16);
  const views = layOut(shape, 600, 450).views;
  const at = (id: string, u: number, deg: number) => ({ id, u, deg }) as Handle;
  const place = [
    at('place front', 0.2, 20),
    at('place rear', 0.9, 20),
    at('place upper', 0.5, 10),
    at('place lower', 0.5, 60),
  ];
  const drawn = views.map(({ view, frame }) => traces(shape, view, frame, place).length);
  expect(drawn).toEqual([4, 4, 0]);
  expect(views.map(({ view, frame }) => traces(shape, view, frame, []).length)).toEqual([0, 0, 0]);
});

describe('what is said of a recipe', () => {
  const findings = [
    finding('too-thick', 'a', 'caution'),
    finding('too-thick', 'b', 'caution'),
    finding('too-thick', 'c', 'caution', 'Wait 9 min'),
    finding('hardly-shows', 'b', 'hint'),
  ];

  test('is mended at once where the same mend serves several steps', () => {
    expect(alike(findings, findings[0] as Finding).map((fix) => fix.step)).toEqual(['a', 'b']);
    expect(alike(findings, findings[2] as Finding).map((fix) => fix.step)).toEqual(['c']);
    expect(alike(findings, { ...(findings[0] as Finding), fix: null })).toEqual([]);
  });

  test('marks a rung by the gravest, and leaves out what was meant so', () => {
    expect(gravest(findings, 'b')).toBe('caution');
    expect(gravest(findings, 'nobody')).toBeUndefined();
    expect(open({ findings: [{ ...(findings[0] as Finding), meant: true }] } as Advice)).toEqual([]);
    expect(open(undefined)).toEqual([]);
  });
});

describe('the words of a slip', () => {
  const setting = (name: string, unit: string, max: number, fallback: number): TechniqueSetting => ({
    name,
    label: name === 'u' ? 'Middle at' : 'Soft edge (0: none)',
    unit,
    min: 0,
    max,
    default: fallback,
    choices: [],
    outline: '',
  });

  test('give places in mm from the nose and shares in per cent', () => {
    const place = unitOf(setting('u', 'of length', 1, 0.5), MM, 80);
    expect([place.unit, place.show(0.25), place.read(20)]).toEqual(['mm from the nose', 20, 0.25]);
    const share = unitOf(setting('soft', '', 1, 0.5), MM, 80);
    expect([share.unit, share.show(0.35), share.read(35)]).toEqual(['%', 35, 0.35]);
    expect(unitOf(setting('deg', 'deg from the back', 180, 90), MM, 80).unit).toBe('° from the back');
    expect(unitOf(setting('long_mm', 'mm', 40, 5), INCH, 80).show(25.4)).toBe(1);
  });

  test('name the first figure and those that are not as usual', () => {
    const list = [setting('u', 'of length', 1, 0.5), setting('soft', '', 1, 0.5)];
    expect(settingWords(list, { name: 'spot' }, MM, 80)).toBe('middle at 40 mm from the nose');
    expect(settingWords(list, { name: 'spot', soft: 0.2 }, MM, 80)).toBe(
      'middle at 40 mm from the nose, soft edge 20 %',
    );
  });

  test('are in the unit of the painter, wherever the sentence comes from', () => {
    expect(inUnit('2.9 mm behind the gill edge', MM)).toBe('2.9 mm behind the gill edge');
    expect(inUnit('25.4 mm behind the gill edge, 12.7 mm above the midline', INCH)).toBe(
      '1 in behind the gill edge, 0.5 in above the midline',
    );
    const fahrenheit = {
      units: { ...MM.units, temperature: { name: 'F', factor: 1.8, offset: 32, digits: 1 } },
    } as Settings;
    expect(inUnit('dipped at about 168 °C, never hotter than 177 °C', fahrenheit)).toBe(
      'dipped at about 334 °F, never hotter than 351 °F',
    );
    expect(inUnit('dipped at about 168 °C', MM)).toBe('dipped at about 168 °C');
  });

  test('say what differs between two versions', () => {
    const changed = (field: string, was: unknown, now: unknown) =>
      listedChange({ what: 'changed', step: 'Back', fields: [{ field, was, now }] }, MM);
    expect(changed('psi', 10, 12)).toBe('Back: 10 psi → 12 psi');
    expect(changed('coats', 2, 3)).toBe('Back: coats 2 → 3');
    expect(changed('mix', 'Moss', 'Moss + Smoke')).toBe('Back: Moss → Moss + Smoke');
    expect(changed('technique', null, null)).toBe('Back: how it is put on');
    expect(listedChange({ what: 'added', step: 'Spot', fields: [] }, MM)).toBe('new: Spot');
  });
});

test('shows night only where something glows', () => {
  const texture = { palette: ['#ffffff'], glint: ['#ffffff'], cells: '', width: 1, height: 1, bytes_per_cell: 2 };
  expect(shownIn(texture, 'night', 'clear')).toMatchObject({ light: 'flat', night: false, glossy: true });
  const glows = { ...texture, night: ['#00ff00'] };
  expect(shownIn(glows, 'night', 'clear')).toMatchObject({ night: true, glossy: false });
  expect(shownIn(glows, 'night', 'clear').texture?.palette).toEqual(['#00ff00']);
});
