import type { Frame } from '../figure';
import type { Worn } from '../piece';
import { bagSketch } from './accessory/bag';
import type { Sketch } from './display';
import { tiedClothSketch } from './cloth/cloth';
import { drapeSketch } from './cloth/drape';
import { gloveSketch } from './accessory/glove';
import { headSketch } from './accessory/head';
import { jewelSketch } from './accessory/jewel';
import { legwearSketch } from './accessory/legwear';
import { lowerSketch } from './lower/lower';
import { partPanels } from './parts';
import { shoeSketch } from './shoe/shoe';
import { tiedSleevesSketch } from './upper/tied-sleeves';
import { stripSketch } from './accessory/strip';
import { upperSketch } from './upper/upper';
import { wholeSketch } from './whole';
import { withWrapTie } from './cloth/wrap';

/** The shapes of a piece in a frame, before colour: closed panels, lines by weight, small dots. In mm. */
export function sketchOf(frame: Frame, worn: Worn): Sketch {
  const sketch = withWrapTie(frame, worn, shapesOf(frame, worn));
  const parts = partPanels(frame, worn);
  return parts.length === 0 ? sketch : { ...sketch, panels: [...sketch.panels, ...parts] };
}

function shapesOf(frame: Frame, worn: Worn): Sketch {
  if (worn.effects.tied !== undefined) return tiedClothSketch(frame, worn);
  if (worn.effects.as === 'round the shoulders' && !frame.flat) return tiedSleevesSketch(frame);
  switch (worn.facts.shape) {
    case 'upper':
      return upperSketch(frame, worn);
    case 'lower':
      return lowerSketch(frame, worn);
    case 'whole':
      return wholeSketch(frame, worn);
    case 'shoe':
      return shoeSketch(frame, worn);
    case 'leg':
      return legwearSketch(frame, worn);
    case 'bag':
      return bagSketch(frame, worn);
    case 'strip':
      return stripSketch(frame, worn);
    case 'drape':
      return drapeSketch(frame, worn);
    case 'head':
      return headSketch(frame, worn);
    case 'hand':
      return gloveSketch(frame, worn);
    case 'jewel':
      return jewelSketch(frame, worn);
  }
}
