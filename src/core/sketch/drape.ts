import type { Frame } from '../figure';
import { lines, type Path, smooth } from '../path';
import type { Worn } from '../piece';
import type { Sketch } from './display';
import type { Lines } from './lines';

/** Scarves, shawls, capes: cloth that hangs. */
export function drapeSketch(frame: Frame, worn: Worn): Sketch {
  const { measures, piece } = worn;
  if (piece.category === 'scarf') {
    const half = Math.min(measures.width ?? 350, 420) / 5 + 16;
    if (frame.flat) {
      const low = (measures.lengthFlat ?? 1800) / 2;
      const front = lines(
        [
          [-half * 1.3, 0],
          [half * 1.3, 0],
          [half * 1.4, low],
          [-half * 1.2, low],
        ],
        true,
      );
      const back = lines(
        [
          [-half * 1.3 - 18, 10],
          [half, 10],
          [half * 1.1, low * 0.9],
          [-half * 1.2 - 22, low * 0.9],
        ],
        true,
      );
      return {
        panels: [{ path: back, under: true }, { path: front }],
        lines: [
          ...fringe(-half * 1.2, half * 1.4, low),
          {
            kind: 'fold',
            path: smooth([
              [-half * 0.3, 12],
              [-half * 0.1, low * 0.5],
              [-half * 0.4, low - 10],
            ]),
          },
        ],
        dots: [],
      };
    }
    const n = frame.neckHalf;
    const loop: Path = smooth(
      [
        [-n * 1.5, frame.y.neck - 6],
        [0, frame.y.neck - 58],
        [n * 1.5, frame.y.neck - 6],
        [n * 1.3, frame.y.neck + 60],
        [0, frame.y.neck + 104],
        [-n * 1.3, frame.y.neck + 60],
      ],
      true,
    );
    const drop = Math.max(120, ((measures.lengthFlat ?? 1800) - 700) / 2);
    const end = (side: 1 | -1, d: number): Path =>
      smooth(
        [
          [side * 14, frame.y.neck + 60],
          [side * (14 + half * 1.1), frame.y.neck + 70],
          [side * (22 + half * 1.25), frame.y.neck + 80 + d],
          [side * 10, frame.y.neck + 84 + d],
        ],
        true,
        0.4,
      );
    return {
      panels: [{ path: end(-1, drop * 0.86) }, { path: end(1, drop) }, { path: loop }],
      lines: [
        {
          kind: 'fold',
          path: smooth([
            [-n, frame.y.neck + 40],
            [0, frame.y.neck + 74],
            [n, frame.y.neck + 36],
          ]),
        },
      ],
      dots: [],
    };
  }
  const tip = frame.shoulderHalf;
  if (piece.category === 'cape') {
    const low = frame.y.neck + (measures.length ?? 760);
    const wide = Math.min((measures.hemWidth ?? 2400) / 4, tip + (measures.length ?? 760) * 0.55);
    const x = frame.neckHalf * 1.1;
    const half = (s: 1 | -1): Path => [
      ['M', s * x, frame.y.neck - 6],
      ['C', s * tip * 0.9, frame.y.neck + 20, s * (tip + 40), frame.y.tip + 80, s * wide, low - 20],
      ['Q', s * wide * 0.5, low + 16, s * 6, low],
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
  const drop = Math.min((measures.lengthFlat ?? 1900) / 2 - 180, 720);
  const deep = (measures.width ?? 700) * 0.42;
  const half = (s: 1 | -1): Path =>
    smooth(
      [
        [s * frame.neckHalf, frame.y.neck - 8],
        [s * tip, frame.y.tip - 10],
        [s * (tip + 66), frame.y.tip + deep],
        [s * (tip + 20), frame.y.neck + drop],
        [s * (tip * 0.4), frame.y.neck + drop + 12],
        [s * tip * 0.3, frame.y.bust],
        [s * frame.neckHalf * 0.8, frame.y.neck + 40],
      ],
      true,
      0.8,
    );
  return {
    panels: [{ path: half(-1) }, { path: half(1) }],
    lines: [1, -1].map((s) => ({
      kind: 'fold' as const,
      path: smooth([
        [s * tip * 0.8, frame.y.tip + 20],
        [s * tip * 0.9, frame.y.bust + 60],
        [s * tip * 0.66, frame.y.neck + drop - 20],
      ]),
    })),
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
