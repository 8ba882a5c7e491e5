import { allergyWords, guardPiece } from '@core/guard';
import { NOBODY } from '@core/client';
import { allergenOf, allergensOf, isKnownAllergen } from '@core/substances';
import { isOneSlip } from '@core/substances/spelt';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

/** Optimal string alignment by its table: letters put in, left out, changed, or two beside each other swapped. */
function distance(a: string, b: string): number {
  const table = Array.from({ length: a.length + 1 }, (_, i) =>
    Array.from({ length: b.length + 1 }, (__, j) => (i === 0 ? j : j === 0 ? i : 0)),
  );
  const at = (i: number, j: number): number => table[i]?.[j] ?? 0;
  for (let i = 1; i <= a.length; i++)
    for (let j = 1; j <= b.length; j++) {
      const change = at(i - 1, j - 1) + (a[i - 1] === b[j - 1] ? 0 : 1);
      let least = Math.min(at(i - 1, j) + 1, at(i, j - 1) + 1, change);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, at(i - 2, j - 2) + 1);
      (table[i] as number[])[j] = least;
    }
  return at(a.length, b.length);
}

describe('one slip of a finger', () => {
  it('is what the textbook table counts as one', () => {
    const word = fc.stringMatching(/^[abc]{0,6}$/);
    fc.assert(
      fc.property(word, word, (a, b) => {
        expect(isOneSlip(a, b), `${a} ${b}`).toBe(distance(a, b) === 1);
        expect(isOneSlip(a, b)).toBe(isOneSlip(b, a));
      }),
      { numRuns: 3000 },
    );
  });
});

describe('an allergy as it was meant', () => {
  it.each([
    ['nickle', 'nickel'],
    ['woll', 'wool'],
    ['latx', 'latex'],
    ['slik', 'silk'],
    ['rabit', 'rabbit'],
    ['cashmer', 'cashmere'],
    ['leathr', 'leather'],
    ['chrom', 'chrome'],
  ])('%s is %s', (typed, meant) => expect(allergenOf(typed)).toBe(meant));

  it.each(['nickel', 'wool allergy', 'Silk!', 'down feathers', 'elastan', 'no wool', 'latex gloves'])(
    'stays as it was written where it is known: %s',
    (typed) => {
      expect(allergenOf(typed)).toBe(typed);
      expect(isKnownAllergen(typed)).toBe(true);
    },
  );

  it.each(['none', 'None.', 'no', 'n/a', '-', '', 'no allergies', 'none that I know of', 'not any', 'keine'])(
    'is none: %s',
    (typed) => expect(allergensOf([typed])).toEqual([]),
  );

  it.each(['dust', 'cats', 'Mondays', 'gold'])(
    'is looked for as it stands where nobody knows it: %s',
    (typed) => {
      expect(allergensOf([typed]).map(({ declared }) => declared)).toEqual([typed]);
      expect(isKnownAllergen(typed)).toBe(false);
    },
  );

  it('is said beside the field, where a word is taken for another or nobody knows it', () => {
    expect(allergyWords(['wool', 'nickel', 'none'])).toEqual([]);
    expect(allergyWords(['nickle', 'dust', 'cats'])).toEqual([
      '“nickle” is taken for nickel.',
      'Nobody here knows “dust” and “cats”: labels are searched for the word alone. Ask what else it is called.',
    ]);
  });
});

describe('what stands before packing', () => {
  const ring = one('r', 'ring', '#b9bcc0', { metal: 'white', metalContent: ['nickel-plated'] });
  const scarf = one('s', 'scarf', '#b9bcc0', { fabric: { fibres: [{ name: 'wool', pct: 100 }] } });
  const bare = one('b', 'scarf', '#b9bcc0');
  const codes = (piece: typeof ring, ...allergies: string[]) =>
    guardPiece(piece, { client: { ...NOBODY, allergies }, looks: [], closet: [] }).map(
      ({ code, declared }) => `${code}: ${declared}`,
    );

  it('refuses what was declared with a slip, and names it as it was declared', () => {
    expect(codes(ring, 'nickle')).toEqual(['allergy: nickle']);
    expect(codes(scarf, 'woll')).toEqual(['allergy: woll']);
    expect(codes(scarf, 'nickle')).toEqual([]);
  });
  it('asks nothing of anybody who wrote that there is none', () => {
    expect(codes(bare, 'wool')).toEqual(['content: wool']);
    for (const none of ['none', 'no allergies', 'n/a']) expect(codes(bare, none), none).toEqual([]);
  });
});
