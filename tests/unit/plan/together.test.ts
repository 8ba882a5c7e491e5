import { FAIR_SHARE, planTogether, wrongsOf, worthOf } from '@core/plan';
import { describe, expect, it } from 'vitest';
import { boxesOver } from '../../support/plan-instances';
import { sure } from '../../support/sure';

const held = (places: readonly number[], size: number): Uint8Array => {
  const chosen = new Uint8Array(size);
  for (const place of places) chosen[place] = 1;
  return chosen;
};

describe('several boxes over one stock', () => {
  it('give away no unit twice, and send only what may be sent', () => {
    for (const [boxes, stock] of [
      [3, 1],
      [4, 2],
    ] as const) {
      const problems = boxesOver(boxes, 16, 7, stock);
      const { boxes: planned, units, value } = planTogether(problems, 1);
      units.forEach((there, place) =>
        expect(planned.filter(({ chosen }) => chosen.includes(place)).length).toBeLessThanOrEqual(there),
      );
      let sum = 0;
      for (const { model, chosen, value: own, conflict } of planned) {
        const its = held(chosen, model.price.length);
        expect(conflict).toEqual([]);
        expect(wrongsOf(model, its)).toBe(0);
        expect(own).toBeCloseTo(worthOf(model, its), 6);
        sum += own;
      }
      expect(value).toBeCloseTo(sum, 6);
    }
  });

  it('are each what they would be alone where there is enough for all', () => {
    const { boxes } = planTogether(boxesOver(3, 14, 3, 9), 1);
    for (const { value, alone } of boxes) expect(value).toBeGreaterThanOrEqual(alone - 1e-6);
  });

  it('fall below a fair share of what they would be alone only where it is said', () => {
    for (const seed of [2, 5, 9, 12]) {
      const { boxes } = planTogether(boxesOver(4, 18, seed), 1);
      for (const { value, alone, fair } of boxes) expect(value >= FAIR_SHARE * alone - 1e-6).toBe(fair);
      expect(boxes.filter(({ fair }) => fair).length).toBeGreaterThanOrEqual(3);
    }
  });

  it('give the last one to whoever has to have it, and say what cannot be met', () => {
    const problems = boxesOver(2, 12, 4);
    const [first] = sure(planTogether(problems, 1).boxes[0]).chosen;
    const id = sure(sure(problems[0]).candidates[sure(first)]).piece.id;
    const asked = planTogether([sure(problems[0]), { ...sure(problems[1]), pins: [id] }], 1);
    expect(sure(asked.boxes[1]).chosen).toContain(first);
    expect(sure(asked.boxes[0]).chosen).not.toContain(first);
    const both = planTogether(
      problems.map((problem) => ({ ...problem, pins: [id] })),
      1,
    );
    const refused = both.boxes.filter(({ conflict }) => conflict.length > 0);
    expect(refused).toHaveLength(1);
    expect(sure(refused[0]).conflict.map(({ name }) => name)).toContain(`pin ${id}`);
    expect(sure(refused[0]).chosen).toEqual([]);
  });

  it('are planned the same for the same seed', () => {
    const problems = boxesOver(3, 14, 11);
    const plans = [1, 1].map((seed) => planTogether(problems, seed).boxes.map(({ chosen }) => chosen));
    expect(plans[0]).toEqual(plans[1]);
  });
});
