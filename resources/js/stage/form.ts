import { BufferGeometry, Float32BufferAttribute } from 'three';
import type { BodyShape } from '../api/types';
import { sampleAt } from './pixels';

const ALONG = 160;
const AROUND = 96;

/** The body's form as a mesh: x from nose to tail, y up, z towards the eye on the left flank; uv as the texture lies. */
export function bodyGeometry(body: BodyShape): BufferGeometry {
  const positions: number[] = [];
  const uvs: number[] = [];
  const faces: number[] = [];
  for (let i = 0; i <= ALONG; i++) {
    // The ends are closed to a point just beyond the last section.
    const u = Math.max(0, Math.min(1, (i - 1) / (ALONG - 2)));
    const closed = i === 0 || i === ALONG;
    for (let j = 0; j <= AROUND; j++) {
      const [x, y, z] = placeOn(body, u, (j / AROUND) * 360);
      positions.push(x, closed ? 0 : y, closed ? 0 : z);
      uvs.push(u, j / AROUND);
    }
  }
  for (let i = 0; i < ALONG; i++) {
    for (let j = 0; j < AROUND; j++) {
      const a = i * (AROUND + 1) + j;
      const b = a + AROUND + 1;
      faces.push(a, a + 1, b, b, a + 1, b + 1);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(positions, 3));
  geometry.setAttribute('uv', new Float32BufferAttribute(uvs, 2));
  geometry.setIndex(faces);
  geometry.computeVertexNormals();
  smoothSeam(geometry);
  return geometry;
}

/** A place on the surface in millimetres from the middle of the bait. */
export function placeOn(body: BodyShape, u: number, deg: number): [number, number, number] {
  const rad = (deg * Math.PI) / 180;
  const power = 2 / body.exponent;
  const c = Math.cos(rad);
  const s = Math.sin(rad);
  const tall = sampleAt(c >= 0 ? body.profile.top_mm : body.profile.bottom_mm, u);
  return [
    (u - 0.5) * body.length_mm,
    Math.sign(c) * Math.abs(c) ** power * tall,
    Math.sign(s) * Math.abs(s) ** power * sampleAt(body.profile.half_width_mm, u),
  ];
}

/** Along the back ridge the mesh begins and ends: both edges get one normal. */
function smoothSeam(geometry: BufferGeometry): void {
  const normal = geometry.getAttribute('normal');
  for (let i = 0; i <= ALONG; i++) {
    const first = i * (AROUND + 1);
    const last = first + AROUND;
    const y = normal.getY(first) + normal.getY(last);
    const x = normal.getX(first) + normal.getX(last);
    const size = Math.hypot(x, y) || 1;
    normal.setXYZ(first, x / size, y / size, 0);
    normal.setXYZ(last, x / size, y / size, 0);
  }
}
