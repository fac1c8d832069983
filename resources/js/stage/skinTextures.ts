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
import { skinOf } from './pixels';

export interface SkinTextures {
  flat: DataTexture;
  glint: DataTexture;
}

/** A texture's two colours for the graphics card, in linear light (as square roots, to keep the darks apart in 8 bits). */
export function skinTextures(texture: Texture): SkinTextures {
  const skin = skinOf(texture);
  return { flat: unpacked(skin.flat, skin.cells, skin), glint: unpacked(skin.glint, skin.cells, skin) };
}

function unpacked(linear: Float32Array, cells: Uint16Array, size: { width: number; height: number }): DataTexture {
  const data = new Uint8Array(size.width * size.height * 4);
  cells.forEach((colour, i) => {
    for (let k = 0; k < 3; k++) data[i * 4 + k] = Math.round(Math.sqrt(linear[colour * 3 + k] ?? 0) * 255);
    data[i * 4 + 3] = 255;
  });
  const out = new DataTexture(data, size.width, size.height, RGBAFormat, UnsignedByteType);
  out.colorSpace = NoColorSpace;
  out.magFilter = LinearFilter;
  out.minFilter = LinearMipmapLinearFilter;
  out.generateMipmaps = true;
  out.wrapT = RepeatWrapping;
  out.anisotropy = 4;
  out.needsUpdate = true;
  return out;
}
