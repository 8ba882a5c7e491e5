import type { Settings } from '../rules';
import { conflictOf, feasible, type Must, mustsOf } from './conflict';
import type { PlanLook } from './enumerate';
import { modelOf, type PlanModel, worthOf, wrongsOf } from './model';
import type { PlanProblem } from './problem';
import { search } from './search';

export interface Plan {
  /** Places among the candidates, ascending. */
  readonly chosen: readonly number[];
  readonly value: number;
  readonly spentMinor: number;
  /** Best looks of each occasion out of box and closet. */
  readonly looks: readonly (readonly PlanLook[])[];
  /** What the box would lose without each of its pieces, the best other plan in its place. */
  readonly refusal: readonly { readonly place: number; readonly costs: number }[];
  /** Not empty: nothing satisfies these together. */
  readonly conflict: readonly Must[];
  readonly model: PlanModel;
}

/** Fresh beginnings while it is asked what a refusal costs: it begins with the plan, less that piece. */
const REFUSED = 2;
/** Looks named for an occasion. */
const SHOWN = 3;

/** A choice by its places, as the search has it. */
export function settled({ price }: PlanModel, chosen: readonly number[]): Uint8Array {
  const found = new Uint8Array(price.length);
  for (const place of chosen) found[place] = 1;
  return found;
}

/** The best looks of each occasion that a choice makes possible. */
export const looksIn = (model: PlanModel, chosen: Uint8Array, most = SHOWN): PlanLook[][] =>
  model.looks.map((its) => its.filter(({ fresh }) => fresh.every((place) => chosen[place])).slice(0, most));

/** Plans one box: the few pieces that dress every occasion best within the budget. The same seed plans the same box. */
export const planOf = (problem: PlanProblem, seed = 1, settings: Settings = {}): Plan =>
  planWith(
    modelOf(problem, settings),
    problem.pins,
    problem.asks.map(({ ask }) => ask.text),
    seed,
  );

/**
 * The same of a model that is there already; pins and asks by their names. `untold`: what a refusal costs is not asked.
 * `quick`: it is the first box that is found besides.
 */
export function planWith(
  model: PlanModel,
  pins: readonly string[],
  asks: readonly string[],
  seed: number,
  how: 'whole' | 'untold' | 'quick' = 'whole',
): Plan {
  const musts = mustsOf(model, pins, asks);
  const start = feasible(model, musts);
  if (!start)
    return {
      chosen: [],
      value: 0,
      spentMinor: 0,
      looks: model.looks.map(() => []),
      refusal: [],
      conflict: conflictOf(model, musts),
      model,
    };
  const banned = new Set(model.considered.flatMap((is, place) => (is ? [] : [place])));
  const restarts = how === 'quick' ? 0 : undefined;
  let best = search(model, seed, { out: banned, restarts });
  // The search minds every must; where it did not find its way among them, what is known to be possible stands.
  if (wrongsOf(model, best) > 0) best = start;
  const value = worthOf(model, best);
  const chosen = [...best.keys()].filter((place) => best[place]);
  return {
    chosen,
    value,
    spentMinor: chosen.reduce((sum, place) => sum + (model.price[place] as number), 0),
    looks: looksIn(model, best),
    refusal: (how === 'whole' ? chosen : [])
      .filter((place) => !model.pins.includes(place))
      .map((place) => ({ place, costs: costOf(model, best, place, seed) })),
    conflict: [],
    model,
  };
}

/** Points a choice loses without one of its pieces, with the best other plan that is found in its place. */
function costOf(model: PlanModel, chosen: Uint8Array, place: number, seed: number): number {
  const without = Uint8Array.from(chosen);
  without[place] = 0;
  const out = new Set(model.considered.flatMap((is, at) => (is && at !== place ? [] : [at])));
  // It begins without the piece, so that it is never worse than only leaving it out.
  const other = search(model, seed, { out, start: without, restarts: REFUSED });
  const next = wrongsOf(model, other) === 0 ? worthOf(model, other) : 0;
  return Math.max(0, worthOf(model, chosen) - Math.max(next, 0));
}
