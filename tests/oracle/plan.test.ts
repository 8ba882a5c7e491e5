import { linearOf, linearOfAll, modelOf, packFor, planTogether, search, worthOf } from '@core/plan';
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

  it('of three boxes over one stock, with nobody below a fair share', async () => {
    for (const seed of [8]) {
      const { boxes, value, units, floors } = planTogether(boxesOver(3, 14, seed), 1);
      const best = await bestOf(
        linearOfAll(
          boxes.map(({ model }) => model),
          { units, floors: boxes.every(({ fair }) => fair) ? floors : floors.map(() => 0) },
        ),
      );
      expect(value).toBeLessThanOrEqual(sure(best) + 1e-6);
      expect(value / sure(best)).toBeGreaterThanOrEqual(0.98);
    }
  });

  it('of a journey of six days', async () => {
    const problem = planProblem({ candidates: 0, owned: 30, occasions: 2, budget: 0, most: 60 }, 3);
    const { value, model } = packFor(problem, { days: 6, maxPieces: 10, maxG: 6000 });
    const best = await bestOf(linearOf(model));
    expect(value).toBeLessThanOrEqual(sure(best) + 1e-6);
    expect(value / sure(best)).toBeGreaterThanOrEqual(0.995);
  });
});
