import type { PlanProblem } from '@core/plan';
import type { BoxView } from '../box/box-view';
import { problemOfBox } from './box-problem';
import type { PlanCandidates } from './plan-candidates';

/** A box with what it may be planned from. */
export interface Plannable extends PlanCandidates {
  readonly view: BoxView;
}

/**
 * Several boxes as problems over one stock: one list of candidates, every size that any of them may have, of which each box bans
 * those that are not its own. What a box holds already is its own alone, and held.
 */
export function problemsTogether(boxes: readonly Plannable[]): PlanProblem[] {
  const own = boxes.map((box) => problemOfBox(box.view, box));
  const shared = new Map(
    own.flatMap(({ candidates }) => candidates.map((each) => [each.piece.id, each] as const)),
  );
  const candidates = [...shared.values()];
  return own.map((problem) => {
    const mine = new Map(problem.candidates.map((each) => [each.piece.id, each]));
    return {
      ...problem,
      // A piece is judged as it fits and costs this client; the units are those of the shelf.
      candidates: candidates.map((each) => ({
        ...(mine.get(each.piece.id) ?? each),
        stock: each.stock ?? 1,
      })),
      bans: candidates.flatMap(({ piece }) => (mine.has(piece.id) ? [] : [piece.id])),
    };
  });
}
