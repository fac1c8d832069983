import { useEffect, useRef } from 'react';
import type { BodyShape, Texture } from '../api/types';
import { drawFittings } from './fittings';
import { BENCH_LAMP, type Lamp } from './lamp';
import { type Frame, frame, type Light, paintBody, type View } from './pixels';
import { skinOf } from './skin';

interface Props {
  body: BodyShape;
  texture: Texture | undefined;
  view: View;
  width: number;
  height: number;
  label: string;
  /** Only what glows is seen. */
  night?: boolean;
  light?: Light;
  glossy?: boolean;
  lamp?: Lamp;
  /** Millimetres to a pixel, where several baits are drawn to one scale; else the bait fills the picture. */
  mmPerPx?: number;
}

const SHARPEST = 2;
const SMALLEST = 16;

/** A bait as the film will look, from one side. */
export function BaitPicture(props: Props) {
  const { body, texture, view, light = 'flat', glossy = true, lamp = BENCH_LAMP, mmPerPx, night = false } = props;
  // Before the page is laid out there may be no room at all.
  const width = Math.max(SMALLEST, props.width);
  const height = Math.max(SMALLEST, props.height);
  const canvas = useRef<HTMLCanvasElement>(null);
  const density = Math.min(SHARPEST, Math.max(1, window.devicePixelRatio));

  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    context.clearRect(0, 0, context.canvas.width, context.canvas.height);
    if (texture === undefined) return;
    const f = fitted(body, view, width, height, density, mmPerPx);
    paintBody(context, body, skinOf(texture), view, f, light, glossy, lamp);
    drawFittings(context, body, view, f, texture.eye ?? null, night);
  }, [body, texture, view, width, height, night, light, glossy, lamp, mmPerPx, density]);

  return (
    <canvas
      ref={canvas}
      width={Math.round(width * density)}
      height={Math.round(height * density)}
      style={{ width, height, display: 'block' }}
      role="img"
      aria-label={props.label}
      data-drawn={texture === undefined ? 'no' : 'yes'}
    />
  );
}

function fitted(body: BodyShape, view: View, width: number, height: number, density: number, mmPerPx?: number): Frame {
  return frame(
    body,
    view,
    width * density,
    height * density,
    0.03,
    mmPerPx === undefined ? undefined : mmPerPx / density,
  );
}
