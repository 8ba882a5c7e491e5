import type { Frame } from '../../figure';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { brooch, earrings, necklace, sunglasses } from './face-jewel';
import { bangle, ring, watch } from './hand-jewel';

/** Jewellery and watches, at true size. */
export function jewelSketch(frame: Frame, worn: Worn): Sketch {
  switch (worn.facts.drawn.as) {
    case 'necklace':
      return necklace(frame, worn);
    case 'earrings':
      return earrings(frame, worn);
    case 'brooch':
      return brooch(frame, worn);
    case 'sunglasses':
      return sunglasses(frame, worn);
    case 'ring':
      return ring(frame, worn);
    case 'watch':
      return watch(frame, worn);
    default:
      return bangle(frame, worn);
  }
}
