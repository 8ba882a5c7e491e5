import { bodyOf, frameOf } from '@core/figure';
import { boxOf } from '@core/path';
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
