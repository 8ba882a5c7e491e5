import { seeded } from '../chance';
import { memo } from '../memo';
import { Choice, EPSILON, NONE } from './choice';
import type { PlanModel } from './model';

/** Fresh beginnings out of the best so far, and pieces each gives up. */
const RESTARTS = 48;
const GIVEN_UP = 3;
const FRESH_EVERY = 3;
/** Looks of an occasion, best first, that are tried as a whole. */
const MOST_BUNDLES = 40;
/** Candidates that are tried two at a time. */
const MOST_PAIRED = 22;

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
  // What is only worth something together is tried together.
  const together = bundlesOf(model).filter((fresh) => !fresh.some((place) => out.has(place)));
  const climb = (start: Uint8Array): Choice => {
    const choice = new Choice(model, start);
    while (improve(model, choice, open) || improveByLooks(model, choice, together));
    return choice;
  };
  const empty = new Uint8Array(model.price.length);
  for (const place of model.pins) if (!out.has(place)) empty[place] = 1;
  let best = climb(Uint8Array.from(start ?? empty));
  const homes = [Uint8Array.from(best.chosen), empty] as const;
  const guest = (into: Uint8Array): void => {
    const place = open[Math.floor(random() * open.length)];
    if (place !== undefined) into[place] = 1;
  };
  for (let i = 0; i < restarts; i++) {
    // Every so often from where it first was or from nothing, in turn, so that it does not only walk about where it is.
    const isFresh = i % FRESH_EVERY === FRESH_EVERY - 1;
    const [first, nothing] = homes;
    const home = i % (2 * FRESH_EVERY) < FRESH_EVERY ? first : nothing;
    const anew = Uint8Array.from(isFresh ? home : best.chosen);
    if (!isFresh) {
      const held = best.held();
      for (let k = 0; k < Math.min(GIVEN_UP, held.length); k++)
        anew[held[Math.floor(random() * held.length)] as number] = 0;
    }
    // Somebody else is let in first, so that it does not only grow back.
    guest(anew);
    if (isFresh) guest(anew);
    const other = climb(anew);
    if (other.worth > best.worth + EPSILON) best = other;
  }
  // Where money is short, two cheap pieces may be worth more than one dear one: asked of the best alone, as it takes long.
  if (restarts === RESTARTS)
    while (improveByPairs(model, best, open))
      while (improve(model, best, open) || improveByLooks(model, best, together));
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
  const goes = choice.held().map((one) => [one] as const);
  let [best, into, outOf] = [choice.worth + EPSILON, NONE, NONE];
  const nothing = choice.madeBy(NONE);
  for (const gone of goes) {
    const its = choice.after(NONE, gone, nothing);
    if (its > best) [best, into, outOf] = [its, NONE, gone];
  }
  for (const place of open) {
    if (chosen[place]) continue;
    const comes = [place];
    const cost = price[place] as number;
    const made = choice.madeBy(comes);
    const weigh = (gone: readonly number[]): void => {
      const its = choice.after(comes, gone, made);
      if (its > best) [best, into, outOf] = [its, comes, gone];
    };
    if (cost <= room) weigh(NONE);
    for (const gone of goes) if (cost - (price[gone[0]] as number) <= room) weigh(gone);
  }
  if (into.length === 0 && outOf.length === 0) return false;
  choice.change(into, outOf);
  return true;
}

/** All of a look at once, for nothing or for one or two of the others; only when no single change helps. */
function improveByLooks(
  { price }: PlanModel,
  choice: Choice,
  bundles: readonly (readonly number[])[],
): boolean {
  const { chosen, room } = choice;
  const goes = upToTwo(choice.held());
  for (const bundle of bundles) {
    const comes = bundle.filter((place) => !chosen[place]);
    if (comes.length < 2) continue;
    const cost = sumOf(price, comes);
    const made = choice.madeBy(comes);
    for (const gone of goes) {
      if (cost - sumOf(price, gone) > room || gone.some((place) => bundle.includes(place))) continue;
      if (choice.after(comes, gone, made) <= choice.worth + EPSILON) continue;
      choice.change(comes, gone);
      return true;
    }
  }
  return false;
}

/** Two at once, out of those that look best, for nothing or for one or two of the others. */
function improveByPairs({ price }: PlanModel, choice: Choice, open: readonly number[]): boolean {
  const { chosen, room } = choice;
  const held = choice.held();
  const near = open
    .filter((place) => !chosen[place])
    .map((place) => {
      const made = choice.madeBy([place]);
      const gain = Math.max(
        choice.after([place], NONE, made),
        ...held.map((gone) => choice.after([place], [gone], made)),
      );
      return { place, gain };
    })
    .sort((a, b) => b.gain - a.gain)
    .slice(0, MOST_PAIRED)
    .map(({ place }) => place);
  const goes = upToTwo(held);
  let [best, into, outOf] = [choice.worth + EPSILON, NONE, NONE];
  for (const pair of pairsOf(near)) {
    const cost = sumOf(price, pair);
    const made = choice.madeBy(pair);
    for (const gone of goes) {
      if (cost - sumOf(price, gone) > room) continue;
      const its = choice.after(pair, gone, made);
      if (its > best) [best, into, outOf] = [its, pair, gone];
    }
  }
  if (into.length === 0) return false;
  choice.change(into, outOf);
  return true;
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
