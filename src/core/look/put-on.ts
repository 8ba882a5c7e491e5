import { EXCLUSIVE, type Piece, type Slot, wear } from '../piece';
import { judge, type Verdict } from './judge';
import { type MendInput, severity } from './mends';

const isHalf = (slot: Slot): boolean => slot === 'top' || slot === 'bottom';

/** Ids of what comes off when a piece is put on: a top gives way to a top, a top and a skirt to a dress. */
export function inTheWay(piece: Piece, worn: readonly Piece[]): string[] {
  const { slot } = wear(piece);
  const clash = (other: Piece): boolean => {
    const its = wear(other).slot;
    return (
      (its === slot && EXCLUSIVE.has(slot)) ||
      (slot === 'whole' && isHalf(its)) ||
      (its === 'whole' && isHalf(slot))
    );
  };
  return worn.filter(clash).map(({ id }) => id);
}

/** The look with a piece put on, and what stood in its way taken off. */
export function putOn(pieces: readonly Piece[], piece: Piece): Piece[] {
  const off = new Set([piece.id, ...inTheWay(piece, pieces)]);
  return [...pieces.filter(({ id }) => !off.has(id)), piece];
}

/**
 * Ids of what is not worn, in the order in which it goes with what is: each put on in turn and judged, what stands against the
 * look first, then its score. What leaves the figure half dressed that was dressed comes last.
 */
export function goesBest(
  { pieces, pool, stock = [], setting, settings = {}, overrules = [] }: MendInput,
  verdict: Verdict,
): string[] {
  const worn = new Set(pieces.map(({ id }) => id));
  return [...pool, ...stock]
    .filter(({ id }) => !worn.has(id))
    .map((piece) => {
      const after = judge(putOn(pieces, piece), setting, settings, overrules);
      const undresses = verdict.complete && !after.complete;
      return { id: piece.id, undresses, against: severity(after), sum: after.score.sum };
    })
    .sort((a, b) => Number(a.undresses) - Number(b.undresses) || a.against - b.against || b.sum - a.sum)
    .map(({ id }) => id);
}
