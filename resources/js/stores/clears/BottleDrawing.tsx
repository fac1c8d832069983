import type { ClearBottle } from '../../api/types';

const FULL = 62;
const FLOOR = 80;

/** Its bottle with what is left in it, and one coat over black and over white. */
export function BottleDrawing({ clear }: { clear: ClearBottle }) {
  const share = clear.bottle_ml > 0 ? Math.min(1, clear.left_ml / clear.bottle_ml) : 0;
  return (
    <svg
      width={92}
      height={88}
      viewBox="0 0 92 88"
      role="img"
      aria-label={`${Math.round(share * 100)} % left; over black ${clear.chip.black}, over white ${clear.chip.white}`}
    >
      <rect x={6} y={FLOOR - FULL * share} width={34} height={FULL * share} fill="#fff" opacity={0.75} />
      <path
        d={`M6 ${FLOOR}V24q0-6 8-8V6h18v10q8 2 8 8V${FLOOR}z`}
        fill="none"
        stroke="var(--on-stage)"
        strokeWidth={1.5}
      />
      <rect x={52} y={18} width={34} height={31} fill={clear.chip.black} />
      <rect x={52} y={49} width={34} height={31} fill={clear.chip.white} />
    </svg>
  );
}
