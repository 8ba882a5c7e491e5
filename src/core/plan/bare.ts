import { type PlanModel, WORTH } from './model';
import type { ModelIndex } from './model-index';

/** A point of worth is nothing beside a thing that stands against a box. */
export const WRONG = 1e5;

/** What a choice is worth that no look brings, and what stands against it: `aloneWorth` less `WRONG` for each of `wrongsOf`. */
export class Bare {
  // Not a whole number from the start: engines keep those apart.
  private own = NaN;
  /** What the poorest of its own is by itself, or nought. */
  private leastOwn = NaN;
  private count = 0;
  private spent = 0;
  private grams = 0;
  private disallowed = 0;
  private twins = 0;
  private unpinned: number;
  private readonly answered: Uint16Array;
  private readonly inGroup: Uint16Array;

  constructor(
    private readonly model: PlanModel,
    private readonly index: ModelIndex,
    private readonly chosen: Uint8Array,
  ) {
    this.unpinned = model.pins.length;
    this.answered = new Uint16Array(model.answering.length);
    this.inGroup = new Uint16Array(model.groups.length);
  }

  /** What is left of the budget, minor units. */
  get room(): number {
    return this.model.budgetMinor - this.spent;
  }

  /** Puts a candidate in or takes it out of what is chosen. */
  put(place: number, by: 1 | -1): void {
    const { model, index, chosen } = this;
    if (by === -1) chosen[place] = 0;
    for (const other of index.twins[place] as readonly number[]) if (chosen[other]) this.twins += by;
    if (by === 1) chosen[place] = 1;
    this.count += by;
    this.spent += by * (index.price[place] as number);
    this.grams += by * (index.grams[place] as number);
    if (!model.allowed[place]) this.disallowed += by;
    this.unpinned -= by * (index.pinned[place] as number);
    index.answers.forEach((marks, at) => {
      this.answered[at] = (this.answered[at] as number) + by * (marks[place] as number);
    });
    index.grouped.forEach((marks, at) => {
      this.inGroup[at] = (this.inGroup[at] as number) + by * (marks[place] as number);
    });
  }

  /** Adds up what each is by itself, anew each time, so that rounding does not gather. */
  settle(): void {
    this.own = this.leastOwn = 0;
    for (let place = 0; place < this.chosen.length; place++) {
      if (!this.chosen[place]) continue;
      const own = this.index.own[place] as number;
      this.own += own;
      this.leastOwn = Math.min(this.leastOwn, own);
    }
  }

  /** No less than what it is with one more, whatever of its own goes for it, where nothing stands against it. */
  atMostWith(place: number): number {
    let most = this.own + (this.index.own[place] as number) - this.leastOwn;
    for (let at = 0; at < this.answered.length; at++)
      if ((this.answered[at] as number) + (this.index.answers[at]?.[place] as number) > 0) most += WORTH.ask;
    return most;
  }

  /** What it is after some, which are not in, come and some, which are, go. */
  after(comes: readonly number[], goes: readonly number[]): number {
    const { model, index, chosen } = this;
    let [count, spent, grams, own] = [this.count, this.spent, this.grams, this.own];
    let wrongs = this.disallowed + this.twins + this.unpinned;
    for (const place of goes) {
      count--;
      spent -= index.price[place] as number;
      grams -= index.grams[place] as number;
      own -= index.own[place] as number;
      if (!model.allowed[place]) wrongs--;
      wrongs += index.pinned[place] as number;
      chosen[place] = 0;
      for (const other of index.twins[place] as readonly number[]) wrongs -= chosen[other] as number;
    }
    for (const place of comes) {
      count++;
      spent += index.price[place] as number;
      grams += index.grams[place] as number;
      own += index.own[place] as number;
      if (!model.allowed[place]) wrongs++;
      wrongs -= index.pinned[place] as number;
      for (const other of index.twins[place] as readonly number[]) wrongs += chosen[other] as number;
      chosen[place] = 1;
    }
    for (const place of comes) chosen[place] = 0;
    for (const place of goes) chosen[place] = 1;
    if (spent > model.budgetMinor) wrongs++;
    if (grams > (model.mostG ?? Infinity)) wrongs++;
    wrongs += Math.max(0, count - model.most) + Math.max(0, model.least - count);
    for (let at = 0; at < model.groups.length; at++) {
      const { least, most } = model.groups[at] as PlanModel['groups'][number];
      const its = changed(this.inGroup[at] as number, index.grouped[at] as Uint8Array, comes, goes);
      wrongs += Math.max(0, its - most) + Math.max(0, least - its);
    }
    for (let at = 0; at < model.answering.length; at++) {
      const its = changed(this.answered[at] as number, index.answers[at] as Uint8Array, comes, goes);
      if (its > 0) own += WORTH.ask;
      else if (model.answering[at]?.must) wrongs++;
    }
    return own - WRONG * wrongs;
  }
}

/** A count after some come and some go, of those that are marked. */
function changed(
  count: number,
  marks: Uint8Array,
  comes: readonly number[],
  goes: readonly number[],
): number {
  for (const place of comes) count += marks[place] as number;
  for (const place of goes) count -= marks[place] as number;
  return count;
}
