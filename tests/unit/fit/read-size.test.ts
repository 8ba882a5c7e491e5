import { isOneSize, readSize, type SizeContext, sizePhrase } from '@core/fit';
import { CATEGORIES, type Category } from '@core/piece';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const read = (label: string, category: Category, more: Partial<SizeContext> = {}) =>
  readSize(label, { category, department: 'women', ...more });

describe('one size, however it is written', () => {
  it.each([
    // How long it is cut stands beside the size, and does not change it.
    [
      'dress',
      '12',
      [
        'UK 12',
        'uk12',
        ' 12 ',
        'Size 12',
        '12L',
        '12 P',
        '12R',
        '12 long',
        'Petite 12',
        'Tall 12',
        'Petite UK 12',
      ],
    ],
    ['dress', 'M', ['m', 'Medium', 'med', 'M (12)', 'M (EU 40)']],
    ['dress', 'EU 40', ['40', 'DE 40', 'EUR 40', '40 (M)', 'ＥＵ 40']],
    ['dress', 'XXL', ['2XL', 'xxl', 'Size XXL']],
    ['jeans', 'W32', ['32', '32R', '32 short', '32"', '32”', '32 in', '32 inches', "32''"]],
    ['jeans', 'W32 L34', ['32/34', '32x34', 'W32/L34', '32W 34L', '32-34', '32" 34"', 'W32L34']],
    ['sneaker', 'UK 6', ['6', 'US 8', 'UK 6 W', '6 EE', '6M', 'UK 6 wide']],
    ['sneaker', '39.5', ['39,5', '39½', '39 1/2', 'EU 39.5', '39.5 N']],
    ['belt', '34 in', ['34"', '34”', '34 inches']],
    ['hat', '57', ['57 cm', '570 mm', 'Size 57']],
  ] as const)('%s, %s', (category, label, others) => {
    const meant = read(label, category);
    expect(meant).toBeDefined();
    for (const other of others) expect([other, read(other, category)?.body]).toEqual([other, meant?.body]);
  });

  it('is a chest for a man, whatever the length of his jacket', () => {
    const men = { department: 'men' as const };
    const meant = read('40', 'blazer', men);
    expect(meant?.body.bust).toBeDefined();
    for (const label of ['40R', '40L', '40 short', '40 Long', 'US 40R'])
      expect([label, read(label, 'blazer', men)?.body]).toEqual([label, meant?.body]);
  });

  it.each(['One Size', 'one-size', 'onesize', 'OS', 'O/S', 'OSFA', 'TU', 'U', 'Free', 'Uni'])(
    'is made for everybody: %s',
    (label) => {
      expect(isOneSize(label)).toBe(true);
      expect(sizePhrase(label)).toBe('one size');
      expect(read(label, 'dress')).toBeUndefined();
    },
  );
  it.each(['S', '38', 'L', 'US 8', 'Tall'])('is of somebody: %s', (label) => {
    expect(isOneSize(label)).toBe(false);
    expect(sizePhrase(label)).toBe(`size ${label}`);
  });
});

describe('two sizes on one label', () => {
  it('reach from the smaller to the larger', () => {
    for (const [both, low, high] of [
      ['S/M', 'S', 'M'],
      ['S-M', 'S', 'M'],
      ['38/40', '38', '40'],
    ] as const) {
      const [a, b, whole] = [read(low, 'dress'), read(high, 'dress'), read(both, 'dress')].map((its) =>
        sure(its),
      );
      expect(whole?.body.bust).toEqual([sure(a?.body.bust)[0], sure(b?.body.bust)[1]]);
    }
    // Of trousers that hang from a waist it is a waist and a leg; of a skirt two sizes.
    expect(read('32/34', 'jeans')?.body.insideLegLength).toBeDefined();
    expect(read('32/34', 'skirt')?.body.insideLegLength).toBeUndefined();
  });
});

describe('what a size means', () => {
  it('grows with its number, and is a span that holds somebody', () => {
    const rising = (
      category: Category,
      labels: readonly string[],
      of: 'bust' | 'waist' | 'footLength',
    ): void => {
      const spans = labels.map((label) => sure(read(label, category)?.body[of]));
      spans.forEach(([low, high], i) => {
        expect(high, labels[i]).toBeGreaterThan(low);
        if (i > 0) expect(low, labels[i]).toBeGreaterThan(sure(spans[i - 1])[0]);
      });
    };
    rising('dress', ['UK 6', 'UK 8', 'UK 10', 'UK 12', 'UK 14', 'UK 16', 'UK 18', 'UK 20'], 'bust');
    rising('dress', ['34', '36', '38', '40', '42', '44', '46', '48'], 'bust');
    rising('skirt', ['XS', 'S', 'M', 'L', 'XL', 'XXL'], 'waist');
    rising('jeans', ['26', '27', '28', '29', '30', '31', '32'], 'waist');
    rising('sneaker', ['36', '36.5', '37', '38', '39', '40', '41', '42'], 'footLength');
  });

  it('is nothing where nobody knows, and never an error, whatever stands on the label', () => {
    for (const label of ['', ' ', 'Long', 'tbc', '((', 'M (', '9999', '-3', 'W', 'XXXXXXL', '½', '0/0'])
      expect(() => read(label, 'dress'), label).not.toThrow();
    const anyLabel = fc.oneof(
      fc.string({ maxLength: 20 }),
      fc.stringMatching(/^(UK|US|EU|W|Petite)? ?\d{1,3}([.,]\d)? ?(\/|-|x)? ?\d{0,2} ?(L|P|R|W|"|cm)?$/),
    );
    fc.assert(
      fc.property(anyLabel, fc.constantFrom(...CATEGORIES), (label, category) => {
        for (const span of Object.values(read(label, category)?.body ?? {}))
          for (const mm of span) expect(Number.isFinite(mm)).toBe(true);
      }),
      { numRuns: 400 },
    );
  });
});
