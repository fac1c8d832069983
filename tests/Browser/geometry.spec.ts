import { expect, test } from '@playwright/test';
import type { BodyShape } from '../../resources/js/api/types';
import { frame, pixelOf, placeUnder, sampleAt, type View } from '../../resources/js/stage/pixels';
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
    bill_length_mm: 10,
    bill_angle_deg: 35,
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
