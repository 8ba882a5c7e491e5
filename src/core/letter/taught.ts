import type { Piece } from '../piece';
import { isTaught } from '../sketch';

/** A piece as it is first worn in a look in a way that is shown step by step; undefined where none of them is. */
export const taughtIn = (id: string, looks: readonly (readonly Piece[])[]): Piece | undefined =>
  looks.flat().find((piece) => piece.id === id && isTaught(piece));
