import { seeded } from '@core/chance';
import { modelOf, search } from '@core/plan';
import { wrongsOf } from '@core/plan/model';
import { Table } from '@core/plan/table';
import { describe, expect, it } from 'vitest';
import { boxesOver } from '../../support/plan-instances';
import { sure } from '../../support/sure';

/** Boxes over one stock, each near what it would be alone. */
function laid(count: number, candidates: number, seed: number, share = 0.8) {
  const problems = boxesOver(count, candidates, 6, seed);
  const models = problems.map((problem) => modelOf(problem));
  const units = sure(problems[0]).candidates.map(({ stock = 1 }) => stock);
  const alone = models.map((model) => search(model, 1));
  const worths = models.map((model, b) => {
    const table = new Table([model], units, [0], 1);
    table.place(0, sure(alone[b]));
    return table.worth(0);
  });
  const floors = worths.map((worth) => share * worth);
  const table = new Table(models, units, floors, 1);
  const order = [...models.keys()];
  for (const b of order) table.place(b, sure(alone[b]));
  return { table, models, units, floors, order, worths };
}

const used = (table: Table, boxes: number, place: number): number =>
  Array.from({ length: boxes }, (_each, b) => sure(table.chosen(b)[place])).reduce((sum, is) => sum + is, 0);

describe('boxes on one table', () => {
  it('never hold more than there is, and each may be sent, after every round', () => {
    for (const seed of [1, 2, 3]) {
      const { table, models, units, order } = laid(5, 16, seed);
      for (let round = 0; round < 4; round++) {
        for (const place of units.keys())
          expect(used(table, models.length, place)).toBeLessThanOrEqual(sure(units[place]));
        for (const b of order) expect(wrongsOf(sure(models[b]), table.chosen(b))).toBe(0);
        if (!table.improve(order)) break;
      }
    }
  });

  it('are worth more after a round that says so, and no more than each would be alone', () => {
    for (const seed of [4, 5, 6]) {
      const { table, order, worths } = laid(4, 14, seed, 0);
      const sum = (): number => order.reduce((all, b) => all + table.worth(b), 0);
      for (let before = sum(), i = 0; i < 6 && table.improve(order); i++, before = sum())
        expect(sum()).toBeGreaterThan(before - 1e-9);
      const [boxes, alone] = [sum(), worths.reduce((all, worth) => all + worth, 0)];
      expect(boxes).toBeLessThanOrEqual(alone * 1.02);
      // And one more finds nothing.
      expect(table.improve(order)).toBe(false);
    }
  });

  it('are compared by who is short first, and by their worth then', () => {
    const random = seeded(8);
    const { models, units, floors, order } = laid(4, 12, 7);
    const made = Array.from({ length: 4 }, () => {
      const table = new Table(models, units, floors, 1);
      for (const b of [...order].sort(() => random() - 0.5)) table.place(b, new Uint8Array(units.length));
      return table;
    });
    const empty = new Table(models, units, floors, 1);
    const lacking = (table: Table): number =>
      order.reduce((sum, b) => sum + Math.max(0, sure(floors[b]) - table.worth(b)), 0);
    const sum = (table: Table): number => order.reduce((all, b) => all + table.worth(b), 0);
    for (const one of made) {
      expect(one.isBetterThan(empty)).toBe(true);
      expect(empty.isBetterThan(one)).toBe(false);
      for (const other of made) {
        if (one.isBetterThan(other)) {
          expect(other.isBetterThan(one)).toBe(false);
          expect(lacking(one)).toBeLessThanOrEqual(lacking(other) + 1e-6);
          if (Math.abs(lacking(one) - lacking(other)) < 1e-9) expect(sum(one)).toBeGreaterThan(sum(other));
        }
      }
    }
  });

  it('leave to each what the others do not hold the last of', () => {
    const { table, models, units, order } = laid(5, 14, 9);
    for (const b of order) {
      const { allowed } = table.leftFor(b);
      for (const place of units.keys()) {
        const others = used(table, models.length, place) - sure(table.chosen(b)[place]);
        expect(allowed[place]).toBe(sure(models[b]).allowed[place] === true && others < sure(units[place]));
      }
    }
  });
});
