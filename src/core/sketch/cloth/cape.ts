import type { Frame } from '../../figure';
import { lines, type Path, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import type { Lines } from '../lines';

/** A cape from its collar to its hem, with slits for the arms. */
export function capeSketch(frame: Frame, { measures }: Worn): Sketch {
  const tip = frame.shoulderHalf;
  const low = frame.y.neck + (measures.length ?? 760);
  const wide = Math.min((measures.hemWidth ?? 2400) / 4, tip + (measures.length ?? 760) * 0.36);
  const x = frame.neckHalf * 1.1;
  const half = (s: 1 | -1): Path => [
    ['M', s * x, frame.y.neck - 6],
    [
      'C',
      s * tip * 0.7,
      frame.y.neck + 2,
      s * (tip + 14),
      frame.y.tip - 14,
      s * (tip + 34),
      frame.y.tip + 70,
    ],
    ['C', s * (tip + 62), frame.y.bust + 60, s * wide * 0.96, low - 220, s * wide, low - 34],
    ['Q', s * wide * 0.82, low + 6, s * wide * 0.66, low - 6],
    ['Q', s * wide * 0.48, low - 18, s * wide * 0.34, low + 4],
    ['Q', s * wide * 0.16, low + 18, s * 6, low + 6],
    ['L', s * 4, frame.y.neck + 70],
    ['Z'],
  ];
  const collar = lines(
    [
      [-x, frame.y.neck - 8],
      [-x * 0.9, frame.y.neck - 46],
      [x * 0.9, frame.y.neck - 46],
      [x, frame.y.neck - 8],
      [0, frame.y.neck + 66],
    ],
    true,
  );
  const fold = (s: 1 | -1): Lines[number] => ({
    kind: 'fold',
    path: smooth([
      [s * tip * 0.7, frame.y.tip + 60],
      [s * wide * 0.6, low - 20],
    ]),
  });
  const slit = (s: 1 | -1): Lines[number] => ({
    kind: 'seam',
    path: lines([
      [s * wide * 0.42, frame.y.waist - 60],
      [s * wide * 0.46, frame.y.waist + 120],
    ]),
  });
  return {
    panels: [{ path: half(-1) }, { path: half(1) }, { path: collar }],
    lines: [fold(1), fold(-1), slit(1), slit(-1)],
    dots: [{ x: 0, y: frame.y.neck + 74, r: 9 }],
  };
}
