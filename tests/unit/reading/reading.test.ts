import { read, type ReadAs } from '@core/reading';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';

describe('a phrase that nobody expected', () => {
  const WORDS =
    'boots not with my £ 200 under like , . ( ) - for the no over 2" cm "" 5.01E+12 💃 \u0000 v-neck 1/0 sizes to and between'.split(
      ' ',
    );
  it('never throws, keeps its text, and names what nobody understood', () => {
    const next = stream(7);
    for (let i = 0; i < 3000; i++) {
      const text = Array.from(
        { length: Math.floor(next() * 14) },
        () => WORDS[Math.floor(next() * WORDS.length)],
      ).join(next() < 0.5 ? ' ' : '');
      const as = (['ask', 'piece', 'garment'] as const)[i % 3] as ReadAs;
      const reading = read(text, { as });
      expect([reading.text, reading.as]).toEqual([text, as]);
    }
  });
  it('says nothing of an empty line, and reads the first part of a very long one', () => {
    expect(read('')).toEqual({ text: '', as: 'ask', kinds: [], unknown: [] });
    expect(read('a dress '.repeat(5000)).kinds).toEqual(['dress']);
  });
  it('takes a hem that falls for no autumn', () => {
    const asked = read('trousers that fall over the boot');
    expect([asked.kinds, asked.season, asked.joins?.[0]?.kinds]).toEqual([
      ['trousers'],
      undefined,
      expect.arrayContaining(['ankle-boot']),
    ]);
    expect(read('a fall coat', { english: 'american' }).season).toBe('autumn');
  });
  it('drops no word in silence', () => {
    const { unknown, notes } = read('a zibbled frumious coat, quilted');
    expect([unknown, notes]).toEqual([['zibbled', 'frumious'], 'quilted']);
  });
});

describe('the two Englishes', () => {
  it.each([
    ['a black vest', 'tank', 'waistcoat'],
    ['a wool jumper', 'fine-knit', 'dress'],
    ['grey pants', 'underlayer', 'trousers'],
  ])('%s is a %s here and a %s across the sea', (text, british, american) => {
    expect([read(text).kinds[0], read(text, { english: 'american' }).kinds[0]]).toEqual([british, american]);
  });
});

describe('words as people misspell them', () => {
  it.each([
    ['blak blazr', ['blazer']],
    ['jewelery', ['necklace', 'earrings', 'bracelet', 'ring', 'brooch']],
    ['trowsers', ['trousers']],
    ['cardigann', ['cardigan']],
    ['sandles', ['sandal']],
  ])('%s', (text, kinds) => expect(read(text).kinds).toEqual(kinds));
});
