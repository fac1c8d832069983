import type { CoatAir, PaintStep } from '../api/types';
import type { FormProps } from './face';
import type { Technique } from './PlaceRow';

export type RestOfPaintProps = FormProps<PaintStep> & {
  technique: Technique | undefined;
  /** Its usual air, cleaning and drying in this shop. */
  inShop: CoatAir | undefined;
};
