import type { Settings } from '../rules';
import { seeded } from '../chance';
import { Choice } from './choice';
import { linearOfChoices } from './choices';
import { conflictOf, mustsOf } from './conflict';
import { linearOfAll } from './linear';
import { modelOf, openOf, type PlanModel, wrongsOf } from './model';
import { looksIn, type Plan, planWith, settled } from './plan';
import type { PlanProblem } from './problem';
import type { LinearModel } from './program';
import { Table } from './table';

/**
 * No box is worth less than this share of what it would be alone, where the stock lets it: the last medium goes where it is
 * worth most, and nobody pays for it with a poor box. A working value, no source.
 */
export const FAIR_SHARE = 0.8;

export interface PlansTogether {
  /** One for each problem, in their order. */
  readonly boxes: readonly (Plan & {
    /** What it would be worth with the stock to itself. */
    readonly alone: number;
    /** False where even the share that is fair could not be found for it. */
    readonly fair: boolean;
  })[];
  readonly value: number;
  readonly units: readonly number[];
  readonly floors: readonly number[];
}

/**
 * The program that proves how good plans over one stock are: boxes written down whole where they are small, else their pieces.
 * Where somebody is below a fair share nobody could be helped, and the best there is is told without shares.
 */
export function linearOfTogether({ boxes, value, units, floors }: PlansTogether): LinearModel {
  const models = boxes.map(({ model }) => model);
  const shared = { units, floors: boxes.every(({ fair }) => fair) ? floors : floors.map(() => 0) };
  return linearOfChoices(models, shared, value) ?? linearOfAll(models, shared);
}

/** Rounds through all boxes at most; each one either lifts the whole or is the last. */
const MOST_ROUNDS = 6;
/** Orders in which the boxes choose: the first by what each would miss, the others by chance. */
const ORDERS = 2;

/**
 * Plans several boxes over one stock: the problems share one list of candidates, in one order. Each is planned alone first;
 * then what more boxes want than there are units of goes, piece by piece, where the sum is the greatest and no box falls below
 * its fair share. The same seed plans the same.
 */
export const planTogether = (
  problems: readonly PlanProblem[],
  seed = 1,
  settings: Settings = {},
): PlansTogether =>
  planTogetherWith(
    problems,
    problems.map((problem) => modelOf(problem, settings)),
    seed,
  );

/** The same of models that are there already, one for each problem. */
export function planTogetherWith(
  problems: readonly PlanProblem[],
  models: readonly PlanModel[],
  seed = 1,
): PlansTogether {
  const units = (problems[0]?.candidates ?? []).map(({ stock = 1 }) => stock);
  const alone = models.map((model, b) => {
    const { pins, asks } = problems[b] as PlanProblem;
    return planWith(
      model,
      pins,
      asks.map(({ ask }) => ask.text),
      seed,
      'untold',
    );
  });
  const floors = alone.map(({ value, conflict }) => (conflict.length > 0 ? 0 : FAIR_SHARE * value));
  const wishes = alone.map(({ model, chosen }) => settled(model, chosen));
  const table = ordersOf(alone, units, seed)
    .map((order) => shared(new Table(models, units, floors, seed), order, wishes))
    .reduce((best, other) => (other.isBetterThan(best) ? other : best));
  const boxes = problems.map((problem, b) => {
    const own = alone[b] as Plan;
    const choice = table.chosen(b);
    const value = table.worth(b);
    const isPlanned = wrongsOf(own.model, choice) === 0;
    const left = table.leftFor(b);
    const asks = problem.asks.map(({ ask }) => ask.text);
    return {
      ...(isPlanned ? planned(own, choice) : { ...own, ...NOTHING, looks: own.looks.map(() => []) }),
      value,
      conflict: isPlanned ? [] : conflictOf(left, mustsOf(left, problem.pins, asks)),
      alone: own.value,
      fair: value >= (floors[b] as number) - 1e-6,
    };
  });
  return { boxes, value: boxes.reduce((sum, { value }) => sum + value, 0), units, floors };
}

const NOTHING = { chosen: [], spentMinor: 0, refusal: [] } as const;

/** What is pinned is nobody else's; after that, whoever loses most by standing back chooses first, or as chance has it. */
function ordersOf(alone: readonly Plan[], units: readonly number[], seed: number): number[][] {
  const random = seeded(seed);
  return Array.from({ length: ORDERS }, (_each, i) => {
    const rank = alone.map((plan) => (i === 0 ? regretOf(plan, alone, units) : random()));
    const pins = (b: number): number => alone[b]?.model.pins.length ?? 0;
    return [...alone.keys()].sort(
      (a, b) => pins(b) - pins(a) || (rank[b] as number) - (rank[a] as number) || a - b,
    );
  });
}

/** Everybody chooses in turn, near a wish, and then all of them share as long as that lifts the whole. */
function shared(table: Table, order: readonly number[], wishes: readonly Uint8Array[]): Table {
  for (const b of order) table.place(b, wishes[b] as Uint8Array);
  for (let round = 0; round < MOST_ROUNDS && table.improve(order); round++);
  return table;
}

/** What is contested among the pieces of a box, in points of the box's own worth. */
function regretOf({ model, chosen }: Plan, all: readonly Plan[], units: readonly number[]): number {
  const choice = new Choice(model, settled(model, chosen));
  const open = openOf({ allowed: model.considered });
  return chosen
    .filter((place) => all.filter((other) => other.chosen.includes(place)).length > (units[place] as number))
    .reduce((sum, place) => sum + choice.worth - choice.bestWithout(place, open), 0);
}

/** A plan told anew of another choice. */
function planned(own: Plan, chosen: Uint8Array): Plan {
  const { model } = own;
  const places = [...chosen.keys()].filter((place) => chosen[place]);
  return {
    ...own,
    chosen: places,
    spentMinor: places.reduce((sum, place) => sum + (model.price[place] as number), 0),
    looks: looksIn(model, chosen),
    refusal: own.refusal.filter(({ place }) => chosen[place]),
  };
}
