import { seeded } from '@core/chance';
import { modelOf, type PlanModel, search, worthOf } from '@core/plan';
import { wrongsOf } from '@core/plan/model';
import { describe, expect, it } from 'vitest';
import { planProblem } from '../../support/plan-instances';
import { sure } from '../../support/sure';

const drawn = (seed: number): PlanModel =>
  modelOf(
    planProblem(
      { candidates: 16 + seed, owned: 6, occasions: 1 + (seed % 3), budget: 300 + 40 * seed, most: 5 },
      seed,
    ),
  );
const MODELS = [1, 2, 3, 4, 5, 6].map(drawn);
const places = (chosen: Uint8Array): number[] => [...chosen.keys()].filter((place) => chosen[place]);

describe('the search for a box', () => {
  it('leaves out what is out, whatever it began with, and sends only what may be sent', () => {
    const random = seeded(3);
    for (const model of MODELS) {
      const out = new Set([...model.price.keys()].filter(() => random() < 0.4));
      const start = Uint8Array.from(model.price, (_each, place) =>
        out.has(place) || random() < 0.8 ? 0 : 1,
      );
      for (const restarts of [0, 3, undefined]) {
        const found = search(model, 1, { out, start, restarts });
        expect(places(found).filter((place) => out.has(place) || !model.considered[place])).toEqual([]);
        expect(wrongsOf(model, found)).toBe(0);
      }
    }
  });

  it('never lets go of a pin, and goes round it with what money is left', () => {
    for (const model of MODELS) {
      const dear = [...model.price.keys()]
        .filter((place) => model.considered[place])
        .sort((a, b) => sure(model.price[b]) - sure(model.price[a]))[0];
      const pinned = { ...model, pins: [sure(dear)] };
      const found = search(pinned, 2);
      expect(found[sure(dear)]).toBe(1);
      expect(wrongsOf(pinned, found)).toBe(0);
      expect(worthOf(model, found)).toBeLessThanOrEqual(worthOf(model, search(model, 2)) + 1e-6);
    }
  });

  it('is never worth less than what it began with, and more beginnings never lose', () => {
    for (const [seed, model] of MODELS.entries()) {
      const first = search(model, seed, { restarts: 0 });
      const some = search(model, seed, { restarts: 4 });
      const whole = search(model, seed);
      expect(worthOf(model, some)).toBeGreaterThanOrEqual(worthOf(model, first) - 1e-9);
      expect(worthOf(model, whole)).toBeGreaterThanOrEqual(worthOf(model, first) - 1e-9);
      const again = search(model, seed + 50, { start: whole, restarts: 0 });
      expect(worthOf(model, again)).toBeGreaterThanOrEqual(worthOf(model, whole) - 1e-9);
    }
  });

  it('finds what only two pieces together are worth, for two that are in the way', () => {
    const blank = sure(MODELS[0]);
    // Two dear pieces alone are worth ten each; four cheap ones make looks two by two, which are worth more.
    const look = (score: number, ...fresh: number[]) =>
      ({ pieces: [], modes: [], fresh, score, opens: 0 }) as never;
    const model: PlanModel = {
      ...blank,
      allowed: Array.from({ length: 6 }, () => true),
      considered: Array.from({ length: 6 }, () => true),
      price: [50, 50, 50, 50, 50, 50],
      own: [10, 10, 0, 0, 0, 0],
      weights: [1, 1],
      ranks: [
        [1, 0.4, 0.2],
        [1, 0.4, 0.2],
      ],
      looks: [[look(30, 2, 3)], [look(28, 4, 5)]],
      answering: [],
      twins: [],
      pins: [],
      groups: [],
      budgetMinor: 100,
      least: 0,
      most: 2,
    };
    expect(places(search(model, 1))).toEqual([2, 3]);
    const from = Uint8Array.from([0, 0, 0, 0, 1, 1]);
    expect(places(search(model, 1, { start: from }))).toEqual([2, 3]);
    expect(places(search({ ...model, most: 4, budgetMinor: 200 }, 1))).toEqual([2, 3, 4, 5]);
  });

  it('says with nothing to choose from that nothing is chosen', () => {
    const model = sure(MODELS[1]);
    const out = new Set(model.price.keys());
    expect(places(search(model, 1, { out }))).toEqual([]);
    expect(places(search({ ...model, budgetMinor: 0, considered: model.price.map(() => false) }, 1))).toEqual(
      [],
    );
  });
});
