import { seeded } from '../chance';
import { aloneWorth, type PlanModel, WORTH, worthOf, wrongsOf } from './model';

/** A point of worth is nothing beside a thing that stands against a box. */
const WRONG = 1e5;
/** Fresh beginnings out of the best so far, and pieces each gives up. */
const RESTARTS = 24;
const GIVEN_UP = 3;
const FRESH_EVERY = 3;
/** Looks of an occasion, best first, that are tried as a whole. */
const MOST_BUNDLES = 40;
/** Candidates that are tried two at a time. */
const MOST_PAIRED = 22;
const NOBODY = -1;

export interface SearchOptions {
  /** Candidates that are out. */
  readonly out?: ReadonlySet<number> | undefined;
  /** Where it begins; absent: with the pins alone. */
  readonly start?: Uint8Array | undefined;
  readonly restarts?: number | undefined;
}

/**
 * The best choice of candidates that is found: it grows by what brings most (a piece, or all of a look at once), exchanges
 * one for one while that lifts it, gives some up and grows anew. The same seed finds the same.
 */
export function search(
  model: PlanModel,
  seed: number,
  { out = new Set(), start, restarts = RESTARTS }: SearchOptions = {},
): Uint8Array {
  const random = seeded(seed);
  const open = model.considered.flatMap((is, place) => (is && !out.has(place) ? [place] : []));
  const bundles = bundlesOf(model, out);
  const index = new LookIndex(model);
  const climb = (start: Uint8Array): Box => {
    const box = new Box(model, index, start);
    while (box.improve(open) || box.improveByLooks(bundles));
    return box;
  };
  const empty = new Uint8Array(model.price.length);
  for (const place of model.pins) if (!out.has(place)) empty[place] = 1;
  let best = climb(start ? Uint8Array.from(start) : empty);
  const guest = (into: Uint8Array): void => {
    const place = open[Math.floor(random() * open.length)];
    if (place !== undefined) into[place] = 1;
  };
  for (let i = 0; i < restarts; i++) {
    // Every so often from nothing, so that it does not only walk about where it is.
    const isFresh = i % FRESH_EVERY === FRESH_EVERY - 1;
    const anew = Uint8Array.from(isFresh ? empty : best.chosen);
    if (!isFresh) {
      const held = best.held();
      for (let k = 0; k < Math.min(GIVEN_UP, held.length); k++)
        anew[held[Math.floor(random() * held.length)] as number] = 0;
    }
    // Somebody else is let in first, so that it does not only grow back.
    guest(anew);
    if (isFresh) guest(anew);
    const other = climb(anew);
    if (other.worth > best.worth + 1e-9) best = other;
  }
  // Where money is short, two cheap pieces may be worth more than one dear one: asked of the best alone, as it takes long.
  if (restarts === RESTARTS)
    while (best.improveByPairs(open)) while (best.improve(open) || best.improveByLooks(bundles));
  return best.chosen;
}

/** New pieces of the looks, each set once: what is only worth something together is tried together. */
function bundlesOf(model: PlanModel, out: ReadonlySet<number>): number[][] {
  const seen = new Map<string, number[]>();
  for (const looks of model.looks)
    for (const { fresh } of looks.slice(0, MOST_BUNDLES))
      if (fresh.length > 1 && !fresh.some((place) => out.has(place))) seen.set(fresh.join(), [...fresh]);
  return [...seen.values()];
}

/** Of each occasion the looks that hold each candidate, best first. */
class LookIndex {
  readonly holding: readonly (readonly (readonly number[])[])[];
  constructor({ looks, price }: PlanModel) {
    this.holding = looks.map((its) => {
      const by: number[][] = price.map(() => []);
      its.forEach(({ fresh }, l) => fresh.forEach((place) => by[place]?.push(l)));
      return by;
    });
  }
}

/** A choice with all that is known of it, so that a change is weighed by what it touches and not by everything. */
class Box {
  worth: number;
  /** Of each occasion: how many new pieces each look still lacks, and the looks that lack none, best first. */
  private readonly lacks: Uint8Array[];
  private there: number[][];

  constructor(
    private readonly model: PlanModel,
    private readonly index: LookIndex,
    readonly chosen: Uint8Array,
  ) {
    this.lacks = model.looks.map((its) =>
      Uint8Array.from(its, ({ fresh }) =>
        fresh.reduce((sum, place) => sum + 1 - (chosen[place] as number), 0),
      ),
    );
    this.there = this.lacks.map(whole);
    this.worth = this.weigh();
  }

  /** What is in and may go. */
  held(): number[] {
    return [...this.chosen.keys()].filter((place) => this.chosen[place] && !this.model.pins.includes(place));
  }

  /** What is left of the budget, minor units. */
  private room(): number {
    const { price, budgetMinor } = this.model;
    return price.reduce((left, each, place) => left - (this.chosen[place] ? each : 0), budgetMinor);
  }

  private costOf = (places: readonly number[]): number =>
    places.reduce((sum, place) => sum + (this.model.price[place] as number), 0);

  private weigh(): number {
    return worthOf(this.model, this.chosen) - WRONG * wrongsOf(this.model, this.chosen);
  }

  /** The best single change (one in, one out, one for one), made; false when none helps. */
  improve(open: readonly number[]): boolean {
    const { model, chosen } = this;
    const held = this.held();
    const room = this.room();
    let [best, into, outOf] = [this.worth + 1e-9, NOBODY, NOBODY];
    const weigh = (comes: number, goes: number): void => {
      const its = this.after(comes, goes);
      if (its > best) [best, into, outOf] = [its, comes, goes];
    };
    for (const place of open) {
      if (chosen[place]) continue;
      const price = model.price[place] as number;
      if (price <= room) weigh(place, NOBODY);
      for (const gone of held) if (price - (model.price[gone] as number) <= room) weigh(place, gone);
    }
    for (const gone of held) weigh(NOBODY, gone);
    if (into === NOBODY && outOf === NOBODY) return false;
    this.change(into, outOf);
    return true;
  }

