import type { Fabric } from './attributes';
import type { Texture } from './words';

export type TextureFamily = 'smooth' | 'knit' | 'napped' | 'woven-rough' | 'hide' | 'open' | 'shiny';

const FAMILY: Readonly<Record<Texture, TextureFamily>> = {
  smooth: 'smooth',
  crinkle: 'smooth',
  rib: 'knit',
  cable: 'knit',
  flannel: 'napped',
  velvet: 'napped',
  corduroy: 'napped',
  fur: 'napped',
  boucle: 'woven-rough',
  tweed: 'woven-rough',
  denim: 'woven-rough',
  linen: 'woven-rough',
  suede: 'hide',
  leather: 'hide',
  lace: 'open',
  mesh: 'open',
  satin: 'shiny',
  sequin: 'shiny',
};

/** The family a texture is seen and felt as; two families side by side read as two cloths. */
export const textureFamily = (fabric: Fabric): TextureFamily => FAMILY[fabric.texture];

/** Cloth thickness in mm by weight; common practice, used where a layer goes over another. */
export const thicknessMm = (fabric: Fabric): number => ({ light: 0.4, mid: 1.0, heavy: 2.5 })[fabric.weight];
