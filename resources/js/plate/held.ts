import { type BufferGeometry, Euler, Mesh, PerspectiveCamera, Raycaster, Vector2, Vector3 } from 'three';
import type { BodyShape } from '../api/types';
import { placeOn } from '../stage/form';
import type { OnBody } from '../stage/pixels';

export interface Turned {
  yaw: number;
  pitch: number;
  roll: number;
  near: number;
}

export const FOV = 24;
const RAD = Math.PI / 180;

/** How far the eye stands from the middle of the bait, so that all of it is seen. */
export function distance(body: BodyShape, width: number, height: number, near: number): number {
  const reach = Math.max(body.length_mm / 2 / (width / height), Math.max(...body.profile.top_mm) * 1.2);
  return (reach * 1.2) / Math.tan((FOV / 2) * RAD) / near;
}

/** Where a place on the bait is seen, in pixels; null when it is turned away. */
export function seenAt(
  body: BodyShape,
  turned: Turned,
  width: number,
  height: number,
  at: OnBody,
): { x: number; y: number } | null {
  const turn = (point: Vector3) =>
    point.applyEuler(new Euler(turned.roll * RAD, 0, 0)).applyEuler(new Euler(turned.pitch * RAD, turned.yaw * RAD, 0));
  const [x, y, z] = placeOn(body, at.u, at.deg);
  const away = distance(body, width, height, turned.near);
  const point = turn(new Vector3(x, y, z));
  const out = turn(new Vector3(0, y, z));
  if (out.dot(new Vector3(0, 0, away).sub(point)) <= 0) return null;
  const span = (away - point.z) * Math.tan((FOV / 2) * RAD);
  return { x: (width / 2) * (1 + point.x / (span * (width / height))), y: (height / 2) * (1 - point.y / span) };
}

/** The place on the bait under a pixel; null beside it. */
export function placeSeen(
  geometry: BufferGeometry,
  body: BodyShape,
  turned: Turned,
  width: number,
  height: number,
  x: number,
  y: number,
): OnBody | null {
  const camera = new PerspectiveCamera(FOV, width / height, 1, 1000);
  camera.position.set(0, 0, distance(body, width, height, turned.near));
  camera.updateMatrixWorld();
  const mesh = new Mesh(geometry);
  mesh.matrixAutoUpdate = false;
  mesh.matrix.makeRotationFromEuler(new Euler(turned.pitch * RAD, turned.yaw * RAD, 0));
  const roll = mesh.matrix.clone().makeRotationX(turned.roll * RAD);
  mesh.matrix.multiply(roll);
  mesh.updateMatrixWorld(true);
  const ray = new Raycaster();
  ray.setFromCamera(new Vector2((x / width) * 2 - 1, 1 - (y / height) * 2), camera);
  const uv = ray.intersectObject(mesh)[0]?.uv;
  return uv === undefined ? null : { u: Math.max(0, Math.min(1, uv.x)), deg: Math.max(0, Math.min(360, uv.y * 360)) };
}
