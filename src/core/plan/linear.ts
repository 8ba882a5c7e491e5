import { openOf, type PlanModel, WORTH } from './model';
import { type LinearModel, Program } from './program';

/** Several boxes over one stock: units of each candidate, and what each box is worth at the least. */
export interface Shared {
  readonly units: readonly number[];
  readonly floors: readonly number[];
}

/**
 * The same model as a mixed-integer program. x: a candidate is in (binary). y: all pieces of a set are in, whatever looks they
 * make. z: a look is an occasion's first, second or third; none where the closet has as good a one. t: looks opened, up to the
 * most that count. a: an ask is answered. Only x must be whole: with x whole the best y, z, t and a are as the search counts
 * them.
 *
 * What keeps a solver from parts of pieces: every part of a set is a set itself, and whatever binds a box binds what is
 * beside a set that is in (each limit times each set, the first step of Sherali and Adams, "A hierarchy of relaxations
 * between the continuous and convex hull representations", SIAM J. Discrete Math. 3, 1990); and of the looks that have a set
 * in common one is the first. With them a box of eight out of 120 or 200 is proved in under a minute, loose budgets too; a
 * set by itself left the solver 3.6 % above the best for as long as it was let.
 */
export const linearOf = (model: PlanModel): LinearModel => linearOfAll([model]);

/** Several boxes at once: each its own model, no candidate in more of them than there are units, no box below its floor. */
export function linearOfAll(models: readonly PlanModel[], shared?: Shared): LinearModel {
  const program = new Program();
  models.forEach((model, b) => {
    const gain = new Rows(program, models.length === 1 ? '' : `_${b}`).write(model);
    program.gain.push(...gain);
    const floor = shared?.floors[b];
    if (floor !== undefined)
      program.row(
        gain.map((each) => program.again(each)),
        '>=',
        floor,
      );
  });
  shared?.units.forEach((units, place) => {
    const takers = models.flatMap((model, b) => (model.allowed[place] ? [b] : []));
    if (takers.length > units)
      program.row(
        takers.map((b) => program.term(1, `x${place}_${b}`)),
        '<=',
        units,
      );
  });
  return program.done();
}

/** What binds a box: so much of each candidate, and at most so much of all. */
interface Limit {
  readonly of: ReadonlyMap<number, number>;
  readonly most: number;
}

/** Sets are taken apart until there are so many; beyond it each is bound by its pieces alone. */
const MOST_SETS = 6000;

const keyOf = (places: readonly number[]): string => [...places].sort((a, b) => a - b).join('_');

/** The rows of one box; its variables end in `end`. */
class Rows {
  /** Sets of candidates that are in together, by their places: one variable for whatever they make. */
  private readonly sets = new Map<string, readonly number[]>();

  constructor(
    private readonly program: Program,
    private readonly end: string,
  ) {}

  private x = (place: number): string => `x${place}${this.end}`;
  /** The variable that is 1 when all of these are in; undefined where such a set has none. */
  private known(places: readonly number[]): string | undefined {
    if (places.length === 1) return this.x(places[0] as number);
    const key = keyOf(places);
    return this.sets.has(key) ? `y${key}${this.end}` : undefined;
  }
  private all = (places: readonly number[]): string[] =>
    places.map((place) => this.program.term(1, this.x(place)));

  /** Writes a model; the terms of what it is worth. */
  write(model: PlanModel): string[] {
    const { program, x, end } = this;
    const open = openOf(model);
    program.binary.push(...open.map(x));
    this.gather(model);
    const gain = open.flatMap((place) =>
      model.own[place] === 0 ? [] : [program.term(model.own[place] as number, x(place))],
    );
    model.looks.forEach((its, o) => gain.push(...this.occasion(model, its, o)));
    model.answering.forEach(({ by, must }, j) => {
      if (by.length > 0) {
        const a = `a${j}${end}`;
        gain.push(program.term(WORTH.ask, a));
        program.bounds.push(` 0 <= ${a} <= 1`);
        program.row([program.term(1, a), ...by.map((place) => program.term(-1, x(place)))], '<=', 0);
      }
      if (must) program.row(this.all(by), '>=', 1);
    });
    const limits = limitsOf(model, open);
    for (const { of, most } of limits)
      program.row(
        [...of].map(([place, much]) => program.term(much, x(place))),
        '<=',
        most,
      );
    if (model.least > 0) program.row(this.all(open), '>=', model.least);
    for (const { of, least } of model.groups) if (least > 0) program.row(this.all(of), '>=', least);
    for (const place of model.pins) program.row(this.all([place]), '=', 1);
    this.bind(limits);
    return gain;
  }

  /** The sets that looks are made of, and every part of them. */
  private gather({ looks }: PlanModel): void {
    const open: (readonly number[])[] = [];
    const add = (places: readonly number[]): void => {
      const key = keyOf(places);
      if (places.length < 2 || this.sets.has(key)) return;
      this.sets.set(key, places);
      open.push(places);
    };
    for (const its of looks) for (const { fresh } of its) add(fresh);
    for (const places of open) {
      if (this.sets.size > MOST_SETS) return;
      for (const out of places) add(places.filter((place) => place !== out));
    }
  }

