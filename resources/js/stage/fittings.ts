import type { BodyShape, EyeLook } from '../api/types';
import { drawEye } from './drawEye';
import { type Frame, HANGS, pixelOf, RING, sampleAt, type View } from './pixels';

const WIRE = '#2b2b29';
/** Of what is not there while it is painted. */
const LOOSE = 'rgba(43,43,41,.75)';

/** What is on a bait besides paint: bill, line tie, hook hangers, joints, eyes. */
export function drawFittings(
  context: CanvasRenderingContext2D,
  body: BodyShape,
  view: View,
  f: Frame,
  eye: EyeLook | null,
  night = false,
): void {
  const flank = view === 'left' || view === 'right';
  const towardsTail = f.mirrored ? -1 : 1;
  const ring = Math.max(1.6, RING * body.length_mm * f.scale);
  context.lineWidth = Math.max(1, ring * 0.42);
  for (const u of body.marks.joints_u) joint(context, body, view, f, u);
  if (body.marks.tail_length_mm !== null) tail(context, body, view, f, towardsTail * body.marks.tail_length_mm);
  if (flank) {
    if (body.marks.bill_length_mm !== null) bill(context, body, f, towardsTail);
    context.strokeStyle = WIRE;
    const tie = body.marks.tie_u;
    if (tie === null || tie <= 0) {
      circle(context, f.noseX - towardsTail * ring, f.axisY, ring);
    } else {
      const cos = Math.cos((body.marks.tie_deg * Math.PI) / 180);
      const reach = sampleAt(cos >= 0 ? body.profile.top_mm : body.profile.bottom_mm, tie) * f.scale;
      circle(context, f.noseX + towardsTail * tie * body.length_mm * f.scale, f.axisY - cos * reach, ring);
    }
    for (const u of body.marks.hooks_u) {
      const x = f.noseX + towardsTail * u * body.length_mm * f.scale;
      const tail = u > 0.95;
      const y = tail ? f.axisY : f.axisY + sampleAt(body.profile.bottom_mm, u) * f.scale + ring * HANGS;
      circle(context, tail ? x + towardsTail * ring : x, y, ring);
    }
  }
  for (const deg of [body.marks.eye_deg, 360 - body.marks.eye_deg]) {
    const at = pixelOf(body, view, f, body.marks.eye_u, deg);
    if (at !== null && flank) drawEye(context, at.x, at.y, eye, body.marks.eye_socket_mm, f.scale, night);
  }
}

function circle(context: CanvasRenderingContext2D, x: number, y: number, r: number): void {
  context.beginPath();
  context.arc(x, y, r, 0, Math.PI * 2);
  context.stroke();
}

function bill(context: CanvasRenderingContext2D, body: BodyShape, f: Frame, towardsTail: number): void {
  const length = (body.marks.bill_length_mm ?? 0) * f.scale;
  context.save();
  context.translate(
    f.noseX + towardsTail * 0.05 * body.length_mm * f.scale,
    f.axisY + sampleAt(body.profile.bottom_mm, 0.04) * 0.55 * f.scale,
  );
  context.scale(towardsTail, 1);
  context.rotate((-body.marks.bill_angle_deg * Math.PI) / 180);
  context.fillStyle = body.marks.bill_loose ? 'transparent' : 'rgba(235,238,240,.32)';
  context.strokeStyle = body.marks.bill_loose ? LOOSE : 'rgba(255,255,255,.6)';
  context.lineWidth = Math.max(0.8, f.scale * 0.12);
  if (body.marks.bill_loose) dashed(context);
  context.beginPath();
  context.roundRect(-length, -length * 0.05, length * 1.15, length * 0.17, length * 0.08);
  context.fill();
  context.stroke();
  context.restore();
}

function dashed(context: CanvasRenderingContext2D): void {
  const dash = 3 * context.lineWidth;
  context.setLineDash([dash, dash]);
}

/** A fin on the flank, a blade from above. @param reach in mm, to the right positive */
function tail(context: CanvasRenderingContext2D, body: BodyShape, view: View, f: Frame, reach: number): void {
  const flank = view === 'left' || view === 'right';
  const end = (samples: number[]) => (samples.at(-1) ?? 0) * f.scale;
  const up = end(flank ? body.profile.top_mm : body.profile.half_width_mm);
  const down = end(flank ? body.profile.bottom_mm : body.profile.half_width_mm);
  const fan = flank ? Math.abs(reach) * 0.42 * f.scale : 0;
  const x = f.noseX + (f.mirrored ? -1 : 1) * body.length_mm * f.scale;
  const tip = x + reach * f.scale;
  const waist = x + reach * 0.35 * f.scale;
  context.save();
  context.strokeStyle = LOOSE;
  context.lineWidth = Math.max(1, f.scale * 0.14);
  dashed(context);
  context.beginPath();
  context.moveTo(x, f.axisY - up);
  context.quadraticCurveTo(waist, f.axisY - up, tip, f.axisY - fan);
  context.quadraticCurveTo(x + reach * 0.8 * f.scale, f.axisY, tip, f.axisY + fan);
  context.quadraticCurveTo(waist, f.axisY + down, x, f.axisY + down);
  context.stroke();
  context.restore();
}

function joint(context: CanvasRenderingContext2D, body: BodyShape, view: View, f: Frame, u: number): void {
  const flank = view === 'left' || view === 'right';
  const x = f.noseX + (f.mirrored ? -1 : 1) * u * body.length_mm * f.scale;
  const up = sampleAt(flank ? body.profile.top_mm : body.profile.half_width_mm, u) * f.scale;
  const down = sampleAt(flank ? body.profile.bottom_mm : body.profile.half_width_mm, u) * f.scale;
  const gap = Math.max(1.2, body.length_mm * f.scale * 0.004);
  const open = gap * 2.4 * (f.mirrored ? -1 : 1);
  // A two-piece bait: the rear half turns on a pin, so the cut opens towards back and belly.
  context.fillStyle = '#161615';
  context.beginPath();
  context.moveTo(x - open, f.axisY - up);
  context.lineTo(x + open * 0.2, f.axisY);
  context.lineTo(x - open, f.axisY + down);
  context.lineTo(x + open, f.axisY + down);
  context.lineTo(x + open * 0.2 + gap * (f.mirrored ? -1 : 1), f.axisY);
  context.lineTo(x + open, f.axisY - up);
  context.closePath();
  context.fill();
}
