import { Bare, WRONG } from './bare';
import type { PlanLook } from './enumerate';
import { type PlanModel, WORTH } from './model';
import { indexOf, type Looks, type Made, type ModelIndex, NONE, oneEach, sumOf } from './model-index';
import { Standing } from './standing';

/** Less than this is rounding, points. */
export const EPSILON = 1e-9;
/** Beyond the place of any look. */
const LAST = 0x7fffffff;

/** Some that would go, what that frees (minor units), and what each occasion is left: its best looks, what all of them open, and its points. */
export interface Going {
  readonly goes: readonly number[];
  readonly freed: number;
  readonly best: Made;
  readonly opened: Float64Array;
  readonly points: Float64Array;
}

/** One that would come in the place of some that go: the best looks it makes of each occasion, and what it all would be worth. */
export interface Coming extends Omit<Going, 'goes' | 'freed'> {
  readonly place: number;
  readonly worth: number;
}

/** Two that looks lack and nothing else, those looks, and the points they bring at most. */
export interface LackingTwo {
  readonly a: number;
  readonly b: number;
  readonly made: Made;
  readonly points: number;
}

/**
 * A choice of candidates with all that is known of it, so that a change is weighed by what it touches and not by everything.
 * What it is worth is `worthOf` less `WRONG` for each of `wrongsOf`, to the rounding.
 */
export class Choice {
  // Not a whole number from the start: engines keep those apart.
  worth = NaN;
  private readonly index: ModelIndex;
  /** For counting within one occasion; zeros between. */
  private readonly counted: readonly Uint8Array[];
  /** What each occasion has as it stands. */
  private stays: Going = {
    goes: NONE,
    freed: 0,
    best: [],
    opened: new Float64Array(0),
    points: new Float64Array(0),
  };
  private ones: readonly Going[] | undefined;
  private readonly nothing: Made;
  private readonly standing: Standing;
  private readonly bare: Bare;

  constructor(
    private readonly model: PlanModel,
    readonly chosen: Uint8Array,
  ) {
    this.index = indexOf(model);
    this.counted = oneEach(model.looks.length, (o) => new Uint8Array(model.looks[o]?.length ?? 0));
    this.standing = new Standing(model, this.index);
    this.bare = new Bare(model, this.index, chosen);
    this.nothing = oneEach(model.looks.length, () => NONE);
    const wanted = chosen.slice();
    chosen.fill(0);
    this.become(wanted);
  }

  /** Makes it another choice: what was told of it before holds no longer. */
  become(wanted: Uint8Array): void {
    for (let place = 0; place < wanted.length; place++)
      if (this.chosen[place] && !wanted[place]) this.put(place, -1);
    for (let place = 0; place < wanted.length; place++)
      if (!this.chosen[place] && wanted[place]) this.put(place, 1);
    this.worth = this.settle();
  }

  /** What is in and may go. */
  held(): number[] {
    const found: number[] = [];
    for (let place = 0; place < this.chosen.length; place++)
      if (this.chosen[place] && !this.index.pinned[place]) found.push(place);
    return found;
  }

  /** The same for the same choice. */
  key(): string {
    let key = '';
    for (let place = 0; place < this.chosen.length; place++)
      if (this.chosen[place]) key += String.fromCharCode(place);
    return key;
  }

  /** True for a box that may be sent. */
  get isRight(): boolean {
    return this.worth > -WRONG / 2;
  }

  /** What is chosen, with one candidate in or out. */
  with(place: number, is: 0 | 1): Uint8Array {
    const next = Uint8Array.from(this.chosen);
    next[place] = is;
    return next;
  }

  /** What it would be worth with one more, for nothing or for the best one of its own. */
  bestWith(place: number): number {
    const comes = [place];
    const made = this.madeBy(comes);
    return Math.max(...this.outs().map((going) => this.after(comes, going, made)));
  }

  /** What it would be worth without one of its own, with the best of some others in its place or nothing. */
  bestWithout(place: number, others: readonly number[]): number {
    const going = this.going([place]);
    let best = this.after(NONE, going, this.nothing);
    for (const other of others)
      if (!this.chosen[other]) best = Math.max(best, this.after([other], going, this.madeBy([other])));
    return best;
  }

  /** Nothing, and each of its own that may go. */
  outs(): readonly Going[] {
    if (!this.ones) {
      const all = [this.stays];
      for (const one of this.held()) all.push(this.going([one]));
      this.ones = all;
    }
    return this.ones;
  }

  /** What is left of the budget, minor units. */
  get room(): number {
    return this.bare.room;
  }

  /** The looks that lack only these and would be there with them. */
  madeBy(comes: readonly number[]): Made {
    if (comes.length === 0) return this.nothing;
    if (comes.length === 1) return this.standing.lackingOne[comes[0] as number] as Made;
    return oneEach(this.nothing.length, (o) => this.madeFor(o, comes));
  }

