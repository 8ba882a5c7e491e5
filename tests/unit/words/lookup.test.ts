import { readSize } from '@core/fit';
import { CATEGORIES } from '@core/piece';
import { read } from '@core/reading';
import { neversMet } from '@core/rules/cover/nevers';
import { wear } from '@core/piece';
import { allergenOf, compositionOf, meets } from '@core/substances';
import { guessColumns } from '@core/till';
import { lookup, spelt } from '@core/words';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

/** Words an object of the language has: in a table asked by what somebody wrote each would be found. */
const OWN = ['constructor', '__proto__', 'toString', 'valueOf', 'hasOwnProperty', 'isPrototypeOf'];

describe('a word that is in every object of the language', () => {
  it.each(OWN)('is no word of a table of ours: %s', (word) => {
    expect(lookup({ here: 1 })(word)).toBeUndefined();
    expect(lookup({ here: 1 })('here')).toBe(1);
  });

  it.each(OWN)('is a word like another to whoever reads it: %s', (word) => {
    for (const as of ['ask', 'piece', 'garment'] as const) {
      const { kinds, unknown } = read(`a ${word} dress in blue`, { as });
      expect(kinds).toEqual(['dress']);
      expect(unknown.join(' ')).toContain(word.replaceAll('_', ''));
    }
    for (const category of CATEGORIES) expect(readSize(word, { category })).toBeUndefined();
    expect(spelt(`a ${word}`, { english: 'american' })).toBe(`a ${word}`);
    expect(compositionOf(word)).toEqual([{ name: word, pct: 100 }]);
    expect(typeof allergenOf(word)).toBe('string');
    expect(meets(word, 'wool')).toBe('no');
    expect(neversMet(wear(one('p', 'tee', '#ffffff')), [word])).toEqual([]);
    expect(() =>
      guessColumns([
        [word, 'Price'],
        [word, '12.00'],
      ]),
    ).not.toThrow();
  });
});
