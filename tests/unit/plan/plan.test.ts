import {
  conflictOf,
  gapWords,
  modelOf,
  mustsOf,
  nextStep,
  nextStepWords,
  Planner,
  type PlanModel,
  type PlanProblem,
  planOf,
  refusalWords,
  search,
  sketchOf,
  worthOf,
  wrongsOf,
} from '@core/plan';
import { Choice } from '@core/plan/choice';
import { seeded } from '@core/chance';
import { NOBODY } from '@core/client';
import { readAsk } from '@core/reading';
import { HOUSE_TONGUE } from '@core/words';
import { describe, expect, it } from 'vitest';
import { planProblem } from '../../support/plan-instances';
import { sure } from '../../support/sure';

const small = (seed: number, more: Partial<PlanProblem> = {}): PlanProblem => ({
  ...planProblem({ candidates: 11, owned: 8, occasions: 2, budget: 420, most: 4 }, seed),
  ...more,
});

/** The best there is, by going through every choice. */
function exhaustive(model: PlanModel): number | undefined {
  let best: number | undefined;
  const chosen = new Uint8Array(model.price.length);
  for (let bits = 0; bits < 2 ** chosen.length; bits++) {
    for (let i = 0; i < chosen.length; i++) chosen[i] = (bits >> i) & 1;
    if (wrongsOf(model, chosen) > 0) continue;
    const worth = worthOf(model, chosen);
    if (best === undefined || worth > best) best = worth;
  }
  return best;
}

describe('a choice', () => {
  it('is worth what the model says, before and after any change', () => {
    const random = seeded(4);
    const pick = (places: readonly number[]): readonly number[] =>
      places.filter(() => random() < 2 / (places.length + 1)).slice(0, 3);
    for (const seed of [1, 2, 3]) {
      const given = small(seed, { bounds: { blouse: [1, 2], trousers: [2, 2] }, least: 3 });
      const asks = [{ ask: readAsk('a navy blouse'), must: true }];
      // Everything counts: pins, bounds, asks, twins, weight and what is not allowed stand against it.
      const made = modelOf({ ...given, asks, pins: [sure(given.candidates[1]).piece.id] });
      const model: PlanModel = {
        ...made,
        allowed: made.allowed.map((is, place) => is && place !== 4),
        twins: [[0, 2], [2, 5], [5, 7], ...made.twins],
        grams: made.price.map((_each, place) => 100 * place),
        mostG: 1500,
      };
      const expected = (chosen: Uint8Array): number => worthOf(model, chosen) - 1e5 * wrongsOf(model, chosen);
      const choice = new Choice(model, new Uint8Array(model.price.length));
      for (let i = 0; i < 200; i++) {
        const places = [...choice.chosen.keys()];
        const comes = pick(places.filter((place) => !choice.chosen[place]));
        const goes = pick(places.filter((place) => choice.chosen[place]));
        const next = Uint8Array.from(choice.chosen, (is, place) =>
          comes.includes(place) ? 1 : goes.includes(place) ? 0 : is,
        );
        expect(choice.after(comes, choice.going(goes), choice.madeBy(comes))).toBeCloseTo(expected(next), 5);
        expect(choice.worth).toBeCloseTo(expected(choice.chosen), 5);
        choice.change(comes, goes);
        expect([...choice.chosen]).toEqual([...next]);
        expect(choice.room).toBe(
          model.budgetMinor - next.reduce((sum, is, place) => sum + is * sure(model.price[place]), 0),
        );
      }
    }
  });
});

