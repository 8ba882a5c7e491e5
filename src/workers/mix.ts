import { type MixInput, mixOf, type MixSheet } from '@core/mix';
import type { Piece } from '@core/piece';
import { expose } from 'comlink';

/** Tries all pieces of closet and box together, away from the page. */
const work = {
  sheet: (input: MixInput): MixSheet => mixOf(input),
  /** The best good look that holds a piece, out of others; undefined where there is none. */
  best(piece: Piece, { pieces, ...input }: MixInput): readonly Piece[] | undefined {
    const all = [piece, ...pieces];
    const look = mixOf({ ...input, pieces: all }).looks.find(({ places }) => places.includes(0));
    return look?.places.map((place) => all[place] as Piece);
  },
};
export type MixWork = typeof work;

expose(work);
