import type { PointerEvent } from 'react';
import type { Core, Handle } from '../api/types';
import { HandleRing } from './HandleRing';
import classes from './plate.module.css';
import type { Hold } from './useHold';

const SIZE = 84;
/** Above an open slip. */
const SMALLER = 58;
/** Room around it for the film and the aim. */
const AROUND = 28;
const FILM = { least: 2, most: 8 };

/** The bait cut across at the spot: the film round it, and where the brush stands. The left flank lies to the right. */
export function SectionHere({ core, hold, small }: { core: Core; hold: Hold; small: boolean }) {
  const { y_mm, z_mm, hex, um } = core.section;
  const scale =
    (small ? SMALLER : SIZE) / Math.max(...z_mm.map((z) => Math.abs(z) * 2), ...y_mm.map((y) => Math.abs(y) * 2), 1);
  const [wide, high] = [Math.max(...y_mm) * 2 * scale, (Math.max(...z_mm) - Math.min(...z_mm)) * scale];
  const [cx, cy] = [AROUND + wide / 2, AROUND + Math.max(...z_mm) * scale];
  const corner = (i: number): [number, number] => {
    const at = i % y_mm.length;
    return [cx + (y_mm[at] ?? 0) * scale, cy - (z_mm[at] ?? 0) * scale];
  };
  const thickest = Math.max(...um, 1);
  const aim = hold.handles.find((one) => one.id === 'aim');
  const width = hold.handles.find((one) => one.id === 'width');
  const half = y_mm.length / 2;

  /** Where an angle meets the outline, and a point that far outside of it. */
  const on = (deg: number, out: number): [number, number] => {
    const [x, y] = corner(Math.round((deg / 180) * half));
    const away = Math.hypot(x - cx, y - cy) || 1;
    return [x + ((x - cx) / away) * out, y + ((y - cy) / away) * out];
  };
  const under = (event: PointerEvent) => {
    const box = event.currentTarget.parentElement?.getBoundingClientRect();
    const x = Math.abs(event.clientX - (box?.left ?? 0) - cx);
    const y = event.clientY - (box?.top ?? 0) - cy;
    // The corner that lies that way from the middle.
    let nearest = 0;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i <= half; i++) {
      const [px, py] = corner(i);
      const off = Math.abs(Math.atan2(px - cx, -(py - cy)) - Math.atan2(x, -y));
      if (off < least) [least, nearest] = [off, i];
    }
    return { u: core.u, deg: (nearest / half) * 180 };
  };
  const folded = (handle: Handle) => (handle.deg > 180 ? 360 - handle.deg : handle.deg);

  return (
    <section aria-label="Section">
      <h2>Section at A</h2>
      <div className={classes.cut} style={{ width: wide + 2 * AROUND, height: high + 2 * AROUND }}>
        <svg
          width={wide + 2 * AROUND}
          height={high + 2 * AROUND}
          role="img"
          aria-label={`Cut across ${core.at}: film up to ${Math.round(thickest)} µm.`}
        >
          <path d={`M${y_mm.map((_, i) => corner(i).join(' ')).join('L')}Z`} className={classes.inside} />
          {hex.map((colour, i) => {
            const [x1, y1] = corner(i);
            const [x2, y2] = corner(i + 1);
            const thick = FILM.least + ((um[i] ?? 0) / thickest) * (FILM.most - FILM.least);
            return (
              <line
                // biome-ignore lint/suspicious/noArrayIndexKey: the corners are counted
                key={i}
                x1={x1}
                y1={y1}
                x2={x2}
                y2={y2}
                stroke={colour}
                strokeWidth={(um[i] ?? 0) > 0.05 ? thick : 1}
                strokeLinecap="round"
              />
            );
          })}
          {aim !== undefined && (
            <path
              className={classes.trace}
              d={`M${on(folded(aim), 24).join(' ')}L${on(folded(aim), 6).join(' ')}`}
              markerEnd="url(#aimed)"
            />
          )}
          <defs>
            <marker id="aimed" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto">
              <path d="M1 1L7 4L1 7" className={classes.trace} />
            </marker>
          </defs>
        </svg>
        {[aim, width].map((handle) => {
          if (handle === undefined) return null;
          const [x, y] = on(folded(handle), handle.id === 'aim' ? 26 : 7);
          return <HandleRing key={handle.id} handle={handle} hold={hold} x={x} y={y} under={under} />;
        })}
      </div>
    </section>
  );
}
