import {
  type BudgetPoint,
  linearOf,
  type Luggage,
  modelOf,
  packFor,
  type Plan,
  Planner,
  type PlanModel,
  type PlanProblem,
  planTogetherWith,
  type PlanWish,
  sketchOf,
} from '@core/plan';
import type { Settings } from '@core/rules';
import { expose } from 'comlink';

/** A plan without its model: that stays where it was made. */
export type ToldPlan = Omit<Plan, 'model'>;
const told = ({ model: _model, ...plan }: Plan): ToldPlan => plan;

let asked: { readonly problem: PlanProblem; readonly settings: Settings } | undefined;
let planner: Planner | undefined;

/** A first box out of a few candidates, in the places of the whole list. */
function sketched(problem: PlanProblem, settings: Settings, wish: PlanWish): ToldPlan {
  const small = sketchOf({ ...problem, pins: wish.pins });
  const { chosen, looks, ...plan } = told(new Planner(small, settings).plan(wish, 1, true));
  const places = new Map(problem.candidates.map(({ piece }, place) => [piece.id, place]));
  const inWhole = (place: number): number => places.get(small.candidates[place]?.piece.id ?? '') ?? 0;
  return {
    ...plan,
    chosen: chosen.map(inWhole),
    looks: looks.map((its) => its.map((look) => ({ ...look, fresh: look.fresh.map(inWhole) }))),
  };
}

/** Plans boxes away from the page: their looks are made once, each wish after that is only searched. */
const work = {
  open(problem: PlanProblem, settings: Settings): void {
    asked = { problem, settings };
    planner = undefined;
  },
  /** Tells the first box it finds, then the best. */
  async plan(wish: PlanWish, tell: (first: ToldPlan) => Promise<void>): Promise<ToldPlan | undefined> {
    if (!asked) return undefined;
    if (!planner) {
      await tell(sketched(asked.problem, asked.settings, wish));
      planner = new Planner(asked.problem, asked.settings);
    }
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
  /** Tells after each box how many have their looks; then the stock is shared out. */
  async together(
    problems: readonly PlanProblem[],
    settings: Settings,
    tell: (made: number) => Promise<void>,
  ) {
    const models: PlanModel[] = [];
    for (const problem of problems) {
      models.push(modelOf(problem, settings));
      await tell(models.length);
    }
    const { boxes, value } = planTogetherWith(problems, models);
    return { value, boxes: boxes.map(({ model: _model, ...box }) => box) };
  },
};
export type PlanWork = typeof work;

expose(work);
