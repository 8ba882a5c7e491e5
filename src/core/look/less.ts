import { CATEGORY, type Piece } from '../piece';
import { judge, type Verdict } from './judge';
import { applyMend, type Mend, type MendInput, severity } from './mends';

/** Points that leaving a piece off has to gain before it is worth saying. */
const LEAST_LIFT = 0.5;
/** Points that a piece in another's place may cost. */
const MOST_LOSS = 3;

/**
 * The piece whose leaving lifts a look most, when any does: the look stays complete, and no fight or block comes of it.
 * Tops, skirts, trousers, dresses and shoes are never left off.
 */
export function oneOff(input: MendInput, verdict: Verdict): Mend | undefined {
  const { pieces, setting, settings = {}, overrules = [] } = input;
  const before = severity(verdict);
  const lifts = pieces.flatMap((piece): Mend[] => {
    const { main, slot } = CATEGORY[piece.category];
    if (main && slot !== 'layer') return [];
    const mend = { kind: 'take-off', piece: piece.id, gain: 0 } as const;
    const after = judge(applyMend(pieces, mend, []), setting, settings, overrules);
    if ((verdict.complete && !after.complete) || severity(after) > before) return [];
    const gain = Math.round((after.score.sum - verdict.score.sum) * 10) / 10;
    return gain >= LEAST_LIFT ? [{ ...mend, gain }] : [];
  });
  return lifts.sort((a, b) => b.gain - a.gain)[0];
}

/** A piece that keeps a look, with what it gives or takes in it. */
export interface Keeping {
  readonly piece: Piece;
  readonly gain: number;
}

/**
 * Of these, what may be worn in the place of a piece and keeps the look: no fight or block comes of it, and it costs a few
 * points at most.
 */
export function keepsLook(
  input: MendInput,
  verdict: Verdict,
  pieceId: string,
  others: readonly Piece[],
): Keeping[] {
  const { pieces, setting, settings = {}, overrules = [] } = input;
  const before = severity(verdict);
  const own = pieces.find(({ id }) => id === pieceId);
  return others.flatMap((piece): Keeping[] => {
    if (!own || piece.id === pieceId || piece.category !== own.category) return [];
    const mend = { kind: 'swap', piece: pieceId, with: piece.id, gain: 0 } as const;
    const after = judge(applyMend(pieces, mend, [piece]), setting, settings, overrules);
    const gain = Math.round((after.score.sum - verdict.score.sum) * 10) / 10;
    if ((verdict.complete && !after.complete) || severity(after) > before || gain < -MOST_LOSS) return [];
    return [{ piece, gain }];
  });
}
