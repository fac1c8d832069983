import type { Body } from '../../api/types';
import { keysOf } from '../../parts/choices';
import '../../parts/controls';

export type Kept = Pick<Body, 'name' | 'material' | 'condition' | 'fittings' | 'weight_g' | 'stock'>;

export const NEW: Kept = {
  name: '',
  material: 'plastic',
  condition: 'scuffed plastic',
  fittings: [],
  weight_g: null,
  stock: 0,
};

export function keptOf({ name, material, condition, fittings, weight_g, stock }: Body): Kept {
  return { name, material, condition, fittings, weight_g, stock };
}

/** What stands otherwise in the form than in the drawer. */
export function changed(kept: Kept, body: Body): Partial<Kept> {
  const fields = keysOf(NEW);
  return Object.fromEntries(
    fields
      .filter((field) => JSON.stringify(kept[field]) !== JSON.stringify(body[field]))
      .map((field) => [field, kept[field]]),
  );
}
