import { countedLines, type Decision, nothingArrived } from '@core/box';
import { boxTotal, creditOf, type MoneyTerms } from '@core/money';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const LIVES = process.env.LONG ? 100_000 : 5000;

const termsOf = fc.record({
  promotions: fc.array(
    fc.oneof(
      fc.record({
        code: fc.constant('P'),
        kind: fc.constant('percent' as const),
        value: fc.integer({ min: 0, max: 5000 }),
      }),
      fc.record({
        code: fc.constant('A'),
        kind: fc.constant('amount' as const),
        value: fc.integer({ min: 0, max: 30_000 }),
      }),
    ),
    { maxLength: 2 },
  ),
  keepAllBp: fc.integer({ min: 0, max: 3000 }),
  styleFeeMinor: fc.integer({ min: 0, max: 5000 }),
  lostFeeBack: fc.boolean(),
  taxIncluded: fc.boolean(),
  rounding: fc.constantFrom('half-up' as const, 'half-even' as const),
}) satisfies fc.Arbitrary<MoneyTerms>;

/** One piece that was sent: how often it was exchanged, what became of the last, and whether that came back later. */
const pieceOf = fc.record({
  prices: fc.array(fc.integer({ min: 0, max: 90_000 }), { minLength: 1, maxLength: 3 }),
  alterationMinor: fc.constantFrom(0, 0, 1500),
  taxBp: fc.constantFrom(0, 700, 1900, 2100, 2500),
  end: fc.constantFrom('keep' as const, 'keep' as const, 'return' as const, 'lost' as const),
  comesBack: fc.boolean(),
  /** Share of what it came to that is withheld then, of a hundred. */
  withheldPct: fc.integer({ min: 0, max: 100 }),
});

/** The lines of a box in which each piece was exchanged as often as it has prices after the first. */
const linesOf = (pieces: readonly (typeof pieceOf extends fc.Arbitrary<infer P> ? P : never)[]) =>
  pieces.flatMap(({ prices, alterationMinor, taxBp, end }, p) =>
    prices.map((priceMinor, i) => ({
      id: `${p}.${i}`,
      exchangeOf: i === 0 ? null : `${p}.${i - 1}`,
      priceMinor,
      alterationMinor,
      taxBp,
      decision: (i === prices.length - 1 ? end : 'exchange') as Decision,
    })),
  );

describe('the money of a box, whatever became of it', () => {
  it('paid less refunded is the fee kept, what the lines still kept came to, and what was withheld', () => {
    fc.assert(
      fc.property(fc.array(pieceOf, { minLength: 1, maxLength: 7 }), termsOf, (pieces, terms) => {
        const lines = linesOf(pieces);
        const neverCame = nothingArrived(lines.map((line) => ({ ...line, reason: 'on its way to her' })));
        const total = boxTotal(countedLines(lines), terms, neverCame);
        // The fee goes back where all of it was lost, and nowhere else.
        const isAllLost = pieces.every(({ end, prices }) => end === 'lost' && prices.length === 1);
        expect(total.dueMinor).toBeGreaterThanOrEqual(
          isAllLost && terms.lostFeeBack ? -terms.styleFeeMinor : 0,
        );
        expect(total.steps.reduce((sum, { minor }) => sum + minor, 0)).toBe(total.dueMinor);
        // An exchange counts as kept, and the piece that went back is charged to nobody.
        const arrived = pieces.filter(({ end }) => end !== 'lost');
        expect(total.keptAll).toBe(arrived.length > 0 && arrived.every(({ end }) => end === 'keep'));
        expect(total.lines.map(({ id }) => id)).toEqual(
          pieces.flatMap(({ end, prices }, p) => (end === 'keep' ? [`${p}.${prices.length - 1}`] : [])),
        );
        const paid = terms.styleFeeMinor + total.dueMinor;
        let [refunded, withheld, kept] = [0, 0, 0];
        for (const line of total.lines) {
          const piece = pieces[Number(line.id.split('.')[0])];
          if (!piece?.comesBack) {
            kept += line.netMinor;
            continue;
          }
          const credit = creditOf(
            line,
            Math.floor((line.netMinor * piece.withheldPct) / 100),
            terms.rounding,
          );
          expect(credit.taxMinor).toBeLessThanOrEqual(line.taxMinor);
          refunded += credit.amountMinor;
          withheld += credit.withheldMinor;
        }
        expect(paid - refunded).toBe(total.feeKeptMinor + kept + withheld);
      }),
      { numRuns: LIVES },
    );
  });

  it('counts an exchange that nobody has decided about yet as kept, and one that was taken back not at all', () => {
    const line = { priceMinor: 100, alterationMinor: 0, taxBp: 0 };
    const lines = [
      { ...line, id: 'a', exchangeOf: null, decision: 'exchange' as Decision },
      { ...line, id: 'b', exchangeOf: 'a', decision: 'undecided' as Decision },
      { ...line, id: 'c', exchangeOf: null, decision: 'keep' as Decision },
    ];
    expect(countedLines(lines).map(({ id, decision }) => [id, decision])).toEqual([
      ['b', 'exchange'],
      ['c', 'keep'],
    ]);
  });

  it.each([
    [-1, 'less than nothing'],
    [5001, 'more than it came to'],
    [0.5, 'no whole minor unit'],
  ])('withholds %s never: it is %s', (withheld) => {
    expect(() => creditOf({ netMinor: 5000, taxMinor: 830 }, withheld)).toThrow(RangeError);
  });

  // 50.00 with 20 % included holds 8.33 of tax; of 35.00 given back that is 5.83. Worked by hand.
  it('gives the tax back by the share of the money', () =>
    expect(creditOf({ netMinor: 5000, taxMinor: 833 }, 1500)).toEqual({
      amountMinor: 3500,
      taxMinor: 583,
      withheldMinor: 1500,
    }));
});
