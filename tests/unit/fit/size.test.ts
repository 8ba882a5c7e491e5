import { bodyOf } from '@core/figure';
import { fitMarks, fitOf, fitWords, sizeFit } from '@core/fit';
import { frameOf } from '@core/figure';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const body = bodyOf({ heightMm: 1700, bust: 920, waist: 740, hip: 990, armLength: 600, shoulderWidth: 390 });
const given = { bust: 'given', waist: 'given', hip: 'given', sleeve: 'given', shoulder: 'given' } as const;
const shirt = one('s', 'shirt', '#ffffff', { cut: { neckline: 'collar', sleeve: 'long' } });
/** The same size in words. */
const wordsOf = (measures: Record<string, number>, offset?: Parameters<typeof fitOf>[3]) =>
  fitWords(fitOf(shirt, { size: 'M', measures, origins: given }, body, offset));
const fit = (measures: Record<string, number>) => sizeFit(shirt, measures, given, body);

describe('sizeFit', () => {
  it('says right, close, roomy, too small and too big by the ease at the bust', () => {
    // Easy volume wants 50 to 150 mm over a bust of 920.
    expect(
      [920 + 100, 920 + 40, 920 + 200, 920 + 10, 920 + 300].map((bust) => fit({ bust }).verdict),
    ).toEqual(['right', 'close', 'roomy', 'too small', 'too big']);
  });
  it('names the tightest point: a sleeve too short for the arm decides', () => {
    const found = fit({ bust: 1020, sleeve: 540 });
    expect([found.verdict, found.decides?.point]).toEqual(['too small', 'sleeve']);
    expect(wordsOf({ bust: 1020, sleeve: 540 })).toBe('Too short at the sleeve (−60 mm; −15 to 60 wanted)');
  });
  it('holds a sleeve against the arm where the kind has a long one and nobody said so, and no other', () => {
    const unsaid = (category: 'shirt' | 'blazer' | 'dress' | 'tee' | 'gilet') =>
      sizeFit(one('u', category, '#ffffff'), { bust: 1040, sleeve: 500 }, given, body).points.map(
        ({ point }) => point,
      );
    expect(unsaid('shirt')).toContain('sleeve');
    expect(unsaid('blazer')).toContain('sleeve');
    for (const none of ['dress', 'tee', 'gilet'] as const) expect(unsaid(none)).not.toContain('sleeve');
    const short = one('s', 'shirt', '#ffffff', { cut: { sleeve: 'short' } });
    expect(sizeFit(short, { bust: 1040, sleeve: 200 }, given, body).verdict).toBe('right');
  });
  it('lets stretch eat into what is wanted', () => {
    const jersey = one('j', 'fine-knit', '#ffffff', { volume: 'close', fabric: { stretchPct: 20 } });
    const plain = one('p', 'fine-knit', '#ffffff', { volume: 'close', fabric: { stretchPct: 0 } });
    const verdict = (piece: typeof jersey) => sizeFit(piece, { bust: 850 }, given, body).verdict;
    expect([verdict(plain), verdict(jersey)]).toEqual(['too small', 'right']);
  });
  it('looks at thigh, upper arm and leg length once they were measured on the body, and not before', () => {
    const jeans = one('j', 'jeans', '#2c3a5e', { volume: 'close' });
    const origins = { hip: 'given', thigh: 'given', inseam: 'given' } as const;
    const points = (more: Record<string, number>) =>
      sizeFit(
        jeans,
        { hip: 1010, thigh: 560, inseam: 900 },
        origins,
        bodyOf({ heightMm: 1700, hip: 990, ...more }),
      );
    expect(points({}).points.map(({ point }) => point)).toEqual(['hip']);
    const measured = points({ thigh: 600, insideLegLength: 780 });
    expect(measured.points.map(({ point, verdict }) => [point, verdict])).toEqual([
      ['hip', 'right'],
      ['thigh', 'too small'],
      ['length', 'roomy'],
    ]);
    expect(measured.decides?.point).toBe('thigh');
    // Cut to end at the calf, and meant to.
    const cropped = sizeFit(
      jeans,
      { hip: 1010, inseam: 640 },
      origins,
      bodyOf({ heightMm: 1700, hip: 990, insideLegLength: 780 }),
    );
    expect(cropped.points.map(({ point }) => point)).toEqual(['hip']);
  });
  it('is moved by what clients taught of the label, and says so', () => {
    const offset = { bust: { steps: -0.5, count: 6 } };
    const small = sizeFit(shirt, { bust: 975 }, given, body, offset);
    expect([fit({ bust: 975 }).verdict, small.verdict]).toEqual(['right', 'close']);
    expect(wordsOf({ bust: 975 }, offset)).toContain(
      'this label runs small by 0.5 of a size, from 6 decisions',
    );
  });
  it('rests on nothing that nobody measured', () => {
    expect(sizeFit(shirt, { bust: 1020 }, { bust: 'defaulted' }, body).points).toEqual([]);
  });
  it.each([
    ['loafer', [38, 39, 39.5, 40], ['too small', 'close', 'right', 'right']],
    ['hat', [55, 56.5, 57, 58.5, 60], ['too small', 'close', 'right', 'roomy', 'too big']],
  ] as const)('fits a %s by the foot or the head', (category, sizes, verdicts) => {
    const own = bodyOf({ footLength: 247, headGirth: 570 });
    const piece = one('x', category, '#17171a');
    const verdictOf = (size: number) =>
      fitOf(piece, { size: `${size}`, measures: {}, origins: {} }, own).verdict;
    expect(sizes.map(verdictOf)).toEqual(verdicts);
  });
  it('is drawn where it is: from the top down, inside the body where it is close', () => {
    const found = fit({ bust: 900, sleeve: 700, shoulder: 400 });
    const marks = fitMarks(found.points, frameOf(body, false), body);
    expect(marks.map(({ point }) => point)).toEqual(['shoulder', 'bust', 'sleeve']);
    const [shoulder, bust] = marks;
    expect(sure(bust).clothHalf).toBeLessThan(sure(bust).bodyHalf);
    expect(sure(shoulder).clothHalf).toBeGreaterThan(sure(shoulder).bodyHalf);
    expect(sure(bust).words).toBe('too small at the bust: −20 mm; 50 to 150 wanted');
  });
});
