import { sizePhrase } from '@core/fit';
import { EVERYDAY, type Occasion } from '@core/occasion';
import { answersAsk } from '@core/pull';
import type { PlanProblem } from '@core/plan';
import type { Piece } from '@core/piece';
import type { DressedBox } from '../box/box-view';
import { settingOf } from '../look-pieces';
import type { HoldPlannedAnswer } from './hold-planned';
import type { PlanCandidates } from './plan-candidates';

/** Pieces of a box without a word about how many. */
export const USUAL_MOST = 8;
/** A box without a budget: more than any stock costs. */
export const NO_BUDGET = 1_000_000_00;

/** The occasions a box is planned for; one that is for nothing in particular is for everyday. */
export function plannedFor(view: Pick<DressedBox, 'occasions' | 'occasionIds'>): Occasion[] {
  const chosen = view.occasions
    .filter(({ id }) => view.occasionIds.includes(id))
    .map(({ occasion }) => occasion);
  return chosen.length > 0 ? chosen : [EVERYDAY];
}

/** A box as a problem: what it holds already is in, and its price counts. */
export const problemOfBox = (view: DressedBox, { candidates, held }: PlanCandidates): PlanProblem => ({
  setting: settingOf(view),
  occasions: plannedFor(view).map((occasion) => ({ occasion, weight: 1 })),
  closet: view.owned,
  candidates: [
    ...view.lines.map(({ piece, priceMinor }) => ({ piece, priceMinor, keep: held[piece.id] })),
    ...candidates.map(({ piece, priceMinor, free, keep }) => ({ piece, priceMinor, stock: free, keep })),
  ],
  budgetMinor: view.budgetMinor ?? NO_BUDGET,
  most: Math.max(USUAL_MOST, view.lines.length),
  least: 0,
  bounds: {},
  asks: view.asks.map(({ ask }) => ({ ask, must: false })),
  pins: view.lines.map(({ piece }) => piece.id),
  bans: [],
});

/** Pieces as they are held: each for the first ask that it answers and that nothing in the box, nor a piece before it, does yet. */
export function toHold(
  view: DressedBox,
  pieces: readonly Piece[],
): { readonly variantId: string; readonly askId: string | null }[] {
  const open = new Map(
    view.asks
      .filter(({ id }) => !view.lines.some(({ askId }) => askId === id))
      .map(({ id, ask }) => [id, ask]),
  );
  return pieces.map((piece) => {
    const [askId = null] = [...open].find(([, ask]) => answersAsk(piece, ask)) ?? [];
    if (askId) open.delete(askId);
    return { variantId: piece.id, askId };
  });
}

/** "Ink trousers, size M": sizes that somebody else took meanwhile. */
export const missedWords = (missed: HoldPlannedAnswer['missed']): string =>
  missed.map(({ title, size }) => `${title}, ${sizePhrase(size)}`).join('; ');
