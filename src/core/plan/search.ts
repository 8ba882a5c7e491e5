import { seeded } from '../chance';
import { memo } from '../memo';
import { Choice, type Coming, EPSILON, type Going } from './choice';
import { type Made, NONE, oneEach, sumOf } from './model-index';
import type { PlanModel } from './model';

/** Fresh beginnings at most, and pieces each gives up. */
const RESTARTS = 48;
/** Fresh beginnings in vain before it ends: more among few candidates, where one costs little. */
const patienceOf = (candidates: number): number => Math.max(16, 360 / candidates);
const GIVEN_UP = 3;
const FRESH_EVERY = 3;
/** Looks of an occasion, best first, that are tried as a whole. */
const MOST_BUNDLES = 40;

export interface SearchOptions {
  /** Candidates that are out. */
  readonly out?: ReadonlySet<number> | undefined;
  /** Where it begins; absent: with the pins alone. */
  readonly start?: Uint8Array | undefined;
  /** Fresh beginnings; absent: as many as it wants, and two pieces at a time are tried besides. */
  readonly restarts?: number | undefined;
}

/** A candidate, and what the choice would be worth with it. */
interface Hope {
  readonly place: number;
  readonly worth: number;
}

/** The best that is known: what is chosen, and what of it may go. */
interface Best {
  readonly chosen: Uint8Array;
  readonly held: readonly number[];
  readonly worth: number;
}

/**
 * The best choice of candidates that is found: it grows by what brings most (a piece, or all of a look at once), exchanges
 * one for one while that lifts it, gives some up and grows anew. The same seed finds the same.
 */
export function search(
  model: PlanModel,
  seed: number,
  { out = new Set(), start, restarts }: SearchOptions = {},
): Uint8Array {
  const random = seeded(seed);
  const isWhole = restarts === undefined;
  const open = model.considered.flatMap((is, place) => (is && !out.has(place) ? [place] : []));
  // What is only worth something together is tried together.
  const together = bundlesOf(model).filter((fresh) => !fresh.some((place) => out.has(place)));
  const empty = new Uint8Array(model.price.length);
  for (const place of model.pins) if (!out.has(place)) empty[place] = 1;
  const choice = new Choice(model, Uint8Array.from(start ?? empty));
  // From where it has been before it would only find again what it found.
  const seen = new Set<string>();
  const climb = (): void => {
    for (let key = choice.key(); !seen.has(key); key = choice.key()) {
      seen.add(key);
      if (!improve(model, choice, open) && !improveByLooks(model, choice, together)) return;
    }
  };
  // Two at a time is asked of the best alone, as it takes long.
  const settle = (): Best => {
    while (isWhole && improveByPairs(model, choice, open)) climb();
    return { chosen: choice.chosen.slice(), held: choice.held(), worth: choice.worth };
  };
  climb();
  const homes = [choice.chosen.slice(), empty] as const;
  let best = settle();
  const guest = (into: Uint8Array): void => {
    const place = open[Math.floor(random() * open.length)];
    if (place !== undefined) into[place] = 1;
  };
  const patience = patienceOf(open.length);
  let vain = 0;
  for (let i = 0; i < (restarts ?? RESTARTS) && vain < patience; i++) {
    // Every so often from where it first was or from nothing, in turn, so that it does not only walk about where it is.
    const isFresh = i % FRESH_EVERY === FRESH_EVERY - 1;
    const [first, nothing] = homes;
    const home = i % (2 * FRESH_EVERY) < FRESH_EVERY ? first : nothing;
    const anew = Uint8Array.from(isFresh ? home : best.chosen);
    if (!isFresh)
      for (let k = 0; k < Math.min(GIVEN_UP, best.held.length); k++)
        anew[best.held[Math.floor(random() * best.held.length)] as number] = 0;
    // Somebody else is let in first, so that it does not only grow back.
    guest(anew);
    if (isFresh) guest(anew);
    choice.become(anew);
    climb();
    vain++;
    if (choice.worth <= best.worth + EPSILON) continue;
    best = settle();
    vain = 0;
  }
  return best.chosen;
}

/** New pieces of the best looks, each set once; made once for a model. */
const bundlesOf = memo((model: PlanModel): readonly (readonly number[])[] => {
  const seen = new Map<string, readonly number[]>();
  for (const looks of model.looks)
    for (const { fresh } of looks.slice(0, MOST_BUNDLES)) if (fresh.length > 1) seen.set(fresh.join(), fresh);
  return [...seen.values()];
});

