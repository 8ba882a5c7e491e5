import type { Ask } from '../box';
import { deltaEHex } from '../colour';
import type { Piece } from '../piece';

/** ΔE of the nearest of some colours to what is seen of a piece; Infinity without colours. */
export function nearestTo(piece: Piece, hexes: readonly string[]): number {
  const main = piece.colours.filter((swatch) => swatch.share >= 0.15);
  return Math.min(Infinity, ...hexes.flatMap((hex) => main.map((swatch) => deltaEHex(hex, swatch.hex))));
}

/** ΔE within which a colour is liked, and within which it is one that is avoided. */
export const LIKED = 14;
export const AVOIDED = 10;

/** Within this a colour is the one that was asked for, in words: "green" takes in bottle and moss. */
const AS_ASKED = 24;

export const isInColour = (piece: Piece, hex: string): boolean => nearestTo(piece, [hex]) < AS_ASKED;

/** True for a piece of the kind and the colour an ask names; an ask that names neither is answered by no piece. */
export const answersAsk = (piece: Piece, { categories, colourHex }: Ask): boolean =>
  (categories.length > 0 || colourHex !== undefined) &&
  (categories.length === 0 || categories.includes(piece.category)) &&
  (colourHex === undefined || isInColour(piece, colourHex));
