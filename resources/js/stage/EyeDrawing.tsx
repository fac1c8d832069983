import { useEffect, useRef } from 'react';
import type { EyeLook } from '../api/types';
import { drawEye } from './drawEye';

const SIZE = 34;
/** Sharp on every screen. */
const DENSITY = 2;

/** One eye by itself, as it is drawn on a bait; without a label it is beside its own words. */
export function EyeDrawing({ eye, label }: { eye: EyeLook; label?: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const side = SIZE * DENSITY;
    context.clearRect(0, 0, side, side);
    drawEye(context, side / 2, side / 2, eye, null, (side * 0.94) / eye.diameter_mm);
  }, [eye]);
  return (
    <canvas
      ref={canvas}
      width={SIZE * DENSITY}
      height={SIZE * DENSITY}
      style={{ width: SIZE, height: SIZE }}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    />
  );
}
