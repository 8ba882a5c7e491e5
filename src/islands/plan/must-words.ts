import type { BoxView } from '@contracts/box/box-view';
import type { PlanCandidate } from '@contracts/plan/plan-candidates';

/** Titles by id, of what is in the box and of what may be. */
export const pieceTitles = (
  view: BoxView,
  candidates: readonly PlanCandidate[],
): ReadonlyMap<string, string> =>
  new Map(
    [...view.lines.map(({ piece }) => piece), ...candidates.map(({ piece }) => piece)].map(
      ({ id, title }) => [id, title],
    ),
  );

/** A must as a person knows it: its budget, its number of pieces, a piece by its title, an ask in its words. */
export function mustWords(name: string, titles: ReadonlyMap<string, string>): string {
  if (name === 'budget') return 'the budget';
  if (name === 'most') return 'the number of pieces';
  if (name.startsWith('pin ')) return titles.get(name.slice(4)) ?? 'a locked piece';
  return `“${name}”`;
}
