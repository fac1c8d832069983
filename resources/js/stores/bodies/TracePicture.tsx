import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Outline } from '../../api/types';
import classes from './bodies.module.css';
import type { Traceable } from './TracePart';

type Point = { edge: 'nose' | 'tail' } | { edge: 'upper' | 'lower'; i: number };

const STEP = 0.004;

interface Props {
  value: Traceable;
  name: string;
  onOutline: (outline: Outline) => void;
}

/** An outline over its picture, every point of it movable with pointer and keys. */
export function TracePicture({ value, name, onOutline }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<Point | null>(null);
  const { outline, picture } = value;
  const [left, top, wide, tall] = picture === null ? around(outline) : [0, 0, 1, picture.tall];
  const move = (point: Point, to: (at: number[]) => number[]) => {
    if ('i' in point) {
      onOutline({ ...outline, [point.edge]: outline[point.edge].map((at, i) => (i === point.i ? to(at) : at)) });
    } else {
      onOutline({ ...outline, [point.edge]: to(outline[point.edge]) });
    }
  };
  const drag = (event: PointerEvent<SVGSVGElement>) => {
    const box = svg.current?.getBoundingClientRect();
    if (dragged === null || box === undefined) return;
    const x = left + ((event.clientX - box.left) / box.width) * wide;
    const y = top + ((event.clientY - box.top) / box.height) * tall;
    move(dragged, () => [x, y]);
  };
  const nudge = (point: Point, event: KeyboardEvent) => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const far = event.shiftKey ? 5 : 1;
    move(point, ([x = 0, y = 0]) => [x + (by[0] ?? 0) * wide * far, y + (by[1] ?? 0) * wide * far]);
  };
  const handle = (point: Point, at: number[], label: string, ring: boolean) => (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand in an SVG
    <g
      key={label}
      role="button"
      tabIndex={0}
      aria-label={label}
      className={classes.tracePoint}
      onPointerDown={(event) => {
        event.currentTarget.focus();
        event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
        setDragged(point);
      }}
      onKeyDown={(event) => nudge(point, event)}
    >
      <circle cx={at[0]} cy={at[1]} r={wide * 0.022} className={classes.traceGrip} />
      <circle
        cx={at[0]}
        cy={at[1]}
        r={wide * (ring ? 0.012 : 0.008)}
        className={ring ? classes.traceEnd : classes.traceDot}
        strokeWidth={wide * 0.004}
      />
    </g>
  );
  const line = [outline.nose, ...outline.upper, outline.tail, ...outline.lower.toReversed()]
    .map((at) => at.join(','))
    .join(' ');
  return (
    <svg
      ref={svg}
      className={classes.tracePicture}
      viewBox={`${left} ${top} ${wide} ${tall}`}
      role="application"
      aria-label={`Outline ${name.toLowerCase()}: ${outline.upper.length + outline.lower.length + 2} points`}
      onPointerMove={drag}
      onPointerUp={() => setDragged(null)}
      onPointerCancel={() => setDragged(null)}
    >
      {picture !== null && (
        <image
          href={`/api/v1/pictures/${picture.id}`}
          x="0"
          y="0"
          width="1"
          height={picture.tall}
          preserveAspectRatio="none"
        />
      )}
      <polygon points={line} className={classes.traceLine} strokeWidth={wide * 0.004} />
      {outline.upper.map((at, i) => handle({ edge: 'upper', i }, at, `Upper point ${i + 1}`, false))}
      {outline.lower.map((at, i) => handle({ edge: 'lower', i }, at, `Lower point ${i + 1}`, false))}
      {handle({ edge: 'nose' }, outline.nose, 'Nose', true)}
      {handle({ edge: 'tail' }, outline.tail, 'Tail', true)}
    </svg>
  );
}

/** The box an outline stands in, with a rim around it. */
function around(outline: Outline): [number, number, number, number] {
  const all = [outline.nose, outline.tail, ...outline.upper, ...outline.lower];
  const x = all.map((at) => at[0] ?? 0);
  const y = all.map((at) => at[1] ?? 0);
  const wide = Math.max(...x) - Math.min(...x);
  const rim = wide * 0.06;
  return [Math.min(...x) - rim, Math.min(...y) - rim, wide + 2 * rim, Math.max(...y) - Math.min(...y) + 2 * rim];
}
