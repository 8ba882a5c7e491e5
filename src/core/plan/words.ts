import { money } from '../money';
import { listed, type Tongue } from '../words';
import type { BudgetPoint } from './planner';

/** What is said of a step of the budget: what more it buys, and what that opens. */
export interface NextStep {
  readonly moreMinor: number;
  /** What comes in, as it is called in a sentence: "tan Chelsea boots". */
  readonly comes: readonly string[];
  readonly looks: number;
}

/** The next budget on the curve that is worth more than a point, and what it brings; undefined where more buys nothing. */
export function nextStep(
  curve: readonly BudgetPoint[],
  budgetMinor: number,
  nameOf: (place: number) => string,
): NextStep | undefined {
  const here = [...curve].reverse().find((point) => point.budgetMinor <= budgetMinor);
  const next = here && curve.find((point) => point.budgetMinor > budgetMinor && point.value > here.value + 1);
  if (!here || !next) return undefined;
  return {
    moreMinor: next.budgetMinor - budgetMinor,
    comes: next.chosen.filter((place) => !here.chosen.includes(place)).map(nameOf),
    looks: next.looks - here.looks,
  };
}

/** "€60 more buys the boots: 3 more looks." */
export function nextStepWords(
  { moreMinor, comes, looks }: NextStep,
  currency: string,
  tongue: Tongue,
): string {
  const what = listed(
    comes.slice(0, 3).map((name) => `the ${name}`),
    tongue.english,
  );
  const opens =
    looks > 0 ? `${looks} more ${looks === 1 ? 'look' : 'looks'}` : 'no more looks, but better ones';
  return `${money(moreMinor, currency)} more ${what ? `buys ${what}: ${opens}` : `opens ${opens}`}.`;
}

/** What it would cost to leave a piece out, of what the box is worth. */
export function refusalWords(costs: number, value: number): string {
  const share = value > 0 ? costs / value : 0;
  if (share < 0.005) return 'something else does as well';
  if (share < 0.03) return 'easily replaced';
  return share < 0.1 ? 'worth having' : 'hard to replace';
}

/** How near a plan is to the best there can be. */
export const gapWords = (gap: number): string =>
  gap < 0.0005
    ? 'As good as it gets within this budget.'
    : `Within ${(Math.ceil(gap * 1000) / 10).toFixed(1)} % of the best there could be.`;
