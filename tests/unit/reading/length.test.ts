import { heightDoubtIn, lengthText, readLength } from '@core/reading';
import { describe, expect, it } from 'vitest';

describe('a length as people write it', () => {
  it.each([
    // Heights: what the issue of a first day names, and what a tape and a doctor say.
    ['163', 'cm', true, 1630],
    ['163 cm', 'cm', true, 1630],
    ['1.63', 'cm', true, 1630],
    ['1,63 m', 'cm', true, 1630],
    ['1630', 'cm', true, 1630],
    ['5 ft 4', 'cm', true, 1626],
    ['5\'4"', 'cm', true, 1626],
    ['5’ 4 1/2', 'in', true, 1638],
    ['5ft', 'in', true, 1524],
    ['64', 'in', true, 1626],
    ['64 in', 'cm', true, 1626],
    // Hems and heels.
    ['15 1/4', 'in', false, 387],
    ['15¼', 'in', false, 387],
    ['½ in', 'cm', false, 13],
    ['2 in', 'cm', false, 51],
    ['4', 'cm', false, 40],
    ['45 mm', 'in', false, 45],
    ['1.63', 'cm', false, 16],
  ] as const)('%s in a field of %s, a height: %s, is %i mm', (text, unit, isHeight, mm) => {
    expect(readLength(text, { unit, isHeight })).toBe(mm);
  });
  it.each(['', ' ', 'tall', '5 ft 13', "5'x", '4 stone', '12 1/0', '-3', '163 cmx', '1e3', '1.2.3'])(
    'nothing is guessed of %j',
    (text) => {
      expect(readLength(text, { unit: 'cm' })).toBeUndefined();
      expect(readLength(text, { unit: 'in', isHeight: true })).toBeUndefined();
    },
  );
  it('is shown back in the unit of its field, and read again as the same', () => {
    expect([
      lengthText(1626, 'cm'),
      lengthText(387, 'in'),
      lengthText(13, 'in'),
      lengthText(1524, 'in'),
    ]).toEqual(['162.6', '15¼', '½', '60']);
    for (let mm = 5; mm < 2200; mm += 7) {
      expect(readLength(lengthText(mm, 'cm'), { unit: 'cm' })).toBe(mm);
      expect(Math.abs((readLength(lengthText(mm, 'in'), { unit: 'in' }) ?? 0) - mm)).toBeLessThanOrEqual(2);
    }
  });
  it('doubts a bare height in the other unit, and not one that says its unit', () => {
    expect(heightDoubtIn('64', 'cm')).toContain('looks like 64 in');
    expect(heightDoubtIn('168', 'in')).toContain('looks like 168 cm');
    for (const text of ['168', '1.68', '64 in', '5 ft 4', '', 'tall'])
      expect(heightDoubtIn(text, 'cm')).toBeUndefined();
  });
});
