import { amountText, boxTotal, money, parseMoney, spread } from '@core/money';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const line = fc.record({
  priceMinor: fc.integer({ min: 0, max: 100_000 }),
  alterationMinor: fc.integer({ min: 0, max: 5000 }),
  taxBp: fc.constantFrom(0, 550, 1000, 2000, 2500),
  decision: fc.constantFrom('keep' as const, 'return' as const, 'exchange' as const, 'undecided' as const),
});
const terms = fc.record({
  promotions: fc.array(
    fc.record({
      code: fc.constant('X'),
      kind: fc.constantFrom('percent' as const, 'amount' as const),
      value: fc.integer({ min: 0, max: 9000 }),
    }),
    { maxLength: 2 },
  ),
  keepAllBp: fc.constantFrom(0, 1000, 2500),
  styleFeeMinor: fc.integer({ min: 0, max: 4000 }),
  taxIncluded: fc.boolean(),
  rounding: fc.constantFrom('half-up' as const, 'half-even' as const),
});

describe('boxTotal', () => {
  it('adds up to the cent over any box: paid − refunded = fee kept + net of the kept lines', () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 10 }), terms, (lines, rules) => {
        const total = boxTotal(
          lines.map((each, i) => ({ id: `l${i}`, ...each })),
          rules,
        );
        const net = total.lines.reduce((sum, each) => sum + each.netMinor, 0);
        const paid = rules.styleFeeMinor + total.dueMinor;
        expect(paid).toBe(total.feeKeptMinor + net);
        expect(total.steps.reduce((sum, step) => sum + step.minor, 0)).toBe(total.dueMinor);
        expect(total.dueMinor).toBeGreaterThanOrEqual(0);
        // Giving back one line gives back exactly its net, and the rest still adds up.
        for (const each of total.lines)
          expect(paid - each.netMinor).toBe(total.feeKeptMinor + net - each.netMinor);
        for (const value of [net, paid, ...total.lines.flatMap((each) => [each.netMinor, each.taxMinor])])
          expect(Number.isInteger(value)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });

  it('gives the keep-all rate only when every line is kept', () => {
    const rules = {
      promotions: [],
      keepAllBp: 1000,
      styleFeeMinor: 0,
      taxIncluded: true,
      rounding: 'half-up' as const,
    };
    const kept = { priceMinor: 10_000, alterationMinor: 0, taxBp: 0, decision: 'keep' as const };
    expect(
      boxTotal(
        [
          { id: 'a', ...kept },
          { id: 'b', ...kept },
        ],
        rules,
      ).dueMinor,
    ).toBe(18_000);
    expect(
      boxTotal(
        [
          { id: 'a', ...kept },
          { id: 'b', ...kept, decision: 'return' },
        ],
        rules,
      ).dueMinor,
    ).toBe(10_000);
    expect(
      boxTotal(
        [
          { id: 'a', ...kept },
          { id: 'b', ...kept, decision: 'exchange' },
        ],
        rules,
      ).keptAll,
    ).toBe(true);
  });

  it('keeps a promotion to its lines', () => {
    const rules = {
      promotions: [{ code: 'SHOES', kind: 'percent' as const, value: 5000, scope: ['b'] }],
      keepAllBp: 0,
      styleFeeMinor: 0,
      taxIncluded: true,
      rounding: 'half-up' as const,
    };
    const kept = { priceMinor: 10_000, alterationMinor: 0, taxBp: 0, decision: 'keep' as const };
    expect(
      boxTotal(
        [
          { id: 'a', ...kept },
          { id: 'b', ...kept },
        ],
        rules,
      ).lines.map((each) => each.netMinor),
    ).toEqual([10_000, 5000]);
  });
});

describe('spread', () => {
  it('adds up to the whole, whatever the weights, also below zero', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -100_000, max: 100_000 }),
        fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 1, maxLength: 12 }),
        (whole, weights) => {
          expect(spread(whole, weights).reduce((a, b) => a + b, 0)).toBe(whole);
        },
      ),
    );
  });
  it('gives the odd cents to the largest remainders', () =>
    expect(spread(100, [1, 1, 1])).toEqual([34, 33, 33]));
});

describe('amounts in words', () => {
  it.each([
    ['129', 12_900],
    ['129.5', 12_950],
    ['129,50', 12_950],
    [' 0 ', 0],
    ['-3', -300],
    ['12.345', undefined],
    ['blu', undefined],
    ['', undefined],
  ])('reads %j as %s', (text, minor) => {
    expect(parseMoney(text, 'EUR')).toBe(minor);
  });
  it('prints cents', () => expect(money(12_950, 'EUR')).toBe('€129.50'));
  it.each([
    ['JPY', '12900', 12_900, '12900'],
    ['KWD', '12,9', 12_900, '12.900'],
    ['EUR', '129', 12_900, '129.00'],
  ])('of %s: typed as %s, shown in a field as it is read', (currency, typed, minor, shown) => {
    expect(parseMoney(typed, currency)).toBe(minor);
    expect(amountText(minor, currency)).toBe(shown);
    expect(parseMoney(amountText(minor, currency), currency)).toBe(minor);
  });
  it('refuses more decimals than a currency has', () => {
    expect(parseMoney('129.50', 'JPY')).toBeUndefined();
    expect(parseMoney('1.234', 'EUR')).toBeUndefined();
    expect(money(12_900, 'JPY')).toMatch(/12,900$/);
  });
});
