import type { Look, Texture } from '../api/types';
import type { Light } from './pixels';

/** By night only what glows is seen. */
export type StageLight = Light | 'night';

/** How the bait is shown: its colours in that light, and whether it has the gloss of clear. */
export interface Shown {
  light: StageLight;
  texture: Texture | undefined;
  glossy: boolean;
  night: boolean;
}

export function shownIn(texture: Texture | undefined, wanted: StageLight, look: Look): Shown {
  // Where nothing glows yet, night has nothing to show.
  const light = wanted === 'night' && !texture?.night ? 'flat' : wanted;
  const night = light === 'night';
  return { light, texture: under(texture, light), glossy: look === 'clear' && !night, night };
}

/** The texture as that light shows it: flakes that change their colour do so away from the mirror angle. */
function under(texture: Texture | undefined, light: StageLight): Texture | undefined {
  const colours = { flat: undefined, glint: texture?.away, night: texture?.night }[light];
  if (texture === undefined || colours === undefined) return texture;
  return { ...texture, palette: colours, glint: light === 'night' ? colours : texture.glint };
}
