import { judge } from '@core/look';
import { looksApart, type MixLook, mixOf, type MixSheet, reachIn, sharedIn } from '@core/mix';
import { type GivenPiece, type Piece, pieceFrom } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { sure } from '../../support/sure';

const piece = (
  id: string,
  category: GivenPiece['category'],
  hex: string,
  more: Partial<GivenPiece> = {},
): Piece => pieceFrom({ id, title: id, category, colours: [{ hex, share: 1 }], ...more });
const pieces = [
  piece('shirt', 'shirt', '#fbfbf9', { priceMinor: 6000 }),
  piece('knit', 'fine-knit', '#1f2a44'),
  piece('trousers', 'trousers', '#84868a'),
  piece('skirt', 'skirt', '#1f4032'),
  piece('loafers', 'loafer', '#5f4331'),
  piece('blazer', 'blazer', '#1f2a44'),
  piece('scarf', 'scarf', '#9c4a24'),
];
const occasions = [
  anOccasion({ title: 'the office', formality: [4, 7] }),
  anOccasion({ title: 'the ball', formality: [9, 10] }),
];
const sheet: MixSheet = mixOf({ pieces, setting: {}, occasions });

describe('the mix sheet', () => {
  it('holds good looks that may be sent, as the judge says, each once', () => {
    expect(sheet.looks.length).toBeGreaterThan(3);
    for (const { places, score, occasion } of sheet.looks) {
      const verdict = judge(
        places.map((place) => sure(pieces[place])),
        { occasion: sure(occasions[occasion]) },
      );
      expect(verdict.sendable).toBe(true);
      expect(score).toBeCloseTo(verdict.score.score, 6);
      expect(score).toBeGreaterThanOrEqual(70);
    }
    const keys = sheet.looks.map(({ places, occasion }) => `${occasion} ${places.join()}`);
    expect(new Set(keys).size).toBe(keys.length);
    const scores = sheet.looks.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
  });

  it('counts the same pairs as a plain recount, both ways round', () => {
    const shared = sharedIn(sheet, pieces.length);
    pieces.forEach((_a, a) =>
      pieces.forEach((_b, b) => {
        const plain = sheet.looks.filter(({ places }) => places.includes(a) && places.includes(b)).length;
        expect(shared[a]?.[b]).toBe(plain);
        expect(shared[b]?.[a]).toBe(plain);
      }),
    );
    expect(shared[2]?.[3]).toBe(0);
  });

  it('says of each piece its looks, what it is worn for, and about what a wear of it costs', () => {
    const reach = reachIn(sheet, pieces);
    const shirt = sure(reach[0]);
    expect(shirt.looks).toBe(sheet.looks.filter(({ places }) => places.includes(0)).length);
    expect(shirt.perWearMinor).toBe(Math.round(6000 / Math.min(30, shirt.looks)));
    expect(sure(reach[1]).perWearMinor).toBeUndefined();
    for (const { occasions: served } of reach) expect(served).not.toContain(1);
  });

  it('is told again as if a piece were not there', () => {
    const out = new Set([4]);
    const reach = reachIn(sheet, pieces, out);
    expect(reach.every(({ looks }) => looks === 0)).toBe(true);
    const whole = reachIn(sheet, pieces);
    const less = reachIn(sheet, pieces, new Set([5]));
    expect(sure(less[0]).looks).toBeLessThan(sure(whole[0]).looks);
    expect(sure(less[5]).looks).toBe(0);
  });

  it('keeps of every pair the nearest look, so that it can be said what stops it', () => {
    const gown = sure(sheet.nearest[0]?.[2]);
    expect(gown.places).toEqual(expect.arrayContaining([0, 2]));
    expect(sheet.nearest[2]?.[3]).toBeUndefined();
    const ball = mixOf({ pieces, setting: {}, occasions: [sure(occasions[1])] });
    expect(ball.looks).toEqual([]);
    expect(ball.nearest[0]?.[2]).toBeDefined();
  });

  it('of nothing is empty', () => {
    expect(mixOf({ pieces: [], setting: {}, occasions })).toEqual({ looks: [], nearest: [] });
  });
});

describe('ways with one piece', () => {
  const look = (score: number, occasion: number, ...places: number[]): MixLook => ({
    score,
    occasion,
    places,
  });
  const looks = [
    look(90, 0, 0, 1, 2),
    look(89, 0, 0, 1, 3),
    look(85, 1, 0, 1, 4),
    look(84, 0, 0, 5, 6),
    look(70, 1, 0, 7, 8),
    look(95, 0, 1, 2, 3),
  ];
  it('are the best first, then what is least like it in its other pieces and its occasion', () => {
    expect(looksApart(looks, [0], new Set(), 3).map(({ score }) => score)).toEqual([90, 84, 85]);
  });
  it('hold the piece, none that is out, and none far below the best', () => {
    expect(looksApart(looks, [0], new Set([5]), 9).map(({ score }) => score)).toEqual([90, 85, 89]);
    expect(looksApart(looks, [0, 7], new Set(), 3).map(({ score }) => score)).toEqual([70]);
    expect(looksApart([], [0], new Set(), 3)).toEqual([]);
  });
  it('of a real sheet share no more than they must', () => {
    const found = looksApart(sheet.looks, [4], new Set(), 3);
    expect(found.length).toBeGreaterThan(1);
    for (const { places } of found) expect(places).toContain(4);
    expect(new Set(found.map(({ places }) => places.join())).size).toBe(found.length);
  });
});
