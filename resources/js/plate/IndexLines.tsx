import type { BodyShape, Settings } from '../api/types';
import { length } from '../units/units';
import { INDEX_HIGH, type PlateLayout } from './layOut';
import classes from './plate.module.css';

/** About what a letter of a name takes, and the room between two names. */
const LETTER = 6.1;
const BETWEEN = 10;

/** Lines through all three views from what can be felt on the body, with their way from the nose. */
export function IndexLines({ body, layout, settings }: { body: BodyShape; layout: PlateLayout; settings: Settings }) {
  const at = layout.views[0]?.frame;
  if (at === undefined) return null;
  const { marks } = body;
  const named: [string, number][] = [
    ['nose', 0],
    ['eye', marks.eye_u],
    ['gill edge', marks.gill_u],
    ...marks.hooks_u.filter((u) => u < 0.97).map((u): [string, number] => ['hook eye', u]),
    ...marks.joints_u.map((u): [string, number] => ['joint', u]),
    ['tail', 1],
  ];
  let free = Number.NEGATIVE_INFINITY;
  return (
    <>
      {named
        .sort((a, b) => a[1] - b[1])
        .map(([name, u]) => {
          const x = at.noseX + (at.mirrored ? -u : u) * body.length_mm * at.scale;
          // Where two stand close, the second says only its figure, or nothing.
          // The tail's name stands in front of its line: behind it the plate ends.
          const room = x - (u === 1 ? 2 * BETWEEN + 6 * LETTER : 0) >= free;
          if (room) free = x + BETWEEN + LETTER * name.length;
          return (
            <div
              key={name + u}
              className={classes.indexLine}
              style={{ left: x, top: room ? 0 : INDEX_HIGH, height: layout.linesTo - (room ? 0 : INDEX_HIGH) }}
              title={`${name}, ${length.show(u * body.length_mm, settings)} ${length.unit(settings)} from the nose`}
            >
              {room && (
                <span className={u === 1 ? classes.before : undefined}>
                  <b>{name}</b>
                  <br />
                  {length.short(u * body.length_mm, settings)}
                  {u === 1 ? ` ${length.unit(settings)}` : ''}
                </span>
              )}
            </div>
          );
        })}
    </>
  );
}
