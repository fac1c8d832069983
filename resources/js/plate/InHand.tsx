import { Canvas, useThree } from '@react-three/fiber';
import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from 'react';
import {
  BufferGeometry,
  CanvasTexture,
  Float32BufferAttribute,
  Matrix4,
  Quaternion,
  SphereGeometry,
  SRGBColorSpace,
  Vector3,
} from 'three';
import type { BodyShape, EyeLook, Look, Texture } from '../api/types';
import { drawEye } from '../stage/drawEye';
import { bodyGeometry, placeOn } from '../stage/form';
import { halfway, type Lamp, towards } from '../stage/lamp';
import type { Light, OnBody } from '../stage/pixels';
import { skinTextures } from '../stage/skinTextures';
import { useSize } from '../stage/useSize';
import { HandleRing } from './HandleRing';
import classes from './hand.module.css';
import { distance, FOV, placeSeen, seenAt, type Turned } from './held';
import type { Hold } from './useHold';

interface Props {
  body: BodyShape;
  texture: Texture | undefined;
  /** Only what glows is seen. */
  night?: boolean;
  look: Look;
  light: Light;
  lamp: Lamp;
  description: string;
  hold?: Hold;
  /** A mark is put where the bait is pressed. */
  onPick?: ((at: OnBody) => void) | undefined;
}

/** As one holds it to look at the left flank, a little from above. */
const START: Turned = { yaw: 0, pitch: 12, roll: 0, near: 1 };
const STEP = 8;