describe('two at a time', () => {
  it('are worth what the model says, and never more than was promised of them', () => {
    const random = seeded(9);
    let [weighed, just, full] = [0, 0, 0];
    for (const seed of [1, 2, 3, 4]) {
      const given = small(seed, { bounds: { blouse: [0, 2] } });
      const made = modelOf({ ...given, asks: [{ ask: readAsk('a navy blouse'), must: false }] });
      const model: PlanModel = { ...made, twins: [[0, 2], [2, 5], ...made.twins] };
      const expected = (chosen: Uint8Array): number => worthOf(model, chosen) - 1e5 * wrongsOf(model, chosen);
      for (let i = 0; i < 12; i++) {
        const choice = new Choice(
          model,
          Uint8Array.from(model.price, () => (random() < 0.25 ? 1 : 0)),
        );
        const without = (place: number): number => expected(choice.with(place, 0));
        const held = choice.held();
        const others = [...choice.chosen.keys()].filter((place) => !choice.chosen[place]);
        const twos = choice.lackingTwo();
        for (const gone of [[], ...held.map((one) => [one]), held.slice(0, 2)]) {
          const going = choice.going(gone);
          const left = Uint8Array.from(choice.chosen, (is, place) => (gone.includes(place) ? 0 : is));
          const withAll = (...places: number[]): number =>
            expected(Uint8Array.from(left, (is, place) => (places.includes(place) ? 1 : is)));
          const coming = others.map((place) => choice.coming(place, going));
          for (const one of coming) expect(one.worth).toBeCloseTo(withAll(one.place), 5);
          for (const [k, a] of coming.entries())
            for (const b of coming.slice(k + 1)) {
              const two = twos.find((its) => its.a === a.place && its.b === b.place);
              const its = choice.withBoth(a, b, going, two?.made);
              expect(its).toBeCloseTo(withAll(a.place, b.place), 5);
              weighed++;
              if (two) just++;
              // What may not be sent either way is no promise.
              if (its < -1e4 || expected(left) < -1e4) continue;
              expect(its).toBeLessThanOrEqual(a.worth + b.worth - expected(left) + (two?.points ?? 0) + 1e-6);
            }
        }
        for (const place of others) {
          const plain = Math.max(
            expected(choice.with(place, 1)),
            ...held.map((gone) => {
              const next = choice.with(place, 1);
              next[gone] = 0;
              return expected(next);
            }),
          );
          expect(choice.bestWith(place)).toBeCloseTo(plain, 5);
          expect(choice.atMostWith(place)).toBeGreaterThanOrEqual(plain - 1e-6);
          if (choice.isRight) full++;
        }
        for (const place of held) expect(choice.bestWithout(place, [])).toBeCloseTo(without(place), 5);
      }
    }
    // Nothing of this was held over nothing.
    expect(Math.min(weighed, just, full)).toBeGreaterThan(100);
  });
});

