import { linearOf, modelOf, search, worthOf } from '@core/plan';
import { describe, expect, it } from 'vitest';
import { bestOf } from '../../src/cli/exact';
import { planProblem } from '../support/plan-instances';
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
});
