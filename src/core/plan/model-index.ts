import { memo } from '../memo';
import type { PlanModel } from './model';

/** Looks of an occasion by their places, best first; and of each occasion. */
export type Looks = readonly number[];
export type Made = readonly Looks[];
export const NONE: readonly number[] = [];

/**
 * One thing for each of some. Where a search reads what it makes: an engine that has compiled `map` gives arrays of another
 * kind than before, and whatever read the others is compiled anew, again and again.
 */
export function oneEach<T>(count: number, make: (i: number) => T): T[] {
  const all: T[] = [];
  for (let i = 0; i < count; i++) all.push(make(i));
  return all;
}

/** What a model says, by candidate; made once for a model. */
export class ModelIndex {
  /** Of each occasion the looks that hold each candidate, best first. */
  readonly holding: readonly (readonly (readonly number[])[])[];
  /** Of each occasion how many new pieces each look wants. */
  readonly wants: readonly Uint8Array[];
  /** And the sum of their places: of a look that lacks one, what is left of the sum is its place. */
  readonly sums: readonly Int32Array[];
  readonly twins: readonly (readonly number[])[];
  /** How often each candidate is among the pins. */
  readonly pinned: Uint8Array;
  /** Of each ask and each group, whether a candidate is among those it names. */
  readonly answers: readonly Uint8Array[];
  readonly grouped: readonly Uint8Array[];
  /** Of each occasion the score of each look, what it opens, and what the ranks count. */
  readonly scores: readonly Float64Array[];
  readonly opens: readonly Float64Array[];
  readonly ranks: readonly Float64Array[];
  readonly weights: Float64Array;
  readonly price: Float64Array;
  readonly own: Float64Array;
  readonly grams: Float64Array;

  constructor({ looks, price, own, grams, twins, pins, answering, groups, ranks, weights }: PlanModel) {
    this.scores = looks.map((its) => Float64Array.from(its, ({ score }) => score));
    this.opens = looks.map((its) => Float64Array.from(its, ({ opens }) => opens));
    this.ranks = ranks.map((its) => Float64Array.from(its));
    this.weights = Float64Array.from(weights);
    this.price = Float64Array.from(price);
    this.own = Float64Array.from(own);
    this.grams = Float64Array.from(price, (_each, place) => grams?.[place] ?? 0);
    this.holding = looks.map((its) => {
      const by: number[][] = price.map(() => []);
      its.forEach(({ fresh }, l) => fresh.forEach((place) => by[place]?.push(l)));
      return by;
    });
    this.wants = looks.map((its) => Uint8Array.from(its, ({ fresh }) => fresh.length));
    this.sums = looks.map((its) =>
      Int32Array.from(its, ({ fresh }) => fresh.reduce((sum, place) => sum + place, 0)),
    );
    const near: number[][] = price.map(() => []);
    for (const [a, b] of twins) {
      near[a]?.push(b);
      near[b]?.push(a);
    }
    this.twins = near;
    this.pinned = new Uint8Array(price.length);
    for (const place of pins) this.pinned[place] = (this.pinned[place] as number) + 1;
    const marked = (places: readonly number[]): Uint8Array => {
      const marks = new Uint8Array(price.length);
      for (const place of places) marks[place] = 1;
      return marks;
    };
    this.answers = answering.map(({ by }) => marked(by));
    this.grouped = groups.map(({ of }) => marked(of));
  }
}
/** What some candidates come to, minor units. */
export const sumOf = (price: readonly number[], places: readonly number[]): number => {
  let sum = 0;
  for (const place of places) sum += price[place] as number;
  return sum;
};

export const indexOf = memo((model: PlanModel) => new ModelIndex(model));
