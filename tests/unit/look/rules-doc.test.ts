import { readFileSync } from 'node:fs';
import { ruleSettingsSchema } from '@contracts/rule-settings';
import { SCHOOLS_WHY } from '@core/look';
import { MISSING_RULES, RULES } from '@core/rules';
import { rulesDoc } from '../../../src/cli/rules-doc';
import { describe, expect, it } from 'vitest';

describe('what is written about the rules', () => {
  it('docs/rules.md is what the rules say (npm run -s rules writes it)', () => {
    expect(readFileSync('docs/rules.md', 'utf8')).toBe(rulesDoc());
  });
  it('a missing rule is not there, and a built one is not missing', () => {
    for (const { id } of MISSING_RULES)
      expect(
        RULES.some((rule) => rule.id === id),
        id,
      ).toBe(false);
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
  it('names what it does not know, and what is out of bounds', () => {
    expect(faults({ Z9: {} })[0]).toContain('Z9: not a rule');
    expect(faults({ C2: { thresholds: { blue: 1 } } })[0]).toContain('C2.thresholds.blue: not a threshold');
    expect(faults({ C2: { thresholds: { pale: 400 } } })[0]).toContain('4 to 20 is possible');
    expect(faults({ C2: { weight: { fights: -900 } } })[0]).toContain('at least');
  });
});
