import type { Frame } from '../../figure';
import { lines, type Path, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import type { Lines } from '../lines';

/** A scarf over the bar, or once round the neck. */
export function scarfSketch(frame: Frame, { measures }: Worn): Sketch {
  const half = Math.min(measures.width ?? 350, 420) / 5 + 16;
  const length = measures.lengthFlat ?? 1800;
  return frame.flat ? scarfFlat(half, length) : scarfWorn(frame, half, length);
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
