import type { Texture } from '../api/types';

/** A texture unpacked for drawing: linear RGB of flat light and glint by colour, and the colour of each cell. */
export interface Skin {
  width: number;
  height: number;
  flat: Float32Array;
  glint: Float32Array;
  cells: Uint16Array;
}

export const LINEAR = Float32Array.from({ length: 256 }, (_, i) => {
  const c = i / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});
const skins = new WeakMap<Texture, Skin>();

export function skinOf(texture: Texture): Skin {
  const known = skins.get(texture);
  if (known !== undefined) return known;
  const bytes = Uint8Array.from(atob(texture.cells), (c) => c.charCodeAt(0));
  const skin = {
    width: texture.width,
    height: texture.height,
    flat: linear(texture.palette),
    glint: linear(texture.glint),
    cells: new Uint16Array(bytes.buffer),
  };
  skins.set(texture, skin);
  return skin;
}

function linear(palette: string[]): Float32Array {
  const out = new Float32Array(palette.length * 3);
  palette.forEach((hex, i) => {
    const rgb = Number.parseInt(hex.slice(1), 16);
    out[i * 3] = LINEAR[rgb >> 16] ?? 0;
    out[i * 3 + 1] = LINEAR[(rgb >> 8) & 255] ?? 0;
    out[i * 3 + 2] = LINEAR[rgb & 255] ?? 0;
  });
  return out;
}
