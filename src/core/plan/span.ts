/** Points of the curve between the least and the most that is looked at. */
const POINTS = 12;
/** Steps up there are at least, however much is in the box already. */
const STEPS_UP = 4;
/** As far as is looked where nobody set a budget, and how much further than a budget. */
const WITHOUT_MINOR = 1_500_00;
const FURTHER = 1.5;

/** The budgets a plan is looked at with, minor units. */
export interface BudgetSpan {
  readonly step: number;
  /** The least that pays for what is in the box. */
  readonly least: number;
  readonly top: number;
  /** In order: what is spent, the budget, and steps between least and top. */
  readonly points: readonly number[];
}

/** How far a budget is slid: from what is in the box already to half as much again as she means to spend. */
export function spanOf(budgetMinor: number | null, spentMinor: number): BudgetSpan {
  const wanted = budgetMinor === null ? WITHOUT_MINOR : Math.round(budgetMinor * FURTHER);
  const step = Math.max(100, Math.round(wanted / POINTS / 500) * 500);
  const least = Math.ceil(spentMinor / step) * step;
  const top = Math.max(wanted, least + STEPS_UP * step);
  const steps = Array.from({ length: POINTS + 1 }, (_, i) => least + i * step).filter((at) => at <= top);
  const points = [...new Set([spentMinor, budgetMinor ?? spentMinor, ...steps])].sort((a, b) => a - b);
  return { step, least, top, points };
}
