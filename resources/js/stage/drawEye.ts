import type { EyeLook } from '../api/types';

/** By night what does not glow is nearly black. */
const DARK = '#0a0a0a';

/** An eye, or its bare socket, centred at x and y; null: the socket is shown. */
export function drawEye(
  context: CanvasRenderingContext2D,
  x: number,
  y: number,
  eye: EyeLook | null,
  socketMm: number | null,
  scale: number,
  night = false,
): void {
  const disc = (r: number, fill: string | CanvasGradient) => {
    context.fillStyle = fill;
    context.beginPath();
    context.arc(x, y, r, 0, Math.PI * 2);
    context.fill();
  };
  if (eye === null) {
    if (socketMm === null) return;
    disc((socketMm / 2) * scale, 'rgba(0,0,0,.22)');
    context.strokeStyle = 'rgba(0,0,0,.35)';
    context.beginPath();
    context.arc(x, y, (socketMm / 2) * scale, 0, Math.PI * 2);
    context.stroke();
    return;
  }
  const r = (eye.diameter_mm / 2) * scale;
  const inner = eye.discs.length - 1;
  eye.discs.forEach(({ percent, hex }, i) => {
    const lit = night ? (i === inner && eye.night ? eye.night : DARK) : hex;
    disc((r * percent) / 100, lit);
    if (i === inner && !night && eye.shade > 0)
      disc((r * percent) / 100, shaded(context, x, y, (r * percent) / 100, eye));
  });
  const pupil = (r * eye.pupil.percent) / 100;
  context.fillStyle = night ? DARK : eye.pupil.hex;
  context.beginPath();
  if (eye.pupil.shape === 'round') context.arc(x, y, pupil, 0, Math.PI * 2);
  else context.ellipse(x, y, pupil * 0.44, pupil * 1.55, eye.pupil.shape === 'slit slanted' ? 0.5 : 0, 0, Math.PI * 2);
  context.fill();
  if (night || eye.glint.percent === 0) return;
  context.fillStyle = `rgba(255,255,255,${eye.glint.strength})`;
  context.beginPath();
  context.arc(x - r * 0.28, y - r * 0.34, (r * eye.glint.percent) / 100, 0, Math.PI * 2);
  context.fill();
}

/** Under its dome an iris is lighter within and darker towards the edge. */
function shaded(context: CanvasRenderingContext2D, x: number, y: number, r: number, eye: EyeLook): CanvasGradient {
  const shade = context.createRadialGradient(x, y, r * 0.3, x, y, r);
  shade.addColorStop(0, `rgba(255,250,230,${0.6 * eye.shade})`);
  shade.addColorStop(0.5, 'rgba(255,250,230,0)');
  shade.addColorStop(1, `rgba(20,12,4,${0.75 * eye.shade})`);
  return shade;
}
