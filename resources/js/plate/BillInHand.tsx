import { useMemo } from 'react';
import { BufferGeometry, Float32BufferAttribute } from 'three';
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
