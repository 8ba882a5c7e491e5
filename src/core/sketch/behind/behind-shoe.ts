import type { Frame } from '../../figure';
import { lines, mirrorPath, type Path } from '../../path';
import type { Worn } from '../../piece';
import { band } from '../band';
import type { Panel, Sketch } from '../display';
import { sketchOf } from '../garment';

const asSole = (panels: readonly Panel[]): Panel[] => panels.map((panel) => ({ ...panel, tone: 'sole' }));

/** The back of a shoe: counter and heel, and past it the ball of the foot. */
export function shoeBehind(frame: Frame, worn: Worn): Sketch {
  const { measures, facts, piece } = worn;
  const floor = measures.heel ?? 0;
  const x = frame.legX(frame.y.ankle) + 4;
  const front = sketchOf(frame, worn);
  const open = facts.openToed && facts.drawn.shoe === 'sandal';
  const low = facts.boot === undefined && facts.drawn.shoe !== 'trainer';
  const top = low ? frame.y.ankle * 0.5 : 0;
  const tip = Math.min(60, piece.cut.heelTipMm ?? (floor > 55 ? 14 : 55)) / 2;
  const counter: Path = open
    ? band(
        [
          [x - 36, frame.y.ankle * 0.62],
          [x, frame.y.ankle * 0.56],
          [x + 38, frame.y.ankle * 0.62],
        ],
        12,
      )
    : [
        ['M', x - 33, top],
        ['Q', x + 1, top + 8, x + 35, top],
        ['C', x + 40, -30, x + 36, -8, x + 32, 2],
        ['L', x - 30, 2],
        ['C', x - 34, -8, x - 38, -30, x - 33, top],
        ['Z'],
      ];
  const middle = low ? x + 1 : x + 5;
  const block: Path = [
    ['M', middle - 31, 0],
    ['L', middle + 31, 0],
    ['Q', middle + tip * 0.9, floor * 0.4, middle + tip, floor],
    ['L', middle - tip, floor],
    ['Q', middle - tip * 0.9, floor * 0.4, middle - 31, 0],
    ['Z'],
  ];
  const seam: Path = lines([
    [middle, top + 4],
    [middle, 0],
  ]);
  const both = (path: Path): Panel[] => [{ path }, { path: mirrorPath(path) }];
  return {
    // A boot and a trainer keep their own outline; a low shoe is seen at its counter, before the sole it stands on.
    panels: [
      ...(low ? (floor < 30 ? asSole(front.panels) : []) : front.panels),
      ...(low ? both(counter) : []),
      ...(floor >= 12 ? asSole(both(block)) : []),
    ],
    lines: open
      ? []
      : [
          { kind: 'seam', path: seam },
          { kind: 'seam', path: mirrorPath(seam) },
        ],
    dots: [],
  };
}
