import { bodyOf } from '@core/figure';
import {
  chartFit,
  chooseSize,
  euShoeSize,
  hatSize,
  LETTER_CHART,
  type SizeOffer,
  ukShoeSize,
  usShoeSize,
} from '@core/fit';
import { cisFemaleAdult } from '@freesewing/models';
import { describe, expect, it } from 'vitest';
import { one } from '../support/pieces';

/** Girths of the women's sets of @freesewing/models (MIT), mm: bust, waist, and the seat, which ISO 8559-1 calls hip. */
const WOMEN = Object.entries(cisFemaleAdult).map(([size, set]) => {
  const { chest = 0, waist = 0, seat = 0 } = set as Record<string, number>;
  return { size: Number(size), body: bodyOf({ bust: chest, waist, hip: seat }) };
});
const LETTERS = Object.keys(LETTER_CHART);
const shirt = one('shirt', 'shirt', '#fbfbf9');

describe('letter sizes by EN 13402-3 (intervals typed from memory)', () => {
  it.each(['bust', 'waist', 'hip'] as const)('leave no gap at the %s, and none overlaps', (girth) => {
    const rows = LETTERS.map((letter) => LETTER_CHART[letter]![girth]);
    rows.slice(1).forEach(([from], i) => expect(from).toBe(rows[i]![1]));
  });
  it('put each measured body outside this project into one letter, rising with the size it bears there', () => {
    const found = WOMEN.map(({ body }) =>
      LETTERS.filter((letter) => chartFit('shirt', letter, body)?.verdict === 'right'),
    );
    for (const letters of found) expect(letters).toHaveLength(1);
    const places = found.map(([letter]) => LETTERS.indexOf(letter!));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(new Set(places).size).toBe(LETTERS.length);
  });
  it('agree with the fit of a run that was cut to the middle of each, to one size at the most', () => {
    const run: SizeOffer[] = LETTERS.map((letter) => {
      const [from, below] = LETTER_CHART[letter]!.bust;
      return {
        variantId: letter,
        size: letter,
        // An easy shirt is cut a hand's breadth wider than the body it is for.
        measures: { bust: (from + below) / 2 + 100 },
        origins: { bust: 'given' },
        free: 1,
      };
    });
    const apart = WOMEN.map(({ body }) => {
      const chosen = LETTERS.indexOf(chooseSize(shirt, run, body)!.size.size);
      const meant = LETTERS.findIndex((letter) => chartFit('shirt', letter, body)?.verdict === 'right');
      return Math.abs(chosen - meant);
    });
    expect(Math.max(...apart)).toBeLessThanOrEqual(1);
    expect(apart.filter((steps) => steps === 0).length).toBeGreaterThanOrEqual(8);
  });
});

describe('shoe sizes: Paris point and barleycorn (common practice, no source)', () => {
  it.each([
    [240, 38, 5, 7],
    [253, 40, 6.5, 8.5],
    [227, 36.5, 3.5, 5.5],
  ] as const)('a foot of %i mm is EU %d, UK %d, US women %d', (foot, eu, uk, us) => {
    expect([euShoeSize(foot), ukShoeSize(foot), usShoeSize(foot, 'women')]).toEqual([eu, uk, us]);
  });
  it('men count one from the British size', () => {
    expect([ukShoeSize(270), usShoeSize(270, 'men')]).toEqual([8.5, 9.5]);
  });
});

describe('hat sizes: girth in cm, and girth over π in inches to the eighth (common practice, no source)', () => {
  it.each([
    [570, 57, 7 + 1 / 8],
    [580, 58, 7 + 1 / 4],
    [590, 59, 7 + 3 / 8],
    [600, 60, 7 + 1 / 2],
  ] as const)('a head of %i mm is %d, %d', (girth, cm, inches) => {
    expect(hatSize(girth)).toEqual({ cm, inches });
  });
});
