import type { Equipment } from '../../api/types';

/** The widest nozzle fills the drawn one. */
const WIDEST_MM = 1;

/** One of the rig in outline; of an airbrush the nozzle from the front, its bore to scale. */
export function RigDrawing({ one }: { one: Equipment }) {
  return (
    <svg
      width={92}
      height={80}
      viewBox="0 0 92 80"
      aria-hidden="true"
      fill="none"
      stroke="var(--on-stage)"
      strokeWidth={1.5}
      strokeLinejoin="round"
    >
      {one.kind === 'airbrush' ? (
        <>
          <path d="M6 22h8l8-5h40l22 3v10l-22 3H22l-8-5H6z" />
          <path d="M26 17V6h16v11M34 33v12" />
          <circle cx={66} cy={60} r={16} />
          <circle
            cx={66}
            cy={60}
            r={Math.max(1, 15 * Math.min(1, (one.figures.nozzle_mm ?? 0) / WIDEST_MM))}
            fill="var(--on-stage)"
          />
        </>
      ) : one.kind === 'compressor' ? (
        <>
          <rect x={10} y={36} width={64} height={28} rx={14} />
          <path d="M22 36V22h28v14M28 22v-6h16v6M16 64v6M68 64v6M74 46h12" />
          <circle cx={62} cy={26} r={8} />
          <path d="M62 26l4-5" />
        </>
      ) : one.figures.dryer?.kind === 'fan' ? (
        <>
          <circle cx={46} cy={34} r={26} />
          <path d="M46 34C40 20 50 12 54 16s0 12-8 18zm0 0c15-2 20 9 15 12s-13-4-15-12zm0 0c-9 12-20 9-20 3s12-6 20-3zM46 60v12M34 72h24" />
        </>
      ) : (
        <path d="M12 24h44q18 0 18 14T56 52H12zM34 52l6 24h12l-6-24M4 22v32M12 24L4 22M12 52l-8 2" />
      )}
    </svg>
  );
}
