import { Canvas, useThree } from '@react-three/fiber';
import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from 'react';
import { type BufferGeometry, Vector3 } from 'three';
import type { BodyShape, Look, Texture } from '../api/types';
import { bodyGeometry } from '../stage/form';
import { halfway, type Lamp, towards } from '../stage/lamp';
import type { Light, OnBody } from '../stage/pixels';
import { skinTextures } from '../stage/skinTextures';
import { useSize } from '../stage/useSize';
import { EyeSet } from './EyeInHand';
import { HandleRing } from './HandleRing';
import classes from './hand.module.css';
import { FRAGMENT, VERTEX } from './handShader';
import { distance, FOV, placeSeen, seenAt, type Turned } from './held';
import { Bill, Tail } from './PutOnInHand';
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
      <p className={classes.inHandHow}>drag to turn, scroll to zoom</p>
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
        {body.marks.tail_length_mm !== null && <Tail body={body} length={body.marks.tail_length_mm} />}
      </group>
    </group>
  );
}

function canDraw(): boolean {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
}
