import { bodyOf } from '@core/figure';
import { fitForClient, fitOf, fitWords, type SizeOffer, sizesForEffect } from '@core/fit';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const body = bodyOf({ heightMm: 1700, bust: 920, waist: 740, hip: 990 });
const offer = (size: string, bust: number, free = 1): SizeOffer => ({
  variantId: size,
  size,
  measures: { bust },
  origins: { bust: 'given' },
  free,
});
const jacket = one('j', 'jacket', '#1f2a44');
/** The sizes of a run for each effect, with how they sit. */
const chosen = (sizes: readonly SizeOffer[], piece = jacket) => {
  const { sizes: found, isTied } = sizesForEffect(piece, sizes, body);
  return [found.closer?.size, found['as cut']?.size, found.looser?.size, isTied];
};
const run = [
  offer('XS', 940),
  offer('S', 1010),
  offer('M', 1070),
  offer('L', 1130),
  offer('XL', 1180),
  offer('XXL', 1400),
];

describe('a size for effect', () => {
  it('is the nearest on either side of the one cut for this body, as long as it may be worn', () => {
    const [closer, cut, looser] = chosen(run);
    const fit = (size: unknown) => fitOf(jacket, sure(run.find((each) => each.size === size)), body);
    expect(fit(cut).verdict).toBe('right');
    expect(fit(closer).off).toBeLessThan(fit(cut).off);
    expect(fit(looser).off).toBeGreaterThan(fit(cut).off);
    const place = (size: unknown): number => run.findIndex((each) => each.size === size);
    expect([place(closer), place(looser)]).toEqual([place(cut) - 1, place(cut) + 1]);
  });
  it('is never one that cannot be worn, nor one that is gone, nor another length of the same', () => {
    expect(chosen([offer('XS', 860), offer('M', 1040), offer('XXL', 1500)])).toEqual([
      undefined,
      'M',
      undefined,
      false,
    ]);
    const gone = run.map((each) => (each.size === 'S' ? { ...each, free: 0 } : each));
    expect(chosen(gone)[0]).not.toBe('S');
    const long = { ...offer('M long', 1040), measures: { bust: 1040, length: 800 } };
    expect(chosen([offer('M', 1040), long])).toEqual([undefined, 'M', undefined, false]);
    expect(chosen([offer('M', 1040, 0)])).toEqual([undefined, undefined, undefined, false]);
  });
  it('of what is tied is its true size alone', () => {
    const tied = one('t', 'jacket', '#1f2a44', { cut: { waistDetail: 'tie' } });
    expect(chosen(run, tied)).toEqual([undefined, chosen(run)[1], undefined, true]);
  });
  it('is said to the stylist with its ease and to the client without a number', () => {
    const { closer, looser } = sizesForEffect(jacket, run, body).sizes;
    expect(fitWords(sure(closer))).toMatch(
      /^A size smaller on purpose, to sit closer\. .+ at the bust \(.+mm/,
    );
    expect(fitForClient(sure(looser), 'L')).toBe('The L is a size larger on purpose: it is to hang loose.');
  });
});
