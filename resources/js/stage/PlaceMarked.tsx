import { useEffect, useRef } from 'react';
import type { BodyShape } from '../api/types';
import { COVER_COLUMNS, COVER_ROWS, filled, isCoveredAt } from './cover';
import { frame, type View } from './pixels';
import classes from './placeMarked.module.css';
import { placeUnder } from './places';

interface Props {
  body: BodyShape;
  view: View;
  /** Of the step whose place is outlined, {@link isCoveredAt}. */
  cover: string;
  width: number;
  height: number;
}

/** The outline of what a step covers, over a picture of the bait of the same size. */
export function PlaceMarked({ body, view, cover, width, height }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    context.clearRect(0, 0, width, height);
    const f = frame(body, view, width, height);
    const place = filled(cover);
    const inside = (x: number, y: number): boolean => {
      const at = placeUnder(body, view, f, x, y);
      if (at === null) return false;
      const deg = at.deg > 180 ? 360 - at.deg : at.deg;
      return isCoveredAt(place, at.u * COVER_COLUMNS - 0.5, (deg / 180) * COVER_ROWS - 0.5);
    };
    const edge: [number, number][] = [];
    let above: boolean[] = [];
    for (let y = 0; y < height; y++) {
      const row: boolean[] = [];
      for (let x = 0; x < width; x++) {
        const is = inside(x, y);
        if (is !== (row.at(-1) ?? false) || is !== (above[x] ?? false)) edge.push([x, y]);
        row.push(is);
      }
      above = row;
    }
    const draw = (colour: string, wide: number) => {
      context.fillStyle = colour;
      for (const [x, y] of edge) context.fillRect(x - wide / 2, y - wide / 2, wide, wide);
    };
    // A light rim on both sides, so that it shows on any colour.
    draw('#fff', 3);
    draw(getComputedStyle(context.canvas).color, 1.5);
  }, [body, view, cover, width, height]);
  return (
    <span aria-hidden="true" className={classes.marked}>
      <canvas ref={canvas} width={width} height={height} style={{ width, height }} />
    </span>
  );
}
