import type { Drops } from '../api/types';
import classes from './drops.module.css';

/** A mark on a test sheet, drop by drop. */
export function DropsOnPaper(props: { drops: Drops; width: number; height: number; label: string }) {
  const path = props.drops
    .map(([x = 0, y = 0, r = 0]) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`)
    .join('');
  return (
    <svg className={classes.paper} role="img" aria-label={props.label} viewBox={`0 0 ${props.width} ${props.height}`}>
      <path d={path} />
    </svg>
  );
}
