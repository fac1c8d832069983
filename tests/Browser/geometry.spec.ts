import { expect, test } from '@playwright/test';
import type { BodyShape } from '../../resources/js/api/types';
import { frame, paintBody, pixelOf, sampleAt, type View } from '../../resources/js/stage/pixels';
import { placeNear, placeUnder } from '../../resources/js/stage/places';
import { skinOf } from '../../resources/js/stage/skin';
import { clockLeft, minutes } from '../../resources/js/units/units';

// The drawing of a body, without a browser: a place on the surface and its pixel belong together.

const samples = (most: number) => Array.from({ length: 97 }, (_, i) => most * Math.sqrt(4 * (i / 96) * (1 - i / 96)));
const BODY: BodyShape = {
  length_mm: 60,
  exponent: 2.2,
  area_mm2: 3000,
  girth_mm: 60,
  volume_mm3: 12000,
  profile: { top_mm: samples(12), bottom_mm: samples(10), half_width_mm: samples(7) },
  marks: {
    gill_u: 0.24,
    eye_u: 0.12,
    eye_deg: 70,
    eye_socket_mm: 5,
    eye_socket_depth_mm: null,
    bill_length_mm: 10,
    bill_angle_deg: 35,
    bill_loose: false,
    tail_length_mm: null,
    joints_u: [],
    hooks_u: [0.4],
    tie_u: null,
    tie_deg: 90,
  },
};

const SEEN: Record<View, number[]> = {
  left: [20, 60, 90, 130, 170],
  right: [200, 250, 270, 300, 340],
  back: [10, 50, 80, 290, 350],
  belly: [100, 150, 175, 200, 250],
};

for (const view of ['left', 'right', 'back', 'belly'] as const) {
  test(`finds the place under a pixel from the ${view}`, () => {
    const f = frame(BODY, view, 600, 300);
    for (const u of [0.1, 0.35, 0.5, 0.8]) {
      for (const deg of SEEN[view]) {
        const pixel = pixelOf(BODY, view, f, u, deg);
        expect(pixel, `u ${u}, ${deg} degrees`).not.toBeNull();
        const place = placeUnder(BODY, view, f, pixel?.x ?? 0, pixel?.y ?? 0);
        expect(place?.u).toBeCloseTo(u, 4);
        expect(place?.deg).toBeCloseTo(deg, 1);
      }
    }
  });

  test(`finds nothing beside the body from the ${view}`, () => {
    const f = frame(BODY, view, 600, 300);
    expect(placeUnder(BODY, view, f, 1, 1)).toBeNull();
    expect(placeUnder(BODY, view, f, 300, 299)).toBeNull();
  });

  test(`finds the edge of the body from beside it, from the ${view}`, () => {
    const f = frame(BODY, view, 600, 300);
    const above = placeNear(BODY, view, f, 300, 1);
    expect(above.u).toBeCloseTo(placeUnder(BODY, view, f, 300, f.axisY)?.u ?? -1, 6);
    const edge = { left: 0, right: 360, back: 270, belly: 90 }[view];
    expect(Math.abs(above.deg - edge) % 360).toBeCloseTo(0, 6);
    expect(placeNear(BODY, view, f, -50, f.axisY).u).toBe(view === 'right' ? 1 : 0);
  });

  test(`keeps the body within its picture from the ${view}`, () => {
    for (const [width, height] of [
      [600, 300],
      [220, 110],
      [300, 600],
    ] as const) {
      const f = frame(BODY, view, width, height);
      const tail = f.mirrored ? f.noseX - 60 * f.scale : f.noseX + 60 * f.scale;
      for (const x of [f.noseX, tail]) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(width);
      }
      expect(12 * f.scale * 2).toBeLessThanOrEqual(height * 1.2);
    }
  });
}

