import type { Shared } from './linear';
import { openOf, type PlanModel, worthOf, wrongsOf } from './model';
import { type LinearModel, Program } from './program';

/** So many choices of a box are written down; of more the solver is handed the pieces instead. */
const MOST_CHOICES = 20_000;

interface Column {
  readonly box: number;
  readonly places: readonly number[];
  readonly worth: number;
}

/**
 * Boxes over one stock as a program of whole boxes: one variable for everything that may be chosen for each, as Dantzig and
 * Wolfe ("Decomposition principle for linear programs", Operations Research 8, 1960) take a program apart. Nothing of the
 * model is left out, so that its best is the best of `linearOfAll`, and small boxes are proved in seconds. What no plan better
 * than the one that is known (`value`, in points) can have is not written down. Undefined where there are too many choices, or for
 * some box none.
 */
export function linearOfChoices(
  models: readonly PlanModel[],
  { units, floors }: Shared,
  value: number,
): LinearModel | undefined {
  if (models.some((model) => choicesAtMost(model) > MOST_CHOICES)) return undefined;
  const all = models.map((model, box) => columnsOf(model, box, floors[box] ?? 0));
  // A box that nothing can be sent in has no choice to be written down: that is the pieces' to say.
  if (all.some((own) => own.length === 0)) return undefined;
  const bests = all.map((own) => own.reduce((most, { worth }) => Math.max(most, worth), -Infinity));
  /** What all boxes together may fall behind their own bests. */
  const behind = bests.reduce((sum, best) => sum + best, 0) - value;
  const columns = all.flatMap((own, box) =>
    own.filter(({ worth }) => worth >= (bests[box] as number) - behind - 1e-6),
  );
  const program = new Program();
  const name = (i: number): string => `c${i}`;
  program.looks = models.reduce(
    (sum, { looks }) => sum + looks.reduce((own, { length }) => own + length, 0),
    0,
  );
  const rowOf = (is: (column: Column) => boolean): string[] =>
    columns.flatMap((column, i) => (is(column) ? [program.term(1, name(i))] : []));
  program.gain.push(...columns.map(({ worth }, i) => program.term(worth, name(i))));
  program.binary.push(...columns.map((_column, i) => name(i)));
  models.forEach((_model, b) =>
    program.row(
      rowOf(({ box }) => box === b),
      '=',
      1,
    ),
  );
  units.forEach((most, place) =>
    program.row(
      rowOf(({ places }) => places.includes(place)),
      '<=',
      most,
    ),
  );
  return program.done();
}

/** Subsets of what may be chosen, no larger than a box may be. */
function choicesAtMost(model: PlanModel): number {
  const n = openOf(model).length;
  let [sum, binomial] = [1, 1];
  for (let k = 1; k <= Math.min(n, model.most) && sum <= MOST_CHOICES; k++) {
    binomial = (binomial * (n - k + 1)) / k;
    sum += binomial;
  }
  return sum;
}

/** Everything that may be sent to one client, from the empty box on, and worth at least `floor`. */
function columnsOf(model: PlanModel, box: number, floor: number): Column[] {
  const open = openOf(model);
  const chosen = new Uint8Array(model.price.length);
  const found: Column[] = [];
  const go = (from: number, places: readonly number[]): void => {
    if (wrongsOf(model, chosen) === 0) {
      const worth = worthOf(model, chosen);
      if (worth >= floor - 1e-6) found.push({ box, places, worth });
    }
    if (places.length === model.most) return;
    for (let i = from; i < open.length; i++) {
      const place = open[i] as number;
      chosen[place] = 1;
      go(i + 1, [...places, place]);
      chosen[place] = 0;
    }
  };
  go(0, []);
  return found;
}
