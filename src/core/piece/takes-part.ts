import type { Piece } from './piece';

/** True where a part sold alone (a strap, a collar, an inset, laces) was made for the style of a piece. */
export const takesPart = (
  { styleId }: Pick<Piece, 'styleId'>,
  { fastensTo = [] }: Pick<Piece, 'fastensTo'>,
): boolean => styleId !== undefined && fastensTo.includes(styleId);
