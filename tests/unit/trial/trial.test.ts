import { keepRate } from '@core/ledger';
import { judge } from '@core/look';
import { ruleOf, RULES, type Tuning } from '@core/rules';
import { replay, ruleRecord, sceneOfTried, speaksAgainst, trialProposals, type TriedLook } from '@core/trial';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { anyLook, anySetting } from '../../support/random-looks';
import { sure } from '../../support/sure';

const R3 = sure(ruleOf('R3'));
const PRINTS = sure(ruleOf('N2'));

/** Trousers and shoes so far apart in formality, with what became of them. */
const apart = (id: string, levels: number, kept: number): TriedLook => ({
  id,
  pieces: [
    one('trousers', 'trousers', '#17171a', { formality: 9 }),
    one('shoes', 'sneaker', '#fbfbf9', { formality: 9 - levels }),
  ],
  setting: {},
  sent: 2,
  kept,
});
const some = (count: number, levels: number, kept: number): TriedLook[] =>
  Array.from({ length: count }, (_, i) => apart(`${levels}-${kept}-${i}`, levels, kept));
const propose = (looks: readonly TriedLook[], rules = [R3], settings = {}) => {
  const making = trialProposals(rules, looks.map(sceneOfTried), settings);
  let step = making.next();
  while (!step.done) step = making.next();
  return step.value;
};

describe('a rule on trial', () => {
  it('speaks against a look exactly where judge() says something against it, rule by rule', () => {
    for (let i = 0; i < 60; i++) {
      const [pieces, setting] = [anyLook(), anySetting()];
      const { scene } = sceneOfTried({ id: 'x', pieces, setting, sent: 1, kept: 1 });
      const said = judge(pieces, setting).findings.filter(({ tone }) => tone !== 'works');
      const heard = RULES.filter((rule) => speaksAgainst(rule, undefined, scene)).map(({ id }) => id);
      expect(heard.sort()).toEqual([...new Set(said.map(({ rule }) => rule))].sort());
      expect(RULES.some((rule) => speaksAgainst(rule, { off: true }, scene))).toBe(false);
    }
  });

  it('is told right or wrong only where the bounds leave the rest out, and a look counts once', () => {
    const all = { looks: 100, share: 50 };
    expect(ruleRecord(all, { looks: 40, share: 8 }).verdict).toBe('kept-less');
    expect(ruleRecord(all, { looks: 40, share: 32 }).verdict).toBe('kept-more');
    expect(ruleRecord(all, { looks: 4, share: 3 }).verdict).toBe('no-telling');
    expect(ruleRecord(all, { looks: 0, share: 0 }).verdict).toBe('no-telling');
    expect(ruleRecord({ looks: 0, share: 0 }, { looks: 0, share: 0 }).against.rate).toBeCloseTo(0.5);
    // By hand: 8 of 40 kept, leaning on 51 of 102 as if 8 more looks had been seen.
    const { against } = ruleRecord(all, { looks: 40, share: 8 });
    expect(against.rate).toBeCloseTo((8 + 0.5 * 8) / 48);
    expect(against.low).toBeCloseTo(keepRate({ sent: 40, kept: 8 }, { mean: 0.5, pieces: 8 }).low);
  });

  it('replays another threshold look by look', () => {
    const looks = [...some(6, 6.5, 2), ...some(5, 8, 0), ...some(4, 3, 1)];
    const scenes = looks.map(sceneOfTried);
    const at = (most: number): Tuning => ({ thresholds: { most } });
    const looser = replay(R3, scenes, undefined, at(7));
    expect([looser.before.against.looks, looser.after.against.looks]).toEqual([11, 5]);
    expect([looser.fallsSilent.looks, looser.fallsSilent.share, looser.speaksUp.looks]).toEqual([6, 6, 0]);
    expect(looser.fallsSilent.ids).toEqual(looks.slice(0, 6).map(({ id }) => id));
    const back = replay(R3, scenes, at(7), undefined);
    expect(back.speaksUp).toEqual(looser.fallsSilent);
    expect(replay(R3, scenes, undefined, { off: true }).after.against.looks).toBe(0);
  });
});

describe('what the looks propose', () => {
  it('is the nearest value that tells what is kept from what comes back', () => {
    const found = propose([...some(12, 6.5, 2), ...some(12, 8, 0), ...some(20, 3, 1)]);
    expect(found.get('R3')).toMatchObject({ name: 'most', value: 6.5, silenced: { looks: 12, share: 12 } });
    expect(found.get('R3')?.tuning).toEqual({ thresholds: { most: 6.5 } });
  });

  it('is silence where no value tells them apart, and nothing where the rule is right or few looks speak', () => {
    expect(propose([...some(12, 6.5, 2), ...some(20, 3, 1)]).get('R3')?.silenced.looks).toBe(12);
    expect(propose([...some(12, 6.5, 0), ...some(20, 3, 1)]).size).toBe(0);
    expect(propose([...some(7, 6.5, 2), ...some(20, 3, 1)]).size).toBe(0);
    expect(propose([]).size).toBe(0);
    expect(propose(some(30, 6.5, 2), [R3], { R3: { off: true } }).size).toBe(0);
  });

  it('leaves alone what guards a person, and counts no look for two rules', () => {
    const guards = RULES.filter(({ mayOverrule }) => !mayOverrule);
    expect(guards.length).toBeGreaterThan(0);
    const looks = [...some(12, 6.5, 2), ...some(20, 3, 1)];
    expect(propose(looks, guards).size).toBe(0);
    // A twin that speaks of the very same looks is not wrong for them as well.
    const twin = { ...R3, id: 'R3 again' };
    expect([...propose(looks, [R3, twin]).keys()]).toEqual(['R3']);
    expect(propose(looks, [PRINTS]).size).toBe(0);
  });
});
