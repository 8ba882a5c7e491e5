import { type Profile, NOBODY } from '@core/client';
import { pieceFrom } from '@core/piece';
import { type Example, RULES, type Tone } from '@core/rules';
import { describe, expect, it } from 'vitest';
import { anOccasion, toneOf } from '../../support/judging';

/** Strongest tone a rule takes on one of its examples. */
const toneOn = (id: string, { look, client, occasion, schools, budget }: Example): Tone | 'silent' =>
  toneOf(id, look.map(pieceFrom), {
    client: { ...NOBODY, ...client } as Profile,
    occasion: occasion && anOccasion(occasion),
    schools,
    budget,
  });

describe('the examples of every rule', () => {
  for (const rule of RULES) {
    it(`${rule.id} ${rule.title}: has pairs, and each flips the verdict`, () => {
      expect(rule.examples.length).toBeGreaterThan(0);
      for (const pair of rule.examples) {
        for (const example of pair) expect(toneOn(rule.id, example), example.title).toBe(example.expect);
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
