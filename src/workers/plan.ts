import {
  type BudgetPoint,
  linearOf,
  type Luggage,
  packFor,
  type Plan,
  Planner,
  type PlanProblem,
  planTogether,
  type PlanWish,
} from '@core/plan';
import type { Settings } from '@core/rules';
import { expose } from 'comlink';

/** A plan without its model: that stays where it was made. */
export type ToldPlan = Omit<Plan, 'model'>;
const told = ({ model: _model, ...plan }: Plan): ToldPlan => plan;

let planner: Planner | undefined;

/** Plans boxes away from the page: their looks are made once, each wish after that is only searched. */
const work = {
  open(problem: PlanProblem, settings: Settings): void {
    planner = new Planner(problem, settings);
  },
  /** Tells the first box it finds, then the best. */
  async plan(wish: PlanWish, tell: (first: ToldPlan) => Promise<void>): Promise<ToldPlan | undefined> {
    if (!planner) return undefined;
    await tell(told(planner.plan(wish, 1, true)));
    return told(planner.plan(wish));
  },
  curve: (wish: PlanWish, budgets: readonly number[]): readonly BudgetPoint[] =>
    planner?.curve(wish, budgets) ?? [],
  /** The model of a wish as a solver reads it. */
  linear: (wish: PlanWish): string | undefined => planner && linearOf(planner.modelFor(wish)).text,
  pack(problem: PlanProblem, luggage: Luggage, settings: Settings) {
    const { model: _model, ...packed } = packFor(problem, luggage, 1, settings);
    return packed;
  },
  together(problems: readonly PlanProblem[], settings: Settings) {
    const { boxes, value } = planTogether(problems, 1, settings);
    return { value, boxes: boxes.map(({ model: _model, ...box }) => box) };
  },
};
export type PlanWork = typeof work;

expose(work);
