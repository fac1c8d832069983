import type { BodyShape } from '../api/types';
import { type Frame, frame, type View } from '../stage/pixels';

/** One view of the plate: where its picture lies, and the body in it. */
export interface PlateView {
  view: View;
  name: string;
  top: number;
  height: number;
  frame: Frame;
}

export interface PlateLayout {
  width: number;
  mmPerPx: number;
  views: PlateView[];
  /** Where the index lines end. */
  height: number;
}

/** What the names of the index lines take above the views, and a view between its neighbours. */
export const INDEX_HIGH = 34;
const GAP = 12;
const BESIDE = 1.06;
/** What pictures take beyond the body, and a ring on its lowest edge. */
const EDGES = 20;
/** No smaller than can be looked at. */
const LEAST = 0.8;

/** Back, flank and belly one under the other on one scale and one axis, as large as the room allows. */
export function layOut(body: BodyShape, width: number, height: number): PlateLayout {
  const { top_mm, bottom_mm, half_width_mm } = body.profile;
  const [up, down, half] = [Math.max(...top_mm), Math.max(...bottom_mm), Math.max(...half_width_mm)];
  const bill = body.marks.bill_length_mm ?? 0;
  const drop = Math.max(0, bill * Math.sin((body.marks.bill_angle_deg * Math.PI) / 180) - down * 0.6);
  const flank = (up + down) * 1.06 + 2 * drop;
  const scale = Math.max(
    LEAST,
    Math.min(
      width / ((body.length_mm + bill * 0.72) * BESIDE),
      (height - INDEX_HIGH - 3 * GAP - EDGES) / (flank + 2 * 2 * half * 1.06),
    ),
  );
  let top = INDEX_HIGH;
  const views: PlateView[] = [];
  for (const [view, name, mm] of [
    ['back', 'back', 2 * half * 1.06],
    ['left', 'left flank', flank],
    ['belly', 'belly', 2 * half * 1.06],
  ] as const) {
    const high = Math.ceil(mm * scale) + 2;
    views.push({ view, name, top, height: high, frame: frame(body, view, width, high, 0.03, 1 / scale) });
    top += high + GAP;
  }
  // A slim body leaves room for its other flank, as large as the first.
  const high = Math.ceil(flank * scale) + 2;
  if (top + high <= height) {
    const name = 'right flank';
    views.push({ view: 'right', name, top, height: high, frame: frame(body, 'right', width, high, 0.03, 1 / scale) });
  }
  return { width, mmPerPx: 1 / scale, views, height: top };
}
