import { deltaEHex } from '../colour';
import type { GivenPiece, Piece } from '../piece';
import { STAPLES } from './staples';

/** Within this a piece stands for a staple. */
export const STAPLE_NEAR = 18;

/**
 * The ladder: which staple a closet wants next, the first of the shop's list that is not there. The list the closet is
 * further up already is the client's. Undefined at the top.
 */
export function nextStaple(there: readonly Piece[], near = STAPLE_NEAR): Omit<GivenPiece, 'id'> | undefined {
  const has = ({ category, colours }: Omit<GivenPiece, 'id'>): boolean =>
    there.some(
      (piece) =>
        piece.category === category &&
        deltaEHex(piece.colours[0]?.hex ?? '#000000', colours[0]?.hex ?? '#000000') < near,
    );
  const [first] = Object.values(STAPLES)
    .map((list) => ({ list, held: list.filter(has).length / list.length }))
    .sort((a, b) => b.held - a.held);
  return first?.list.find((staple) => !has(staple));
}
