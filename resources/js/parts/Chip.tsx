/** A film over black and over white: the opacity is seen, not read. */
export function Chip({ chip, className = '' }: { chip: { black: string; white: string }; className?: string }) {
  return (
    <span className={`chip ${className}`} role="img" aria-label={`over black ${chip.black}, over white ${chip.white}`}>
      <i style={{ background: chip.black }} />
      <i style={{ background: chip.white }} />
    </span>
  );
}
