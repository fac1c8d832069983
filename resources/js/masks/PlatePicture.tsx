import type { Plate } from '../api/types';
import classes from './masks.module.css';

interface Props {
  plate: Plate;
  label: string;
  /** Pixels to a millimetre, where several are drawn to one scale; else it fills its place. */
  pxPerMm?: number;
}

/** A mask as cut: the sheet, its openings, and its register lines. */
export function PlatePicture({ plate, label, pxPerMm }: Props) {
  const { width_mm: wide, height_mm: tall, midline_mm: midline, uprights } = plate;
  const size = pxPerMm === undefined ? { width: '100%' } : { width: wide * pxPerMm, height: tall * pxPerMm };
  return (
    <svg className="plate" viewBox={`-0.5 -0.5 ${wide + 1} ${tall + 1}`} role="img" aria-label={label} {...size}>
      <path className={classes.plateSheet} fillRule="evenodd" d={`M0 0H${wide}V${tall}H0Z${plate.openings}`} />
      {midline !== null && <path className={classes.plateLine} d={`M0 ${midline}h4M${wide} ${midline}h-4`} />}
      {uprights.map((mark) => (
        <path key={mark.name} className={classes.plateLine} d={`M${mark.at_mm} 0v4M${mark.at_mm} ${tall}v-4`} />
      ))}
    </svg>
  );
}
