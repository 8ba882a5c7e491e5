import { addressLines, readAddress } from '@core/client';
import {
  boxDates,
  CARTONS,
  type Enclosure,
  enclosuresOf,
  parcelNumber,
  parcelSize,
  parcelStands,
} from '@core/parcel';
import type { Piece } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { one } from '../support/pieces';

const tee = one('tee', 'tee', '#20263d', { weightG: 200 });
const coat = one('coat', 'coat', '#20263d', { weightG: 1800 });
const boots = one('boots', 'ankle-boot', '#20263d', { weightG: 900 });
const cloth = (what: Piece, fit: Parameters<typeof enclosuresOf>[0][number]['fit'] = null) => ({
  piece: what,
  fit,
  lineId: 'l1',
  laidIn: [] as Enclosure[],
});

describe('a parcel', () => {
  it('takes the smallest carton it goes into, and weighs its pieces, its papers and itself', () => {
    expect(parcelSize([tee])).toEqual({ grams: 200 + 90 + 120, guessed: 0, carton: CARTONS[0] });
    expect(parcelSize([tee, boots]).carton?.name).toBe('medium box');
    expect(parcelSize([coat, coat, boots]).carton?.name).toBe('large box');
    expect(parcelSize(Array.from({ length: 8 }, () => boots)).carton).toBeUndefined();
  });
  it('says how many of its pieces nobody weighed, and weighs what goes along', () => {
    const { weightG: _g, ...unweighed } = tee;
    expect(parcelSize([unweighed, coat]).guessed).toBe(1);
    expect(parcelSize([tee], 2).grams - parcelSize([tee]).grams).toBe(16);
  });
  it('never takes a smaller carton for one piece more', () => {
    const pieces = [tee, coat, boots, tee, coat];
    const names = pieces
      .map((_, i) => parcelSize(pieces.slice(0, i + 1)).carton)
      .map((each) => (each ? CARTONS.indexOf(each) : CARTONS.length));
    expect(names).toEqual([...names].sort((a, b) => a - b));
  });
});

describe('what goes along (common practice, no source)', () => {
  it.each([
    [
      'a hat a size too large',
      cloth(one('h', 'hat', '#20263d'), { instead: { size: '57', works: 'hat strip' } }),
      'hat sizer',
    ],
    ['shoes a size too large', cloth(boots, { instead: { size: '38', works: 'insole' } }), 'insole'],
    ['a plunge', cloth(one('d', 'dress', '#20263d', { cut: { necklineDepthMm: 260 } })), 'fashion tape'],
    [
      'a buttoned front',
      cloth(one('s', 'shirt', '#20263d', { facts: { closure: 'six buttons' } })),
      'spare button',
    ],
  ] as const)('%s', (_what, line, what) => {
    const said = { what, piece: line.piece.title, lineId: 'l1', done: false };
    expect(enclosuresOf([line])).toEqual([said]);
    expect(enclosuresOf([{ ...line, laidIn: [what] }])).toEqual([{ ...said, done: true }]);
  });
  it('is nothing for what fits and holds by itself', () => {
    expect(enclosuresOf([cloth(tee), cloth(boots)])).toEqual([]);
  });
});

describe('the carrier that is only played', () => {
  // UPU S10-12: item 47312482 has the check digit 9 (the standard's own example, from memory).
  it('numbers parcels with the check digit of UPU S10', () => {
    expect(parcelNumber(47_312_482)).toBe('QX473124829XX');
    expect(parcelNumber(0)).toBe('QX000000005XX');
    expect(new Set(Array.from({ length: 500 }, (_, i) => parcelNumber(10_401 + i))).size).toBe(500);
  });
  it('hands over, moves and arrives by the shop’s days: a Sunday and a holiday do not count', () => {
    const calendar = { closed: [0], holidays: ['2026-12-08'] };
    const on = (today: string) => parcelStands('2026-12-05', today, 2, calendar);
    expect(on('2026-12-05')).toEqual({ state: 'handed over', arrives: '2026-12-09' });
    expect(on('2026-12-08').state).toBe('on its way');
    expect(on('2026-12-09').state).toBe('at the door');
    expect(on('2027-01-01').state).toBe('at the door');
  });
});

describe('days for a calendar', () => {
  it('stand in their order, and only those there are', () => {
    const dates = boxDates({
      shopName: 'The Heron Room',
      number: 104,
      occasions: [{ title: 'Supper', date: '2026-12-22' }, { title: 'Some day' }],
      decideBy: '2026-12-17',
      returnBy: '2026-12-23',
      appointment: '2026-12-10T14:00',
    });
    expect(dates.map(({ what, on }) => [what, on])).toEqual([
      ['appointment', '2026-12-10T14:00'],
      ['decide', '2026-12-17'],
      ['occasion', '2026-12-22'],
      ['send back', '2026-12-23'],
    ]);
    expect(boxDates({ shopName: 'x', number: 1, occasions: [] })).toEqual([]);
  });
});

describe('a postal address', () => {
  it('is read as it is typed and stands as it was', () => {
    for (const text of ['3 Quay Lane\nHW1 2AB Harrowmere', 'c/o Pike\n3 Quay Lane\nHarrowmere', 'Harrowmere'])
      expect(addressLines(readAddress(text)).join('\n')).toBe(text);
    expect(readAddress(' \n ')).toBeNull();
    expect(addressLines(null)).toEqual([]);
    expect(addressLines({ lines: ['3 Quay Lane'], town: 'Harrowmere', code: 'HW1' })).toEqual([
      '3 Quay Lane',
      'HW1 Harrowmere',
    ]);
  });
});
