import { type Body, type BodyMeasure, bodyOf } from '@core/figure';
import { chooseSize, labelFit, readSize, type SizeContext, type SizeOffer } from '@core/fit';
import { cisFemaleAdult } from '@freesewing/models';
import { describe, expect, it } from 'vitest';
import { one } from '../support/pieces';
import { sure } from '../support/sure';

/** Girths of the women's sets of @freesewing/models (MIT), mm: bust, waist, and the seat, which ISO 8559-1 calls hip. */
const WOMEN = Object.entries(cisFemaleAdult).map(([size, set]) => {
  const { chest = 0, waist = 0, seat = 0 } = set as Record<string, number>;
  return { size: Number(size), body: bodyOf({ bust: chest, waist, hip: seat }) };
});
const LETTERS = ['XS', 'S', 'M', 'L', 'XL', 'XXL'];
const meaningOf = (letter: string) => sure(readSize(letter, { category: 'shirt' }));
const shirt = one('shirt', 'shirt', '#fbfbf9');
const isRight = (letter: string, body: Body) => labelFit(shirt, meaningOf(letter), body)?.verdict === 'right';

describe('letter sizes by EN 13402-3 (intervals typed from memory)', () => {
  it.each(['bust', 'waist', 'hip'] as const)('leave no gap at the %s, and none overlaps', (girth) => {
    const rows = LETTERS.map((letter) => sure(meaningOf(letter).body[girth]));
    rows.slice(1).forEach(([from], i) => expect(from).toBe(sure(rows[i])[1]));
  });
  it('put each measured body outside this project into one letter, rising with the size it bears there', () => {
    const found = WOMEN.map(({ body }) => LETTERS.filter((letter) => isRight(letter, body)));
    for (const letters of found) expect(letters).toHaveLength(1);
    const places = found.map(([letter]) => LETTERS.indexOf(sure(letter)));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(new Set(places).size).toBe(LETTERS.length);
  });
  it('agree with the fit of a run that was cut to the middle of each, to one size at the most', () => {
    const run: SizeOffer[] = LETTERS.map((letter) => {
      const [from, below] = sure(meaningOf(letter).body.bust);
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
      const chosen = LETTERS.indexOf(sure(chooseSize(shirt, run, body)).size);
      const meant = LETTERS.findIndex((letter) => isRight(letter, body));
      return Math.abs(chosen - meant);
    });
    expect(Math.max(...apart)).toBeLessThanOrEqual(1);
    expect(apart.filter((steps) => steps === 0).length).toBeGreaterThanOrEqual(8);
  });
});

/** True where a label is meant for a body of this measure. */
const meantFor = (label: string, context: SizeContext, name: BodyMeasure, mm: number): boolean => {
  const meant = readSize(label, context)?.body[name];
  return meant !== undefined && meant[0] <= mm && mm < meant[1];
};

describe('shoe sizes: Paris point and barleycorn (common practice, no source)', () => {
  it.each([
    [240, '38', 'UK 5', 'US 7'],
    [253, '40', 'UK 6.5', 'US 8½'],
    [227, 'EU 36,5', '3 1/2', 'US 5.5'],
  ])('a foot of %i mm is %s, %s, %s for women', (foot, ...labels) => {
    for (const label of labels)
      expect([
        label,
        meantFor(label, { category: 'loafer', department: 'women' }, 'footLength', foot),
      ]).toEqual([label, true]);
  });
  it('men count one from the British size', () => {
    for (const label of ['UK 8.5', 'US 9.5'])
      expect(meantFor(label, { category: 'loafer', department: 'men' }, 'footLength', 270)).toBe(true);
  });
});

describe('hat sizes: girth in cm, and girth over π in inches to the eighth (common practice, no source)', () => {
  it.each([
    [570, '57', '7 1/8'],
    [580, '58 cm', '7 1/4'],
    [590, '59', '7⅜'],
    [600, '60', '7½'],
  ])('a head of %i mm is %s, %s', (girth, cm, inches) => {
    for (const label of [cm, inches])
      expect([label, meantFor(label, { category: 'hat' }, 'headGirth', girth)]).toEqual([label, true]);
  });
});

describe('one body under many labels (the conversion most shops print: common practice, from memory)', () => {
  it.each([
    [
      'women',
      'dress',
      'bust',
      920,
      ['UK 12', 'US 8', 'EU 40', 'FR 40', 'IT 44', 'M', '40', '12', '10-12', 'S/M'],
    ],
    ['women', 'jeans', 'waist', 711, ['W28', '28', 'W28 L32', '28/32']],
    ['men', 'blazer', 'bust', 965, ['38', 'UK 38', 'EU 48', 'IT 48', '48', 'M']],
    ['men', 'shirt', 'neck', 390, ['15½', '15 1/2', '39-40', '39']],
    ['men', 'trousers', 'waist', 813, ['32/34', 'W32', '32']],
    ['women', 'ring', 'fingerMm', 54.4, ['54', 'N½', 'US 7', '17.3']],
    ['women', 'gloves', 'handGirth', 178, ['7', 'M']],
    ['women', 'belt', 'waist', 850, ['85', '34', 'L']],
  ] as const)('%s, %s, %s of %d mm', (department, category, name, mm, labels) => {
    for (const label of labels)
      expect([label, meantFor(label, { category, department }, name, mm)]).toEqual([label, true]);
  });
  it('an American shop’s 12 is a British 16', () => {
    const us = readSize('12', { category: 'dress', small: 'US' });
    expect(us?.body).toEqual(readSize('UK 16', { category: 'dress' })?.body);
  });
  it('what no table knows says nothing, and never throws', () => {
    for (const label of ['', '?', 'X', '999', '-', '12/', 'one', 'L/XXXXL', '½', 'W', '💃'])
      expect([label, readSize(label, { category: 'dress' })]).toEqual([label, undefined]);
  });
});
