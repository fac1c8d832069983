/** Of a picture, for a length of one: bill and rings stand out from the body. */
const ROOM = 1.22;
const LEAST_PX = 200;
const MOST_PX = 620;
/** Narrower boxes have the two under each other. */
const BESIDE_PX = 720;

/** The one scale, in mm to a pixel, in which two bodies fit into a box. */
export function pairScale(boxPx: number, ...lengthsMm: number[]): number {
  const each = boxPx < BESIDE_PX ? boxPx - 28 : boxPx / 2 - 16;
  return (Math.max(...lengthsMm) * ROOM) / Math.max(LEAST_PX, Math.min(each, MOST_PX));
}

/** How wide the picture of a body is in that scale. */
export function pairWidth(lengthMm: number, mmPerPx: number): number {
  return (lengthMm * ROOM) / mmPerPx;
}
