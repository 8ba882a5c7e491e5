import type { Frame } from '../../figure';
import { type Path, smooth, symmetric } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { sketchOf } from '../garment';

/** Capes and shawls lie whole over the back; of a scarf there is the loop, its ends hang in front. */
export function drapeBehind(frame: Frame, worn: Worn): Sketch {
  const { measures, facts } = worn;
  const { y, neckHalf, shoulderHalf: tip } = frame;
  if (facts.drawn.as === 'scarf')
    return {
      panels: [
        {
          path: [
            ['M', -neckHalf * 1.06, y.neck - 50],
            ['C', -neckHalf * 1.9, y.neck - 36, -neckHalf * 1.9, y.neck + 26, -neckHalf * 1.2, y.neck + 36],
            ['Q', 0, y.neck + 66, neckHalf * 1.2, y.neck + 36],
            ['C', neckHalf * 1.9, y.neck + 26, neckHalf * 1.9, y.neck - 36, neckHalf * 1.06, y.neck - 50],
            ['Q', 0, y.neck - 34, -neckHalf * 1.06, y.neck - 50],
            ['Z'],
          ],
        },
      ],
      lines: [-22, 6].map((dy) => ({
        kind: 'fold' as const,
        path: smooth([
          [-neckHalf * 1.5, y.neck + dy],
          [0, y.neck + dy + 20],
          [neckHalf * 1.4, y.neck + dy - 4],
        ]),
      })),
      dots: [],
    };
  const cape = facts.drawn.as === 'cape';
  const low = cape ? y.neck + (measures.length ?? 760) : y.tip + Math.min((measures.width ?? 700) * 0.8, 640);
  const wide = cape
    ? Math.min((measures.hemWidth ?? 2400) / 4, tip + (measures.length ?? 760) * 0.36)
    : tip + 36;
  const path = symmetric([
    ['M', 0, y.neck + 4],
    ['L', neckHalf * 1.1, y.neck - 8],
    ['C', tip * 0.7, y.neck + 2, tip + 14, y.tip - 14, tip + 32, y.tip + 60],
    ['C', tip + 62, y.bust + 60, wide * 0.98, low - 220, wide, low - 40],
    // The triangle of a shawl points down the back; a cape's hem goes round.
    ...(cape
      ? ([['C', wide * 0.7, low + 14, wide * 0.3, low + 6, 0, low + 10]] as const)
      : ([['C', wide * 0.7, low - 10, wide * 0.3, low + 60, 0, low + 110]] as const)),
  ]);
  return {
    panels: [{ path }],
    lines: [-0.66, -0.24, 0.24, 0.66].map((t) => ({
      kind: 'fold' as const,
      path: smooth([
        [tip * t * 0.8, y.tip + 40],
        [wide * t, (y.tip + low) / 2],
        [wide * t * 0.92, low - 20],
      ]),
    })),
    dots: [],
  };
}

/** Of a veil the whole fall: it covers the back. */
export function veilBehind(frame: Frame, worn: Worn): Sketch {
  const front = sketchOf(frame, worn);
  const head = frame.body.headGirth * 0.137;
  const top = frame.y.crown + (frame.y.chin - frame.y.crown) * 0.34 - 92;
  const low = frame.y.crown + (worn.measures.length ?? 700);
  const wide = Math.min(260, (worn.measures.width ?? 1400) / 5);
  const fall = symmetric([
    ['M', 0, top - 4],
    ['C', head * 0.7, top - 6, head * 1.2, top + 40, head * 1.24, top + 140],
    ['C', head * 1.3 + 14, top + 320, wide * 0.94, low - 240, wide, low],
    ['Q', wide * 0.8, low + 24, wide * 0.6, low + 4],
    ['Q', wide * 0.3, low - 10, 0, low + 16],
  ]);
  return { ...front, panels: [{ path: fall }, ...front.panels.slice(-1)] };
}

/** A cape sewn on at the shoulders, as it lies on the back. */
export const capeBehind = ({ y, neckHalf, shoulderHalf }: Frame): Path =>
  symmetric([
    ['M', 0, y.neck + 18],
    ['L', neckHalf * 1.1, y.neck],
    ['L', shoulderHalf, y.tip - 4],
    ['Q', shoulderHalf + 70, y.underarm, shoulderHalf + 96, y.waist + 30],
    ['Q', shoulderHalf * 0.5, y.waist + 60, 0, y.waist + 60],
  ]);

/** A knit over the shoulders: its body hangs on the back. */
export function knitOnBack({ y, neckHalf, shoulderHalf }: Frame): Sketch {
  const [low, wide] = [y.waist + 30, shoulderHalf * 0.98];
  const body = symmetric([
    ['M', 0, y.neck + 6],
    ['L', neckHalf * 1.1, y.neck - 8],
    ['C', shoulderHalf * 0.6, y.neck + 6, shoulderHalf + 4, y.tip - 14, shoulderHalf + 14, y.tip + 34],
    ['C', wide * 1.02, y.bust, wide * 0.9, low - 120, wide * 0.86, low],
    ['Q', wide * 0.4, low + 12, 0, low + 12],
  ]);
  const across = (dy: number): Path =>
    smooth([
      [-wide * 0.86, low - dy],
      [0, low + 12 - dy],
      [wide * 0.86, low - dy],
    ]);
  return {
    panels: [{ path: body }],
    lines: [
      { kind: 'seam', path: across(46) },
      ...[-0.42, 0.08, 0.5].map((t) => ({
        kind: 'fold' as const,
        path: smooth([
          [shoulderHalf * t, y.tip + 40],
          [wide * t * 0.92, (y.bust + low) / 2],
          [wide * t * 0.84, low - 60],
        ]),
      })),
    ],
    dots: [],
  };
}
