import { NOBODY, type Profile } from '@core/client';
import { alternativesTo, objectionsTo } from '@core/pull';
import type { Category, GivenPiece } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const piece = (id: string, category: Category, hex: string, more: Partial<GivenPiece> = {}) => ({
  piece: one(id, category, hex, { priceMinor: 10_000, styleId: id.split(' ')[0], ...more }),
});
const client = (more: Partial<Profile>): Profile => ({ ...NOBODY, ...more });

describe('what a client may have against a piece', () => {
  const axes = (
    id: string,
    category: Category,
    hex: string,
    more: Partial<GivenPiece>,
    who: Partial<Profile>,
  ) => objectionsTo(piece(id, category, hex, more).piece, client(who)).map(({ axis }) => axis);
  it.each([
    [
      'a colour that is avoided',
      '#b3282d',
      {},
      { colourCard: { like: [], avoid: ['#b3282d'], never: [] } },
      ['bright'],
    ],
    ['a strong colour for a quiet client', '#e0421b', {}, { appetite: { statement: 'quiet' } }, ['bright']],
    [
      'the same where it is liked',
      '#e0421b',
      {},
      { appetite: { statement: 'quiet' }, colourCard: { like: ['#e0421b'], avoid: [], never: [] } },
      [],
    ],
    [
      'bare arms where arms are covered',
      '#1f2a44',
      { cut: { sleeve: 'none' } },
      { cover: ['upper-arms'] },
      ['bare'],
    ],
    ['covered arms', '#1f2a44', { cut: { sleeve: 'long' } }, { cover: ['upper-arms'] }, []],
    [
      'much cloth where a waist is wanted',
      '#1f2a44',
      { volume: 'full' },
      { goals: ['defined-waist'] },
      ['cloth'],
    ],
    [
      'a print for one who wants none',
      '#1f2a44',
      { pattern: { kind: 'floral', repeatMm: 60, contrast: 0.6 } },
      { appetite: { pattern: 'none' } },
      ['patterned'],
    ],
    [
      'a micro pattern, seen as plain',
      '#1f2a44',
      { pattern: { kind: 'dot', repeatMm: 3, contrast: 0.5 } },
      { appetite: { pattern: 'none' } },
      [],
    ],
    [
      'a bold piece for a quiet client',
      '#1f2a44',
      { statement: 4 },
      { appetite: { statement: 'quiet' } },
      ['bold'],
    ],
    ['anything for one who stated nothing', '#e0421b', { statement: 5, edge: 5, volume: 'full' }, {}, []],
  ] as const)('%s', (_what, hex, more, who, wanted) => {
    expect(axes('x', 'blouse', hex, more as Partial<GivenPiece>, who as Partial<Profile>)).toEqual(wanted);
  });
});

describe('in its place', () => {
  const silk = piece('silk blouse', 'blouse', '#1f4032', { priceMinor: 15_000 });
  it('comes nearly the same for less, never something else that is cheap', () => {
    const near = piece('near blouse', 'blouse', '#24483a', { priceMinor: 12_000 });
    const cheap = piece('cheap blouse', 'blouse', '#e0421b', { priceMinor: 2000, volume: 'full' });
    const dearer = piece('dear blouse', 'blouse', '#1f4032', { priceMinor: 14_900 });
    const other = piece('other skirt', 'skirt', '#1f4032', { priceMinor: 1000 });
    expect(alternativesTo(silk, [cheap, dearer, other, near], NOBODY).cheaper?.piece.id).toBe('near blouse');
    expect(alternativesTo(silk, [cheap, dearer, other], NOBODY).cheaper).toBeUndefined();
  });
  it('comes the same style in another colour', () => {
    const red = piece('silk red', 'blouse', '#9c2b2b');
    const not = piece('linen red', 'blouse', '#9c2b2b');
    expect(alternativesTo(silk, [red, not], NOBODY).colours.map((each) => each.piece.id)).toEqual([
      'silk red',
    ]);
  });
  it('comes something safer just where the client objects, nearest otherwise', () => {
    const quiet = client({ appetite: { statement: 'quiet' } });
    const loud = piece('loud blouse', 'blouse', '#1f4032', { statement: 4 });
    const calm = piece('calm blouse', 'blouse', '#24483a', { statement: 1 });
    const far = piece('far blouse', 'blouse', '#84868a', { statement: 0, volume: 'full' });
    const loudToo = piece('loud too', 'blouse', '#1f4032', { statement: 3 });
    const { safer } = alternativesTo(loud, [far, loudToo, calm], quiet);
    expect([safer?.piece.id, safer?.objection.axis]).toEqual(['calm blouse', 'bold']);
    expect(alternativesTo(loud, [loudToo], quiet).safer).toBeUndefined();
    expect(alternativesTo(calm, [far], quiet).safer).toBeUndefined();
  });
});
