import { useEffect, useMemo } from 'react';
import { CanvasTexture, Matrix4, Quaternion, SphereGeometry, SRGBColorSpace, Vector3 } from 'three';
import type { BodyShape, EyeLook } from '../api/types';
import { drawEye } from '../stage/drawEye';
import { placeOn } from '../stage/form';

export function EyeSet({ body, eye, night, deg }: { body: BodyShape; eye: EyeLook; night: boolean; deg: number }) {
  const at = placeOn(body, body.marks.eye_u, deg);
  const r = eye.diameter_mm / 2;
  const facing = useMemo(() => outwards(body, body.marks.eye_u, deg), [body, deg]);
  const face = useMemo(() => faceOf(eye, night), [eye, night]);
  useEffect(() => () => face.dispose(), [face]);
  return (
    <group position={at} quaternion={facing}>
      <mesh geometry={DOME} scale={[r, r, Math.max(LEAST_PROUD_MM, eye.proud_mm)]}>
        <meshBasicMaterial map={face} toneMapped={false} />
      </mesh>
    </group>
  );
}

/** How an eye is turned that lies on the surface there: its face outwards, its top towards the back. */
function outwards(body: BodyShape, u: number, deg: number): Quaternion {
  const at = (alongBy: number, aroundBy: number) => new Vector3(...placeOn(body, u + alongBy, deg + aroundBy));
  const along = at(0.01, 0).sub(at(-0.01, 0));
  const around = at(0, 4).sub(at(0, -4));
  const out = around.cross(along).normalize();
  const across = new Vector3(0, 1, 0).cross(out).normalize();
  const top = out.clone().cross(across);
  return new Quaternion().setFromRotationMatrix(new Matrix4().makeBasis(across, top, out));
}

/** The body is drawn without its socket: of an eye that lies in it, the face is seen whole all the same. */
const LEAST_PROUD_MM = 0.25;

/** An eye looking at +z, round at its rim, its face laid over it as seen from there. */
const DOME = (() => {
  const dome = new SphereGeometry(1, 32, 20);
  const at = dome.getAttribute('position');
  const face = dome.getAttribute('uv');
  for (let i = 0; i < at.count; i++) face.setXY(i, at.getX(i) / 2 + 0.5, at.getY(i) / 2 + 0.5);
  return dome;
})();

/** The same eye as on the flat views. */
function faceOf(eye: EyeLook, night: boolean): CanvasTexture {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 128;
  const context = canvas.getContext('2d');
  if (context !== null) drawEye(context, 64, 64, eye, null, 128 / eye.diameter_mm, night);
  const face = new CanvasTexture(canvas);
  face.colorSpace = SRGBColorSpace;
  return face;
}
