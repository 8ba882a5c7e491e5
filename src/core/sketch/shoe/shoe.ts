import type { Frame } from '../../figure';
import { mirrorPath, type Path, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import type { Lines } from '../lines';
import { shoePair } from './shoe-flat';

/** Shoes: a pair at three quarters when they are set down, from the front on the figure. */
export const shoeSketch = (frame: Frame, worn: Worn): Sketch =>
  frame.flat ? shoePair(worn) : frontView(frame, worn);

function frontView(frame: Frame, worn: Worn): Sketch {
  const { measures, piece, facts } = worn;
  const floor = measures.heel ?? 0;
  const x = frame.legX(frame.y.ankle) + 4;
  const boot = facts.boot !== undefined;
  const top = boot
    ? -(measures.shaft ?? 140)
    : facts.drawn.shoe === 'trainer'
      ? frame.y.ankle * 0.9
      : facts.drawn.shoe === 'loafer'
        ? frame.y.ankle * 0.5
        : frame.y.ankle * 0.24;
  const calfX = frame.legX(top);
  const half = boot ? (measures.shaftGirth ?? 260) * 0.19 : 40;
  const wide = piece.cut.toe === 'pointed' ? 40 : 48;
  const right: Path = boot
    ? [
        ['M', calfX - half, top],
        ['Q', calfX, top + 9, calfX + half, top],
        // Over the calf, in at the ankle, out over the foot.
        ['C', calfX + half * 1.02, top * 0.62, x + 37, top * 0.5, x + 35, -92],
        ['C', x + 36, -66, x + wide, -58, x + wide, floor - 24],
        ['Q', x + wide - 1, floor, x + 10, floor],
        ['Q', x - wide + 9, floor, x - wide + 10, floor - 24],
        ['C', x - wide + 10, -58, x - 34, -66, x - 33, -92],
        ['C', x - 35, top * 0.5, calfX - half * 1.02, top * 0.62, calfX - half, top],
        ['Z'],
      ]
    : [
        ['M', x - 38, top],
        ['Q', x, top + 34, x + 40, top],
        ['Q', x + wide + 4, floor - 34, x + wide - 2, floor - 12],
        ['Q', x + wide - 10, floor, x + 6, floor],
        ['Q', x - wide + 10, floor, x - wide + 8, floor - 14],
        ['Q', x - wide - 2, floor - 36, x - 38, top],
        ['Z'],
      ];
  const strap: Path | undefined =
    facts.openToed || piece.cut.toe === 'open'
      ? smooth([
          [x - 42, floor - 30],
          [x, floor - 44],
          [x + 44, floor - 30],
        ])
      : undefined;
  const marks: Lines = strap
    ? [
        { kind: 'seam', path: strap },
        { kind: 'seam', path: mirrorPath(strap) },
      ]
    : [];
  return { panels: [{ path: right }, { path: mirrorPath(right) }], lines: marks, dots: [] };
}