/** The best single change (one in, one out, one for one), made; false when none helps. */
function improve({ price }: PlanModel, choice: Choice, open: readonly number[]): boolean {
  const { chosen, room } = choice;
  const outs = choice.outs();
  let [best, into, outOf] = [choice.worth + EPSILON, NONE, NONE];
  const nothing = choice.madeBy(NONE);
  for (const going of outs) {
    const its = choice.after(NONE, going, nothing);
    if (its > best) [best, into, outOf] = [its, NONE, going.goes];
  }
  const hopes: Hope[] = [];
  for (const place of open) if (!chosen[place]) hopes.push({ place, worth: choice.atMostWith(place) });
  hopes.sort(byWorth);
  for (const { place, worth } of hopes) {
    if (worth <= best) break;
    const comes = [place];
    const cost = price[place] as number;
    const made = choice.madeBy(comes);
    for (const going of outs) {
      if (cost - going.freed > room) continue;
      const its = choice.after(comes, going, made);
      if (its > best) [best, into, outOf] = [its, comes, going.goes];
    }
  }
  if (into.length === 0 && outOf.length === 0) return false;
  choice.change(into, outOf);
  return true;
}

/** All of a look at once, for nothing or for one of the others; only when no single change helps. */
function improveByLooks(
  { price }: PlanModel,
  choice: Choice,
  bundles: readonly (readonly number[])[],
): boolean {
  const { chosen, room } = choice;
  const outs = choice.outs();
  const dearest = room + Math.max(...outs.map(({ freed }) => freed));
  for (const bundle of bundles) {
    const comes = bundle.filter((place) => !chosen[place]);
    if (comes.length < 2) continue;
    const cost = sumOf(price, comes);
    if (cost > dearest) continue;
    const made = choice.madeBy(comes);
    for (const going of outs) {
      if (cost - going.freed > room || going.goes.some((place) => bundle.includes(place))) continue;
      if (choice.after(comes, going, made) <= choice.worth + EPSILON) continue;
      choice.change(comes, going.goes);
      return true;
    }
  }
  return false;
}

/**
 * Two at once, for nothing or for one or two of the others: whatever is missed least goes first, and the best two that lift the
 * whole in its place are taken. What two bring is no more than what each brings and what the looks that want just the two
 * do, so that few need be weighed.
 */
function improveByPairs({ price }: PlanModel, choice: Choice, open: readonly number[]): boolean {
  const others = open.filter((place) => !choice.chosen[place]);
  const rank = new Map(others.map((place, i) => [place, i] as const));
  const just = choice.lackingTwo().filter(({ a, b }) => rank.has(a) && rank.has(b));
  const nothing = choice.madeBy(NONE);
  const outs = upToTwo(choice.held())
    .map((gone) => choice.going(gone))
    .map((going) => ({ going, base: choice.after(NONE, going, nothing) }))
    .sort((one, other) => other.base - one.base);
  for (const { going, base } of outs) {
    const hopes = oneEach(others.length, (i): Hope => {
      const comes = [others[i] as number];
      return { place: others[i] as number, worth: choice.after(comes, going, choice.madeBy(comes)) };
    });
    const two = new BestTwo(choice, price, going);
    for (const { a, b, made, points } of just) {
      const [one, other] = [hopes[rank.get(a) as number] as Hope, hopes[rank.get(b) as number] as Hope];
      if (one.worth + other.worth - base + points > two.worth) two.weigh(a, b, made);
    }
    hopes.sort(byWorth);
    for (let i = 0; i < hopes.length; i++) {
      const a = hopes[i] as Hope;
      for (let k = i + 1; k < hopes.length; k++) {
        const b = hopes[k] as Hope;
        if (a.worth + b.worth - base <= two.worth) break;
        two.weigh(a.place, b.place);
      }
    }
    if (two.into.length === 0) continue;
    choice.change(two.into, going.goes);
    return true;
  }
  return false;
}

/** The best two that come where some go, of those that were weighed. */
class BestTwo {
  into = NONE;
  worth: number;
  private readonly left: number;
  private readonly told = new Map<number, Coming>();

  constructor(
    private readonly choice: Choice,
    private readonly price: readonly number[],
    private readonly going: Going,
  ) {
    this.worth = choice.worth + EPSILON;
    this.left = choice.room + going.freed;
  }

  weigh(a: number, b: number, made?: Made): void {
    if ((this.price[a] as number) + (this.price[b] as number) > this.left) return;
    const its = this.choice.withBoth(this.coming(a), this.coming(b), this.going, made);
    if (its <= this.worth) return;
    this.worth = its;
    this.into = [a, b];
  }

  /** What one brings is told in full for the few that are weighed. */
  private coming(place: number): Coming {
    let its = this.told.get(place);
    if (!its) this.told.set(place, (its = this.choice.coming(place, this.going)));
    return its;
  }
}

const byWorth = (one: Hope, other: Hope): number => other.worth - one.worth;

const pairsOf = (places: readonly number[]): (readonly number[])[] =>
  places.flatMap((one, i) => places.slice(i + 1).map((two) => [one, two] as const));

/** Nothing, each, and each two of them. */
const upToTwo = (places: readonly number[]): (readonly number[])[] => [
  NONE,
  ...places.map((one) => [one]),
  ...pairsOf(places),
];
