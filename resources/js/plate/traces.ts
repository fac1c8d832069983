import type { BodyShape, Handle } from '../api/types';
import { type Frame, pixelOf, type View } from '../stage/pixels';

const STEPS = 24;

/** Thin lines on the surface between the handles of a step: the edges of its place, a row, what reaches out of a mark. */
export function traces(body: BodyShape, view: View, f: Frame, handles: Handle[]): string[] {
  const of = (id: string) => handles.find((one) => one.id === id);
  const lines: [Handle | undefined, Handle | undefined][] = [
    [of('front'), of('rear')],
    [of('upper'), of('lower')],
    [of('mark'), of('end')],
    [of('mark'), of('size')],
    [of('mark'), of('spread')],
    [of('row'), of('apart')],
  ];
  const drawn = lines.flatMap(([a, b]) =>
    a === undefined || b === undefined ? [] : path(body, view, f, [a.u, a.deg], [b.u, b.deg]),
  );
  const [front, rear, upper, lower] = ['place front', 'place rear', 'place upper', 'place lower'].map(of);
  if (front === undefined || rear === undefined || upper === undefined || lower === undefined) return drawn;
  const corners: [number, number][] = [
    [front.u, upper.deg],
    [rear.u, upper.deg],
    [rear.u, lower.deg],
    [front.u, lower.deg],
  ];
  return [
    ...drawn,
    ...corners.flatMap((corner, i) => path(body, view, f, corner, corners[(i + 1) % corners.length] ?? corner)),
  ];
}

/** The straight way between two places, as far as it is seen from there. */
function path(body: BodyShape, view: View, f: Frame, a: [number, number], b: [number, number]): string[] {
  let d = '';
  let down = false;
  for (let i = 0; i <= STEPS; i++) {
    const t = i / STEPS;
    const deg = a[1] + (b[1] - a[1]) * t;
    const at = pixelOf(body, view, f, a[0] + (b[0] - a[0]) * t, view === 'left' && deg > 180 ? 360 - deg : deg);
    if (at === null) down = false;
    else {
      d += `${down ? 'L' : 'M'}${at.x.toFixed(1)} ${at.y.toFixed(1)}`;
      down = true;
    }
  }
  return d === '' ? [] : [d];
}
