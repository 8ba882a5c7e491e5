import { seeded } from '@core/chance';
import { modelOf, type PlanModel } from '@core/plan';
import { indexOf } from '@core/plan/model-index';
import { Standing } from '@core/plan/standing';
import { describe, expect, it } from 'vitest';
import { planProblem } from '../../support/plan-instances';
import { sure } from '../../support/sure';

const drawn = (seed: number): PlanModel =>
  modelOf(planProblem({ candidates: 18 + seed, owned: 8, occasions: 3, budget: 500, most: 6 }, seed));

/** What stands, told from the looks alone. */
function expectedOf({ looks, price }: PlanModel, chosen: ReadonlySet<number>) {
  const missing = looks.map((its) => its.map(({ fresh }) => fresh.filter((place) => !chosen.has(place))));
  const whole = looks.map((its, o) =>
    its.filter(({ fresh }, l) => fresh.length > 0 && sure(missing[o])[l]?.length === 0),
  );
  const holding = (o: number, place: number) => sure(whole[o]).filter(({ fresh }) => fresh.includes(place));
  return {
    lacks: missing.map((its) => its.map(({ length }) => length)),
    there: missing.map((its) => its.flatMap((left, l) => (left.length === 0 ? [l] : []))),
    lackingOne: price.map((_each, place) =>
      missing.map((its) => its.flatMap((left, l) => (left.length === 1 && left[0] === place ? [l] : []))),
    ),
    opened: whole.map((its) => its.reduce((sum, { opens }) => sum + opens, 0)),
    opens: looks.map((_its, o) =>
      price.map((_each, place) => holding(o, place).reduce((sum, { opens }) => sum + opens, 0)),
    ),
    touched: looks.map((_its, o) => price.map((_each, place) => holding(o, place).length)),
  };
}

/** Without the rounding, and without a nought below nought. */
const nearly = (numbers: Iterable<number>): number[] =>
  [...numbers].map((its) => Math.round(its * 1e6) / 1e6 + 0);
const toldOf = (standing: Standing) => ({
  lacks: standing.lacks.map((its) => [...its]),
  there: standing.there,
  lackingOne: standing.lackingOne,
  opened: nearly(standing.opened),
  opens: standing.opens.map(nearly),
  touched: standing.touched.map((its) => [...its]),
});

describe('how far each look is from being there', () => {
  it('is kept piece by piece as it would be told anew, whatever comes and goes', () => {
    const random = seeded(4);
    let [most, ones] = [0, 0];
    for (const seed of [1, 2, 3]) {
      const model = drawn(seed);
      const standing = new Standing(model, indexOf(model));
      const chosen = new Set<number>();
      for (let i = 0; i < 60; i++) {
        // Now and then everything goes, and it begins anew.
        const places = i % 25 === 24 ? [...chosen] : [Math.floor(random() * model.price.length)];
        for (const place of places) {
          const isIn = chosen.has(place);
          standing.put(place, isIn ? -1 : 1);
          if (isIn) chosen.delete(place);
          else chosen.add(place);
        }
        const expected = expectedOf(model, chosen);
        expect(toldOf(standing)).toEqual({
          ...expected,
          opened: nearly(expected.opened),
          opens: expected.opens.map(nearly),
        });
        most = Math.max(most, ...expected.there.map(({ length }) => length));
        ones += expected.lackingOne.flat(2).length;
      }
    }
    // Enough to tell something.
    expect(most).toBeGreaterThan(10);
    expect(ones).toBeGreaterThan(500);
  });

  it('leaves the model and its index as they were, so that two may stand over one', () => {
    const model = drawn(5);
    const [one, other] = [new Standing(model, indexOf(model)), new Standing(model, indexOf(model))];
    const before = toldOf(other);
    for (let place = 0; place < model.price.length; place++) one.put(place, 1);
    expect(toldOf(other)).toEqual(before);
    for (let place = 0; place < model.price.length; place++) one.put(place, -1);
    expect(toldOf(one)).toEqual(before);
  });
});