/** The bait turned in the hand, with pointer and keys: for judging back, belly and symmetry. */
export function InHand(props: Props) {
  const { body, hold, onPick } = props;
  const [turned, setTurned] = useState(START);
  const box = useSize<HTMLDivElement>();
  const geometry = useMemo(() => bodyGeometry(body), [body]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  const under = (event: PointerEvent, element: Element | null): OnBody | null => {
    const rect = element?.getBoundingClientRect();
    const [x, y] = [event.clientX - (rect?.left ?? 0), event.clientY - (rect?.top ?? 0)];
    return placeSeen(geometry, body, turned, box.width, box.height, x, y);
  };
  const from = useRef<{ x: number; y: number } | null>(null);
  const turn = (by: Partial<Turned>) =>
    setTurned((was) => ({
      yaw: was.yaw + (by.yaw ?? 0),
      pitch: Math.max(-90, Math.min(90, was.pitch + (by.pitch ?? 0))),
      roll: was.roll + (by.roll ?? 0),
      near: Math.max(0.6, Math.min(3, was.near * (by.near ?? 1))),
    }));
  const drag = (event: PointerEvent) => {
    if (from.current === null) return;
    turn({ yaw: (event.clientX - from.current.x) * 0.5, roll: (event.clientY - from.current.y) * 0.5 });
    from.current = { x: event.clientX, y: event.clientY };
  };
  const keys = (event: KeyboardEvent) => {
    const by: Partial<Turned> | 'start' | undefined = (
      {
        ArrowLeft: { yaw: -STEP },
        ArrowRight: { yaw: STEP },
        ArrowUp: { roll: -STEP },
        ArrowDown: { roll: STEP },
        '+': { near: 1.15 },
        '-': { near: 1 / 1.15 },
        Home: 'start',
      } as const
    )[event.key];
    if (by === undefined) return;
    event.preventDefault();
    if (by === 'start') setTurned(START);
    else turn(by);
  };
  if (!canDraw())
    return (
      <p className={classes.inHandNone}>
        This browser cannot draw in three dimensions here; the four views show all of it.
      </p>
    );
  return (
    <div
      ref={box.ref}
      className={classes.inHand}
      role="application"
      aria-label={`In the hand: ${props.description} Arrow keys turn it, plus and minus bring it nearer, Home puts it back.`}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the keys turn the bait
      tabIndex={0}
      data-turned={`${Math.round(turned.yaw)} ${Math.round(turned.roll)}`}
      onKeyDown={keys}
      onPointerDown={(event) => {
        const at = onPick === undefined ? null : under(event, event.currentTarget);
        if (at !== null) onPick?.(at);
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { x: event.clientX, y: event.clientY };
      }}
      onPointerMove={drag}
      onPointerUp={() => {
        from.current = null;
      }}
      onWheel={(event) => turn({ near: event.deltaY < 0 ? 1.08 : 1 / 1.08 })}
    >
      <Canvas
        frameloop="demand"
        dpr={[1, 2]}
        camera={{ fov: FOV, position: [0, 0, 100], near: 1, far: 1000 }}
        gl={{ antialias: true, alpha: true }}
      >
        <Held {...props} turned={turned} geometry={geometry} />
      </Canvas>
      {hold?.handles.map((handle) => {
        // It is shown on the side that is turned to the eye; the other follows.
        const at = [handle.deg, 360 - handle.deg]
          .map((deg) => seenAt(body, turned, box.width, box.height, { u: handle.u, deg }))
          .find((one) => one !== null);
        if (at == null) return null;
        return (
          <HandleRing
            key={handle.id}
            handle={handle}
            hold={hold}
            x={at.x}
            y={at.y}
            under={(event) => under(event, event.currentTarget.parentElement)}
          />
        );
      })}
      <p className={classes.inHandHow}>drag to turn it, wheel to bring it nearer</p>
    </div>
  );
}

function Held(props: Props & { turned: Turned; geometry: BufferGeometry }) {
  const { body, texture, look, light, lamp, turned, geometry } = props;
  const eye = texture?.eye;
  const { camera, size, invalidate } = useThree();
  const skin = useMemo(() => (texture === undefined ? null : skinTextures(texture)), [texture]);
  useEffect(() => {
    camera.position.set(0, 0, distance(body, size.width, size.height, turned.near));
    camera.updateProjectionMatrix();
    invalidate();
  });
  if (skin === null) return null;
  const to = towards(lamp);
  const mid = halfway(to);
  const uniforms = {
    flat_: { value: skin.flat },
    glint: { value: skin.glint },
    lamp: { value: new Vector3(to.x, to.y, to.z) },
    mid: { value: new Vector3(mid.x, mid.y, mid.z) },
    shine: { value: light === 'glint' ? 1 : 0 },
    gloss: { value: look === 'clear' ? 1 : 0 },
  };
  const rad = Math.PI / 180;
  return (
    <group rotation={[turned.pitch * rad, turned.yaw * rad, 0]}>
      <group rotation={[turned.roll * rad, 0, 0]}>
        <mesh geometry={geometry}>
          <shaderMaterial
            key={texture?.cells.length}
            vertexShader={VERTEX}
            fragmentShader={FRAGMENT}
            uniforms={uniforms}
            uniformsNeedUpdate
          />
        </mesh>
        {eye !== undefined &&
          [body.marks.eye_deg, 360 - body.marks.eye_deg].map((deg) => (
            <EyeSet key={deg} body={body} eye={eye} night={props.night ?? false} deg={deg} />
          ))}
        {body.marks.bill_length_mm !== null && <Bill body={body} length={body.marks.bill_length_mm} />}
      </group>
    </group>
  );
}

function EyeSet({ body, eye, night, deg }: { body: BodyShape; eye: EyeLook; night: boolean; deg: number }) {
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

function Bill({ body, length }: { body: BodyShape; length: number }) {
  const geometry = useMemo(() => billGeometry(length), [length]);
  const down = (body.profile.bottom_mm[2] ?? 2) * 0.5;
  return (
    <mesh
      geometry={geometry}
      position={[-body.length_mm * 0.46, -down, 0]}
      rotation={[0, 0, (body.marks.bill_angle_deg * Math.PI) / 180]}
    >
      <meshBasicMaterial color="#eef0f1" transparent opacity={0.45} depthWrite={false} />
    </mesh>
  );
}

/** A flat rounded plate, forwards from its root. */
function billGeometry(length: number): BufferGeometry {
  const points: number[] = [];
  const steps = 18;
  const wide = length * 0.34;
  const edge = (i: number): [number, number] => {
    const t = i / steps;
    return [-length * t, wide * Math.min(1, 0.55 + t) * Math.sqrt(Math.max(0, 1 - Math.max(0, (t - 0.6) / 0.4) ** 2))];
  };
  for (let i = 0; i < steps; i++) {
    const [x0, z0] = edge(i);
    const [x1, z1] = edge(i + 1);
    for (const y of [0, -length * 0.07]) {
      points.push(x0, y, -z0, x1, y, -z1, x1, y, z1, x0, y, -z0, x1, y, z1, x0, y, z0);
      points.push(x1, y, z1, x1, y, -z1, x0, y, -z0, x0, y, z0, x1, y, z1, x0, y, -z0);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(points, 3));
  return geometry;
}

function canDraw(): boolean {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
}

const VERTEX = `
varying vec2 at;
varying vec3 face;
void main() {
  at = uv;
  face = normalize(normalMatrix * normal);
  gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
}`;

// The same light as on the flat views: soft lamp, what the bench throws back, flakes at the mirror angle, gloss of clear.
const FRAGMENT = `
uniform sampler2D flat_;
uniform sampler2D glint;
uniform vec3 lamp;
uniform vec3 mid;
uniform float shine;
uniform float gloss;
varying vec2 at;
varying vec3 face;
void main() {
  vec3 n = normalize(face);
  vec3 colour = texture2D(flat_, at).rgb;
  colour *= colour;
  float lit = max(0.0, dot(n, lamp));
  float half_ = max(0.0, dot(n, mid));
  vec3 flakes = texture2D(glint, at).rgb;
  colour = mix(colour, flakes * flakes, shine * pow(half_, 7.0));
  colour = colour * (0.36 + 0.6 * lit + 0.08 * n.z) + gloss * (0.34 * pow(half_, 70.0) + 0.05 * pow(1.0 - max(0.0, n.z), 4.0));
  vec3 low = colour * 12.92;
  vec3 high = 1.055 * pow(max(colour, vec3(0.0)), vec3(1.0 / 2.4)) - 0.055;
  gl_FragColor = vec4(mix(high, low, step(colour, vec3(0.0031308))), 1.0);
}`;
