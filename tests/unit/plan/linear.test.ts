import {
  linearOf,
  linearOfAll,
  linearOfTogether,
  modelOf,
  planTogether,
  type PlanModel,
  worthOf,
  wrongsOf,
} from '@core/plan';
import { describe, expect, it } from 'vitest';
import { boxesOver, planProblem } from '../../support/plan-instances';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

interface Row {
  readonly terms: readonly (readonly [number, string])[];
  readonly sense: string;
  readonly value: number;
}

/** A program as a solver reads it. */
function read(text: string): {
  readonly gain: Row['terms'];
  readonly rows: readonly Row[];
  readonly most: ReadonlyMap<string, number>;
} {
  const termsOf = (words: string): Row['terms'] =>
    [...words.matchAll(/([+-]) (\S+) ([a-z]\S*)/g)].map(([, sign, by, name]) => [
      (sign === '-' ? -1 : 1) * Number(by),
      sure(name),
    ]);
  const [head = '', rest = ''] = text.split('\nSubject To\n');
  const [body = '', bounds = ''] = rest.split('\nBounds\n');
  return {
    gain: termsOf(head),
    rows: body.split('\n').map((line) => {
      const [, words = '', sense = '', value = ''] = /^ c\d+: (.*) (<=|>=|=) (\S+)$/.exec(line) ?? [];
      return { terms: termsOf(words), sense, value: Number(value) };
    }),
    most: new Map(
      [...bounds.matchAll(/ 0 <= (\S+) <= (\S+)/g)].map(([, name, most]) => [sure(name), Number(most)]),
    ),
  };
}

const sumOf = (terms: Row['terms'], at: (name: string) => number): number =>
  terms.reduce((sum, [by, name]) => sum + by * at(name), 0);

/** The one value of each variable that goes with a choice: sets that are in, the best looks in their ranks, what is opened. */
function valuesOf(model: PlanModel, chosen: Uint8Array, end: string) {
  const known = new Map<string, number>();
  const all = (places: readonly number[]): boolean => places.every((place) => chosen[place]);
  model.looks.forEach((looks, o) => {
    let [rank, opened] = [0, 0];
    const ranks = sure(model.ranks[o]);
    looks.forEach(({ fresh, opens }, l) => {
      if (!all(fresh)) return;
      if (rank < ranks.length) known.set(`z${o}_${l}_${rank++}${end}`, 1);
      if (fresh.length > 0) opened += opens;
    });
    known.set(`t${o}${end}`, opened);
  });
  model.answering.forEach(({ by }, j) => {
    known.set(`a${j}${end}`, by.some((place) => chosen[place]) ? 1 : 0);
  });
  return (name: string): number => {
    const bare = name.slice(0, name.length - end.length);
    if (bare.startsWith('x')) return chosen[Number(bare.slice(1))] ? 1 : 0;
    if (bare.startsWith('y')) return all(bare.slice(1).split('_').map(Number)) ? 1 : 0;
    return known.get(name) ?? 0;
  };
}

/** Choices that may be sent, drawn; the empty one first. */
function choicesOf(model: PlanModel, many: number, seed: number): Uint8Array[] {
  const random = stream(seed);
  const found = [new Uint8Array(model.price.length)];
  for (let tries = 0; found.length < many && tries < 40_000; tries++) {
    const chosen = new Uint8Array(model.price.length);
    const size = 1 + Math.floor(random() * model.most);
    for (let k = 0; k < size; k++) chosen[Math.floor(random() * chosen.length)] = 1;
    if (wrongsOf(model, chosen) === 0) found.push(chosen);
  }
  return found;
}

const problem = (seed: number) => {
  const base = planProblem({ candidates: 18, owned: 8, occasions: 2, budget: 700, most: 5 }, seed);
  return { ...base, bounds: { trousers: [0, 1], blouse: [0, 2] } as const };
};