  /** The looks of an occasion: those that are its best, and how much they open. */
  private occasion(model: PlanModel, its: PlanModel['looks'][number], o: number): string[] {
    const { program, end } = this;
    const gain: string[] = [];
    const weight = model.weights[o] as number;
    const ranks = model.ranks[o] as readonly number[];
    const ranked: string[][] = ranks.map(() => []);
    /** Looks of a rank that have a set in common, by its variable. */
    const sharing = ranks.map(() => new Map<string, string[]>());
    const opens = new Map<string, number>();
    const of = new Map<string, number>();
    /** Scores of the best that the closet makes by itself: nothing that is no better stands where one of them does. */
    const closet = its.filter(({ fresh }) => fresh.length === 0).map(({ score }) => score);
    its.forEach(({ fresh, score, opens: more }, l) => {
      program.looks++;
      const set = fresh.length > 0 ? (this.known(fresh) as string) : '';
      if (set && model.opened > 0) opens.set(set, (opens.get(set) ?? 0) + more);
      // Of one set the second best is never the occasion's best, and so on.
      const nth = of.get(set) ?? 0;
      of.set(set, nth + 1);
      const once: string[] = [];
      ranks.forEach((part, k) => {
        if (k < nth || (set && score <= (closet[k] ?? 0))) return;
        const z = `z${o}_${l}_${k}${end}`;
        gain.push(program.term(weight * score * part, z));
        ranked[k]?.push(program.term(1, z));
        once.push(program.term(1, z));
        program.bounds.push(` 0 <= ${z} <= 1`);
        for (const places of partsOf(fresh)) {
          const inIt = this.known(places);
          if (inIt) sharing[k]?.set(inIt, [...(sharing[k].get(inIt) ?? []), z]);
        }
      });
      if (once.length === 0) return;
      if (set) program.row([...once, program.term(-1, set)], '<=', 0);
      else program.row(once, '<=', 1);
    });
    for (const terms of ranked) program.row(terms, '<=', 1);
    for (const rank of sharing)
      for (const [set, looks] of rank)
        if (looks.length > 1)
          program.row([...looks.map((z) => program.term(1, z)), program.term(-1, set)], '<=', 0);
    if (opens.size > 0) {
      const t = `t${o}${end}`;
      gain.push(program.term(weight * model.opened, t));
      program.bounds.push(` 0 <= ${t} <= ${WORTH.mostOpened}`);
      const opened = [...opens].map(([set, more]) => program.term(-more, set));
      program.row([program.term(1, t), ...opened], '<=', 0);
    }
    return gain;
  }

  /** A set is in where each of its parts is; and what is in beside a set leaves room for it under every limit. */
  private bind(limits: readonly Limit[]): void {
    const { program, x, end } = this;
    const beside = new Map<
      string,
      { readonly places: readonly number[]; readonly sets: Map<number, string> }
    >();
    for (const [key, places] of this.sets) {
      const set = `y${key}${end}`;
      program.bounds.push(` 0 <= ${set} <= 1`);
      for (const out of places) {
        const rest = places.filter((place) => place !== out);
        const part = this.known(rest);
        program.row([program.term(1, set), program.term(-1, part ?? x(out))], '<=', 0);
        if (part === undefined) continue;
        const its = beside.get(part) ?? { places: rest, sets: new Map<number, string>() };
        beside.set(part, its);
        its.sets.set(out, set);
      }
    }
    for (const [part, { places, sets }] of beside)
      for (const { of, most } of limits) {
        const left = most - places.reduce((sum, place) => sum + (of.get(place) ?? 0), 0);
        const its = [...sets].filter(([place]) => of.has(place));
        const asked = its.map(([place]) => of.get(place) as number);
        // Where all that is beside it has room the limit says nothing.
        if (its.length < 2 || asked.reduce((sum, much) => sum + much, 0) <= left) continue;
        program.row(
          [...its.map(([, set], i) => program.term(asked[i] as number, set)), program.term(-left, part)],
          '<=',
          0,
        );
      }
  }
}

/** Whatever binds a box, as limits on what is in: money, luggage, pieces, pieces of a kind, one of near twins. */
function limitsOf(model: PlanModel, open: readonly number[]): Limit[] {
  const each = (places: readonly number[], much: (place: number) => number, most: number): Limit => ({
    of: new Map(places.map((place) => [place, much(place)])),
    most,
  });
  const { grams, mostG } = model;
  return [
    each(open, (place) => model.price[place] ?? 0, model.budgetMinor),
    ...(grams && mostG !== undefined ? [each(open, (place) => grams[place] ?? 0, mostG)] : []),
    each(open, () => 1, model.most),
    ...model.groups.map(({ of, most }) => each(of, () => 1, most)),
    ...cliquesOf(model.twins).map((clique) => each(clique, () => 1, 1)),
  ];
}

/** Every part of a set but the whole. */
const partsOf = (places: readonly number[]): number[][] =>
  Array.from({ length: Math.max(0, 2 ** places.length - 2) }, (_, i) =>
    places.filter((_place, n) => ((i + 1) >> n) & 1),
  );

/** Pairs of which one may be in, as sets of which one may be in: fewer rows, and tighter. Every pair is in one of them. */
function cliquesOf(pairs: readonly (readonly [number, number])[]): number[][] {
  const near = new Map<number, Set<number>>();
  for (const [a, b] of pairs) {
    near.set(a, (near.get(a) ?? new Set()).add(b));
    near.set(b, (near.get(b) ?? new Set()).add(a));
  }
  const covered = new Set<string>();
  const cliques: number[][] = [];
  for (const [a, b] of pairs) {
    if (covered.has(`${a} ${b}`)) continue;
    const clique = [a, b];
    for (const c of near.get(a) ?? []) if (clique.every((each) => near.get(c)?.has(each))) clique.push(c);
    for (const one of clique) for (const other of clique) covered.add(`${one} ${other}`);
    cliques.push(clique);
  }
  return cliques;
}
