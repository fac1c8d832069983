import { useEffect, useRef } from 'react';
import type { EyeLook } from '../api/types';
import { drawEye } from './drawEye';

const USUAL_PX = 34;
/** Sharp on every screen. */
const DENSITY = 2;

/** One eye by itself, as it is drawn on a bait; without a label it is beside its own words. */
export function EyeDrawing({ eye, label, size = USUAL_PX }: { eye: EyeLook; label?: string; size?: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const side = size * DENSITY;
    context.clearRect(0, 0, side, side);
    drawEye(context, side / 2, side / 2, eye, null, (side * 0.94) / eye.diameter_mm);
  }, [eye, size]);
  return (
    <canvas
      ref={canvas}
      width={size * DENSITY}
      height={size * DENSITY}
      style={{ width: size, height: size }}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    />
  );
}
