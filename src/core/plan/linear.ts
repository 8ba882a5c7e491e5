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

/**
 * The same model as a mixed-integer program. x: a candidate is in (binary). y: a look can be worn (at most each of its new
 * pieces). z: it is an occasion's first, second or third look. t: looks opened, up to the most that count. a: an ask is
 * answered. Only x has to be whole: with x whole the best y, z, t and a are as the search counts them.
 */
export function linearOf(model: PlanModel): LinearModel {
  const gain: string[] = [];
  const rows: string[] = [];
  const bounds: string[] = [];
  const variables = new Set<string>();
  let coefficients = 0;
  const term = (by: number, name: string): string => {
    variables.add(name);
    coefficients++;
    return `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`;
  };
  const row = (terms: readonly string[], sense: '<=' | '>=' | '=', value: number): void => {
    if (terms.length > 0) rows.push(` c${rows.length}: ${terms.join(' ')} ${sense} ${value}`);
  };
  const x = (place: number): string => `x${place}`;
  const open = model.allowed.flatMap((allowed, place) => (allowed ? [place] : []));
  for (const place of open) if (model.own[place] !== 0) gain.push(term(model.own[place] as number, x(place)));
  let looks = 0;
  model.looks.forEach((its, o) => {
    const weight = model.weights[o] as number;
    const opened: string[] = [];
    const ranked: string[][] = WORTH.looks.map(() => []);
    its.forEach(({ fresh, score }, l) => {
      looks++;
      const y = `y${o}_${l}`;
      const zs = WORTH.looks.map((_part, k) => `z${o}_${l}_${k}`);
      zs.forEach((z, k) => {
        gain.push(term(weight * score * (WORTH.looks[k] as number), z));
        ranked[k]?.push(term(1, z));
        bounds.push(` 0 <= ${z} <= 1`);
      });
      if (fresh.length === 0) {
        row(
          zs.map((z) => term(1, z)),
          '<=',
          1,
        );
        return;
      }
      row([...zs.map((z) => term(1, z)), term(-1, y)], '<=', 0);
      for (const place of fresh) row([term(1, y), term(-1, x(place))], '<=', 0);
      bounds.push(` 0 <= ${y} <= 1`);
      opened.push(term(-1, y));
    });
    for (const terms of ranked) row(terms, '<=', 1);
    if (opened.length > 0) {
      gain.push(term(weight * WORTH.opened, `t${o}`));
      bounds.push(` 0 <= t${o} <= ${WORTH.mostOpened}`);
      row([term(1, `t${o}`), ...opened], '<=', 0);
    }
  });
  model.answering.forEach(({ by, must }, j) => {
    if (by.length > 0) {
      gain.push(term(WORTH.ask, `a${j}`));
      bounds.push(` 0 <= a${j} <= 1`);
      row([term(1, `a${j}`), ...by.map((place) => term(-1, x(place)))], '<=', 0);
    }
    if (must)
      row(
        by.map((place) => term(1, x(place))),
        '>=',
        1,
      );
  });
  row(
    open.map((place) => term(model.price[place] as number, x(place))),
    '<=',
    model.budgetMinor,
  );
  row(
    open.map((place) => term(1, x(place))),
    '<=',
    model.most,
  );
  if (model.least > 0)
    row(
      open.map((place) => term(1, x(place))),
      '>=',
      model.least,
    );
  for (const { of, least, most } of model.groups) {
    row(
      of.map((place) => term(1, x(place))),
      '<=',
      most,
    );
    if (least > 0)
      row(
        of.map((place) => term(1, x(place))),
        '>=',
        least,
      );
  }
  for (const [a, b] of model.twins) row([term(1, x(a)), term(1, x(b))], '<=', 1);
  for (const place of model.pins) row([term(1, x(place))], '=', 1);
  const text = [
    'Maximize',
    ` obj: ${gain.length > 0 ? gain.join(' ') : '0'}`,
    'Subject To',
    ...rows,
    'Bounds',
    ...bounds,
    'Binary',
    ` ${open.map(x).join(' ')}`,
    'End',
  ].join('\n');
  return { text, size: { looks, variables: variables.size, constraints: rows.length, coefficients } };
}
