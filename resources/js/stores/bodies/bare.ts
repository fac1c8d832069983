import type { Texture } from '../../api/types';

/** Bare plastic for the drawer: one colour in every cell. A picture of form, not of paint. */
export const BARE: Texture = {
  width: 2,
  height: 2,
  palette: ['#dcdcd6'],
  glint: ['#dcdcd6'],
  cells: btoa('\0'.repeat(8)),
  bytes_per_cell: 2,
};
