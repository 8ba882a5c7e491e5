import type { Cut } from './attributes';
import type { Piece } from './piece';
import { CATEGORY } from './kinds';

type Cuttable = Pick<Piece, 'category' | 'cut'>;

/** The sleeve of a piece, as usual for its kind where it does not say; undefined for what has none to say: trousers, a bag. */
export function sleeveOf({ category, cut }: Cuttable): Cut['sleeve'] {
  const { shape, sleeve } = CATEGORY[category];
  return cut.sleeve ?? (shape === 'upper' || shape === 'whole' ? sleeve : undefined);
}

/** What a piece is cut like at one place; undefined where nobody said. */
export const cutOf = (piece: Cuttable, field: keyof Cut): Cut[keyof Cut] =>
  field === 'sleeve' ? sleeveOf(piece) : piece.cut[field];
