import { type PlanModel, WORTH } from './model';

/** The size of a model as it is handed to a solver. */
export interface ModelSize {
  readonly looks: number;
  readonly variables: number;
  readonly constraints: number;
  readonly coefficients: number;
}

export interface LinearModel {
  /** In the LP format that solvers read: maximise, subject to, bounds, binary. */
  readonly text: string;
  readonly size: ModelSize;
}

/** Several boxes over one stock: units of each candidate, and what each box is worth at the least. */
export interface Shared {
  readonly units: readonly number[];
  readonly floors: readonly number[];
}

/**
 * The same model as a mixed-integer program. x: a candidate is in (binary). y: all pieces of a set are in (at most each of
 * them), whatever looks they make. z: a look is an occasion's first, second or third; none where the closet has as good a one.
 * t: looks opened, up to the most that count. a: an ask is answered. Only x has to be whole: with x whole the best y, z, t and
 * a are as the search counts them.
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

/** A program as it is written, with what it takes. */
class Program {
  readonly gain: string[] = [];
  readonly bounds: string[] = [];
  readonly binary: string[] = [];
  looks = 0;
  private readonly rows: string[] = [];
  private readonly variables = new Set<string>();
  private coefficients = 0;

  term(by: number, name: string): string {
    this.variables.add(name);
    this.coefficients++;
    return `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`;
  }

  /** A term that stands in one place already, in another. */
  again(term: string): string {
    this.coefficients++;
    return term;
  }

  row(terms: readonly string[], sense: '<=' | '>=' | '=', value: number): void {
    if (terms.length > 0) this.rows.push(` c${this.rows.length}: ${terms.join(' ')} ${sense} ${value}`);
  }

  done(): LinearModel {
    const text = [
      'Maximize',
      ` obj: ${this.gain.length > 0 ? this.gain.join(' ') : '0'}`,
      'Subject To',
      ...this.rows,
      'Bounds',
      ...this.bounds,
      'Binary',
      ` ${this.binary.join(' ')}`,
      'End',
    ].join('\n');
    return {
      text,
      size: {
        looks: this.looks,
        variables: this.variables.size,
        constraints: this.rows.length,
        coefficients: this.coefficients,
      },
    };
  }
}

/** The rows of one box; its variables end in `end`. */
class Rows {
  /** Sets of candidates that are in together, by their places: one variable for whatever they make. */
  private readonly sets = new Map<string, readonly number[]>();

  constructor(
    private readonly program: Program,
    private readonly end: string,
  ) {}

  private x = (place: number): string => `x${place}${this.end}`;
  /** The variable that is 1 when all of these are in. */
  private together(places: readonly number[]): string {
    if (places.length === 1) return this.x(places[0] as number);
    const key = [...places].sort((a, b) => a - b).join('_');
    this.sets.set(key, places);
    return `y${key}${this.end}`;
  }
  private all = (places: readonly number[]): string[] =>
    places.map((place) => this.program.term(1, this.x(place)));

  /** Writes a model; the terms of what it is worth. */
  write(model: PlanModel): string[] {
    const { program, x, end } = this;
    const open = model.allowed.flatMap((allowed, place) => (allowed ? [place] : []));
    program.binary.push(...open.map(x));
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
    const weighed = (of: readonly number[]): string[] =>
      open.map((place) => program.term(of[place] ?? 0, x(place)));
    program.row(weighed(model.price), '<=', model.budgetMinor);
    if (model.grams && model.mostG !== undefined) program.row(weighed(model.grams), '<=', model.mostG);
    program.row(this.all(open), '<=', model.most);
    if (model.least > 0) program.row(this.all(open), '>=', model.least);
    for (const { of, least, most } of model.groups) {
      program.row(this.all(of), '<=', most);
      if (least > 0) program.row(this.all(of), '>=', least);
    }
    for (const clique of cliquesOf(model.twins)) program.row(this.all(clique), '<=', 1);
    for (const place of model.pins) program.row(this.all([place]), '=', 1);
    this.bind(model);
    return gain;
  }

  /** The looks of an occasion: those that are its best, and how much they open. */
  private occasion(model: PlanModel, its: PlanModel['looks'][number], o: number): string[] {
    const { program, end } = this;
    const gain: string[] = [];
    const weight = model.weights[o] as number;
    const ranks = model.ranks[o] as readonly number[];
    const ranked: string[][] = ranks.map(() => []);
    const opens = new Map<string, number>();
    const of = new Map<string, number>();
    /** Scores of the best that the closet makes by itself: nothing that is no better stands where one of them does. */
    const closet = its.filter(({ fresh }) => fresh.length === 0).map(({ score }) => score);
    its.forEach(({ fresh, score, opens: more }, l) => {
      program.looks++;
      const set = fresh.length > 0 ? this.together(fresh) : '';
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
      });
      if (once.length === 0) return;
      if (set) program.row([...once, program.term(-1, set)], '<=', 0);
      else program.row(once, '<=', 1);
    });
    for (const terms of ranked) program.row(terms, '<=', 1);
    if (opens.size > 0) {
      const t = `t${o}${end}`;
      gain.push(program.term(weight * model.opened, t));
      program.bounds.push(` 0 <= ${t} <= ${WORTH.mostOpened}`);
      const opened = [...opens].map(([set, more]) => program.term(-more, set));
      program.row([program.term(1, t), ...opened], '<=', 0);
    }
    return gain;
  }

  /**
   * What is in together is in each by itself; and beside one piece there is room for one less than may be sent. The second
   * follows from the first where all is whole, and keeps a solver from parts of pieces: with it the proof of a box of eight
   * out of 120 came in 2.6 s instead of 26.
   */
  private bind({ most }: PlanModel): void {
    const { program, x, end } = this;
    const pairs = new Map<number, string[]>();
    for (const [key, places] of this.sets) {
      const set = `y${key}${end}`;
      program.bounds.push(` 0 <= ${set} <= 1`);
      for (const place of places) {
        program.row([program.term(1, set), program.term(-1, x(place))], '<=', 0);
        if (places.length === 2) pairs.set(place, [...(pairs.get(place) ?? []), set]);
      }
    }
    for (const [place, its] of pairs)
      if (its.length > most - 1)
        program.row([...its.map((set) => program.term(1, set)), program.term(1 - most, x(place))], '<=', 0);
  }
}

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
