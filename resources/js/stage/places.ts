import type { BodyShape } from '../api/types';
import { type Frame, type OnBody, sampleAt, type View } from './pixels';

/** The place on the surface under a pixel, or null beside the body. */
export function placeUnder(body: BodyShape, view: View, f: Frame, x: number, y: number): OnBody | null {
  const u = (f.mirrored ? f.noseX - x : x - f.noseX) / f.scale / body.length_mm;
  return u < 0 || u > 1 ? null : around(body, view, f, u, y, false);
}

/** The place nearest to a pixel: beside the body, at its edge. */
export function placeNear(body: BodyShape, view: View, f: Frame, x: number, y: number): OnBody {
  const u = (f.mirrored ? f.noseX - x : x - f.noseX) / f.scale / body.length_mm;
  const within = Math.max(0, Math.min(1, u));
  return around(body, view, f, within, y, true) ?? { u: within, deg: 90 };
}

function around(body: BodyShape, view: View, f: Frame, u: number, y: number, near: boolean): OnBody | null {
  const up = (f.axisY - y) / f.scale;
  if (view === 'left' || view === 'right') {
    const reach = sampleAt(up >= 0 ? body.profile.top_mm : body.profile.bottom_mm, u);
    const share = near ? Math.min(1, Math.abs(up) / Math.max(reach, 1e-6)) : Math.abs(up) / reach;
    if (share > 1) return null;
    const turn = (Math.acos(share ** (body.exponent / 2)) * 180) / Math.PI;
    const deg = up >= 0 ? turn : 180 - turn;
    return { u, deg: view === 'left' ? deg : 360 - deg };
  }
  const half = sampleAt(body.profile.half_width_mm, u);
  const share = near ? Math.min(1, Math.abs(up) / Math.max(half, 1e-6)) : Math.abs(up) / half;
  if (share > 1) return null;
  const turn = (Math.asin(share ** (body.exponent / 2)) * 180) / Math.PI;
  // From above, the left flank lies below the ridge in the picture (nose to the left); from below, above it.
  const left = view === 'back' ? up < 0 : up > 0;
  const deg = view === 'back' ? turn : 180 - turn;
  return { u, deg: left ? deg : (360 - deg) % 360 };
}
