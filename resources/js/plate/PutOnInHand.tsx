import { useMemo } from 'react';
import { BufferGeometry, Float32BufferAttribute, Line, LineBasicMaterial } from 'three';
import type { BodyShape } from '../api/types';

export function Bill({ body, length }: { body: BodyShape; length: number }) {
  const geometry = useMemo(() => billGeometry(length), [length]);
  const down = (body.profile.bottom_mm[2] ?? 2) * 0.5;
  return (
    <mesh
      geometry={geometry}
      position={[-body.length_mm * 0.46, -down, 0]}
      rotation={[0, 0, (body.marks.bill_angle_deg * Math.PI) / 180]}
    >
      <meshBasicMaterial color="#eef0f1" transparent opacity={body.marks.bill_loose ? 0.15 : 0.45} depthWrite={false} />
    </mesh>
  );
}

/** A tail that is put on after painting: its outline, upright behind the body. */
export function Tail({ body, length }: { body: BodyShape; length: number }) {
  const outline = useMemo(() => {
    const end = body.length_mm / 2;
    const [up, down] = [body.profile.top_mm.at(-1) ?? 0, body.profile.bottom_mm.at(-1) ?? 0];
    const points = [
      [end, up],
      [end + length * 0.4, up],
      [end + length, length * 0.42],
      [end + length * 0.88, 0],
      [end + length, -length * 0.42],
      [end + length * 0.4, -down],
      [end, -down],
    ].flatMap(([x = 0, y = 0]) => [x, y, 0]);
    const geometry = new BufferGeometry().setAttribute('position', new Float32BufferAttribute(points, 3));
    return new Line(geometry, new LineBasicMaterial({ color: '#2b2b29' }));
  }, [body, length]);
  return <primitive object={outline} />;
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
