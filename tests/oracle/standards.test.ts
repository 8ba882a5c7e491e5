import { HEIGHT_RATIO } from '@core/figure';
import { readSize } from '@core/fit';
import { boxTotal, roundMinor } from '@core/money';
import { eanCheckDigit, isEan13 } from '@core/stock';
import { describe, expect, it } from 'vitest';
import { sure } from '../support/sure';

describe('GS1 check digits (GS1 General Specifications, section 7.9: how to calculate a check digit)', () => {
  it('of the worked example 629104150021 is 3', () => expect(eanCheckDigit('629104150021')).toBe(3));
  it('tells a right number from a wrong one', () => {
    expect(isEan13('6291041500213')).toBe(true);
    expect(isEan13('6291041500214')).toBe(false);
    expect(isEan13('62910415002')).toBe(false);
  });
  it('refuses anything but 12 digits', () => expect(() => eanCheckDigit('12')).toThrow(RangeError));
});

describe('Drillis & Contini segment ratios, as drawn in Winter (heights over stature)', () => {
  // Read from the published drawing: ankle .039, knee .285, fingertip .377, shoulder .818, chin .870.
  it.each([
    ['ankle', 0.039],
    ['knee', 0.285],
    ['fingertip', 0.377],
    ['shoulder', 0.818],
    ['chin', 0.87],
  ] as const)('%s is %f', (mark, ratio) => {
    expect(HEIGHT_RATIO[mark]).toBe(ratio);
  });
});

describe('Paris point: a European size is two thirds of a centimetre of last, 15 mm longer than the foot (common practice, no source)', () => {
  it.each([
    [240, 38],
    [252, 40],
    [245, 39],
  ] as const)('a foot of %i mm takes %f', (foot, size) => {
    const [from, below] = sure(sure(readSize(`EU ${size}`, { category: 'loafer' })).body.footLength);
    expect([from <= foot, foot < below]).toEqual([true, true]);
  });
});

describe('tax by hand: 20 % in a price of 129.00 is 129 × 20/120 = 21.50', () => {
  const line = { id: 'a', priceMinor: 12_900, alterationMinor: 0, taxBp: 2000, decision: 'keep' as const };
  const terms = { promotions: [], keepAllBp: 0, styleFeeMinor: 2000, rounding: 'half-up' as const };
  it('included', () => {
    const total = boxTotal([line], { ...terms, taxIncluded: true });
    expect([total.netMinor, total.taxMinor, total.dueMinor]).toEqual([12_900, 2150, 10_900]);
  });
  it('added: 129.00 + 25.80', () => {
    const total = boxTotal([line], { ...terms, taxIncluded: false });
    expect([total.netMinor, total.taxMinor, total.dueMinor]).toEqual([15_480, 2580, 13_480]);
  });
  it('rounds half away from zero, or to even', () => {
    expect([10.5, -10.5, 11.5, 10.4].map((value) => roundMinor(value))).toEqual([11, -11, 12, 10]);
    expect([10.5, -10.5, 11.5, 10.6].map((value) => roundMinor(value, 'half-even'))).toEqual([
      10, -10, 12, 11,
    ]);
  });
});
