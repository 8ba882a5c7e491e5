import { narrowRack, type RackFilter } from '@core/pull';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const pieces = [
  one('wrap', 'dress', '#3c7d4b', { title: 'Garden wrap dress' }),
  one('jeans', 'jeans', '#4b6584', { title: 'Dark jeans' }),
  one('gown', 'dress', '#611f2f', { title: 'Opera gown', formality: 9 }),
  one('scarf', 'scarf', '#25489f', { title: 'Café scarf, cobalt' }),
  one('mules', 'loafer', '#5f4331', { title: 'Brown loafers' }),
];
const ids = (filter: Partial<RackFilter>): string[] =>
  narrowRack(pieces, { words: '', ...filter }, 'british').map(({ id }) => id);

describe('narrowing a rack', () => {
  it('leaves everything when nothing is said', () => {
    expect(ids({})).toEqual(pieces.map(({ id }) => id));
    expect(ids({ words: '   ' })).toHaveLength(pieces.length);
  });
  it('finds beginnings of words in any order, accents and plurals aside', () => {
    expect(ids({ words: 'dres gard' })).toEqual(['wrap']);
    expect(ids({ words: 'cafe' })).toEqual(['scarf']);
    expect(ids({ words: 'loafer' })).toEqual(['mules']);
    expect(ids({ words: 'dresses' })).toEqual(['wrap', 'gown']);
  });
  it('reads a wish where the words are no name: wide words for colour, and what is not wanted', () => {
    expect(ids({ words: 'something blue' })).toEqual(['jeans', 'scarf']);
    expect(ids({ words: 'a dress but not green' })).toEqual(['gown']);
    expect(ids({ words: 'zeppelin' })).toEqual([]);
  });
  it('by place, colour and occasion, all of them together', () => {
    expect(ids({ place: 'whole' })).toEqual(['wrap', 'gown']);
    expect(ids({ colour: 'green' })).toEqual(['wrap']);
    expect(ids({ occasion: { formality: [8, 10] } })).toEqual(['gown']);
    expect(ids({ occasion: { formality: [8, 10] }, place: 'bottoms' })).toEqual([]);
  });
});
