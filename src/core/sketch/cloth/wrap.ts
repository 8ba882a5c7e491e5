import type { Frame } from '../../figure';
import { type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';

/** Where each way of wrapping is tied: side seam at the waist, low on the hip, or pinned inside and tied in front. */
function tieAt(frame: Frame, worn: Worn): Point | undefined {
  const { y, own } = frame;
  switch (worn.effects.wrapped) {
    case 'side':
      return [own.waist * 0.96, y.waist];
    case 'low':
      return [own.hip * 0.88, y.waist + (y.hip - y.waist) * 0.62];
    case 'deep':
      return [own.waist * 0.22, y.waist];
    // Tied behind: nothing of it shows in front.
    default:
      return undefined;
  }
}

/** The crossing edge of a wrapped front and its tie, over the sketch it belongs to. */
export function withWrapTie(frame: Frame, worn: Worn, sketch: Sketch): Sketch {
  const at = tieAt(frame, worn);
  if (!at || worn.piece.cut.neckline !== 'wrap') return sketch;
  const [x, y] = at;
  const neck = frame.y.neck + (worn.piece.cut.necklineDepthMm ?? 230);
  const end = (dx: number, dy: number): Path =>
    smooth([
      [x, y],
      [x + dx * 0.7, y + dy * 0.45],
      [x + dx, y + dy],
    ]);
  return {
    ...sketch,
    lines: [
      ...sketch.lines,
      {
        kind: 'edge',
        path: smooth([
          [-8, neck - 10],
          [x * 0.45, neck + (y - neck) * 0.55],
          [x, y],
        ]),
      },
      { kind: 'edge', path: end(26, 190) },
      { kind: 'edge', path: end(-22, 165) },
    ],
    dots: [...sketch.dots, { x, y, r: 16, tone: 'main' }],
  };
}
