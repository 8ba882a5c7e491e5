import { addressLines, readAddress } from '@core/client';
import {
  capital,
  counted,
  countWord,
  eitherOf,
  HOUSE_TONGUE,
  lengthIn,
  listed,
  localeOf,
  saidOf,
  spelt,
  uncapital,
  warmthIn,
} from '@core/words';
import { describe, expect, it } from 'vitest';

const AMERICAN = { english: 'american', units: 'in' } as const;

describe('a length for a reader', () => {
  it.each([
    [0, '0 cm', '0 in'],
    [2, '0 cm', '0 in'],
    [3, '0.5 cm', '0 in'],
    [6, '0.5 cm', '¼ in'],
    [25, '2.5 cm', '1 in'],
    [51, '5 cm', '2 in'],
    [32, '3 cm', '1¼ in'],
    [38, '4 cm', '1½ in'],
    [44, '4.5 cm', '1¾ in'],
    [1700, '170 cm', '67 in'],
  ])('%i mm', (mm, cm, inches) => {
    expect([lengthIn(mm, HOUSE_TONGUE), lengthIn(mm, AMERICAN)]).toEqual([cm, inches]);
  });
  it('is never off by more than half of what is told', () => {
    for (let mm = 0; mm <= 2000; mm++) {
      expect(Math.abs(Number.parseFloat(lengthIn(mm, HOUSE_TONGUE)) * 10 - mm)).toBeLessThanOrEqual(2.5);
      const [, whole = '', part = ''] = /^(\d*)([¼½¾]?) in$/.exec(lengthIn(mm, AMERICAN)) ?? [];
      const inches = Number(whole) + ({ '': 0, '¼': 0.25, '½': 0.5, '¾': 0.75 }[part] ?? Number.NaN);
      expect(Math.abs(inches * 25.4 - mm)).toBeLessThanOrEqual(25.4 / 8 + 1e-9);
    }
  });
});

describe('what is said in two Englishes', () => {
  it('spells whole words and leaves what only holds them', () => {
    expect(spelt('grey trousers in one colour', AMERICAN)).toBe('gray pants in one color');
    expect(spelt('grey trousers in one colour', HOUSE_TONGUE)).toBe('grey trousers in one colour');
    expect(spelt('colourless greyhounds, zipped', AMERICAN)).toBe('colourless greyhounds, zipped');
  });
  it('tells dates, warmth and lists as each reader does', () => {
    expect([localeOf(HOUSE_TONGUE), localeOf(AMERICAN)]).toEqual(['en-GB', 'en-US']);
    expect([warmthIn(21.4, HOUSE_TONGUE), warmthIn(21.4, AMERICAN), warmthIn(-40, AMERICAN)]).toEqual([
      '21 °C',
      '71 °F',
      '-40 °F',
    ]);
    expect([listed([]), listed(['a']), listed(['a', 'b']), listed(['a', 'b', 'c'])]).toEqual([
      '',
      'a',
      'a and b',
      'a, b and c',
    ]);
    expect(listed(['a', 'b', 'c'], 'american')).toBe('a, b, and c');
    expect([eitherOf(['a']), eitherOf(['a', 'b']), eitherOf(['a', 'b', 'c'])]).toEqual([
      'a',
      'a or b',
      'a, b or c',
    ]);
  });
  it('begins and goes on with the right letter, of nothing too', () => {
    expect([capital('élan'), uncapital('The kind'), capital(''), uncapital('')]).toEqual([
      'Élan',
      'the kind',
      '',
      '',
    ]);
    expect([0, 1, 2].map((count) => counted(count, 'piece'))).toEqual(['0 pieces', '1 piece', '2 pieces']);
    expect([counted(1, 'box', 'boxes'), counted(5, 'box', 'boxes')]).toEqual(['1 box', '5 boxes']);
    expect([0, 1, 3, 9, 10, 12].map(countWord)).toEqual(['no', 'one', 'three', 'nine', '10', '12']);
  });
  it('has words for every code, and says which has none', () => {
    const words = { here: ({ at }: { at: string }) => `here at ${at}` };
    expect(saidOf(words, { code: 'here', params: { at: 'noon' } }, HOUSE_TONGUE)).toBe('here at noon');
    expect(() => saidOf(words, { code: 'there' }, HOUSE_TONGUE)).toThrow('no words for there');
  });
});

describe('an address as it is typed', () => {
  it('is its lines with the town last, without what is empty', () => {
    expect(readAddress(' 4 Mill Lane \n\n  Flat 2\nAsh End\n')).toEqual({
      lines: ['4 Mill Lane', 'Flat 2'],
      town: 'Ash End',
    });
    expect(readAddress('Ash End')).toEqual({ lines: [], town: 'Ash End' });
    expect([readAddress(''), readAddress(' \n ')]).toEqual([null, null]);
  });
  it('stands on a parcel as it was typed, its code before the town', () => {
    expect(addressLines(readAddress('4 Mill Lane\nAsh End'))).toEqual(['4 Mill Lane', 'Ash End']);
    expect(addressLines({ lines: [], town: 'Ash End', code: 'AE1 2XY' })).toEqual(['AE1 2XY Ash End']);
    expect(addressLines(null)).toEqual([]);
  });
});
