import { NOBODY } from '@core/client';
import { judge } from '@core/look';
import { RULES, sentence } from '@core/rules';
import { piecesNamed, sayOf, shortName, speaker } from '@core/say';
import { lengthIn, listed, spelt, warmthIn } from '@core/words';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const AMERICAN = { english: 'american', units: 'in' } as const;
const named = (title: string, category: Parameters<typeof one>[1] = 'trousers') => ({
  ...one('x', category, '#1f2a44'),
  title,
});

describe('pieces in running text', () => {
  const worn = [named('Wheelhouse trousers, ink'), { ...named('Ivory tee', 'tee'), owned: true }];
  it('are listed as the reader’s English lists, those of the closet by whose they are', () => {
    expect(piecesNamed(worn, 'british', 'her')).toBe('ink trousers and her ivory tee');
    expect(piecesNamed(worn, 'british')).toBe('ink trousers and ivory tee');
    expect(piecesNamed([...worn, named('Linen shirt, white', 'shirt')], 'american', 'his')).toBe(
      'ink trousers, his ivory tee, and white linen shirt',
    );
    expect(piecesNamed([], 'british')).toBe('');
  });
});

describe('a short name', () => {
  it.each([
    ['Wheelhouse trousers, ink', 'ink trousers'],
    ['Linen shirt, white', 'white linen shirt'],
    ['My tan Chelsea boots', 'tan Chelsea boots'],
    ['Her Oxblood belt', 'oxblood belt'],
    ['Navy tailored trousers', 'navy tailored trousers'],
    ['Warden blazer, bottle green', 'bottle green blazer'],
    ['Trousers', 'Trousers'],
    ['  White sneakers ', 'white sneakers'],
  ])('of %j is %j', (title, name) => expect(shortName(named(title), 'british')).toBe(name));
  it('is colour and kind where nobody gave a title, in the reader’s English', () => {
    const piece = one('x', 'trousers', '#84868a');
    expect(shortName(piece, 'british')).toBe('grey trousers');
    expect(shortName(piece, 'american')).toBe('gray pants');
    expect(shortName(one('k', 'chunky-knit', '#fbfbf9'), 'american')).toBe('white chunky sweater');
  });
});

describe('grammar', () => {
  const tee = one('tee', 'tee', '#fbfbf9');
  const jeans = one('jeans', 'jeans', '#1f2a44', { owned: true });
  const say = (ids: string[], options = {}) => sayOf(speaker([tee, jeans], options), ids);
  it('agrees in number, of one piece, a pair and several', () => {
    expect(say(['tee']).verb('fit')).toBe('fits');
    expect(say(['jeans']).verb('fit')).toBe('fit');
    expect(say(['tee', 'jeans']).verb('be')).toBe('are');
    expect([say(['tee']).it(), say(['jeans']).its()]).toEqual(['it', 'their']);
    expect(say(['tee']).verb('carry')).toBe('carries');
    expect(say(['tee']).verb('match')).toBe('matches');
  });
  it('names the pieces; in a letter her own are hers', () => {
    expect(say(['tee', 'jeans']).the()).toBe('the white tee and the navy jeans');
    expect(say(['jeans'], { owned: 'your' }).the()).toBe('your navy jeans');
  });
  it('calls the client by pronoun, by name, or they', () => {
    expect(say([], { pronoun: 'she', name: 'Bettine Quarles' }).they('keep')).toBe('she keeps');
    expect(say([], { name: 'Bettine Quarles' }).they('never wear')).toBe('Bettine never wears');
    expect(say([]).they('do')).toBe('they do');
    expect(say([], { pronoun: 'you' }).their).toBe('your');
  });
  it('knows zones that are plural, counts and lists', () => {
    expect(say([]).zones(['upper-arms'])).toBe('the upper arms');
    expect(say([]).zonesVerb('be', ['upper-arms'])).toBe('are');
    expect(say([]).zonesVerb('be', ['midriff'])).toBe('is');
    expect([say([]).number(1, 'piece'), say([]).number(2, 'piece')]).toEqual(['1 piece', '2 pieces']);
    expect(listed(['a', 'b', 'c'])).toBe('a, b and c');
    expect(listed(['a', 'b', 'c'], 'american')).toBe('a, b, and c');
  });
  it('two of one name go by their titles', () => {
    const two = [
      { ...tee, id: 'a', title: 'Lido tee, white' },
      { ...tee, id: 'b', title: 'Mole tee, white' },
    ];
    expect(sayOf(speaker(two), ['a', 'b']).the()).toBe('the Lido tee, white and the Mole tee, white');
  });
});

describe('lengths and temperatures', () => {
  it.each([
    [25, '2.5 cm', '1 in'],
    [63, '6.5 cm', '2½ in'],
    [6, '0.5 cm', '¼ in'],
    [149, '15 cm', '5¾ in'],
  ])('%d mm is %s or %s', (mm, cm, inches) => {
    expect(lengthIn(mm, { units: 'cm' })).toBe(cm);
    expect(lengthIn(mm, { units: 'in' })).toBe(inches);
  });
  it('Celsius beside centimetres, Fahrenheit beside inches', () =>
    expect([warmthIn(8, { units: 'cm' }), warmthIn(8, { units: 'in' })]).toEqual(['8 °C', '46 °F']));
  it('spells a word of the house as the reader does', () =>
    expect([spelt('pale grey', AMERICAN), spelt('pale grey', { english: 'british' })]).toEqual([
      'pale gray',
      'pale grey',
    ]));
});

describe('a finding put into words', () => {
  const pieces = [
    one('trousers', 'trousers', '#1f2a44'),
    one('tee', 'tee', '#fbfbf9', { cut: { sleeve: 'none' } }),
  ];
  const found = judge(pieces, { client: { ...NOBODY, cover: ['upper-arms'] } }).findings.filter(
    ({ rule }) => rule === 'K1',
  );
  it('says the same in numbers and ids whoever reads', () => {
    expect(found).toEqual([
      {
        rule: 'K1',
        code: 'bare',
        tone: 'blocks',
        zone: 'upper-arms',
        pieces: [],
        params: { zone: 'upper-arms' },
      },
    ]);
    const read = (options: Parameters<typeof speaker>[1]) =>
      sentence(sure(found[0]), speaker(pieces, options));
    expect(read({ pronoun: 'she' })).toBe('The upper arms are bare; she keeps them covered.');
    expect(read({ name: 'Odo Marsh' })).toBe('The upper arms are bare; Odo keeps them covered.');
  });
  it('no rule keeps a sentence in what it finds', () => {
    const isSentence = /[a-z] [a-z]+ .*[.?]$/;
    for (const finding of judge(pieces).findings)
      expect(JSON.stringify(finding.params ?? {})).not.toMatch(isSentence);
    expect(() => sentence({ rule: 'C1', code: 'none', tone: 'note', pieces: [] }, speaker([]))).toThrow(
      RangeError,
    );
    expect(RULES.every(({ words }) => Object.keys(words).length > 0)).toBe(true);
  });
});
