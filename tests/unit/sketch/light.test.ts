import { deltaE, lab } from '@core/colour';
import { lines } from '@core/path';
import { FINISHES } from '@core/piece';
import { lightOver, litOf, meanUnder } from '@core/sketch/paint/light';
import { svgItems } from '@core/sketch';
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
      const ground = {
        kind: 'path' as const,
        path: lines(
          [
            [0, 0],
            [200, 0],
            [200, 40],
            [0, 40],
          ],
          true,
        ),
        fill: hex,
      };
      const items = svgItems(
        [ground, ...lightOver(litOf(hex, { texture: 'smooth', finish: 'matt' }), box)],
        'l',
      );
      const { data, info } = await sharp(
        Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="200" height="40">${items}</svg>`),
      )
        .removeAlpha()
        .raw()
        .toBuffer({ resolveWithObject: true });
      const linear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
      const sum = [0, 0, 0];
      for (let i = 0; i < data.length; i++) sum[i % 3] = sure(sum[i % 3]) + linear(sure(data[i]) / 255);
      const gamma = (v: number): number => (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);
      const mean = `#${sum
        .map((v) =>
          Math.round(gamma(v / (info.width * info.height)) * 255)
            .toString(16)
            .padStart(2, '0'),
        )
        .join('')}`;
      expect(deltaE(lab(mean), lab(hex))).toBeLessThanOrEqual(2);
    },
  );
});
