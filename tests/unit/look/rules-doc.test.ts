import { readFileSync } from 'node:fs';
import { ruleSettingsSchema } from '@contracts/rule-settings';
import { SCHOOLS_WHY } from '@core/look';
import { BOX_RULES } from '@core/box-rules';
import { RULES } from '@core/rules';
import { rulesDoc } from '../../../src/cli/rules-doc';
import { describe, expect, it } from 'vitest';

describe('what is written about the rules', () => {
  it('docs/rules.md is what the rules say (npm run -s rules writes it)', () => {
    expect(readFileSync('docs/rules.md', 'utf8')).toBe(rulesDoc());
  });
  it('no id stands for two rules', () => {
    const ids = [...RULES, ...BOX_RULES].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
  it('every way of judging has its reason', () => {
    for (const schools of Object.values(SCHOOLS_WHY))
      for (const why of Object.values(schools)) expect(why.length).toBeGreaterThan(20);
  });
});

describe('a shop’s own tuning', () => {
  const faults = (settings: unknown): string[] => {
    const read = ruleSettingsSchema.safeParse(settings);
    return read.success ? [] : read.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`);
  };
  it('takes known rules and thresholds inside their bounds', () => {
    expect(faults({ C2: { off: true, thresholds: { pale: 6 }, weight: { fights: -30 } } })).toEqual([]);
  });
  it('takes rules of the box as well, inside their bounds', () => {
    expect(faults({ U1: { thresholds: { clothes: 5 } }, U5: { off: true } })).toEqual([]);
    expect(faults({ U1: { thresholds: { clothes: 0 } } })[0]).toContain('1 to 20 is possible');
  });
  it('takes what a facet counts, and nothing else of it', () => {
    expect(faults({ C: { share: 2 }, W: { share: 0 } })).toEqual([]);
    expect(faults({ C: { share: 9 } })[0]).toContain('at most 5');
    expect(faults({ C: { off: true } })[0]).toContain('only its share');
    expect(faults({ C2: { share: 2 } })[0]).toContain('only a facet has a share');
  });
  it('names what it does not know, and what is out of bounds', () => {
    expect(faults({ Z9: {} })[0]).toContain('Z9: not a rule');
    expect(faults({ C2: { thresholds: { blue: 1 } } })[0]).toContain('C2.thresholds.blue: not a threshold');
    expect(faults({ C2: { thresholds: { pale: 400 } } })[0]).toContain('4 to 20 is possible');
    expect(faults({ C2: { weight: { fights: -900 } } })[0]).toContain('at least');
  });
});
