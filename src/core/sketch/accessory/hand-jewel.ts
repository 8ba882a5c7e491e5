import type { Frame } from '../../figure';
import { lines } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { handAt, oval, ringBand } from './jewel-parts';

/** A ring on its finger. */
export function ring(frame: Frame, worn: Worn): Sketch {
  const r = 10;
  const [x, y] = frame.flat ? [0, 0] : handAt(frame, -1, 66);
  return {
    panels: [{ path: ringBand(x, y, r, 3), tone: 'metal' }],
    lines: [],
    dots: [{ x, y: y - r, r: Math.max(3, (worn.measures.width ?? 8) / 2), tone: 'main' }],
  };
}

/** A watch with its strap. */
export function watch(frame: Frame, worn: Worn): Sketch {
  const r = (worn.measures.caseMm ?? 36) / 2;
  const [x, y] = frame.flat ? [0, 0] : handAt(frame, -1, 0);
  const strap = frame.flat
    ? lines(
        [
          [x - r * 0.55, y - r * 5],
          [x + r * 0.55, y - r * 5],
          [x + r * 0.6, y + r * 5.4],
          [x - r * 0.6, y + r * 5.4],
        ],
        true,
      )
    : lines(
        [
          [x - 28, y - 9],
          [x + 28, y - 5],
          [x + 28, y + 9],
          [x - 28, y + 6],
        ],
        true,
      );
  return {
    panels: [{ path: strap }, { path: oval(x, y, r, r), tone: 'metal' }],
    lines: [
      {
        kind: 'seam',
        path: lines([
          [x, y],
          [x, y - r * 0.66],
        ]),
      },
      {
        kind: 'seam',
        path: lines([
          [x, y],
          [x + r * 0.5, y],
        ]),
      },
    ],
    dots: [],
  };
}

/** A bangle round the wrist. */
export function bangle(frame: Frame, worn: Worn): Sketch {
  const wide = worn.measures.width ?? 12;
  if (frame.flat) return { panels: [{ path: ringBand(0, 0, 33, wide) }], lines: [], dots: [] };
  const [x, y] = handAt(frame, 1, 0);
  return {
    panels: [
      {
        path: lines(
          [
            [x - 30, y - wide / 2],
            [x + 28, y - wide / 2 + 4],
            [x + 28, y + wide / 2 + 4],
            [x - 30, y + wide / 2],
          ],
          true,
        ),
      },
    ],
    lines: [],
    dots: [],
  };
}