/** A body red above its widest line and blue below, 16 columns by 32 rows around, as it is drawn without gloss. */
function drawn(view: View, cells = Array.from({ length: 16 * 32 }, (_, i) => (i < 128 || i >= 384 ? 0 : 1))) {
  const palette = ['#e02020', '#2020e0'];
  const bytes = cells.map((cell) => `${String.fromCharCode(cell)}\0`).join('');
  const skin = skinOf({ width: 16, height: 32, palette, glint: palette, cells: btoa(bytes), bytes_per_cell: 2 });
  const [width, height] = [300, 150];
  let data = new Uint8ClampedArray();
  const context = {
    canvas: { width, height },
    createImageData: () => ({ data: new Uint8ClampedArray(width * height * 4) }),
    putImageData: (image: ImageData) => {
      data = image.data;
    },
  } as unknown as CanvasRenderingContext2D;
  const f = frame(BODY, view, width, height);
  paintBody(context, BODY, skin, view, f, 'flat', false);
  const at = (u: number, mm: number) => {
    const x = Math.floor(f.noseX + (f.mirrored ? -1 : 1) * u * 60 * f.scale);
    const o = (Math.floor(f.axisY - mm * f.scale) * width + x) * 4;
    return [...data.slice(o, o + 4)] as [number, number, number, number];
  };
  return { at, data };
}

test('draws each side with what lies on it', () => {
  for (const view of ['left', 'right'] as const) {
    const { at } = drawn(view);
    const [red, , blue] = at(0.5, 6);
    expect(red).toBeGreaterThan(2 * blue);
    const [redBelow, , blueBelow] = at(0.5, -6);
    expect(blueBelow).toBeGreaterThan(2 * redBelow);
  }
  const [red, , blue] = drawn('back').at(0.5, 2);
  expect(red).toBeGreaterThan(2 * blue);
  const [redBelow, , blueBelow] = drawn('belly').at(0.5, -2);
  expect(blueBelow).toBeGreaterThan(2 * redBelow);
});

test('draws the left flank below the ridge from above, and above the keel from below', () => {
  // Red on the left half only: the first sixteen rows.
  const left = Array.from({ length: 16 * 32 }, (_, i) => (i < 256 ? 0 : 1));
  const isRed = ([r, , b]: number[]) => (r ?? 0) > (b ?? 0);
  expect(isRed(drawn('back', left).at(0.5, -3))).toBe(true);
  expect(isRed(drawn('back', left).at(0.5, 3))).toBe(false);
  expect(isRed(drawn('belly', left).at(0.5, 3))).toBe(true);
  expect(isRed(drawn('belly', left).at(0.5, -3))).toBe(false);
  expect(isRed(drawn('left', left).at(0.5, 3))).toBe(true);
  expect(isRed(drawn('right', left).at(0.5, 3))).toBe(false);
});

test('draws nothing beside the body, and goes from cell to cell without a step', () => {
  const { at, data } = drawn('left');
  expect(data[3]).toBe(0);
  expect(at(0.5, 20)[3]).toBe(0);
  expect(at(0.5, 0)[3]).toBe(255);
  // Down through the edge between red and blue: no pixel leaps by more than a part of the way.
  const blues = Array.from({ length: 41 }, (_, i) => at(0.5, 4 - i / 5)[2]);
  for (let i = 1; i < blues.length; i++) {
    expect(Math.abs((blues[i] ?? 0) - (blues[i - 1] ?? 0))).toBeLessThan(45);
  }
});

test('shows a place on one side only', () => {
  const left = frame(BODY, 'left', 600, 300);
  const right = frame(BODY, 'right', 600, 300);
  expect(pixelOf(BODY, 'left', left, 0.5, 270)).toBeNull();
  expect(pixelOf(BODY, 'right', right, 0.5, 90)).toBeNull();
});

test('draws several bodies to one scale when it is told to', () => {
  const f = frame(BODY, 'left', 600, 300, 0.03, 0.4);
  expect(f.scale).toBeCloseTo(2.5, 9);
});

test('reads between the samples of a profile', () => {
  expect(sampleAt([0, 10, 0], 0.25)).toBeCloseTo(5, 9);
  expect(sampleAt([0, 10, 0], 0.5)).toBeCloseTo(10, 9);
  expect(sampleAt([0, 10, 0], -1)).toBe(0);
  expect(sampleAt([0, 10, 4], 2)).toBe(4);
});

test('says times as one says them', () => {
  expect(minutes(0.75)).toBe('45 s');
  expect(minutes(12.4)).toBe('12 min');
  expect(minutes(60)).toBe('1 h');
  expect(minutes(131)).toBe('2 h 11 min');
  expect(clockLeft(25)).toBe('0:25');
  expect(clockLeft(725)).toBe('12:05');
  expect(clockLeft(3720)).toBe('1:02:00');
  expect(clockLeft(-3)).toBe('0:00');
});
