import type { BodyShape } from '../api/types';
import { extentMm, type Frame, frame, type View } from '../stage/pixels';

/** One view of the plate: where its picture lies, and the body in it. */
export interface PlateView {
  view: View;
  name: string;
  left: number;
  top: number;
  width: number;
  height: number;
  frame: Frame;
}

export interface PlateLayout {
  /** The flank before the others. */
  views: PlateView[];
  /** Where the index lines end: they go through all views that share the flank's axis. */
  linesTo: number;
}

/** What the names of the index lines take above the views, and a view between its neighbours. */
export const INDEX_HIGH = 34;
const GAP = 12;
const BESIDE = 1.06;
/** What pictures take beyond the body, and a ring on its lowest edge. */
const EDGES = 14;
/** What the name of a view takes below it. */
const NAMED = 16;
/** No smaller than can be looked at, in pixels a millimetre. */
const LEAST = 0.8;
/** Back and belly beside each other, below a flank that takes the room. */
const SMALLER = 0.5;

const NAMES = { left: 'left flank', back: 'back', belly: 'belly', right: 'right flank' };

/** How far a body reaches on a plate, in mm. */
interface Reach {
  long: number;
  flank: number;
  wide: number;
}

function reachOf(body: BodyShape): Reach {
  const { up, down } = extentMm(body, 'left');
  const half = Math.max(...body.profile.half_width_mm);
  const bill = body.marks.bill_length_mm ?? 0;
  const drop = Math.max(0, bill * Math.sin((body.marks.bill_angle_deg * Math.PI) / 180) - down * 0.6);
  return {
    long: (body.length_mm + bill * 0.72 + (body.marks.tail_length_mm ?? 0)) * BESIDE,
    flank: (up + down) * 1.06 + 2 * drop,
    wide: 2 * half * 1.06,
  };
}

/**
 * The flank as large as the room allows. A slim body has back, flank, belly and the other flank on one scale and one axis; under
 * the flank of a squat one back and belly lie side by side at half its scale.
 *
 * @param alone a view that was given the whole room
 */
export function layOut(body: BodyShape, width: number, height: number, alone: View | null = null): PlateLayout {
  const reach = reachOf(body);
  const across = width / reach.long;
  if (alone !== null) return only(body, alone, width, height, reach);
  const free = height - INDEX_HIGH - EDGES;
  const stacked = (free - 3 * GAP) / (reach.flank + 2 * reach.wide);
  const beside = (free - GAP - NAMED) / (reach.flank + SMALLER * reach.wide);
  return Math.min(across, stacked) >= 0.97 * Math.min(across, beside)
    ? onOneAxis(body, width, height, reach, Math.max(LEAST, Math.min(across, stacked)))
    : flankFirst(body, width, height, reach, Math.max(LEAST, Math.min(across, beside)));
}

function placed(body: BodyShape, view: View, at: Omit<PlateView, 'view' | 'name' | 'frame'>, scale: number): PlateView {
  return { view, name: NAMES[view], ...at, frame: frame(body, view, at.width, at.height, 0.03, 1 / scale) };
}

function high(mm: number, scale: number): number {
  return Math.ceil(mm * scale) + 2;
}

function onOneAxis(body: BodyShape, width: number, height: number, reach: Reach, scale: number): PlateLayout {
  const [flank, wide] = [high(reach.flank, scale), high(reach.wide, scale)];
  let top = INDEX_HIGH;
  const views: PlateView[] = [];
  for (const [view, tall] of [
    ['back', wide],
    ['left', flank],
    ['belly', wide],
    ['right', flank],
  ] as const) {
    // A slim body leaves room for its other flank, as large as the first.
    if (view === 'right' && top + tall > height) continue;
    views.push(placed(body, view, { left: 0, top, width, height: tall }, scale));
    top += tall + GAP;
  }
  const [back, left, ...rest] = views as [PlateView, PlateView, PlateView];
  return { views: [left, back, ...rest], linesTo: top };
}

function flankFirst(body: BodyShape, width: number, height: number, reach: Reach, scale: number): PlateLayout {
  const flank = high(reach.flank, scale);
  const wide = high(reach.wide, scale * SMALLER);
  const half = Math.floor((width - GAP) / 2);
  const top = INDEX_HIGH + flank + GAP;
  const smaller = (view: View, left: number, at: number, tall: number) =>
    placed(body, view, { left, top: at, width: half, height: tall }, scale * SMALLER);
  const below = top + wide + GAP + NAMED;
  const other = high(reach.flank, scale * SMALLER);
  return {
    views: [
      placed(body, 'left', { left: 0, top: INDEX_HIGH, width, height: flank }, scale),
      smaller('back', 0, top, wide),
      smaller('belly', half + GAP, top, wide),
      ...(below + other <= height ? [smaller('right', Math.floor((width - half) / 2), below, other)] : []),
    ],
    linesTo: INDEX_HIGH + flank,
  };
}

function only(body: BodyShape, view: View, width: number, height: number, reach: Reach): PlateLayout {
  const tall = view === 'left' || view === 'right' ? reach.flank : reach.wide;
  const scale = Math.max(LEAST, Math.min(width / reach.long, (height - INDEX_HIGH - EDGES - NAMED) / tall));
  const at = { left: 0, top: INDEX_HIGH, width, height: high(tall, scale) };
  return { views: [placed(body, view, at, scale)], linesTo: INDEX_HIGH + at.height };
}
