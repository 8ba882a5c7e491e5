import type { Piece } from '@core/piece';
import type { BoxView } from './views';

type Refs = readonly { readonly ref: string; readonly mode?: string | undefined }[];

/** Pieces a look names, in the modes it says; what has left the box or the closet is left out. */
export function piecesOf(view: Pick<BoxView, 'lines' | 'owned'>, refs: Refs): Piece[] {
  const all = new Map(
    [...view.lines.map((line) => line.piece), ...view.owned].map((piece) => [piece.id, piece]),
  );
  return refs.flatMap(({ ref, mode }) => {
    const piece = all.get(ref);
    return piece ? [{ ...piece, mode }] : [];
  });
}