describe('the planned box', () => {
  it('is the best there is, on small ones gone through whole', () => {
    const shares = Array.from({ length: 12 }, (_, seed) => {
      const model = modelOf(small(seed + 1));
      const best = sure(exhaustive(model));
      const found = search(model, 1);
      expect(wrongsOf(model, found)).toBe(0);
      return worthOf(model, found) / best;
    });
    expect(Math.min(...shares)).toBeGreaterThanOrEqual(0.995);
    expect(shares.filter((share) => share > 1 - 1e-9).length).toBeGreaterThanOrEqual(11);
  });

  it('is the same for the same seed, and adds up to what it says', () => {
    const problem = small(3);
    const [one, other] = [planOf(problem, 5), planOf(problem, 5)];
    expect(one.chosen).toEqual(other.chosen);
    const chosen = Uint8Array.from(problem.candidates, (_each, place) =>
      one.chosen.includes(place) ? 1 : 0,
    );
    expect(one.value).toBeCloseTo(worthOf(one.model, chosen), 9);
    expect(one.spentMinor).toBe(
      one.chosen.reduce((sum, place) => sum + sure(problem.candidates[place]).priceMinor, 0),
    );
    expect(one.spentMinor).toBeLessThanOrEqual(problem.budgetMinor);
    for (const looks of one.looks)
      for (const { fresh } of looks) expect(fresh.every((place) => one.chosen.includes(place))).toBe(true);
  });

  it('says what each refusal costs: the best box without it', () => {
    const problem = small(4);
    const plan = planOf(problem);
    expect(plan.refusal.length).toBeGreaterThan(0);
    for (const { place, costs } of plan.refusal) {
      const without = sure(
        exhaustive(modelOf({ ...problem, bans: [sure(problem.candidates[place]).piece.id] })),
      );
      // The looks that are told over are those of the whole shelf; what is enumerated without the piece may differ a little.
      expect(costs).toBeGreaterThanOrEqual(0);
      expect(Math.abs(plan.value - costs - without)).toBeLessThanOrEqual(0.02 * plan.value);
    }
  });

  it('keeps to pins, bans, bounds, stock, the least and what must be answered', () => {
    const base = small(6);
    const [first, second, third] = base.candidates.map(({ piece }) => piece);
    const problem: PlanProblem = {
      ...base,
      pins: [sure(first).id],
      bans: [sure(second).id],
      candidates: base.candidates.map((each) =>
        each.piece.id === sure(third).id ? { ...each, stock: 0 } : each,
      ),
      least: 2,
      budgetMinor: 90_000,
    };
    const ids = planOf(problem).chosen.map((place) => sure(problem.candidates[place]).piece.id);
    expect(ids).toContain(sure(first).id);
    expect(ids).not.toContain(sure(second).id);
    expect(ids).not.toContain(sure(third).id);
    expect(ids.length).toBeGreaterThanOrEqual(2);
    const kind = sure(
      problem.candidates.find(
        ({ piece }) => ![first, second, third].some((each) => sure(each).id === piece.id),
      ),
    ).piece.category;
    const asked = planOf({
      ...problem,
      asks: [{ ask: { text: kind, kinds: [kind], unknown: [] }, must: true }],
    });
    expect(asked.chosen.some((place) => sure(problem.candidates[place]).piece.category === kind)).toBe(true);
    const bounded = planOf({ ...problem, bounds: { [kind]: [0, 0] } });
    expect(bounded.chosen.some((place) => sure(problem.candidates[place]).piece.category === kind)).toBe(
      false,
    );
  });

  it('says plainly what contradicts itself: a smallest set, of which any one given up makes the rest possible', () => {
    const base = small(8);
    const dearest = [...base.candidates].sort((a, b) => b.priceMinor - a.priceMinor).slice(0, 2);
    const problem: PlanProblem = {
      ...base,
      budgetMinor: sure(dearest[0]).priceMinor + sure(dearest[1]).priceMinor - 1,
      pins: dearest.map(({ piece }) => piece.id),
      asks: [{ ask: readAsk('a pink tutu'), must: false }],
    };
    const plan = planOf(problem);
    expect(plan.chosen).toEqual([]);
    expect(plan.conflict.map(({ name }) => name).sort()).toEqual(
      ['budget', ...problem.pins.map((id) => `pin ${id}`)].sort(),
    );
    const model = modelOf(problem);
    for (const given of plan.conflict) {
      const rest = plan.conflict.filter((each) => each !== given);
      expect(conflictOf(model, rest)).toEqual([]);
    }
    const nobody = planOf({
      ...base,
      asks: [{ ask: { text: 'a veil', kinds: ['veil'], unknown: [] }, must: true }],
    });
    expect(nobody.conflict.map(({ name }) => name)).toEqual(['a veil']);
    expect(mustsOf(model, [], []).map(({ name }) => name)).toEqual(['budget', 'most']);
  });

  it('of two thousand is planned among the two hundred that are likeliest', () => {
    const problem = planProblem({ candidates: 2000, owned: 6, occasions: 1, budget: 600, most: 5 }, 11);
    const { model, chosen, spentMinor } = planOf({
      ...problem,
      pins: [sure(problem.candidates[1999]).piece.id],
    });
    expect(model.considered.filter(Boolean)).toHaveLength(200);
    expect(model.considered[1999]).toBe(true);
    expect(chosen).toContain(1999);
    expect(chosen.length).toBeGreaterThan(2);
    expect(spentMinor).toBeLessThanOrEqual(60_000);
  });

  it('never holds what the client may not wear, not even pinned or sure to be kept', () => {
    const base = small(12);
    const wool = { ...sure(base.candidates[0]).piece.fabric, fibres: [{ name: 'lambswool', pct: 100 }] };
    const candidates = base.candidates.map((each, i) => ({
      ...each,
      keep: i === 0 ? 1 : each.keep,
      piece: { ...each.piece, fabric: i === 0 ? wool : { ...wool, fibres: [{ name: 'cotton', pct: 100 }] } },
    }));
    const problem: PlanProblem = { ...base, candidates };
    const allergic = { setting: { client: { ...NOBODY, allergies: ['wool'] } } };
    expect(planOf(problem).chosen).toContain(0);
    expect(planOf({ ...problem, ...allergic }).chosen).not.toContain(0);
    const pinned = planOf({ ...problem, ...allergic, pins: [sure(candidates[0]).piece.id] });
    expect(pinned.conflict.map(({ name }) => name)).toEqual([`pin ${sure(candidates[0]).piece.id}`]);
  });

  it('of nothing is nothing, and is no conflict', () => {
    const plan = planOf({ ...small(9), candidates: [] });
    expect([plan.chosen, plan.conflict, plan.spentMinor]).toEqual([[], [], 0]);
  });
});

