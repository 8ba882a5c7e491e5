import { seeded } from '../chance';
import { memo } from '../memo';
import { Choice, type Coming, EPSILON, type Going } from './choice';
import { type Made, NONE } from './model-index';
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
  const climb = (): void => {
    while (improve(model, choice, open) || improveByLooks(model, choice, together));
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
  const nothing = choice.going(NONE);
  const goes = choice.singles();
  let [best, into, outOf] = [choice.worth + EPSILON, NONE, NONE];
  const stays = choice.madeBy(NONE);
  for (const going of goes) {
    const its = choice.after(NONE, going, stays);
    if (its > best) [best, into, outOf] = [its, NONE, going.goes];
  }
  const hopes = open
    .filter((place) => !chosen[place])
    .map((place) => ({ place, most: choice.atMostWith(place) }))
    .sort((one, other) => other.most - one.most);
  for (const { place, most } of hopes) {
    if (most <= best) break;
    const comes = [place];
    const cost = price[place] as number;
    const made = choice.madeBy(comes);
    const weigh = (going: Going): void => {
      const its = choice.after(comes, going, made);
      if (its > best) [best, into, outOf] = [its, comes, going.goes];
    };
    if (cost <= room) weigh(nothing);
    for (const going of goes) if (cost - (price[going.goes[0] as number] as number) <= room) weigh(going);
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
  const goes = [choice.going(NONE), ...choice.singles()];
  const outs = goes.map((going) => ({ going, freed: sumOf(price, going.goes) }));
  const dearest = room + Math.max(...outs.map(({ freed }) => freed));
  for (const bundle of bundles) {
    const comes = bundle.filter((place) => !chosen[place]);
    if (comes.length < 2) continue;
    const cost = sumOf(price, comes);
    if (cost > dearest) continue;
    const made = choice.madeBy(comes);
    for (const { going, freed } of outs) {
      if (cost - freed > room || going.goes.some((place) => bundle.includes(place))) continue;
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
  const { chosen, room } = choice;
  const others = open.filter((place) => !chosen[place]);
  const rank = new Map(others.map((place, i) => [place, i] as const));
  const just = choice.lackingTwo().filter(({ a, b }) => rank.has(a) && rank.has(b));
  const nothing = choice.madeBy(NONE);
  const outs = upToTwo(choice.held())
    .map((gone) => choice.going(gone))
    .map((going) => ({ going, base: choice.after(NONE, going, nothing) }))
    .sort((one, other) => other.base - one.base);
  for (const { going, base } of outs) {
    const left = room + sumOf(price, going.goes);
    const coming = others.map((place) => choice.coming(place, going));
    let [best, into] = [choice.worth + EPSILON, NONE];
    const weigh = (a: Coming, b: Coming, made?: Made): void => {
      if ((price[a.place] as number) + (price[b.place] as number) > left) return;
      const its = choice.withBoth(a, b, going, made);
      if (its > best) [best, into] = [its, [a.place, b.place]];
    };
    for (const { a, b, made, points } of just) {
      const [one, two] = [coming[rank.get(a) as number] as Coming, coming[rank.get(b) as number] as Coming];
      if (one.worth + two.worth - base + points > best) weigh(one, two, made);
    }
    coming.sort((a, b) => b.worth - a.worth);
    for (let i = 0; i < coming.length; i++) {
      const a = coming[i] as Coming;
      for (let k = i + 1; k < coming.length; k++) {
        const b = coming[k] as Coming;
        if (a.worth + b.worth - base <= best) break;
        weigh(a, b);
      }
    }
    if (into.length === 0) continue;
    choice.change(into, going.goes);
    return true;
  }
  return false;
}

const sumOf = (price: readonly number[], places: readonly number[]): number => {
  let sum = 0;
  for (const place of places) sum += price[place] as number;
  return sum;
};

const pairsOf = (places: readonly number[]): (readonly number[])[] =>
  places.flatMap((one, i) => places.slice(i + 1).map((two) => [one, two] as const));

/** Nothing, each, and each two of them. */
const upToTwo = (places: readonly number[]): (readonly number[])[] => [
  NONE,
  ...places.map((one) => [one]),
  ...pairsOf(places),
];
