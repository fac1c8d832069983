import type { BodyShape } from '../api/types';
import { COVER_COLUMNS, COVER_ROWS, isCovered, isCoveredAt } from '../stage/cover';
import { frame, type View } from '../stage/pixels';
import { placeUnder } from '../stage/places';

/** More than this and the steps of the picture itself show. */
const MOST = 4;
/** Room left around a place. */
const AROUND = 1.25;
const BACK_DEG = 35;
const BELLY_DEG = 145;

export interface Enlarged {
  view: View;
  times: number;
  /** Where the middle of the place lies, as shares of the picture. */
  x: number;
  y: number;
}

/** The view that shows a place best, and how far it can be brought near in a picture of this size. */
export function enlarged(body: BodyShape, cover: string | undefined, width: number, height: number): Enlarged {
  const whole: Enlarged = { view: 'left', times: 1, x: 0.5, y: 0.5 };
  if (cover === undefined) return whole;
  const view = viewOf(cover);
  const f = frame(body, view, width, height);
  let [left, right, top, bottom] = [width, 0, height, 0];
  for (let y = 0; y < height; y += 2) {
    for (let x = 0; x < width; x += 2) {
      const at = placeUnder(body, view, f, x, y);
      if (at === null) continue;
      const deg = at.deg > 180 ? 360 - at.deg : at.deg;
      if (!isCoveredAt(cover, at.u * COVER_COLUMNS - 0.5, (deg / 180) * COVER_ROWS - 0.5)) continue;
      [left, right, top, bottom] = [Math.min(left, x), Math.max(right, x), Math.min(top, y), Math.max(bottom, y)];
    }
  }
  if (right <= left || bottom <= top) return { ...whole, view };
  // A long place is cut off at both ends: what a coat does is seen in the middle of it.
  const times = Math.max(1, Math.min(MOST, Math.max(width / (right - left), height / (bottom - top)) / AROUND));
  const middle = (at: number, room: number) => Math.max(0.5 / times, Math.min(1 - 0.5 / times, at / room));
  return { view, times, x: middle((left + right) / 2, width), y: middle((top + bottom) / 2, height) };
}

function viewOf(cover: string): View {
  let [sum, count] = [0, 0];
  for (let row = 0; row < COVER_ROWS; row++) {
    for (let column = 0; column < COVER_COLUMNS; column++) {
      if (!isCovered(cover, column, row)) continue;
      sum += ((row + 0.5) / COVER_ROWS) * 180;
      count++;
    }
  }
  const middle = count === 0 ? 90 : sum / count;
  return middle < BACK_DEG ? 'back' : middle > BELLY_DEG ? 'belly' : 'left';
}
