import {
  CARD_STATES,
  cardNext,
  cardStopped,
  isCardOpen,
  type Paid,
  payByVoucher,
  PAY_WAYS,
  paidWords,
  readVoucherCode,
  refundParts,
  termsOn,
  voucherCode,
} from '@core/money';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

describe('a sum at the terminal', () => {
  it('is charged once, whatever is pressed and in whatever order (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...CARD_STATES), { maxLength: 12 }), (pressed) => {
        let state: (typeof CARD_STATES)[number] = 'asked';
        let charged = 0;
        let given = 0;
        for (const to of pressed) {
          const next = cardNext(state, to);
          if (next === undefined || next === state) continue;
          if (next === 'approved') charged++;
          if (next === 'given back') given++;
          state = next;
        }
        expect(charged).toBeLessThanOrEqual(1);
        expect(given).toBeLessThanOrEqual(charged);
        // Nothing was charged where it was stopped, declined or still asked for.
        if (['asked', 'declined', 'cancelled'].includes(state)) expect(charged).toBe(0);
      }),
    );
  });
  it('is held twice and charged once; what comes too late is told', () => {
    expect(cardNext('approved', 'approved')).toBe('approved');
    expect(cardNext('cancelled', 'approved')).toBeUndefined();
    expect(cardNext('used', 'given back')).toBeUndefined();
  });
  it('is cancelled before the card was charged, and goes back after it', () => {
    expect(CARD_STATES.map(cardStopped)).toEqual([
      'cancelled',
      'given back',
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(CARD_STATES.filter(isCardOpen)).toEqual(['asked', 'approved']);
  });
});

const money = (way: Paid['way'], paidMinor: number, backMinor = 0): Paid => ({
  way,
  voucherId: null,
  paidMinor,
  backMinor,
});
const voucher = (voucherId: string, paidMinor: number, backMinor = 0): Paid => ({
  way: 'voucher',
  voucherId,
  paidMinor,
  backMinor,
});

describe('a refund', () => {
  it('gives back money before vouchers, and by no way more than it brought', () => {
    const paid = [voucher('v', 10_000), money('card', 5000), money('cash', 2000, 500)];
    expect(refundParts(paid, 6000)).toEqual([
      { way: 'card', voucherId: null, amountMinor: 5000 },
      { way: 'cash', voucherId: null, amountMinor: 1000 },
    ]);
    expect(refundParts(paid, 16_500).at(-1)).toEqual({ way: 'voucher', voucherId: 'v', amountMinor: 10_000 });
    expect(refundParts(paid, 0)).toEqual([]);
    expect(() => refundParts(paid, 16_501)).toThrow(/1 was never paid/);
    expect(() => refundParts(paid, -1)).toThrow(RangeError);
  });
  it('adds up to the cent over any life (property)', () => {
    const ways = fc.array(
      fc.record({
        way: fc.constantFrom(...PAY_WAYS),
        voucherId: fc.constantFrom(null, 'a', 'b'),
        paidMinor: fc.nat(50_000),
      }),
      { minLength: 1, maxLength: 4 },
    );
    fc.assert(
      fc.property(ways, fc.array(fc.nat(30_000), { maxLength: 6 }), (brought, wanted) => {
        let paid: Paid[] = brought.map((each) => ({ ...each, backMinor: 0 }));
        let left = brought.reduce((sum, { paidMinor }) => sum + paidMinor, 0);
        for (const want of wanted) {
          if (want > left) {
            expect(() => refundParts(paid, want)).toThrow(RangeError);
            continue;
          }
          const parts = refundParts(paid, want);
          expect(parts.reduce((sum, { amountMinor }) => sum + amountMinor, 0)).toBe(want);
          left -= want;
          // Each part is booked where it came from.
          for (const part of parts) {
            let booked = part.amountMinor;
            paid = paid.map((each) => {
              if (each.way !== part.way || each.voucherId !== part.voucherId) return each;
              const here = Math.min(booked, each.paidMinor - each.backMinor);
              booked -= here;
              return { ...each, backMinor: each.backMinor + here };
            });
            expect(booked).toBe(0);
          }
        }
      }),
    );
  });
});

describe('a voucher', () => {
  it('pays what it holds and no more', () => {
    expect(payByVoucher(8000, 5000)).toEqual({ byVoucher: 5000, rest: 3000 });
    expect(payByVoucher(3000, 5000)).toEqual({ byVoucher: 3000, rest: 0 });
    expect(payByVoucher(-20, 5000)).toEqual({ byVoucher: 0, rest: 0 });
  });
  it('has a code that is read however it is typed, without signs that look alike', () => {
    const code = voucherCode(new Uint8Array([0, 1, 2, 3, 250, 251, 252, 253, 9]));
    expect(code).toMatch(/^[AC-HJ-NP-RT-Y34679]{4}-[AC-HJ-NP-RT-Y34679]{4}$/);
    expect(code).not.toMatch(/[0OI1SB258Z]/);
    for (const typed of [code.toLowerCase(), ` ${code.replace('-', ' ')} `, code.replace('-', ''), code])
      expect(readVoucherCode(typed)).toBe(code);
    expect(readVoucherCode('abc')).toBe('ABC');
  });
});

describe('what was paid, in words', () => {
  const said = (minor: number): string => `€${(minor / 100).toFixed(2)}`;
  it('is one way without its sum, more with theirs, and nothing where nobody said', () => {
    expect(paidWords([{ way: 'card', amountMinor: 100 }], said)).toBe('by card');
    expect(
      paidWords(
        [
          { way: 'voucher', amountMinor: 6000 },
          { way: 'cash', amountMinor: 2000 },
          { way: 'card', amountMinor: 0 },
        ],
        said,
      ),
    ).toBe('€60.00 by voucher and €20.00 in cash');
    expect(paidWords([{ way: null, amountMinor: 100 }], said)).toBe('');
    expect(paidWords([], said)).toBe('');
  });
});

describe('the keep-all rate', () => {
  const terms = {
    promotions: [],
    keepAllBp: 1000,
    styleFeeMinor: 0,
    taxIncluded: true,
    rounding: 'half-up' as const,
  };
  it('is given until its last day, that day included, and for ever where it has none', () => {
    const until = { ...terms, keepAllUntil: '2026-12-10' };
    expect(termsOn(until, '2026-12-10').keepAllBp).toBe(1000);
    expect(termsOn(until, '2026-12-11').keepAllBp).toBe(0);
    expect(termsOn(terms, '2099-01-01').keepAllBp).toBe(1000);
  });
});
