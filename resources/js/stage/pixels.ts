import type { BodyShape } from '../api/types';
import { BENCH_LAMP, halfway, type Lamp, towards } from './lamp';
import type { Skin } from './skin';

export type View = 'left' | 'right' | 'back' | 'belly';
export type Light = 'flat' | 'glint';

const ENCODED = Uint8ClampedArray.from({ length: 4096 }, (_, i) => {
  const c = i / 4095;
  return 255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055);
});

/** Where the body lies in a picture: scale and place of the nose, in pixels. */
export interface Frame {
  scale: number;
  noseX: number;
  axisY: number;
  mirrored: boolean;
}

/** Radius of the ring that a hanger is drawn as, of the body's length. */
export const RING = 0.011;
/** How far it hangs below the belly, in radii. */
export const HANGS = 0.6;
/** From there to its outer edge. */
const RIM = 1.3;

/** How far a body reaches from its axis, with the hangers below the belly. */
export function extentMm(body: BodyShape, view: View): { up: number; down: number } {
  const { top_mm, bottom_mm, half_width_mm } = body.profile;
  if (view === 'left' || view === 'right') {
    const hung = (HANGS + RIM) * RING * body.length_mm;
    const hangers = body.marks.hooks_u.map((u) => sampleAt(bottom_mm, u) + hung);
    return { up: Math.max(...top_mm), down: Math.max(...bottom_mm, ...hangers) };
  }
  const half = Math.max(...half_width_mm);
  return { up: half, down: half };
}

/** Fits the body into a picture with a margin of shares of its length; the bill reaches out over the nose. */
export function frame(
  body: BodyShape,
  view: View,
  width: number,
  height: number,
  margin = 0.03,
  mmPerPx?: number,
): Frame {
  const bill = body.marks.bill_length_mm ?? 0;
  const out = bill * 0.72;
  const whole = out + body.length_mm + (body.marks.tail_length_mm ?? 0);
  const { up, down } = extentMm(body, view);
  const fit = Math.min(
    width / (whole * (1 + margin * 2)),
    height / ((up + down) * 1.08 + bill * (view === 'left' || view === 'right' ? 0.3 : 0)),
  );
  const scale = mmPerPx === undefined ? fit : 1 / mmPerPx;
  const mirrored = view === 'right';
  const used = whole * scale;
  const left = (width - used) / 2;
  const noseX = mirrored ? width - left - out * scale : left + out * scale;
  return { scale, noseX, axisY: height / 2 + ((up - down) / 2) * scale, mirrored };
}

/** Linear interpolation in a sampled profile. */
export function sampleAt(samples: number[], u: number): number {
  const at = Math.max(0, Math.min(1, u)) * (samples.length - 1);
  const i = Math.min(samples.length - 2, Math.floor(at));
  const a = samples[i] ?? 0;
  return a + ((samples[i + 1] ?? a) - a) * (at - i);
}

/** A place on the surface: share of the length from the nose, degrees from the back ridge round by the left side. */
export interface OnBody {
  u: number;
  deg: number;
}

/** The pixel of a place, or null when it lies on the other side. */
export function pixelOf(
  body: BodyShape,
  view: View,
  f: Frame,
  u: number,
  deg: number,
): { x: number; y: number } | null {
  const x = f.noseX + (f.mirrored ? -1 : 1) * u * body.length_mm * f.scale;
  const folded = deg > 180 ? 360 - deg : deg;
  const rad = (folded * Math.PI) / 180;
  const power = 2 / body.exponent;
  if (view === 'left' || view === 'right') {
    if (deg <= 180 !== (view === 'left')) return null;
    const c = Math.cos(rad);
    const z = Math.sign(c) * Math.abs(c) ** power * sampleAt(c >= 0 ? body.profile.top_mm : body.profile.bottom_mm, u);
    return { x, y: f.axisY - z * f.scale };
  }
  if (folded < 90 !== (view === 'back')) return null;
  const side = Math.abs(Math.sin(rad)) ** power * sampleAt(body.profile.half_width_mm, u);
  const below = (view === 'back') === deg <= 180;
  return { x, y: f.axisY + (below ? side : -side) * f.scale };
}

/**
 * The cell nearest to a place (cells are 1 wide), and what the three around it weigh: the quadratic B-spline, by which
 * edges between cells come out round and not as steps.
 */
export function nearest(at: number, weights: Float64Array): number {
  const cell = Math.floor(at);
  const off = at - cell - 0.5;
  weights[0] = 0.5 * (0.5 - off) ** 2;
  weights[1] = 0.75 - off * off;
  weights[2] = 0.5 * (0.5 + off) ** 2;
  return cell;
}

/** Steps from the axis of a picture to its edge: a tenth of a pixel on the largest. */
const STEPS = 2048;

/**
 * Of a superellipse section seen from the side or from above, by steps from its axis to its edge: the outward normal in
 * the picture and towards the eye, and how far around the place lies from the picture's own ridge, in degrees.
 */
function sections(exponent: number, flank: boolean): { out: Float64Array; eye: Float64Array; turn: Float64Array } {
  const share = Float64Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS);
  return {
    out: share.map((s) => s ** (exponent - 1)),
    eye: share.map((s) => Math.max(0, 1 - s ** exponent) ** ((exponent - 1) / exponent)),
    turn: share.map((s) => ((flank ? Math.acos(s ** (exponent / 2)) : Math.asin(s ** (exponent / 2))) * 180) / Math.PI),
  };
}

