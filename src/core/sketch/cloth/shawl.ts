import type { Frame } from '../../figure';
import { lines, type Path, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import type { Lines } from '../lines';

/** A shawl folded over the bar, or round the shoulders. */
export const shawlSketch = (frame: Frame, worn: Worn): Sketch =>
  frame.flat
    ? shawlFlat(worn.measures.width ?? 700, worn.measures.lengthFlat ?? 1900)
    : shawlWorn(frame, worn);

/** A shawl folded to a triangle over the bar, its point and fringe down. */
function shawlFlat(width: number, length: number): Sketch {
  const half = Math.min(length * 0.32, 560);
  const deep = Math.min(width * 0.86, 640);
  const layer = (scale: number, dy: number): Path => [
    ['M', -half * scale, dy],
    ['Q', 0, dy - 16, half * scale, dy],
    ['C', half * 0.78 * scale, dy + deep * 0.3, half * 0.3 * scale, dy + deep * 0.7, 12, dy + deep],
    ['Q', 0, dy + deep + 10, -12, dy + deep],
    ['C', -half * 0.3 * scale, dy + deep * 0.7, -half * 0.78 * scale, dy + deep * 0.3, -half * scale, dy],
    ['Z'],
  ];
  const tassels: Lines = [];
  for (let t = 0.04; t < 1; t += 0.07)
    for (const side of [1, -1])
      tassels.push({
        kind: 'stitch',
        path: lines([
          [side * half * (1 - t) * (1 - 0.12 * Math.sin(Math.PI * t)), deep * t],
          [side * (half * (1 - t) * (1 - 0.12 * Math.sin(Math.PI * t)) + 8), deep * t + 46],
        ]),
      });
  return {
    panels: [{ path: layer(1, 0) }, { path: layer(0.93, 0) }],
    lines: [
      ...tassels,
      ...[-0.56, -0.2, 0.2, 0.56].map((t) => ({
        kind: 'fold' as const,
        path: smooth([
          [half * t, 10],
          [half * t * 0.76, deep * 0.3],
          [half * t * 0.44, deep * (0.9 - Math.abs(t) * 0.7)],
        ]),
      })),
    ],
    dots: [],
  };
}

/** A shawl round the shoulders: one side over the other in front, the cloth falling in folds from the shoulder. */
function shawlWorn(frame: Frame, worn: Worn): Sketch {
  const tip = frame.shoulderHalf;
  const y = frame.y.neck;
  const drop = Math.min((worn.measures.lengthFlat ?? 1900) / 2 - 180, 720);
  const deep = Math.min((worn.measures.width ?? 700) * 0.62, 460);
  const low = Math.max(y + drop * 0.82, frame.y.bust + 40);
  const side = (s: 1 | -1, over: number): Path => [
    ['M', s * frame.neckHalf * 0.9, y - 14],
    ['C', s * tip * 0.62, y - 6, s * tip * 1.02, frame.y.tip - 18, s * (tip + 26), frame.y.tip + 40],
    [
      'C',
      s * (tip + 66),
      frame.y.tip + deep * 0.5,
      s * (tip + 54),
      frame.y.tip + deep * 0.86,
      s * (tip + 30),
      frame.y.tip + deep,
    ],
    ['Q', s * tip * 0.8, frame.y.tip + deep + 26, s * tip * 0.56, frame.y.tip + deep + 4],
    ['C', s * tip * 0.3, low - 30, -s * over * 0.5, low, -s * over, low - 20],
    [
      'C',
      -s * over * 0.2,
      frame.y.bust,
      s * frame.neckHalf * 0.6,
      frame.y.tip + 40,
      s * frame.neckHalf * 0.9,
      y - 14,
    ],
    ['Z'],
  ];
  return {
    panels: [{ path: side(-1, 20) }, { path: side(1, 74) }],
    lines: ([1, -1] as const).flatMap((s) =>
      [0.72, 0.94, 1.1].map((t) => ({
        kind: 'fold' as const,
        path: smooth([
          [s * tip * t * 0.86, frame.y.tip + 4],
          [s * tip * t, frame.y.tip + deep * 0.44],
          [s * tip * (t * 0.86), frame.y.tip + deep * 0.9],
        ]),
      })),
    ),
    dots: [],
  };
}