  private madeFor(o: number, comes: readonly number[]): readonly number[] {
    const lacks = this.standing.lacks[o] as Uint8Array;
    const holding = this.index.holding[o] as Made;
    const counted = this.counted[o] as Uint8Array;
    const found: number[] = [];
    for (const place of comes)
      for (const l of holding[place] as readonly number[])
        if ((counted[l] = (counted[l] as number) + 1) === lacks[l]) found.push(l);
    for (const place of comes) for (const l of holding[place] as readonly number[]) counted[l] = 0;
    return found.sort((a, b) => a - b);
  }

  /** What is left where some go, which are in: told once for all that may come in their place. */
  going(goes: readonly number[]): Going {
    if (goes.length === 0) return this.stays;
    const { length } = this.nothing;
    const best: Looks[] = [];
    const [opened, points] = [new Float64Array(length), new Float64Array(length)];
    for (let o = 0; o < length; o++) {
      const isTouched = this.touches(o, goes);
      best.push(isTouched ? this.bestStaying(o, goes) : (this.stays.best[o] as Looks));
      opened[o] = (this.stays.opened[o] as number) - (isTouched ? this.openedBy(o, goes) : 0);
      points[o] = isTouched
        ? this.weighed(o, best[o] as Looks, NONE, NONE, opened[o] as number)
        : (this.stays.points[o] as number);
    }
    return { goes, freed: sumOf(this.model.price, goes), best, opened, points };
  }

  /** Worth with some in, which are not, and some out, which are in; `made`: the looks those in would make. */
  after(comes: readonly number[], going: Going, made: Made): number {
    return this.looksAfter(going, made) + this.bare.after(comes, going.goes);
  }

  /** No less than what it would be worth with one more, whatever of its own goes for it: looks are only lost with that. */
  atMostWith(place: number): number {
    if (!this.isRight) return Infinity;
    return this.looksAfter(this.stays, this.madeBy([place])) + this.bare.atMostWith(place);
  }

  private looksAfter({ goes, best, opened, points }: Going, made: Made): number {
    let worth = 0;
    for (let o = 0; o < made.length; o++) {
      const its = made[o] as Looks;
      let value = points[o] as number;
      if (its.length > 0) {
        const left = this.staying(o, its, goes);
        value = this.weighed(
          o,
          best[o] as Looks,
          left,
          NONE,
          (opened[o] as number) + this.sumOpened(o, left),
        );
      }
      worth += (this.index.weights[o] as number) * value;
    }
    return worth;
  }

  /** What one that is not in would bring where some go. */
  coming(place: number, going: Going): Coming {
    const made = this.madeBy([place]);
    const best: (readonly number[])[] = [];
    const opened = new Float64Array(made.length);
    const points = new Float64Array(made.length);
    let worth = this.bare.after([place], going.goes);
    for (let o = 0; o < made.length; o++) {
      const its = this.staying(o, made[o] as readonly number[], going.goes);
      const most = (this.index.ranks[o] as Float64Array).length;
      best.push(its.length > most ? its.slice(0, most) : its);
      opened[o] = this.sumOpened(o, its);
      points[o] =
        its.length === 0
          ? (going.points[o] as number)
          : this.weighed(
              o,
              going.best[o] as Looks,
              best[o] as Looks,
              NONE,
              (going.opened[o] as number) + (opened[o] as number),
            );
      worth += (this.index.weights[o] as number) * (points[o] as number);
    }
    return { place, best, opened, points, worth };
  }

  /** Worth with two in and some out; `just`: the looks that lack the two. What it is with one of them is told already. */
  withBoth(a: Coming, b: Coming, going: Going, just: Made = this.nothing): number {
    let worth = this.bare.after([a.place, b.place], going.goes);
    for (let o = 0; o < just.length; o++) {
      const [one, two] = [a.best[o] as Looks, b.best[o] as Looks];
      const its = this.staying(o, just[o] as Looks, going.goes);
      let points: number;
      if (its.length === 0 && one.length === 0) points = b.points[o] as number;
      else if (its.length === 0 && two.length === 0) points = a.points[o] as number;
      else {
        const opened = (going.opened[o] as number) + (a.opened[o] as number) + (b.opened[o] as number);
        points = this.weighed(
          o,
          going.best[o] as Looks,
          merged(its, one),
          two,
          opened + this.sumOpened(o, its),
        );
      }
      worth += (this.index.weights[o] as number) * points;
    }
    return worth;
  }

  /** Each two that looks lack and nothing else, those looks, and what they bring at most. */
  lackingTwo(): readonly LackingTwo[] {
    const { model, standing } = this;
    const found = new Map<number, { a: number; b: number; made: number[][]; points: number }>();
    for (let o = 0; o < standing.lacks.length; o++) {
      const lacks = standing.lacks[o] as Uint8Array;
      const weight = model.weights[o] as number;
      const first = model.ranks[o]?.[0] ?? 0;
      for (let l = 0; l < lacks.length; l++) {
        if (lacks[l] !== 2) continue;
        const { fresh, score, opens } = model.looks[o]?.[l] as PlanLook;
        const [a, b] = fresh.filter((place) => !this.chosen[place]) as [number, number];
        const key = a * this.chosen.length + b;
        const pair = found.get(key) ?? { a, b, made: oneEach(model.looks.length, () => []), points: 0 };
        pair.made[o]?.push(l);
        pair.points += weight * (score * first + model.opened * opens);
        found.set(key, pair);
      }
    }
    return [...found.values()];
  }