describe('a first sketch and changes of mind', () => {
  const whole = planProblem({ candidates: 60, owned: 30, occasions: 2, budget: 500, most: 6 }, 5);
  const wish = { budgetMinor: 50_000, most: 6, pins: [], bans: [], musts: [] };
  it('is made of what is pinned, what answers, and the first of the list; and is a box that may be sent', () => {
    const pinned = sure(whole.candidates[50]).piece.id;
    const small = sketchOf({ ...whole, pins: [pinned] });
    expect(small.candidates.length).toBeLessThan(whole.candidates.length / 2);
    expect(small.candidates.map(({ piece }) => piece.id)).toContain(pinned);
    const plan = new Planner(small).plan({ ...wish, pins: [pinned] }, 1, true);
    expect(plan.chosen.map((place) => sure(small.candidates[place]).piece.id)).toContain(pinned);
    expect(plan.spentMinor).toBeLessThanOrEqual(50_000);
  });
  it('plans anew as the same problem with that wish would be planned', () => {
    const planner = new Planner(whole);
    const [first] = planner.plan(wish).chosen;
    const id = sure(whole.candidates[sure(first)]).piece.id;
    expect(planner.plan({ ...wish, bans: [id] }).chosen).not.toContain(first);
    const kept = planner.plan({ ...wish, pins: [id], budgetMinor: 30_000 });
    expect(kept.chosen).toContain(first);
    expect(kept.spentMinor).toBeLessThanOrEqual(30_000);
    expect(planner.plan({ ...wish, most: 2 }).chosen.length).toBeLessThanOrEqual(2);
  });
  it('says what more money buys, and nothing where it buys nothing', () => {
    const planner = new Planner(whole);
    const curve = planner.curve(wish, [60_000, 0, 20_000, 40_000]);
    expect(curve.map(({ budgetMinor }) => budgetMinor)).toEqual([0, 20_000, 40_000, 60_000]);
    for (let i = 1; i < curve.length; i++)
      expect(sure(curve[i]).value).toBeGreaterThanOrEqual(sure(curve[i - 1]).value - 1e-6);
    const titleOf = (place: number): string => sure(whole.candidates[place]).piece.title;
    const next = sure(nextStep(curve, 0, titleOf));
    expect(next.moreMinor).toBe(20_000);
    expect(nextStepWords(next, 'EUR', HOUSE_TONGUE)).toMatch(
      /^€200\.00 more buys the .+: \d+ more looks?\.$/,
    );
    expect(nextStep(curve, 60_000, titleOf)).toBeUndefined();
    expect([gapWords(0), gapWords(0.0123)]).toEqual([
      'As good as it gets within this budget.',
      'Within 1.3 % of the best there could be.',
    ]);
    expect([refusalWords(0, 100), refusalWords(2, 100), refusalWords(5, 100), refusalWords(20, 100)]).toEqual(
      ['something else does as well', 'easily replaced', 'worth having', 'hard to replace'],
    );
  });
});
