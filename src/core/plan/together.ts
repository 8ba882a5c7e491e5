import type { Settings } from '../rules';
import { linearOfChoices } from './choices';
import { conflictOf, feasible, mustsOf } from './conflict';
import { linearOfAll } from './linear';
import { modelOf, type PlanModel, worthOf, wrongsOf } from './model';
import { costOf, looksIn, type Plan, planWith, settled } from './plan';
import type { PlanProblem } from './problem';
import type { LinearModel } from './program';
import { search } from './search';

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
/** Fresh beginnings while one box is planned anew beside the others. */
const RESTARTS = 16;
/** Fewer while it is tried what a single piece brings to another box: it is tried for every piece and every two boxes. */
const TRIED = 1;

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
  const table = new Table(models, units, floors, seed);
  // What is pinned is nobody else's; after that, whoever loses most by standing back chooses first.
  const pinned = (b: number): number => models[b]?.pins.length ?? 0;
  const regrets = alone.map((plan) => regretOf(plan, alone, units, seed));
  const order = [...models.keys()].sort(
    (a, b) => pinned(b) - pinned(a) || (regrets[b] as number) - (regrets[a] as number) || a - b,
  );
  for (const b of order) table.place(b, settled(models[b] as PlanModel, alone[b]?.chosen ?? []));
  for (let round = 0; round < MOST_ROUNDS && table.improve(order); round++);
  const boxes = problems.map((problem, b) => {
    const own = alone[b] as Plan;
    const choice = table.chosen[b] as Uint8Array;
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

/** What is contested among the pieces of a box, in points of the box's own worth. */
function regretOf(
  { model, chosen }: Plan,
  all: readonly Plan[],
  units: readonly number[],
  seed: number,
): number {
  const its = settled(model, chosen);
  return chosen
    .filter((place) => all.filter((other) => other.chosen.includes(place)).length > (units[place] as number))
    .reduce((sum, place) => sum + costOf(model, its, place, seed), 0);
}

/** A model in which some candidates are not there. */
const without = (model: PlanModel, out: ReadonlySet<number>): PlanModel => ({
  ...model,
  allowed: model.allowed.map((is, place) => is && !out.has(place)),
});

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

/** Boxes on one table: who holds what, and how many units are left. */
class Table {
  readonly chosen: Uint8Array[];
  private readonly left: Int32Array;
  private readonly known = new Map<string, Uint8Array>();

  constructor(
    private readonly models: readonly PlanModel[],
    units: readonly number[],
    private readonly floors: readonly number[],
    private readonly seed: number,
  ) {
    this.chosen = models.map(({ price }) => new Uint8Array(price.length));
    this.left = Int32Array.from(units);
  }

  private put(b: number, next: Uint8Array): void {
    const now = this.chosen[b] as Uint8Array;
    for (let place = 0; place < next.length; place++)
      this.left[place] = (this.left[place] as number) + (now[place] as number) - (next[place] as number);
    this.chosen[b] = next;
  }

  /** The model of a box, less what the others hold the last of. */
  leftFor = (b: number): PlanModel => without(this.models[b] as PlanModel, this.gone(b));

  private gone(b: number): Set<number> {
    const own = this.chosen[b] as Uint8Array;
    return new Set(
      [...this.left.keys()].filter((place) => (this.left[place] as number) + (own[place] as number) < 1),
    );
  }

  /** Plans a box out of what the others leave, near a wish. */
  place(b: number, wish: Uint8Array): void {
    this.put(b, this.replanned(b, wish));
  }

  /** The same box out of the same stock near the same wish is not planned twice: most rounds change little. */
  private replanned(b: number, wish: Uint8Array, restarts = RESTARTS): Uint8Array {
    const out = this.gone(b);
    const key = `${b} ${restarts} ${wish.join('')} ${[...out].join()}`;
    const found = this.known.get(key) ?? this.planned(b, wish, out, restarts);
    this.known.set(key, found);
    return found;
  }

  private planned(b: number, wish: Uint8Array, out: ReadonlySet<number>, restarts: number): Uint8Array {
    const model = this.models[b] as PlanModel;
    const start = Uint8Array.from(wish, (is, place) => (out.has(place) ? 0 : is));
    const found = search(model, this.seed, { out, start, restarts });
    if (wrongsOf(model, found) === 0) return found;
    const left = without(model, out);
    // Where the search did not find its way among the musts, what is known to be possible stands; else nothing does.
    return (
      feasible(left, mustsOf(left, model.pins.map(String), model.answering.map(String))) ??
      new Uint8Array(found.length)
    );
  }

  /** Points of a box as it stands, or as it would; nothing for one that may not be sent. */
  worth(b: number, chosen = this.chosen[b] as Uint8Array): number {
    const model = this.models[b] as PlanModel;
    return wrongsOf(model, chosen) === 0 ? worthOf(model, chosen) : 0;
  }

  /** How far a box is below what is fair for it. */
  private short = (b: number, worth: number): number => Math.max(0, (this.floors[b] as number) - worth);

  /** One round: each box plans anew out of what is left, and takes over what another holds where both together gain. */
  improve(order: readonly number[]): boolean {
    let better = false;
    for (const b of order) {
      const next = this.replanned(b, this.chosen[b] as Uint8Array);
      if (this.worth(b, next) > this.worth(b) + 1e-6) {
        this.put(b, next);
        better = true;
      }
      for (const a of order) if (a !== b && this.handOver(a, b)) better = true;
    }
    return better;
  }

  /** A piece that `a` holds the last one of goes to `b` where that lifts the two together and leaves neither short. */
  private handOver(a: number, b: number): boolean {
    const wanted = this.models[b] as PlanModel;
    const [before, own] = [this.chosen[a] as Uint8Array, this.chosen[b] as Uint8Array];
    const contested = [...before.keys()].filter(
      (place) =>
        before[place] &&
        !own[place] &&
        (this.left[place] as number) === 0 &&
        wanted.considered[place] &&
        !(this.models[a] as PlanModel).pins.includes(place),
    );
    const was = [this.worth(a), this.worth(b)] as const;
    for (const place of contested) {
      this.put(
        a,
        before.map((is, k) => (k === place ? 0 : is)),
      );
      this.put(
        b,
        this.replanned(
          b,
          own.map((is, k) => (k === place ? 1 : is)),
          TRIED,
        ),
      );
      this.put(a, this.replanned(a, this.chosen[a] as Uint8Array, TRIED));
      const now = [this.worth(a), this.worth(b)] as const;
      const fairer =
        this.short(a, was[0]) + this.short(b, was[1]) - this.short(a, now[0]) - this.short(b, now[1]);
      const gain = now[0] + now[1] - was[0] - was[1];
      if (fairer > 1e-6 || (fairer > -1e-6 && gain > 1e-6)) return true;
      this.put(b, own);
      this.put(a, before);
    }
    return false;
  }
}
