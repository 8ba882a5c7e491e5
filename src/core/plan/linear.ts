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
 * The same model as a mixed-integer program. x: a candidate is in (binary). y: a look can be worn (at most each of its new
 * pieces). z: it is an occasion's first, second or third look. t: looks opened, up to the most that count. a: an ask is
 * answered. Only x has to be whole: with x whole the best y, z, t and a are as the search counts them.
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
  constructor(
    private readonly program: Program,
    private readonly end: string,
  ) {}

  private x = (place: number): string => `x${place}${this.end}`;
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
    for (const pair of model.twins) program.row(this.all(pair), '<=', 1);
    for (const place of model.pins) program.row(this.all([place]), '=', 1);
    return gain;
  }

  private occasion(model: PlanModel, its: PlanModel['looks'][number], o: number): string[] {
    const { program, x, end } = this;
    const gain: string[] = [];
    const weight = model.weights[o] as number;
    const ranks = model.ranks[o] as readonly number[];
    const opened: string[] = [];
    const ranked: string[][] = ranks.map(() => []);
    its.forEach(({ fresh, score, opens }, l) => {
      program.looks++;
      const y = `y${o}_${l}${end}`;
      const zs = ranks.map((_part, k) => `z${o}_${l}_${k}${end}`);
      zs.forEach((z, k) => {
        gain.push(program.term(weight * score * (ranks[k] as number), z));
        ranked[k]?.push(program.term(1, z));
        program.bounds.push(` 0 <= ${z} <= 1`);
      });
      const once = zs.map((z) => program.term(1, z));
      if (fresh.length === 0) return program.row(once, '<=', 1);
      program.row([...once, program.term(-1, y)], '<=', 0);
      for (const place of fresh) program.row([program.term(1, y), program.term(-1, x(place))], '<=', 0);
      program.bounds.push(` 0 <= ${y} <= 1`);
      if (model.opened > 0) opened.push(program.term(-opens, y));
    });
    for (const terms of ranked) program.row(terms, '<=', 1);
    if (opened.length > 0) {
      const t = `t${o}${end}`;
      gain.push(program.term(weight * model.opened, t));
      program.bounds.push(` 0 <= ${t} <= ${WORTH.mostOpened}`);
      program.row([program.term(1, t), ...opened], '<=', 0);
    }
    return gain;
  }
}
