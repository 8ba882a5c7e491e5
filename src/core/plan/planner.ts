import { type Piece, type Slot, wear } from '../piece';
import { answersAsk } from '../pull';
import type { Settings } from '../rules';
import { modelOf, type PlanModel, worthOf } from './model';
import { looksIn, type Plan, planWith, settled } from './plan';
import type { PlanProblem } from './problem';
import { search } from './search';

/** What somebody changes while thinking: the looks stay, what may be chosen does not. */
export interface PlanWish {
  readonly budgetMinor: number;
  readonly most: number;
  /** Ids of candidates that are in, and that are out. */
  readonly pins: readonly string[];
  readonly bans: readonly string[];
  /** Places of the asks that a box has to answer. */
  readonly musts: readonly number[];
}

/** What a budget reaches. */
export interface BudgetPoint {
  readonly budgetMinor: number;
  readonly value: number;
  readonly chosen: readonly number[];
  /** Looks of all occasions that are opened by it. */
  readonly looks: number;
}

/** Fresh beginnings at each point of the curve: it begins where the point before ended. */
const CURVE_RESTARTS = 3;

/** Pieces a first sketch is made of: few, so that it is there at once, and of every kind that a look needs. */
const SKETCHED = { candidates: 8, closet: 7 } as const;

/** So many of a list, a turn for each place they are worn at: the first of each, then the second. */
function inTurns<T>(list: readonly T[], slotOf: (each: T) => string, most: number): T[] {
  const turns = new Map<string, number>();
  return list
    .map((each, place) => {
      const turn = turns.get(slotOf(each)) ?? 0;
      turns.set(slotOf(each), turn + 1);
      return { each, turn, place };
    })
    .sort((a, b) => a.turn - b.turn || a.place - b.place)
    .slice(0, most)
    .map(({ each }) => each);
}
/** What makes a look whole; what only accompanies it waits for the best plan. */
const CARRIES: readonly Slot[] = ['top', 'bottom', 'whole', 'shoes', 'layer'];
const carries = (piece: Piece): boolean => CARRIES.includes(wear(piece).slot);

/**
 * The problem made small, so that a first box is there before all looks are made: pinned candidates, those that answer an ask,
 * then the first of the list, which is in the order of what suits.
 */
export function sketchOf(problem: PlanProblem): PlanProblem {
  const pins = new Set(problem.pins);
  const first = (of: PlanProblem['candidates'][number]): number =>
    pins.has(of.piece.id) ? 0 : problem.asks.some(({ ask }) => answersAsk(of.piece, ask)) ? 1 : 2;
  const [level = 5] = problem.occasions.map(
    ({ occasion: { formality } }) => (formality[0] + formality[1]) / 2,
  );
  const ranked = problem.candidates
    .map((each, place) => ({ each, rank: first(each), place }))
    .sort((a, b) => a.rank - b.rank || a.place - b.place);
  const wanted = ranked.filter(({ rank }) => rank < 2).slice(0, SKETCHED.candidates);
  const others = ranked.filter(({ each, rank }) => rank === 2 && carries(each.piece));
  const near = [...problem.closet]
    .filter(carries)
    .sort((a, b) => Math.abs(a.formality - level) - Math.abs(b.formality - level));
  return {
    ...problem,
    candidates: [
      ...wanted,
      ...inTurns(others, ({ each }) => wear(each.piece).slot, SKETCHED.candidates - wanted.length),
    ].map(({ each }) => each),
    closet: inTurns(near, (piece) => wear(piece).slot, SKETCHED.closet),
  };
}

/** Plans a box again and again: its looks are made once, and each change is only searched anew. */
export class Planner {
  private readonly model: PlanModel;
  private readonly places: ReadonlyMap<string, number>;
  private readonly asks: readonly string[];

  constructor(
    readonly problem: PlanProblem,
    settings: Settings = {},
  ) {
    this.model = modelOf({ ...problem, pins: [], bans: [] }, settings);
    this.places = new Map(problem.candidates.map(({ piece }, place) => [piece.id, place]));
    this.asks = problem.asks.map(({ ask }) => ask.text);
  }

  /** The model as a wish binds it. */
  modelFor({ budgetMinor, most, pins, bans, musts }: PlanWish): PlanModel {
    const out = new Set(bans);
    const isIn = (flags: readonly boolean[]): boolean[] =>
      flags.map((is, place) => is && !out.has(this.problem.candidates[place]?.piece.id ?? ''));
    return {
      ...this.model,
      allowed: isIn(this.model.allowed),
      considered: isIn(this.model.considered),
      answering: this.model.answering.map((each, at) => ({ ...each, must: musts.includes(at) })),
      pins: pins.flatMap((id) => this.places.get(id) ?? []),
      budgetMinor,
      most,
    };
  }

  /** The box for a wish; with `quick` the first one that is found, and nothing said of what a refusal costs. */
  plan(wish: PlanWish, seed = 1, quick = false): Plan {
    return planWith(this.modelFor(wish), wish.pins, this.asks, seed, quick ? 'quick' : 'whole');
  }

  /** What each of these budgets reaches, from the smallest on. */
  curve(wish: PlanWish, budgets: readonly number[], seed = 1): BudgetPoint[] {
    let start: Uint8Array | undefined;
    return [...budgets]
      .sort((a, b) => a - b)
      .map((budgetMinor) => {
        const model = this.modelFor({ ...wish, budgetMinor });
        const before = start ?? settled(model, model.pins);
        const found = search(model, seed, { start: before, restarts: CURVE_RESTARTS });
        start = found;
        return {
          budgetMinor,
          value: worthOf(model, found),
          chosen: [...found.keys()].filter((place) => found[place]),
          looks: looksIn(model, found, Infinity).reduce(
            (sum, its) => sum + its.filter(({ fresh }) => fresh.length > 0).length,
            0,
          ),
        };
      });
  }
}
