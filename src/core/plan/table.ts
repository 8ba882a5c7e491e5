import { Choice } from './choice';
import { feasible, mustsOf } from './conflict';
import { type PlanModel, wrongsOf } from './model';
import { search } from './search';

/** Fresh beginnings while one box is planned anew beside the others. */
const RESTARTS = 1;
/** And while it is tried what a single piece brings to another box. */
const TRIED = 0;
/** Points two boxes may lose by the plain exchange of a piece for it to be tried: planning both anew may make up for as much. */
const NEAR = 5;
/** Less than this is no gain, points. */
const GAIN = 1e-6;

/** A piece that one box holds the last of and another wants. */
interface Offer {
  readonly from: number;
  readonly to: number;
  readonly place: number;
  /** Points both together would gain by the plain exchange. */
  readonly gain: number;
}

/** Boxes on one table: who holds what, and how many units are left. */
export class Table {
  private readonly choices: Choice[];
  private readonly left: Int32Array;
  private readonly known = new Map<string, Uint8Array>();
  /** How often each box has changed, and the offers that came to nothing since. */
  private readonly changes: number[];
  private readonly vain = new Set<string>();

  constructor(
    private readonly models: readonly PlanModel[],
    units: readonly number[],
    private readonly floors: readonly number[],
    private readonly seed: number,
  ) {
    this.choices = models.map((model) => new Choice(model, new Uint8Array(model.price.length)));
    this.changes = models.map(() => 0);
    this.left = Int32Array.from(units);
  }

  chosen = (b: number): Uint8Array => this.choice(b).chosen;

  /** Points of a box as it stands; nothing for one that may not be sent. */
  worth = (b: number): number => (this.choice(b).isRight ? this.choice(b).worth : 0);

  /** The model of a box, less what the others hold the last of. */
  leftFor = (b: number): PlanModel => without(this.models[b] as PlanModel, this.gone(b));

  private choice = (b: number): Choice => this.choices[b] as Choice;

  /** How far a box is below what is fair for it. */
  private short = (b: number): number => Math.max(0, (this.floors[b] as number) - this.worth(b));

  private gone(b: number): Set<number> {
    const own = this.chosen(b);
    return new Set(
      [...this.left.keys()].filter((place) => (this.left[place] as number) + (own[place] as number) < 1),
    );
  }

  private put(b: number, next: Choice): void {
    const now = this.chosen(b);
    for (let place = 0; place < now.length; place++)
      this.left[place] =
        (this.left[place] as number) + (now[place] as number) - (next.chosen[place] as number);
    this.choices[b] = next;
  }

  private keep(b: number, next: Choice): void {
    this.put(b, next);
    this.changes[b] = (this.changes[b] as number) + 1;
  }

  /** Nobody is left further short of a fair share, and all together are worth more. */
  isBetterThan(other: Table): boolean {
    return isBetter(other.lacking() - this.lacking(), this.sum() - other.sum());
  }

  private sum = (): number => this.models.reduce((sum, _model, b) => sum + this.worth(b), 0);
  private lacking = (): number => this.models.reduce((sum, _model, b) => sum + this.short(b), 0);

  /** Plans a box out of what the others leave, near a wish. */
  place(b: number, wish: Uint8Array): void {
    this.keep(b, this.replanned(b, wish));
  }

  /** The same box out of the same stock near the same wish is not planned twice: most rounds change little. */
  private replanned(b: number, wish: Uint8Array, restarts = RESTARTS): Choice {
    const model = this.models[b] as PlanModel;
    const out = this.gone(b);
    const key = `${b} ${restarts} ${wish.join('')} ${[...out].join()}`;
    const found = this.known.get(key) ?? this.planned(model, wish, out, restarts);
    this.known.set(key, found);
    return new Choice(model, Uint8Array.from(found));
  }

  private planned(
    model: PlanModel,
    wish: Uint8Array,
    out: ReadonlySet<number>,
    restarts: number,
  ): Uint8Array {
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

  /** One round: each box plans anew out of what is left, then takes over what another holds where both together gain. */
  improve(order: readonly number[]): boolean {
    let better = false;
    for (const b of order) {
      const next = this.replanned(b, this.chosen(b));
      if (!next.isRight || next.worth <= this.worth(b) + GAIN) continue;
      this.keep(b, next);
      better = true;
    }
    while (this.offers(order).some((offer) => this.handOver(offer))) better = true;
    return better;
  }

  /** What is worth a try, the most promising first; whoever is short of a fair share may ask for anything. */
  private offers(order: readonly number[]): Offer[] {
    const found: Offer[] = [];
    for (let place = 0; place < this.left.length; place++) {
      if (this.left[place] !== 0) continue;
      const holders = order
        .filter((b) => this.chosen(b)[place] && !this.models[b]?.pins.includes(place))
        .map((from) => ({ from, loss: this.lossOf(from, place) }));
      if (holders.length === 0) continue;
      for (const to of order) {
        if (this.chosen(to)[place] || !this.models[to]?.considered[place]) continue;
        const gain = this.choice(to).bestWith(place) - this.choice(to).worth;
        const isShort = this.short(to) > 0;
        for (const { from, loss } of holders)
          if (isShort || gain - loss > -NEAR) found.push({ from, to, place, gain: gain - loss });
      }
    }
    return found.filter((offer) => !this.vain.has(this.nameOf(offer))).sort((a, b) => b.gain - a.gain);
  }

  /** Points a box loses without a piece, with the best that is left over in its place or nothing. */
  private lossOf(b: number, place: number): number {
    const gone = this.gone(b);
    const open = [...this.left.keys()].filter(
      (other) => this.models[b]?.considered[other] && !gone.has(other) && other !== place,
    );
    return this.choice(b).worth - this.choice(b).bestWithout(place, open);
  }

  private nameOf = ({ from, to, place }: Offer): string =>
    `${place} ${from} ${this.changes[from]} ${to} ${this.changes[to]}`;

  /** A piece goes over, and both plan anew: kept where that lifts the two together and leaves neither short. */
  private handOver(offer: Offer): boolean {
    const { from, to, place } = offer;
    const [giver, taker] = [this.choice(from), this.choice(to)];
    const sum = (): number => this.worth(from) + this.worth(to);
    const lack = (): number => this.short(from) + this.short(to);
    const [was, wasLacking] = [sum(), lack()];
    const less = giver.with(place, 0);
    this.put(from, new Choice(this.models[from] as PlanModel, less));
    this.put(to, this.replanned(to, taker.with(place, 1), TRIED));
    this.put(from, this.replanned(from, less, TRIED));
    if (isBetter(wasLacking - lack(), sum() - was)) {
      this.keep(from, this.choice(from));
      this.keep(to, this.choice(to));
      return true;
    }
    this.put(to, taker);
    this.put(from, giver);
    this.vain.add(this.nameOf(offer));
    return false;
  }
}

/** Fair shares come first, what all of it is worth then: so many points nearer to them, and so many more. */
const isBetter = (fairer: number, gain: number): boolean => fairer > GAIN || (fairer > -GAIN && gain > GAIN);

/** A model in which some candidates are not there. */
const without = (model: PlanModel, out: ReadonlySet<number>): PlanModel => ({
  ...model,
  allowed: model.allowed.map((is, place) => is && !out.has(place)),
});
