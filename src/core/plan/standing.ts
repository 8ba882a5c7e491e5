import type { PlanLook } from './enumerate';
import type { PlanModel } from './model';
import { type Made, type ModelIndex, oneEach } from './model-index';

/** How far each look is from being there, and what those that are there open; kept as candidates come and go, by what they touch. */
export class Standing {
  /** Of each occasion: how many new pieces each look still lacks. */
  readonly lacks: readonly Uint8Array[];
  /** Of each occasion: looks that lack nothing, best first. */
  readonly there: Made;
  /** Of each candidate and occasion: looks that lack it alone, best first. */
  readonly lackingOne: readonly Made[];
  /** Of each occasion: what the looks that are there and hold something new open; of it, what those of each candidate do. */
  readonly opened: Float64Array;
  readonly opens: readonly Float64Array[];
  /** And how many those are. */
  readonly touched: readonly Uint16Array[];
  /** The sum of the places each look lacks. */
  private readonly lacking: readonly Int32Array[];

  constructor(
    private readonly model: PlanModel,
    private readonly index: ModelIndex,
  ) {
    const { looks, price } = model;
    const [occasions, candidates] = [looks.length, price.length];
    this.lacks = oneEach(occasions, (o) => (index.wants[o] as Uint8Array).slice());
    this.lacking = oneEach(occasions, (o) => (index.sums[o] as Int32Array).slice());
    this.opened = new Float64Array(occasions);
    this.opens = oneEach(occasions, () => new Float64Array(candidates));
    this.touched = oneEach(occasions, () => new Uint16Array(candidates));
    this.there = oneEach(occasions, () => []);
    this.lackingOne = oneEach(candidates, () => oneEach(occasions, () => []));
    for (let o = 0; o < occasions; o++)
      for (let l = 0; l < (this.lacks[o] as Uint8Array).length; l++) this.join(o, l);
  }

  /** Puts a candidate in or takes it out. */
  put(place: number, by: 1 | -1): void {
    for (let o = 0; o < this.lacks.length; o++) {
      const [lacks, lacking] = [this.lacks[o] as Uint8Array, this.lacking[o] as Int32Array];
      for (const l of this.index.holding[o]?.[place] as readonly number[]) {
        this.leave(o, l);
        lacks[l] = (lacks[l] as number) - by;
        lacking[l] = (lacking[l] as number) - by * place;
        this.join(o, l);
      }
    }
  }

  private join(o: number, l: number): void {
    const lacks = (this.lacks[o] as Uint8Array)[l] as number;
    if (lacks > 1) return;
    insert(this.among(o, l, lacks), l);
    if (lacks === 0) this.count(o, l, 1);
  }

  private leave(o: number, l: number): void {
    const lacks = (this.lacks[o] as Uint8Array)[l] as number;
    if (lacks > 1) return;
    remove(this.among(o, l, lacks), l);
    if (lacks === 0) this.count(o, l, -1);
  }

  /** The list that a look is in which lacks nothing or one. */
  private among(o: number, l: number, lacks: number): number[] {
    const lists = lacks === 0 ? this.there : this.lackingOne[(this.lacking[o] as Int32Array)[l] as number];
    return lists?.[o] as number[];
  }

  private count(o: number, l: number, by: 1 | -1): void {
    const look = this.model.looks[o]?.[l] as PlanLook;
    if (look.fresh.length === 0) return;
    const [opens, touched] = [this.opens[o] as Float64Array, this.touched[o] as Uint16Array];
    this.opened[o] = (this.opened[o] as number) + by * look.opens;
    for (const place of look.fresh) {
      opens[place] = (opens[place] as number) + by * look.opens;
      touched[place] = (touched[place] as number) + by;
    }
  }
}

/** Puts a number where it belongs among some in order. */
function insert(list: number[], its: number): void {
  list.push(its);
  let i = list.length - 1;
  for (; i > 0 && (list[i - 1] as number) > its; i--) list[i] = list[i - 1] as number;
  list[i] = its;
}

function remove(list: number[], its: number): void {
  for (let i = list.indexOf(its); i < list.length - 1; i++) list[i] = list[i + 1] as number;
  list.pop();
}