describe('the program of a plan', () => {
  it.each([1, 2, 3, 4])(
    'lets through every choice that may be sent: no row cuts one off (instance %i)',
    (seed) => {
      const model = modelOf(problem(seed));
      const { rows, most } = read(linearOf(model).text);
      expect(rows.length).toBeGreaterThan(100);
      for (const chosen of choicesOf(model, 150, seed)) {
        const at = valuesOf(model, chosen, '');
        // What is opened counts up to its bound, and the variable may be less than the looks that are there.
        const capped = (name: string): number => Math.min(at(name), most.get(name) ?? Infinity);
        const against = rows.filter(({ terms, sense, value }) => {
          const sum = sumOf(terms, capped);
          return sense === '<=' ? sum > value + 1e-9 : sense === '>=' ? sum < value - 1e-9 : sum !== value;
        });
        expect(against).toEqual([]);
      }
    },
  );

  it.each([1, 2, 3, 4])(
    'counts a choice as the search does, where the closet is no better (instance %i)',
    (seed) => {
      const given = problem(seed);
      // With an empty closet every look is made of new pieces, and every rank is written.
      const model = modelOf({ ...given, closet: [] });
      const { gain, most } = read(linearOf(model).text);
      for (const chosen of choicesOf(model, 150, seed)) {
        const at = valuesOf(model, chosen, '');
        const capped = (name: string): number => Math.min(at(name), most.get(name) ?? Infinity);
        expect(sumOf(gain, capped)).toBeCloseTo(worthOf(model, chosen), 6);
      }
    },
  );

  it('refuses in some row every choice that may not be sent', () => {
    const model = modelOf(problem(5));
    const { rows } = read(linearOf(model).text);
    const random = stream(5);
    let refused = 0;
    for (let i = 0; i < 400; i++) {
      const chosen = new Uint8Array(model.price.length);
      for (let k = 0; k < 3 + Math.floor(random() * 6); k++) chosen[Math.floor(random() * chosen.length)] = 1;
      // What may not be in at all has no variable: there is nothing to write against.
      if (wrongsOf(model, chosen) === 0 || model.allowed.some((may, place) => !may && chosen[place]))
        continue;
      const at = valuesOf(model, chosen, '');
      const x = (name: string): number => (name.startsWith('x') ? at(name) : 0);
      const own = rows.filter(({ terms }) => terms.every(([, name]) => name.startsWith('x')));
      refused++;
      expect(
        own.some(({ terms, sense, value }) =>
          sense === '<='
            ? sumOf(terms, x) > value
            : sense === '>='
              ? sumOf(terms, x) < value
              : sumOf(terms, x) !== value,
        ),
      ).toBe(true);
    }
    expect(refused).toBeGreaterThan(100);
  });

  it('binds boxes over one stock by its units, and no further', () => {
    const { boxes, units, floors } = planTogether(boxesOver(3, 12, 4), 1);
    const models = boxes.map(({ model }) => model);
    const { rows, most } = read(linearOfAll(models, { units, floors: floors.map(() => 0) }).text);
    const chosen = boxes.map(({ chosen: places, model }) =>
      Uint8Array.from(model.price, (_price, place) => (places.includes(place) ? 1 : 0)),
    );
    const ats = models.map((model, b) => valuesOf(model, sure(chosen[b]), `_${b}`));
    const at = (name: string): number =>
      Math.min(sure(ats[Number(name.slice(name.lastIndexOf('_') + 1))])(name), most.get(name) ?? Infinity);
    for (const { terms, sense, value } of rows) {
      const sum = sumOf(terms, at);
      expect(
        sense === '<=' ? sum <= value + 1e-9 : sense === '>=' ? sum >= value - 1e-9 : sum === value,
      ).toBe(true);
    }
  });
});

describe('the program of whole boxes', () => {
  it('has one row a box and one a piece, and what is planned stands in it at its worth', () => {
    const together = planTogether(boxesOver(3, 12, 4), 1);
    const { gain, rows } = read(linearOfTogether(together).text);
    const { boxes, units, value } = together;
    expect(rows.filter(({ sense }) => sense === '=').length).toBe(boxes.length);
    expect(rows.filter(({ sense }) => sense === '<=').length).toBeLessThanOrEqual(units.length);
    // Of each box some column is worth what was planned for it, to the last point.
    const worths = rows.slice(0, boxes.length).map(({ terms }) => {
      const own = new Set(terms.map(([, name]) => name));
      return gain.filter(([, name]) => own.has(name)).map(([by]) => by);
    });
    boxes.forEach((box, b) => {
      const nearest = Math.min(...sure(worths[b]).map((worth) => Math.abs(worth - box.value)));
      expect(nearest).toBeLessThan(1e-6);
    });
    // Nothing is written down that no better plan could have.
    const bests = worths.map((own) => Math.max(...own));
    const behind = bests.reduce((sum, best) => sum + best, 0) - value;
    worths.forEach((own, b) => {
      expect(Math.min(...own)).toBeGreaterThanOrEqual(sure(bests[b]) - behind - 1e-5);
    });
  });

  it('is not written where nothing can be sent in some box: a solver is handed what cannot be, and says so', () => {
    const [first, second] = boxesOver(2, 12, 4);
    const stuck = { ...sure(second), least: 3, most: 2 };
    const { text } = linearOfTogether(planTogether([sure(first), stuck], 1));
    expect(text).toContain('x0_0');
  });

  it('is not written where the choices are too many: then the pieces are', () => {
    const wide = boxesOver(2, 24, 6).map((each) => ({ ...each, most: 8 }));
    const { text, size } = linearOfTogether(planTogether(wide, 1));
    expect(text).toContain('x0_0');
    expect(size.variables).toBeLessThan(20_000);
  });
});
