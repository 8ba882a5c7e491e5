import { bodyOf, coverOn, hemsOf, landmarkAt, landmarksOf, rulerOf, spread } from '@core/figure';
import { wear } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

describe('bodyOf', () => {
  it('keeps what was measured and marks what was not', () => {
    const body = bodyOf({ heightMm: 1830, hip: 1010 });
    expect(body.heightMm).toBe(1830);
    expect(body.origins.hip).toBe('given');
    expect(body.origins.bust).toBe('estimated');
    expect(body.bust).toBe(940);
  });
  it('orders the landmarks from crown to ankle', () => {
    const marks = landmarksOf(bodyOf({ heightMm: 1600 }));
    const order = [
      marks.crown,
      marks.chin,
      marks.shoulderPoint,
      marks.shoulderTip,
      marks.bust,
      marks.waist,
      marks.highHip,
      marks.hip,
      marks.crotch,
      marks.knee,
      marks.calf,
      marks.ankle,
    ];
    expect(order).toEqual([...order].sort((a, b) => b - a));
  });
});

describe('hems', () => {
  const body = bodyOf({ heightMm: 1700, insideLegLength: 790 });
  it('reads the clearance of trousers as inside leg + heel − inseam', () => {
    const look = [
      one('t', 'trousers', '#20222b', { measures: { inseam: 800 } }),
      one('s', 'heel', '#20222b', { measures: { heel: 40 } }),
    ].map(wear);
    expect(hemsOf(look, body).find((hem) => hem.piece === 't')?.clearanceMm).toBe(30);
  });
  it('says when nobody measured', () => {
    expect(hemsOf([wear(one('t', 'trousers', '#20222b'))], body)[0]?.defaulted).toBe(true);
  });
  it('names where a hem falls', () => {
    const marks = landmarksOf(body);
    expect(landmarkAt(marks.knee, marks)).toBe('knee');
    expect(landmarkAt(0, marks)).toBe('floor');
    expect(landmarkAt(marks.calf + 5, marks)).toBe('mid-calf');
  });
});

describe('cover on a body', () => {
  it('needs a sleeve as long as the arm', () => {
    const tall = bodyOf({ heightMm: 1880, armLength: 650 });
    const shirt = (sleeve: number) =>
      coverOn(wear(one('s', 'shirt', '#ffffff', { cut: { sleeve: 'long' }, measures: { sleeve } })), tall);
    expect(shirt(600).has('lower-arms')).toBe(false);
    expect(shirt(640).has('lower-arms')).toBe(true);
  });
  it('follows the hem, not the name of the garment', () => {
    const skirt = (length: number) =>
      coverOn(wear(one('s', 'skirt', '#20222b', { measures: { length } })), bodyOf({ heightMm: 1700 }));
    expect(skirt(450).has('knees')).toBe(false);
    expect(skirt(720).has('knees')).toBe(true);
  });
  it('does not count sheer cloth', () => {
    const blouse = wear(
      one('b', 'blouse', '#ffffff', { cut: { sleeve: 'long' }, fabric: { sheer: 'sheer' } }),
    );
    expect(coverOn(blouse, bodyOf({})).has('upper-arms')).toBe(false);
  });
});

describe('the ruler beside a figure', () => {
  const body = bodyOf({ heightMm: 1700 });
  const heel = wear(one('courts', 'heel', '#17171a', { measures: { heel: 60 } }));
  const trousers = wear(one('trousers', 'trousers', '#1f2a44', { measures: { inseam: 800 } }));
  const hems = hemsOf([trousers, heel], body);
  const { topMm, stepMm, marks } = rulerOf(body, 60, hems, 'cm');

  it('stands on the floor the shoes stand on: thirds of the height in heels, landmarks lifted by them', () => {
    expect([topMm, stepMm]).toEqual([1760, 50]);
    expect(marks.filter(({ kind }) => kind === 'third').map(({ heightMm }) => Math.round(heightMm))).toEqual([
      587, 1173,
    ]);
    const waist = marks.find(({ of }) => of === 'waist');
    expect(waist?.heightMm).toBe(landmarksOf(body).waist + 60);
    expect(rulerOf(body, 0, [], 'in').stepMm * 5).toBeCloseTo(254);
  });
  it('says where a measured hem falls and how far trousers clear the floor; of a guessed one nothing', () => {
    const hem = marks.find(({ kind }) => kind === 'hem');
    expect(hem).toMatchObject({ of: 'trousers', clearanceMm: Math.round(body.insideLegLength + 60 - 800) });
    const guessed = hemsOf([wear(one('skirt', 'skirt', '#1f2a44'))], body);
    expect(rulerOf(body, 0, guessed, 'cm').marks.some(({ kind }) => kind === 'hem')).toBe(false);
  });
  it('parts words that would touch, upwards, and leaves the others', () => {
    expect(spread([100, 104, 300, 101], 10)).toEqual([100, 120, 300, 110]);
    expect(spread([], 10)).toEqual([]);
  });
});
