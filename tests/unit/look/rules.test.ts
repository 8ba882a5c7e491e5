import { judge, type Profile, NOBODY, type Setting } from '@core/look';
import { pieceFrom } from '@core/piece';
import { type Example, RULES, type Tone } from '@core/rules';
import { describe, expect, it } from 'vitest';

const STRENGTH = ['works', 'note', 'fights', 'blocks'] as const;

/** Strongest tone a rule takes on an example; `silent` when it says nothing. */
function toneOf(id: string, example: Example): Tone | 'silent' {
  const setting: Setting = {
    client: { ...NOBODY, ...example.client } as Profile,
    occasion: example.occasion
      ? {
          title: 'x',
          formality: [0, 10],
          time: 'day',
          humidityPct: 50,
          surfaces: [],
          carry: [],
          bans: [],
          musts: [],
          seenBy: [],
          ...example.occasion,
        }
      : undefined,
    schools: example.schools,
    budget: example.budget,
  };
  const tones = judge(example.look.map(pieceFrom), setting)
    .findings.filter((finding) => finding.rule === id)
    .map((finding) => finding.tone);
  return tones.reduce<Tone | 'silent'>(
    (best, tone) => (best === 'silent' || STRENGTH.indexOf(tone) > STRENGTH.indexOf(best) ? tone : best),
    'silent',
  );
}

describe('the examples of every rule', () => {
  for (const rule of RULES) {
    it(`${rule.id} ${rule.title}: has pairs, and each flips the verdict`, () => {
      expect(rule.examples.length).toBeGreaterThan(0);
      for (const pair of rule.examples) {
        for (const example of pair) expect(toneOf(rule.id, example), example.title).toBe(example.expect);
        expect(pair[0].expect).not.toBe(pair[1].expect);
      }
    });
  }
  it('gives every rule an id of its own, of its facet', () => {
    expect(new Set(RULES.map(({ id }) => id)).size).toBe(RULES.length);
    for (const rule of RULES) expect(rule.id.startsWith(rule.facet)).toBe(true);
  });
  it('keeps every threshold inside its own bounds', () => {
    for (const rule of RULES)
      for (const threshold of Object.values(rule.thresholds))
        expect(threshold.value >= threshold.min && threshold.value <= threshold.max).toBe(true);
  });
});
