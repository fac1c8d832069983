/** Where the light comes from: degrees along the bait (towards the tail positive) and above (positive) the eye. */
export interface Lamp {
  along: number;
  above: number;
}

/** Soft light from above in front of the nose, as a bench lamp stands. */
export const BENCH_LAMP: Lamp = { along: -20, above: 30 };

export const LAMP_REACH = 75;

interface Direction {
  x: number;
  y: number;
  z: number;
}

/** Towards the lamp: x towards the tail, y up, z to the eye. */
export function towards(lamp: Lamp): Direction {
  const along = (lamp.along * Math.PI) / 180;
  const above = (lamp.above * Math.PI) / 180;
  return { x: Math.sin(along) * Math.cos(above), y: Math.sin(above), z: Math.cos(along) * Math.cos(above) };
}

/** Halfway between lamp and eye: a face turned that way throws the lamp into the eye. */
export function halfway(to: Direction): Direction {
  const size = Math.hypot(to.x, to.y, to.z + 1);
  return { x: to.x / size, y: to.y / size, z: (to.z + 1) / size };
}