/** Draws the painted body pixel by pixel from its skin, shaded by its form. */
export function paintBody(
  context: CanvasRenderingContext2D,
  body: BodyShape,
  skin: Skin,
  view: View,
  f: Frame,
  light: Light,
  glossy: boolean,
  lamp: Lamp = BENCH_LAMP,
): void {
  const { width, height } = context.canvas;
  const towardsLamp = towards(lamp);
  const mid = halfway(towardsLamp);
  const image = context.createImageData(width, height);
  const data = image.data;
  const flank = view === 'left' || view === 'right';
  const section = sections(body.exponent, flank);
  const upper = flank ? body.profile.top_mm : body.profile.half_width_mm;
  const lower = flank ? body.profile.bottom_mm : body.profile.half_width_mm;
  const du = 0.5 / body.length_mm / f.scale;
  const across = new Float64Array(3);
  const around = new Float64Array(3);
  for (let px = 0; px < width; px++) {
    const u = (f.mirrored ? f.noseX - px - 0.5 : px + 0.5 - f.noseX) / f.scale / body.length_mm;
    if (u <= 0 || u >= 1) continue;
    const reachUp = sampleAt(upper, u) * f.scale;
    const reachDown = sampleAt(lower, u) * f.scale;
    const span = 2 * du * body.length_mm * f.scale + 4 * du * body.length_mm * f.scale;
    const slopeUp = ((sampleAt(upper, u + 3 * du) - sampleAt(upper, u - 3 * du)) * f.scale) / span;
    const slopeDown = ((sampleAt(lower, u + 3 * du) - sampleAt(lower, u - 3 * du)) * f.scale) / span;
    const from = Math.max(0, Math.floor(f.axisY - reachUp - 1));
    const to = Math.min(height - 1, Math.ceil(f.axisY + reachDown + 1));
    const column = nearest(u * skin.width, across);
    const columns = [-1, 0, 1].map((d) => Math.max(0, Math.min(skin.width - 1, column + d)));
    for (let py = from; py <= to; py++) {
      const up = f.axisY - py - 0.5;
      const reach = up >= 0 ? reachUp : reachDown;
      const edge = reach - Math.abs(up) + 0.5;
      if (edge <= 0 || reach <= 0) continue;
      const share = Math.min(1, Math.abs(up) / reach);
      const at = (share * STEPS + 0.5) | 0;
      // Outward normal: v up or sideways in the picture, w towards the eye, along the length from the slope.
      const v = Math.sign(up) * (section.out[at] ?? 0);
      const w = section.eye[at] ?? 0;
      const along = -(up >= 0 ? slopeUp : slopeDown) * share;
      const size = Math.sqrt(v * v + w * w + along * along) || 1;
      const nx = (f.mirrored ? -along : along) / size;
      const ny = v / size;
      const nz = w / size;

      const turn = section.turn[at] ?? 0;
      const down = (flank ? up >= 0 : view === 'back') ? turn : 180 - turn;
      // From above, the left flank lies below the ridge in the picture (nose to the left); from below, above it.
      const left = flank ? view === 'left' : view === 'back' ? up < 0 : up > 0;
      const middle = nearest(((left ? down : 360 - down) / 360) * skin.height, around) + skin.height;

      // The lamp, and what the bench throws back from below.
      const lit = Math.max(0, towardsLamp.x * nx + towardsLamp.y * ny + towardsLamp.z * nz);
      const shade = 0.36 + 0.6 * lit + 0.08 * nz;
      const half = Math.max(0, mid.x * nx + mid.y * ny + mid.z * nz);
      const lobe = light === 'glint' ? half ** 7 : 0;
      const rim = (1 - nz) * (1 - nz);
      // A highlight as narrow as that is nothing far beside its middle.
      const gloss = glossy ? (half > 0.85 ? 0.34 * half ** 70 : 0) + 0.05 * rim * rim : 0;
      const shines = lobe > 0.01;
      let r = 0;
      let g = 0;
      let b = 0;
      for (let tap = 0; tap < 9; tap++) {
        const j = (tap / 3) | 0;
        const i = tap - 3 * j;
        const cell = ((middle + j - 1) % skin.height) * skin.width + (columns[i] ?? 0);
        const colour = (skin.cells[cell] ?? 0) * 3;
        const weight = (around[j] ?? 0) * (across[i] ?? 0);
        const dull = shines ? weight * (1 - lobe) : weight;
        r += dull * (skin.flat[colour] ?? 0);
        g += dull * (skin.flat[colour + 1] ?? 0);
        b += dull * (skin.flat[colour + 2] ?? 0);
        if (shines) {
          const shine = weight * lobe;
          r += shine * (skin.glint[colour] ?? 0);
          g += shine * (skin.glint[colour + 1] ?? 0);
          b += shine * (skin.glint[colour + 2] ?? 0);
        }
      }
      const o = (py * width + px) * 4;
      data[o] = ENCODED[Math.min(4095, ((r * shade + gloss) * 4095) | 0)] ?? 255;
      data[o + 1] = ENCODED[Math.min(4095, ((g * shade + gloss) * 4095) | 0)] ?? 255;
      data[o + 2] = ENCODED[Math.min(4095, ((b * shade + gloss) * 4095) | 0)] ?? 255;
      data[o + 3] = Math.min(1, edge) * 255;
    }
  }
  context.putImageData(image, 0, 0);
}
