import { memo } from '../memo';
import { type PlanModel, WORTH } from './model';

/** A point of worth is nothing beside a thing that stands against a box. */
const WRONG = 1e5;
/** Less than this is rounding, points. */
export const EPSILON = 1e-9;
export const NONE: readonly number[] = [];

/** What a model says, by candidate; made once for a model. */
class ModelIndex {
  /** Of each occasion the looks that hold each candidate, best first. */
  readonly holding: readonly (readonly (readonly number[])[])[];
  /** Of each occasion how many new pieces each look wants. */
  readonly wants: readonly Uint8Array[];
  readonly twins: readonly (readonly number[])[];
  /** How often each candidate is among the pins. */
  readonly pinned: Uint8Array;
  /** Of each ask and each group, whether a candidate is among those it names. */
  readonly answers: readonly Uint8Array[];
  readonly grouped: readonly Uint8Array[];

  constructor({ looks, price, twins, pins, answering, groups }: PlanModel) {
    this.holding = looks.map((its) => {
      const by: number[][] = price.map(() => []);
      its.forEach(({ fresh }, l) => fresh.forEach((place) => by[place]?.push(l)));
      return by;
    });
    this.wants = looks.map((its) => Uint8Array.from(its, ({ fresh }) => fresh.length));
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
const indexOf = memo((model: PlanModel) => new ModelIndex(model));

/** Looks of each occasion, by their places, best first. */
export type Made = readonly (readonly number[])[];

/**
 * A choice of candidates with all that is known of it, so that a change is weighed by what it touches and not by everything.
 * What it is worth is `worthOf` less `WRONG` for each of `wrongsOf`, to the rounding.
 */
export class Choice {
  worth: number;
  private readonly index: ModelIndex;
  /** Of each occasion: how many new pieces each look still lacks. */
  private readonly lacks: readonly Uint8Array[];
  /** For counting within one occasion; zeros between. */
  private readonly counted: readonly Uint8Array[];
  /** Looks of each occasion that lack nothing, best first, what they bring, and the sum of what they open. */
  private there: readonly (readonly number[])[] = [];
  private points: readonly number[] = [];
  private opened: readonly number[] = [];
  /** Of each occasion and candidate: what its looks among those open, and how many they are. */
  private readonly opens: readonly Float64Array[];
  private readonly touched: readonly Uint16Array[];
  private count = 0;
  private spent = 0;
  private grams = 0;
  private own = 0;
  private disallowed = 0;
  private twins = 0;
  private unpinned = 0;
  private readonly answered: Uint16Array;
  private readonly inGroup: Uint16Array;

  constructor(
    private readonly model: PlanModel,
    readonly chosen: Uint8Array,
  ) {
    this.index = indexOf(model);
    const size = chosen.length;
    this.lacks = this.index.wants.map((wants) => wants.slice());
    this.counted = model.looks.map((its) => new Uint8Array(its.length));
    this.opens = model.looks.map(() => new Float64Array(size));
    this.touched = model.looks.map(() => new Uint16Array(size));
    this.answered = new Uint16Array(model.answering.length);
    this.inGroup = new Uint16Array(model.groups.length);
    this.unpinned = model.pins.length;
    const there = [...chosen.keys()].filter((place) => chosen[place]);
    chosen.fill(0);
    for (const place of there) this.put(place, 1);
    this.worth = this.settle();
  }

  /** What is in and may go. */
  held(): number[] {
    return [...this.chosen.keys()].filter((place) => this.chosen[place] && !this.index.pinned[place]);
  }

  /** What is left of the budget, minor units. */
  get room(): number {
    return this.model.budgetMinor - this.spent;
  }

  /** The looks that lack only these and would be there with them. */
  madeBy(comes: readonly number[]): Made {
    const made: (readonly number[])[] = [];
    for (let o = 0; o < this.lacks.length; o++) made.push(this.madeFor(o, comes));
    return made;
  }

  private madeFor(o: number, comes: readonly number[]): readonly number[] {
    if (comes.length === 0) return NONE;
    const lacks = this.lacks[o] as Uint8Array;
    const holding = this.index.holding[o] as readonly (readonly number[])[];
    const found: number[] = [];
    if (comes.length === 1) {
      for (const l of holding[comes[0] as number] as readonly number[]) if (lacks[l] === 1) found.push(l);
      return found;
    }
    const counted = this.counted[o] as Uint8Array;
    for (const place of comes)
      for (const l of holding[place] as readonly number[])
        if ((counted[l] = (counted[l] as number) + 1) === lacks[l]) found.push(l);
    for (const place of comes) for (const l of holding[place] as readonly number[]) counted[l] = 0;
    return found.sort((a, b) => a - b);
  }

  /** Worth with some in, which are not, and some out, which are in; `made`: the looks those in would make. */
  after(comes: readonly number[], goes: readonly number[], made: Made): number {
    let value = 0;
    for (let o = 0; o < this.points.length; o++)
      value += (this.model.weights[o] as number) * this.pointsAfter(o, goes, made[o] as readonly number[]);
    return value + this.bareAfter(comes, goes);
  }

  change(comes: readonly number[], goes: readonly number[]): void {
    for (const place of goes) this.put(place, -1);
    for (const place of comes) this.put(place, 1);
    this.worth = this.settle();
  }

  private put(place: number, by: 1 | -1): void {
    this.tally(place, by);
    for (let o = 0; o < this.lacks.length; o++) {
      const lacks = this.lacks[o] as Uint8Array;
      for (const l of this.index.holding[o]?.[place] ?? NONE) lacks[l] = (lacks[l] as number) - by;
    }
  }

  /** Everything but the looks. */
  private tally(place: number, by: 1 | -1): void {
    const { model, index, chosen } = this;
    if (by === -1) chosen[place] = 0;
    for (const other of index.twins[place] as readonly number[]) if (chosen[other]) this.twins += by;
    if (by === 1) chosen[place] = 1;
    this.count += by;
    this.spent += by * (model.price[place] as number);
    this.grams += by * (model.grams?.[place] ?? 0);
    if (!model.allowed[place]) this.disallowed += by;
    this.unpinned -= by * (index.pinned[place] as number);
    index.answers.forEach((marks, at) => {
      this.answered[at] = (this.answered[at] as number) + by * (marks[place] as number);
    });
    index.grouped.forEach((marks, at) => {
      this.inGroup[at] = (this.inGroup[at] as number) + by * (marks[place] as number);
    });
  }

  /** Takes stock of the looks and of what each brings; answers the worth. */
  private settle(): number {
    const { model, chosen } = this;
    this.own = 0;
    for (let place = 0; place < chosen.length; place++)
      if (chosen[place]) this.own += model.own[place] as number;
    this.there = this.lacks.map((lacks) => {
      const found: number[] = [];
      for (let l = 0; l < lacks.length; l++) if (lacks[l] === 0) found.push(l);
      return found;
    });
    this.opened = this.there.map((there, o) => {
      const [opens, touched] = [this.opens[o] as Float64Array, this.touched[o] as Uint16Array];
      opens.fill(0);
      touched.fill(0);
      let sum = 0;
      for (const l of there) {
        const look = model.looks[o]?.[l];
        if (!look || look.fresh.length === 0) continue;
        sum += look.opens;
        for (const place of look.fresh) {
          opens[place] = (opens[place] as number) + look.opens;
          touched[place] = (touched[place] as number) + 1;
        }
      }
      return sum;
    });
    this.points = this.there.map((_its, o) => this.weighed(o, NONE, NONE));
    return this.after(NONE, NONE, this.madeBy(NONE));
  }

  private pointsAfter(o: number, goes: readonly number[], made: readonly number[]): number {
    if (made.length > 0) return this.weighed(o, goes, made);
    const touched = this.touched[o] as Uint16Array;
    for (const place of goes) if (touched[place]) return this.weighed(o, goes, made);
    return this.points[o] as number;
  }

  /** Points of an occasion by its best looks and by what all of them open, up to as many as count. */
  private weighed(o: number, goes: readonly number[], made: readonly number[]): number {
    const its = this.model.looks[o] as PlanModel['looks'][number];
    const ranks = this.model.ranks[o] as readonly number[];
    const there = this.there[o] as readonly number[];
    let [points, ranked, i, k] = [0, 0, 0, 0];
    while (ranked < ranks.length && (i < there.length || k < made.length)) {
      const [a, b] = [there[i] ?? Infinity, made[k] ?? Infinity];
      const look = its[a < b ? a : b] as (typeof its)[number];
      if (a < b) i++;
      else k++;
      if (!holdsAny(look.fresh, goes)) points += look.score * (ranks[ranked++] as number);
    }
    let opened = this.opened[o] as number;
    const opens = this.opens[o] as Float64Array;
    for (const place of goes) opened -= opens[place] as number;
    // What holds two of those that go was taken off twice.
    if (goes.length > 1) opened += this.twice(o, goes);
    for (const l of made) {
      const look = its[l] as (typeof its)[number];
      if (!holdsAny(look.fresh, goes)) opened += look.opens;
    }
    return points + this.model.opened * Math.min(WORTH.mostOpened, opened);
  }

  private twice(o: number, goes: readonly number[]): number {
    const touched = this.touched[o] as Uint16Array;
    if (goes.reduce((sum, place) => sum + (touched[place] ? 1 : 0), 0) < 2) return 0;
    let sum = 0;
    for (const l of this.there[o] as readonly number[]) {
      const look = this.model.looks[o]?.[l];
      if (!look) continue;
      let held = 0;
      for (const place of goes) if (look.fresh.includes(place)) held++;
      if (held > 1) sum += (held - 1) * look.opens;
    }
    return sum;
  }

  /** What no look brings, less what stands against it. */
  private bareAfter(comes: readonly number[], goes: readonly number[]): number {
    const { model, index, chosen } = this;
    let [count, spent, grams, own] = [this.count, this.spent, this.grams, this.own];
    let wrongs = this.disallowed + this.twins + this.unpinned;
    for (const place of goes) {
      count--;
      spent -= model.price[place] as number;
      grams -= model.grams?.[place] ?? 0;
      own -= model.own[place] as number;
      if (!model.allowed[place]) wrongs--;
      wrongs += index.pinned[place] as number;
      chosen[place] = 0;
      for (const other of index.twins[place] as readonly number[]) wrongs -= chosen[other] as number;
    }
    for (const place of comes) {
      count++;
      spent += model.price[place] as number;
      grams += model.grams?.[place] ?? 0;
      own += model.own[place] as number;
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

function holdsAny(fresh: readonly number[], places: readonly number[]): boolean {
  for (const place of places) if (fresh.includes(place)) return true;
  return false;
}
