import { deltaE, lab } from '@core/colour';
import { lines } from '@core/path';
import { FINISHES } from '@core/piece';
import { lightOver, litFill, litOf, meanUnder } from '@core/sketch/paint/light';
import { type Item, svgItems } from '@core/sketch';
import fc from 'fast-check';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const hexes = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('light on cloth', () => {
  it('leaves the mean of a panel where its colour is: ΔE at most 2 in linear light', () => {
    fc.assert(
      fc.property(hexes, fc.constantFrom(...FINISHES), (hex, finish) => {
        const lit = litOf(hex, { texture: 'smooth', finish });
        expect(deltaE(lab(meanUnder(hex, lit)), lab(hex))).toBeLessThanOrEqual(2);
      }),
      { numRuns: 400 },
    );
  });

  it('satin, leather and velvet take more of it, and stay within 4', () => {
    fc.assert(
      fc.property(
        hexes,
        fc.constantFrom('satin' as const, 'leather' as const, 'velvet' as const),
        (hex, texture) => {
          const lit = litOf(hex, { texture, finish: 'sheen' });
          expect(deltaE(lab(meanUnder(hex, lit)), lab(hex))).toBeLessThanOrEqual(4);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('is seen: the side of a mid-toned piece is clearly darker than its middle', () => {
    for (const hex of ['#1f4032', '#9c4a24', '#84868a', '#3a67ad'])
      expect(litOf(hex, { texture: 'smooth', finish: 'soft' }).shadow).toBeGreaterThan(0.1);
  });

  // The second opinion: what a renderer of SVG makes of the overlay, averaged pixel by pixel in linear light.
  it.each(['#1f4032', '#9c4a24', '#fbfbf9', '#17171a', '#c9b39a', '#b3222e'])(
    '%s, painted and averaged',
    async (hex) => {
      const box = { x: 0, y: 0, w: 200, h: 40 };
      const over = (fill: Extract<Item, { kind: 'path' }>['fill']): Item => ({
        kind: 'path',
        path: lines(
          [
            [0, 0],
            [200, 0],
            [200, 40],
            [0, 40],
          ],
          true,
        ),
        fill,
      });
      const lit = litOf(hex, { texture: 'smooth', finish: 'matt' });
      const [apart, whole] = await Promise.all(
        [[over(hex), ...lightOver(lit, box)], [over(litFill(hex, lit, box))]].map(painted),
      );
      for (const pixels of [sure(apart), sure(whole)])
        expect(deltaE(lab(meanOf(pixels)), lab(hex))).toBeLessThanOrEqual(2);
      // A plain panel is filled with its light in it, as if that lay over it.
      sure(whole).forEach((value, i) =>
        expect(Math.abs(value - sure(sure(apart)[i]))).toBeLessThanOrEqual(2),
      );
    },
  );
});

/** Items painted by a renderer of SVG: red, green and blue of every pixel. */
async function painted(items: readonly Item[]): Promise<Buffer> {
  const text = svgItems(items, 'l');
  return await sharp(
    Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="200" height="40">${text}</svg>`),
  )
    .removeAlpha()
    .raw()
    .toBuffer();
}

/** Mean of pixels in linear light. */
function meanOf(pixels: Buffer): string {
  const linear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
  const sum = [0, 0, 0];
  for (let i = 0; i < pixels.length; i++) sum[i % 3] = sure(sum[i % 3]) + linear(sure(pixels[i]) / 255);
  const gamma = (v: number): number => (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);
  return `#${sum
    .map((v) =>
      Math.round(gamma(v / (pixels.length / 3)) * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}
