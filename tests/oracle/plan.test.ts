import {
  linearOf,
  linearOfAll,
  linearOfTogether,
  modelOf,
  packFor,
  planTogether,
  search,
  worthOf,
} from '@core/plan';
import { describe, expect, it } from 'vitest';
import { bestOf } from '../../src/cli/exact';
import { boxesOver, planProblem } from '../support/plan-instances';
import { sure } from '../support/sure';

/** Against HiGHS (Huangfu & Hall 2018), which solves the same model exactly. */
describe('the planned box against a solver', () => {
  it.each([
    [24, 12, 2, 350, 2],
    [24, 12, 2, 800, 3],
    [40, 20, 3, 500, 4],
  ])(
    'of %i candidates and %i owned, %i occasions, %i to spend',
    async (candidates, owned, occasions, budget, seed) => {
      const model = modelOf(planProblem({ candidates, owned, occasions, budget }, seed));
      const best = await bestOf(linearOf(model));
      expect(best).toBeDefined();
      const found = worthOf(model, search(model, 1));
      expect(found).toBeLessThanOrEqual(sure(best) + 1e-6);
      expect(found / sure(best)).toBeGreaterThanOrEqual(0.995);
    },
  );

  it('of three boxes over one stock, with nobody below a fair share, written as pieces and as whole boxes', async () => {
    const together = planTogether(boxesOver(3, 14, 8), 1);
    const { boxes, value, units, floors } = together;
    expect(boxes.every(({ fair }) => fair)).toBe(true);
    const best = await bestOf(
      linearOfAll(
        boxes.map(({ model }) => model),
        { units, floors },
      ),
    );
    const whole = linearOfTogether(together);
    // One variable a choice: far more than there are pieces in all boxes.
    expect(whole.size.variables).toBeGreaterThan(200);
    expect(await bestOf(whole)).toBeCloseTo(sure(best), 4);
    expect(value).toBeLessThanOrEqual(sure(best) + 1e-6);
    expect(value / sure(best)).toBeGreaterThanOrEqual(0.98);
  });

  it('of nine boxes over one stock: the best there is, to half a percent', async () => {
    const together = planTogether(boxesOver(9, 24, 5, 2), 1);
    const best = sure(await bestOf(linearOfTogether(together)));
    expect(together.value).toBeLessThanOrEqual(best + 1e-6);
    expect(together.value / best).toBeGreaterThanOrEqual(0.995);
  });

  it('of eight pieces out of 120, proved before the limit', async () => {
    const model = modelOf(planProblem({ candidates: 120, owned: 60, occasions: 5, budget: 400, most: 8 }, 1));
    const best = sure(await bestOf(linearOf(model)));
    expect(worthOf(model, search(model, 1)) / best).toBeGreaterThanOrEqual(0.995);
  });

  it('of a journey of six days', async () => {
    const problem = planProblem({ candidates: 0, owned: 30, occasions: 2, budget: 0, most: 60 }, 3);
    const { value, model } = packFor(problem, { days: 6, maxPieces: 10, maxG: 6000 });
    const best = await bestOf(linearOf(model));
    expect(value).toBeLessThanOrEqual(sure(best) + 1e-6);
    expect(value / sure(best)).toBeGreaterThanOrEqual(0.995);
  });
});
