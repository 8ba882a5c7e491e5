import type { Frame } from '../figure';
import { lines, type Path, smooth } from '../path';
import type { Worn } from '../piece';
import type { Sketch } from './display';
import type { Lines } from './lines';

/** Scarves, shawls, capes: cloth that hangs. */
export function drapeSketch(frame: Frame, worn: Worn): Sketch {
  const { measures, facts } = worn;
  if (facts.drawn.as === 'scarf') {
    const half = Math.min(measures.width ?? 350, 420) / 5 + 16;
    return frame.flat
      ? scarfFlat(half, measures.lengthFlat ?? 1800)
      : scarfWorn(frame, half, measures.lengthFlat ?? 1800);
  }
  const tip = frame.shoulderHalf;
  if (facts.drawn.as === 'cape') {
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
  return frame.flat ? shawlFlat(measures.width ?? 700, measures.lengthFlat ?? 1900) : shawlWorn(frame, worn);
}

/** A scarf folded over the bar: the longer end in front, both with fringes. */
function scarfFlat(half: number, length: number): Sketch {
  const low = length / 2;
  const end = (x: number, to: number, wide: number): Path => [
    ['M', x - wide, 6],
    ['Q', x, -10, x + wide, 6],
    ['C', x + wide * 1.12, to * 0.3, x + wide * 0.9, to * 0.7, x + wide * 1.08, to],
    ['Q', x, to + 12, x - wide * 1.02, to],
    ['C', x - wide * 0.84, to * 0.7, x - wide * 1.1, to * 0.3, x - wide, 6],
    ['Z'],
  ];
  const [back, front] = [end(-half * 0.5, low * 0.88, half * 1.2), end(half * 0.3, low, half * 1.3)];
  return {
    panels: [{ path: back, under: true }, { path: front }],
    lines: [
      ...fringe(half * 0.3 - half * 1.3, half * 0.3 + half * 1.36, low + 2),
      ...fringe(-half * 1.7, -half * 1.04, low * 0.88 + 2),
      ...[-0.5, 0.5].map((t) => ({
        kind: 'fold' as const,
        path: smooth([
          [half * (0.3 + t), 10],
          [half * (0.36 + t * 0.8), low * 0.5],
          [half * (0.24 + t * 1.2), low - 14],
        ]),
      })),
    ],
    dots: [],
  };
}

/** A scarf once round the neck: it lies on the shoulders, crosses, and its ends hang in front. */
function scarfWorn(frame: Frame, half: number, length: number): Sketch {
  const n = frame.neckHalf;
  const y = frame.y.neck;
  const drop = Math.max(120, (length - 760) / 2);
  const end = (side: 1 | -1, d: number): Path => [
    ['M', side * 4, y + 66],
    ['C', side * (half * 0.7), y + 52, side * (half * 1.3), y + 74, side * (half * 1.16), y + 120],
    [
      'C',
      side * (half * 1.5),
      y + 120 + d * 0.4,
      side * (half * 1.2),
      y + 60 + d * 0.8,
      side * (half * 1.62),
      y + 84 + d,
    ],
    ['Q', side * half * 0.9, y + 96 + d, side * half * 0.22, y + 86 + d],
    ['C', side * half * 0.4, y + 60 + d * 0.7, side * half * 0.02, y + 100 + d * 0.3, side * 4, y + 66],
    ['Z'],
  ];
  const loop: Path = [
    ['M', -n * 1.08, y - 52],
    ['C', -n * 1.9, y - 34, -n * 1.95, y + 34, -n * 1.1, y + 66],
    ['C', -n * 0.5, y + 100, n * 0.5, y + 104, n * 1.1, y + 66],
    ['C', n * 1.95, y + 30, n * 1.9, y - 36, n * 1.08, y - 52],
    ['C', n * 0.9, y - 8, n * 0.3, y + 22, 0, y + 24],
    ['C', -n * 0.3, y + 22, -n * 0.9, y - 8, -n * 1.08, y - 52],
    ['Z'],
  ];
  const fold = (path: Path): Lines[number] => ({ kind: 'fold', path });
  return {
    panels: [{ path: end(-1, drop * 0.86) }, { path: end(1, drop) }, { path: loop }],
    lines: [
      fold(
        smooth([
          [-n * 1.4, y + 4],
          [-n * 0.3, y + 62],
          [n * 0.9, y + 58],
        ]),
      ),
      fold(
        smooth([
          [n * 1.4, y - 6],
          [n * 0.6, y + 40],
          [-n * 0.2, y + 46],
        ]),
      ),
      ...([1, -1] as const).map((side) =>
        fold(
          smooth([
            [side * half * 0.7, y + 96],
            [side * half * 0.9, y + 90 + drop * 0.45],
            [side * half * 0.74, y + 66 + drop * 0.8],
          ]),
        ),
      ),
      ...([1, -1] as const).flatMap((side) => {
        const to = y + 88 + (side === 1 ? drop : drop * 0.86);
        const [a, b] = [side * half * 0.22, side * half * 1.62];
        return fringe(Math.min(a, b), Math.max(a, b), to);
      }),
    ],
    dots: [],
  };
}

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

function fringe(left: number, right: number, y: number): Lines {
  const marks: Lines = [];
  for (let x = left + 4; x < right; x += 9)
    marks.push({
      kind: 'stitch',
      path: lines([
        [x, y],
        [x - 2, y + 34],
      ]),
    });
  return marks;
}
