import { bodyOf, frameOf } from '@core/figure';
import { boxOf, flatten, type Path } from '@core/path';
import { type GivenPiece, pieceFrom, wear } from '@core/piece';
import { areasOf, layersOf, sketchOf } from '@core/sketch';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const body = bodyOf({ heightMm: 1700 });
const piece = (given: Partial<GivenPiece> & Pick<GivenPiece, 'category'>) =>
  wear(pieceFrom({ id: given.category, colours: [{ hex: '#445566', share: 1 }], ...given }));
const tied = (mode: string) =>
  sketchOf(
    frameOf(body, false),
    piece({ category: 'blouse', cut: { neckline: 'wrap', waistDetail: 'tie' }, mode }),
  ).dots.find(({ r }) => r === 16);

const xsOf = (path: Path): number[] => flatten(path).flatMap((ring) => ring.map(([x]) => x));

describe('what is worn together', () => {
  it('a wrap is tied where its way says: at the side, on the hip, in front', () => {
    const [side, low, deep] = [tied('wrap-side'), tied('wrap-low'), tied('wrap-deep')];
    expect(side && low && deep).toBeTruthy();
    expect(sure(low).y).toBeGreaterThan(sure(side).y + 40);
    expect(sure(deep).x).toBeLessThan(sure(side).x / 2);
  });
  it('a full sleeve goes into the sleeve of the jacket over it: it shows no more than a narrow one', () => {
    const shown = (sleeveVolume: 'full' | 'close'): number => {
      const blouse = piece({ category: 'blouse', cut: { sleeveVolume, sleeve: 'long' } });
      return sure(
        areasOf(layersOf([blouse, piece({ category: 'blazer', mode: 'buttoned' })], body)).pieces.get(
          'blouse',
        ),
      );
    };
    expect(shown('full')).toBeLessThanOrEqual(shown('close') + 0.01);
  });
  it('an open front shows what is beneath it, and never the coat’s own sleeves', () => {
    for (const given of [
      { heightMm: 1520, bust: 800, waist: 640, hip: 860 },
      { heightMm: 1680, bust: 1180, waist: 1040, hip: 1220 },
      { heightMm: 1900, bust: 1040, waist: 900, hip: 1020, shoulderWidth: 480 },
    ])
      for (const category of ['coat', 'blazer', 'jacket', 'overshirt', 'cardigan'] as const)
        for (const upperArm of [340, 420, 480]) {
          const { sketch } = sure(
            layersOf([piece({ category, mode: 'open', measures: { upperArm } })], bodyOf(given))[0],
          );
          const sleeves = sketch.panels.filter(({ under, inside }) => under && !inside);
          const fronts = sketch.panels.filter(({ under }) => !under).slice(0, 2);
          const gap = Math.min(...fronts.flatMap(({ path }) => xsOf(path)).map(Math.abs));
          for (const { path } of sleeves)
            expect(Math.min(...xsOf(path).map(Math.abs)), `${category} ${upperArm}`).toBeGreaterThan(gap);
        }
  });
  it('seams of a sleeve lie under the body like the sleeve itself; stripes turn with it, and only with it', () => {
    const { panels, lines } = sketchOf(frameOf(body, false), piece({ category: 'shirt' }));
    expect(lines.some(({ under }) => under)).toBe(true);
    expect(panels.filter(({ turn }) => turn).map(({ under }) => under)).toEqual([true, true]);
    const [one, other] = panels.flatMap(({ turn }) => (turn ? [turn] : []));
    expect(sure(one) + sure(other)).toBeCloseTo(0, 9);
  });
  it('full cloth falls in folds of its own shade; a pencil skirt and slim legs have none', () => {
    const falls = (given: Parameters<typeof piece>[0]): number =>
      sketchOf(frameOf(body, false), piece(given)).falls?.length ?? 0;
    expect(falls({ category: 'skirt', cut: { silhouette: 'full' } })).toBeGreaterThan(2);
    expect(falls({ category: 'dress', cut: { silhouette: 'full' } })).toBeGreaterThan(2);
    expect(falls({ category: 'trousers', cut: { leg: 'wide' }, measures: { legOpening: 560 } })).toBe(4);
    expect(falls({ category: 'skirt', cut: { silhouette: 'pencil' } })).toBe(0);
    expect(falls({ category: 'trousers', cut: { leg: 'slim' }, measures: { legOpening: 320 } })).toBe(0);
  });
  it('sleeves of a coat over the shoulders hang outside the arms', () => {
    const right = (mode: string): number =>
      Math.max(
        ...layersOf([piece({ category: 'coat', mode })], body).map(({ sketch }) => {
          const { x, w } = boxOf(sketch.panels.map(({ path }) => path));
          return x + w;
        }),
      );
    expect(right('over-shoulders')).toBeGreaterThan(300);
  });
});
