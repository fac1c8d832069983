import {
  DataTexture,
  LinearFilter,
  LinearMipmapLinearFilter,
  NoColorSpace,
  RepeatWrapping,
  RGBAFormat,
  UnsignedByteType,
} from 'three';
import type { Texture } from '../api/types';
import { nearest } from './pixels';
import { type Skin, skinOf } from './skin';

interface SkinTextures {
  flat: DataTexture;
  glint: DataTexture;
}

/** So many points of the graphics card's texture to a cell, either way: it draws straight lines between them. */
const FINER = 2;

/** A texture's two colours for the graphics card, in linear light (as square roots, to keep the darks apart in 8 bits). */
export function skinTextures(texture: Texture): SkinTextures {
  const skin = skinOf(texture);
  return { flat: unpacked(skin.flat, skin), glint: unpacked(skin.glint, skin) };
}

function unpacked(linear: Float32Array, { cells, width, height }: Skin): DataTexture {
  const data = new Uint8Array(width * height * FINER * FINER * 4);
  const across = new Float64Array(3);
  const around = new Float64Array(3);
  let o = 0;
  for (let y = 0; y < height * FINER; y++) {
    const row = nearest((y + 0.5) / FINER, around) + height - 1;
    const rows = [0, 1, 2].map((j) => ((row + j) % height) * width);
    for (let x = 0; x < width * FINER; x++) {
      const column = nearest((x + 0.5) / FINER, across) - 1;
      for (let k = 0; k < 3; k++) {
        let value = 0;
        for (let tap = 0; tap < 9; tap++) {
          const i = tap % 3;
          const j = (tap - i) / 3;
          const cell = (rows[j] ?? 0) + Math.max(0, Math.min(width - 1, column + i));
          value += (around[j] ?? 0) * (across[i] ?? 0) * (linear[(cells[cell] ?? 0) * 3 + k] ?? 0);
        }
        data[o + k] = Math.round(Math.sqrt(value) * 255);
      }
      data[o + 3] = 255;
      o += 4;
    }
  }
  const out = new DataTexture(data, width * FINER, height * FINER, RGBAFormat, UnsignedByteType);
  out.colorSpace = NoColorSpace;
  out.magFilter = LinearFilter;
  out.minFilter = LinearMipmapLinearFilter;
  out.generateMipmaps = true;
  out.wrapT = RepeatWrapping;
  out.anisotropy = 4;
  out.needsUpdate = true;
  return out;
}
