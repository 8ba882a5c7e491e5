import {
  conflictOf,
  modelOf,
  type Must,
  mustsOf,
  type PlanModel,
  type PlanProblem,
  wrongsOf,
} from '@core/plan';
import { readAsk } from '@core/reading';
import { describe, expect, it } from 'vitest';
import { planProblem } from '../../support/plan-instances';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

const CANDIDATES = 12;

/** A small problem with musts drawn at random: pins, asks, a kind that must be there, a least number, little to spend. */
function drawn(seed: number): PlanProblem {
  const random = stream(seed);
  const base = planProblem(
    { candidates: CANDIDATES, owned: 2, occasions: 1, budget: 120 + Math.floor(random() * 500), most: 4 },
    seed,
  );
  const some = (): string => sure(base.candidates[Math.floor(random() * CANDIDATES)]).piece.id;
  const kind = sure(base.candidates[Math.floor(random() * CANDIDATES)]).piece.category;
  return {
    ...base,
    least: random() < 0.3 ? 1 + Math.floor(random() * 4) : 0,
    pins: random() < 0.6 ? [...new Set([some(), some()])] : [],
    asks:
      random() < 0.5 ? [{ ask: readAsk(random() < 0.5 ? 'a navy blazer' : 'a red scarf'), must: true }] : [],
    bounds: random() < 0.4 ? { [kind]: [1, 2] } : {},
    bans: random() < 0.3 ? [some()] : [],
  };
}

const named = (problem: PlanProblem, model: PlanModel): Must[] =>
  mustsOf(
    model,
    problem.pins,
    problem.asks.map(({ ask }) => ask.text),
  );

/** Gone through whole: true when some choice has nothing against it but what is not among these musts. */
function isPossible(model: PlanModel, musts: readonly Must[]): boolean {
  const has = (kind: Must['kind'], at?: number): boolean =>
    musts.some((must) => must.kind === kind && (at === undefined || must.at === at));
  const bare: PlanModel = {
    ...model,
    budgetMinor: has('budget') ? model.budgetMinor : Infinity,
    most: has('most') ? model.most : Infinity,
    least: has('least') ? model.least : 0,
    pins: model.pins.filter((_place, at) => has('pin', at)),
    answering: model.answering.map((each, at) => ({ ...each, must: each.must && has('ask', at) })),
    groups: model.groups.map((group, at) => ({ ...group, least: has('bound', at) ? group.least : 0 })),
  };
  const chosen = new Uint8Array(CANDIDATES);
  for (let bits = 0; bits < 2 ** CANDIDATES; bits++) {
    for (let i = 0; i < CANDIDATES; i++) chosen[i] = (bits >> i) & 1;
    if (wrongsOf(bare, chosen) === 0) return true;
  }
  return false;
}

describe('musts that cannot all be met', () => {
  const problems = Array.from({ length: 70 }, (_, i) => drawn(i + 1));

  it('are told exactly when no choice of them all can be sent, as going through every choice shows', () => {
    let [can, cannot] = [0, 0];
    for (const problem of problems) {
      const model = modelOf(problem);
      const musts = named(problem, model);
      const possible = isPossible(model, musts);
      if (possible) can++;
      else cannot++;
      expect(conflictOf(model, musts).length === 0).toBe(possible);
    }
    // Both happen often enough to be a check.
    expect(Math.min(can, cannot)).toBeGreaterThan(8);
  });

  it('are a smallest set: together they cannot be, and without any one of them the others can', () => {
    let told = 0;
    for (const problem of problems) {
      const model = modelOf(problem);
      const conflict = conflictOf(model, named(problem, model));
      if (conflict.length === 0) continue;
      told++;
      expect(isPossible(model, conflict)).toBe(false);
      for (const must of conflict)
        expect(
          isPossible(
            model,
            conflict.filter((each) => each !== must),
          ),
        ).toBe(true);
    }
    expect(told).toBeGreaterThan(8);
  });
});