  change(comes: readonly number[], goes: readonly number[]): void {
    for (const place of goes) this.put(place, -1);
    for (const place of comes) this.put(place, 1);
    this.worth = this.settle();
  }

  private put(place: number, by: 1 | -1): void {
    this.bare.put(place, by);
    this.standing.put(place, by);
  }

  /** Takes stock of what each occasion has; answers the worth. */
  private settle(): number {
    this.ones = undefined;
    this.bare.settle();
    const { length } = this.nothing;
    const opened = this.standing.opened.slice();
    const best: Looks[] = [];
    const points = new Float64Array(length);
    for (let o = 0; o < length; o++) {
      best.push(this.bestStaying(o, NONE));
      points[o] = this.weighed(o, best[o] as Looks, NONE, NONE, opened[o] as number);
    }
    this.stays = { goes: NONE, freed: 0, best, opened, points };
    return this.after(NONE, this.stays, this.nothing);
  }

  /** Whether an occasion has a look that holds one of these. */
  private touches(o: number, goes: readonly number[]): boolean {
    const touched = this.standing.touched[o] as Uint16Array;
    for (const place of goes) if (touched[place]) return true;
    return false;
  }

  /** As many of the best looks as count, of those that hold none of these. */
  private bestStaying(o: number, goes: readonly number[]): readonly number[] {
    const its = this.model.looks[o] as readonly PlanLook[];
    const most = (this.index.ranks[o] as Float64Array).length;
    const found: number[] = [];
    for (const l of this.standing.there[o] as readonly number[]) {
      if (found.length === most) break;
      if (!holdsAny((its[l] as PlanLook).fresh, goes)) found.push(l);
    }
    return found;
  }

  /** What those looks open that hold one of these. */
  private openedBy(o: number, goes: readonly number[]): number {
    const opens = this.standing.opens[o] as Float64Array;
    const touched = this.standing.touched[o] as Uint16Array;
    let [sum, holders] = [0, 0];
    for (const place of goes) {
      sum += opens[place] as number;
      if (touched[place]) holders++;
    }
    if (holders < 2) return sum;
    // What holds two of those that go is counted once.
    for (const l of this.standing.there[o] as readonly number[]) {
      const look = this.model.looks[o]?.[l] as PlanLook;
      let held = 0;
      for (const place of goes) if (look.fresh.includes(place)) held++;
      if (held > 1) sum -= (held - 1) * look.opens;
    }
    return sum;
  }

  /** Those of some looks that hold none of what goes. */
  private staying(o: number, looks: Looks, goes: readonly number[]): Looks {
    if (goes.length === 0 || looks.length === 0) return looks;
    const its = this.model.looks[o] as readonly PlanLook[];
    let i = 0;
    while (i < looks.length && !holdsAny((its[looks[i] as number] as PlanLook).fresh, goes)) i++;
    // Most often all of them stay, and nothing is made anew.
    if (i === looks.length) return looks;
    const left = looks.slice(0, i);
    for (i++; i < looks.length; i++)
      if (!holdsAny((its[looks[i] as number] as PlanLook).fresh, goes)) left.push(looks[i] as number);
    return left;
  }

  private sumOpened(o: number, looks: Looks): number {
    const opens = this.index.opens[o] as Float64Array;
    let sum = 0;
    for (const l of looks) sum += opens[l] as number;
    return sum;
  }

  /** Points of an occasion by the best of up to three lists of looks, each best first, and by all that is opened, up to as much as counts. */
  private weighed(o: number, a: Looks, b: Looks, c: Looks, opened: number): number {
    const scores = this.index.scores[o] as Float64Array;
    const ranks = this.index.ranks[o] as Float64Array;
    let points = 0;
    let [i, j, k] = [0, 0, 0];
    for (let rank = 0; rank < ranks.length; rank++) {
      const x = i < a.length ? (a[i] as number) : LAST;
      const y = j < b.length ? (b[j] as number) : LAST;
      const z = k < c.length ? (c[k] as number) : LAST;
      const l = x < y ? (x < z ? x : z) : y < z ? y : z;
      if (l === LAST) break;
      if (l === x) i++;
      else if (l === y) j++;
      else k++;
      points += (scores[l] as number) * (ranks[rank] as number);
    }
    return points + this.model.opened * Math.min(WORTH.mostOpened, opened);
  }
}

/** Two lists of looks as one, best first. */
function merged(a: Looks, b: Looks): Looks {
  if (a.length === 0) return b;
  const all: number[] = [];
  let [i, k] = [0, 0];
  while (i < a.length && k < b.length)
    all.push((a[i] as number) < (b[k] as number) ? (a[i++] as number) : (b[k++] as number));
  while (i < a.length) all.push(a[i++] as number);
  while (k < b.length) all.push(b[k++] as number);
  return all;
}

function holdsAny(fresh: readonly number[], places: readonly number[]): boolean {
  for (const place of places) if (fresh.includes(place)) return true;
  return false;
}
