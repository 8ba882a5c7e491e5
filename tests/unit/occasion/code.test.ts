import { NOBODY } from '@core/client';
import { uncheckedCode } from '@core/guard';
import { judge } from '@core/look';
import type { Piece } from '@core/piece';
import { mayServe } from '@core/pull';
import { zonesNamed } from '@core/reading';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';

/** Codes as hosts and employers write them; common practice, no source. */
const shirt = one('shirt', 'shirt', '#fbfbf9', { cut: { sleeve: 'long' } });
const trousers = one('trousers', 'trousers', '#1f2a44');
const jeans = one('jeans', 'jeans', '#2c3a5e');
const trainers = one('trainers', 'sneaker', '#f4f2ec');
const heels = one('heels', 'heel', '#17171a', { measures: { heel: 80 } });
const sandals = one('sandals', 'sandal', '#3b2a22', { cut: { toe: 'open' } });
const flats = one('flats', 'flat', '#17171a', { cut: { toe: 'round' } });
const blazer = one('blazer', 'blazer', '#1f2a44');
const strappy = one('top', 'tank', '#7a2a44', { cut: { sleeve: 'none', neckline: 'scoop' } });
const shorts = one('shorts', 'shorts', '#66673a');
const smart = [shirt, trousers, flats];

type Code = { readonly bans?: readonly string[]; readonly musts?: readonly string[] };
/** What rules a look out on a day with this code: the codes of the findings that block. */
const blocked = (look: readonly Piece[], code: Code): string[] =>
  judge(look, { client: NOBODY, occasion: anOccasion({ title: 'The day', ...code }) })
    .findings.filter(({ tone, rule }) => tone === 'blocks' && (rule === 'R5' || rule === 'K1'))
    .map(({ code: found }) => found);

describe('what an occasion rules out, as people type it', () => {
  it.each<[ban: string, met: readonly Piece[], free: readonly Piece[]]>([
    ['jeans', [shirt, jeans, flats], smart],
    ['No jeans', [shirt, jeans, flats], smart],
    ['denim', [shirt, { ...jeans, fabric: { ...jeans.fabric, texture: 'denim' } }, flats], smart],
    ['trainers', [shirt, trousers, trainers], smart],
    ['Sneakers', [shirt, trousers, trainers], smart],
    ['open toes', [shirt, trousers, sandals], smart],
    ['heels over 5 cm', [shirt, trousers, heels], smart],
    ['high heels', [shirt, trousers, heels], smart],
    ['White', smart, [strappy, trousers, flats]],
    ['no white', smart, [strappy, trousers, flats]],
    ['gray', [one('g', 'tee', '#84868a'), trousers, flats], smart],
    [
      'prints',
      [
        one('p', 'blouse', '#b3222e', { pattern: { kind: 'floral', repeatMm: 60, contrast: 40 } }),
        trousers,
        flats,
      ],
      smart,
    ],
    ['sleeveless', [strappy, trousers, flats], smart],
  ])('%s', (ban, met, free) => {
    expect(blocked(met, { bans: [ban] })).toEqual(['banned']);
    expect(blocked(free, { bans: [ban] })).toEqual([]);
  });
  it.each([
    ['shoulders', 'Shoulders', 'bare shoulders', 'No bare shoulders', 'shoulders uncovered'],
    ['knees', 'bare knees', 'Knees!', 'no knees showing'],
    ['upper-arms', 'upper arms', 'bare upper arms'],
  ])('a part of the body: %s, however it is said', (...ways) => {
    for (const way of ways) {
      expect([way, blocked([strappy, shorts, flats], { bans: [way] })]).toEqual([way, ['bare']]);
      expect([way, blocked(smart, { bans: [way] })]).toEqual([way, []]);
    }
  });
});

describe('what an occasion calls for', () => {
  it.each(['all-black', 'All black', 'black only', 'all in black', 'only black'])('%s', (must) => {
    expect(blocked(smart, { musts: [must] })).toEqual(['black']);
    const black = [one('b', 'shirt', '#17171a'), one('c', 'trousers', '#17171a'), flats];
    expect(blocked(black, { musts: [must] })).toEqual([]);
  });
  it.each(['shoulders', 'covered shoulders', 'Shoulders and knees covered', 'upper arms', 'arms covered'])(
    'cover: %s',
    (must) => {
      expect(blocked([strappy, shorts, flats], { musts: [must] })).toContain('bare-there');
      expect(blocked(smart, { musts: [must] })).toEqual([]);
    },
  );
  it.each<[must: string, without: readonly Piece[], withIt: readonly Piece[]]>([
    ['a jacket', smart, [...smart, blazer]],
    ['Jacket', smart, [...smart, one('j', 'jacket', '#1f2a44')]],
    ['a tie', smart, [...smart, one('t', 'tie', '#611f2f')]],
    ['hat', smart, [...smart, one('h', 'hat', '#b98f60')]],
    ['closed toes', [shirt, trousers, sandals], smart],
    ['closed shoes', [shirt, trousers, sandals], smart],
    ['long sleeves', [strappy, trousers, flats], smart],
    ['red', smart, [one('r', 'shirt', '#b3222e'), trousers, flats]],
  ])('%s', (must, without, withIt) => {
    expect(blocked(without, { musts: [must] })).toEqual(['missing']);
    expect(blocked(withIt, { musts: [must] })).toEqual([]);
  });
  it('passes what no field can tell to the eye of whoever dresses her, and says so', () => {
    const words = ['black tie', 'ripped jeans', 'perfume', 'logos', 'safety shoes'];
    for (const word of words) {
      expect([word, blocked([shirt, jeans, trainers], { bans: [word], musts: [word] })]).toEqual([word, []]);
      expect(uncheckedCode([word, 'jeans', 'Shoulders', ' '])).toBe(
        `Check “${word}” by eye: what is entered of a piece does not say.`,
      );
    }
    expect(
      uncheckedCode(['white', 'no jeans', 'upper arms', 'all black', 'heels over 5 cm', '']),
    ).toBeUndefined();
  });
});

describe('parts of the body in a phrase', () => {
  it.each<[string, readonly string[]]>([
    ['upper arms', ['upper-arms']],
    ['bare arms', ['upper-arms', 'lower-arms']],
    ['shoulders, knees', ['shoulders', 'knees']],
    ['no bare legs', ['thighs', 'knees', 'calves']],
    ['décolletage', ['chest']],
    ['open toes', []],
    ['polo neck', []],
    ['shoulder bag', []],
    ['constructor', []],
    ['', []],
    ['no', []],
  ])('%s', (phrase, zones) => expect(zonesNamed(phrase)).toEqual(zones));
});

describe('a piece alone', () => {
  const serves = (piece: Piece, ...bans: string[]): boolean =>
    mayServe(piece, anOccasion({ title: 'The day', formality: [0, 10], bans }));
  it('is not pulled for a day whose code rules it out by name, however that is typed', () => {
    for (const ban of ['jeans', 'No jeans', 'JEANS', 'blue jeans'])
      expect([ban, serves(jeans, ban)]).toEqual([ban, false]);
    for (const ban of ['trainers', 'perfume', 'shoulders', 'constructor', ''])
      expect([ban, serves(jeans, ban)]).toEqual([ban, true]);
    expect(serves(shirt, 'white')).toBe(false);
    expect(serves(strappy, 'white')).toBe(true);
  });
});
