import type { Piece } from './piece';
import { wear } from './resolve';

/** What a piece weighs where nobody entered it, g: by kind of wear, from memory. */
const USUAL_G = { whole: 550, top: 300, bottom: 500, layer: 800, shoes: 800 } as const;
const SMALL_G = 120;

/** Grams of a piece, as entered or as is usual of its kind. */
export function gramsOf(piece: Piece): number {
  if (piece.weightG !== undefined) return piece.weightG;
  const { slot } = wear(piece);
  return slot in USUAL_G ? USUAL_G[slot as keyof typeof USUAL_G] : SMALL_G;
}
