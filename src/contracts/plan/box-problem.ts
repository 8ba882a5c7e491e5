import { BLANK_OCCASION, type Occasion } from '@core/occasion';
import { answersAsk } from '@core/pull';
import type { PlanProblem } from '@core/plan';
import type { Piece } from '@core/piece';
import type { BoxView } from '../box/box-view';
import { settingOf } from '../look-pieces';
import type { PlanCandidate } from './plan-candidates';

/** Pieces of a box without a word about how many. */
export const USUAL_MOST = 8;
/** A box without a budget: more than any stock costs. */
export const NO_BUDGET = 1_000_000_00;

/** A box that is for nothing in particular is for everyday. */
const EVERYDAY: Occasion = { ...BLANK_OCCASION, title: 'everyday', formality: [2, 6] };

/** The occasions a box is planned for. */
export function plannedFor(view: Pick<BoxView, 'occasions' | 'occasionIds'>): Occasion[] {
  const chosen = view.occasions
    .filter(({ id }) => view.occasionIds.includes(id))
    .map(({ occasion }) => occasion);
  return chosen.length > 0 ? chosen : [EVERYDAY];
}

/** A box as a problem: what it holds already is in, and its price counts. */
export const problemOfBox = (view: BoxView, candidates: readonly PlanCandidate[]): PlanProblem => ({
  setting: settingOf(view),
  occasions: plannedFor(view).map((occasion) => ({ occasion, weight: 1 })),
  closet: view.owned,
  candidates: [
    ...view.lines.map(({ piece, priceMinor }) => ({ piece, priceMinor })),
    ...candidates.map(({ piece, priceMinor, free }) => ({ piece, priceMinor, stock: free })),
  ],
  budgetMinor: view.budgetMinor ?? NO_BUDGET,
  most: Math.max(USUAL_MOST, view.lines.length),
  least: 0,
  bounds: {},
  asks: view.asks.map(({ ask }) => ({ ask, must: false })),
  pins: view.lines.map(({ piece }) => piece.id),
  bans: [],
});

/** The ask a piece is held for: the first that it answers and nothing in the box does yet. */
export function askFor(view: BoxView, piece: Piece, given: ReadonlySet<string>): string | null {
  const open = view.asks.find(
    ({ id, ask }) =>
      !given.has(id) && !view.lines.some(({ askId }) => askId === id) && answersAsk(piece, ask),
  );
  return open?.id ?? null;
}