  /** All of a look at once, for nothing or for one or two of the others; only when no single change helps. */
  improveByLooks(bundles: readonly (readonly number[])[]): boolean {
    const { chosen } = this;
    const held = this.held();
    const room = this.room();
    for (const bundle of bundles) {
      const fresh = bundle.filter((place) => !chosen[place]);
      if (fresh.length < 2) continue;
      const cost = this.costOf(fresh);
      const others = held.filter((place) => !bundle.includes(place));
      const goes: (readonly number[])[] = [[], ...others.map((one) => [one]), ...pairsOf(others)];
      for (const gone of goes) {
        if (cost - this.costOf(gone) > room) continue;
        if (this.exchanged(fresh, gone) <= this.worth + 1e-9) continue;
        this.changeAll(fresh, gone);
        return true;
      }
    }
    return false;
  }

  /** Two at once, out of those that look best, for nothing or for one or two of the others. */
  improveByPairs(open: readonly number[]): boolean {
    const { chosen } = this;
    const held = this.held();
    const room = this.room();
    const gains = (place: number): number =>
      Math.max(this.after(place, NOBODY), ...held.map((gone) => this.after(place, gone)));
    const near = open
      .filter((place) => !chosen[place])
      .map((place) => ({ place, gain: gains(place) }))
      .sort((a, b) => b.gain - a.gain)
      .slice(0, MOST_PAIRED)
      .map(({ place }) => place);
    const goes: (readonly number[])[] = [[], ...held.map((one) => [one]), ...pairsOf(held)];
    let [best, into, outOf]: [number, readonly number[], readonly number[]] = [this.worth + 1e-9, [], []];
    for (const pair of pairsOf(near)) {
      const cost = this.costOf(pair);
      for (const gone of goes) {
        if (cost - this.costOf(gone) > room) continue;
        const its = this.exchanged(pair, gone);
        if (its > best) [best, into, outOf] = [its, pair, gone];
      }
    }
    this.changeAll(into, outOf);
    return into.length > 0;
  }

  /** Worth with several in and several out at once; the choice stays as it was. */
  private exchanged(comes: readonly number[], goes: readonly number[]): number {
    const { chosen } = this;
    for (const place of comes) chosen[place] = 1;
    for (const place of goes) chosen[place] = 0;
    const its = this.weigh();
    for (const place of comes) chosen[place] = 0;
    for (const place of goes) chosen[place] = 1;
    return its;
  }

  private changeAll(comes: readonly number[], goes: readonly number[]): void {
    comes.forEach((place) => this.change(place, NOBODY));
    goes.forEach((place) => this.change(NOBODY, place));
  }

  private change(comes: number, goes: number): void {
    const { model, chosen, index } = this;
    for (const [place, by] of [
      [comes, -1],
      [goes, 1],
    ] as const) {
      if (place === NOBODY) continue;
      chosen[place] = by === -1 ? 1 : 0;
      model.looks.forEach((_its, o) => {
        const lacks = this.lacks[o] as Uint8Array;
        for (const l of index.holding[o]?.[place] ?? []) lacks[l] = (lacks[l] as number) + by;
      });
    }
    this.there = this.lacks.map(whole);
    this.worth = this.weigh();
  }

  /** Worth after one comes and one goes: the occasions by the looks that this makes or ends, the rest as it is stated. */
  private after(comes: number, goes: number): number {
    const { model, chosen } = this;
    if (comes !== NOBODY) chosen[comes] = 1;
    if (goes !== NOBODY) chosen[goes] = 0;
    let value = aloneWorth(model, chosen) - WRONG * wrongsOf(model, chosen);
    if (comes !== NOBODY) chosen[comes] = 0;
    if (goes !== NOBODY) chosen[goes] = 1;
    for (let o = 0; o < model.looks.length; o++)
      value += (model.weights[o] as number) * this.occasionAfter(o, comes, goes);
    return value;
  }

  private occasionAfter(o: number, comes: number, goes: number): number {
    const its = this.model.looks[o] ?? [];
    const lacks = this.lacks[o] as Uint8Array;
    const there = this.there[o] as number[];
    const made = comes === NOBODY ? [] : (this.index.holding[o]?.[comes] ?? []);
    const ranks = this.model.ranks[o] as readonly number[];
    let [i, k, ranked, opened, points] = [0, 0, 0, 0, 0];
    while (i < there.length || k < made.length) {
      const [a, b] = [there[i] ?? Infinity, made[k] ?? Infinity];
      const l = Math.min(a, b);
      if (l === a) i++;
      else {
        k++;
        if (lacks[l] !== 1) continue;
      }
      const { fresh, score, opens } = its[l] as (typeof its)[number];
      if (goes !== NOBODY && fresh.includes(goes)) continue;
      if (ranked < ranks.length) points += score * (ranks[ranked++] as number);
      if (fresh.length > 0 && opened < WORTH.mostOpened) {
        const more = Math.min(opens, WORTH.mostOpened - opened);
        opened += more;
        points += this.model.opened * more;
      }
      if (ranked === ranks.length && opened >= WORTH.mostOpened) break;
    }
    return points;
  }
}

/** Places of the looks that lack nothing. */
const whole = (lacks: Uint8Array): number[] => {
  const found: number[] = [];
  for (let l = 0; l < lacks.length; l++) if (lacks[l] === 0) found.push(l);
  return found;
};

const pairsOf = (places: readonly number[]): (readonly number[])[] =>
  places.flatMap((one, i) => places.slice(i + 1).map((two) => [one, two] as const));
