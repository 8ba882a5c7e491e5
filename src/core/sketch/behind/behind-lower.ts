import type { Frame } from '../../figure';
import { lines, type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';
import { across, collarBehind, type Details, down, keyhole, line, pair } from './behind-parts';
import type { Sketch } from '../display';

/** Trousers behind: the seam of the seat, darts, and the pockets of their kind. */
export function trousersBack(frame: Frame, worn: Worn): Details {
  const { drawn } = worn.facts;
  const band = drawn.trousers?.band ?? 40;
  const top = Math.max(frame.y.crotch - (worn.measures.rise ?? 270), frame.y.waist - 40) + band;
  const half = frame.own.waist + (frame.own.hip - frame.own.waist) * 0.4;
  if (drawn.trousers?.pockets === 'scooped') {
    const pocket: Point[] = [
      [half * 0.2, top + 84],
      [half * 0.2 + 118, top + 78],
      [half * 0.2 + 112, top + 190],
      [half * 0.2 + 58, top + 214],
      [half * 0.2 + 4, top + 194],
    ];
    return {
      panels: [],
      lines: [
        ...pair(
          lines([
            [0, top + 66],
            [half * 1.02, top + 28],
          ]),
        ),
        ...pair(lines(pocket, true)),
        ...pair(
          smooth([
            [half * 0.2 + 6, top + 118],
            [half * 0.2 + 58, top + 146],
            [half * 0.2 + 112, top + 112],
          ]),
          'stitch',
        ),
      ],
      dots: [],
    };
  }
  if (drawn.trousers?.pockets !== 'slant') return { panels: [], lines: [], dots: [] };
  const welt = (side: number): Path =>
    lines(
      [
        [side * half * 0.26, top + 92],
        [side * (half * 0.26 + 116), top + 88],
        [side * (half * 0.26 + 116), top + 100],
        [side * half * 0.26, top + 104],
      ],
      true,
    );
  return {
    panels: [],
    lines: [...[1, -1].map((side) => line(welt(side))), ...pair(down(half * 0.26 + 58, top + 4, top + 88))],
    dots: [1, -1].map((side) => ({ x: side * (half * 0.26 + 58), y: top + 116, r: 5 })),
  };
}

/** A skirt behind: a zip below the band and two darts. */
export function skirtBack(frame: Frame, worn: Worn, hem: number): Details {
  const top = frame.y.waist + 34;
  if (worn.piece.cut.waistDetail === 'elastic') return { panels: [], lines: [], dots: [] };
  const fitted = worn.piece.cut.waistDetail !== 'pleat';
  return {
    panels: [],
    lines: [
      line(down(0, top, Math.min(top + 190, hem - 60)), 'stitch'),
      ...(fitted ? pair(down(frame.own.waist * 0.5, top, top + 118)) : []),
    ],
    dots: [{ x: 0, y: top + 4, r: 4, tone: 'metal' }],
  };
}

/** A dress behind: its zip, or the bow of a wrap that is tied there. */
export function dressBack(frame: Frame, worn: Worn, hem: number): Details {
  const { y, own } = frame;
  const { cut } = worn.piece;
  const top = y.neck + (cut.back === 'low' ? 300 : cut.back === 'open' ? 400 : 34);
  const collar = worn.facts.collared || cut.neckline === 'collar' ? [collarBehind(frame, 34)] : [];
  if (worn.effects.wrapped === 'back' || cut.waistDetail === 'tie')
    return {
      panels: collar,
      lines: bow(own.waist, y.waist),
      dots: [{ x: 0, y: y.waist + 6, r: 14, tone: 'main' }],
    };
  const opens = cut.neckline !== 'wrap' && !worn.facts.knitted && cut.neckline !== 'collar';
  return {
    panels: collar,
    lines: [
      ...(opens ? [line(down(0, top, Math.min(y.hip - 30, hem - 60)), 'stitch')] : []),
      ...(cut.back === 'keyhole' ? keyhole(frame) : []),
    ],
    dots: opens ? [{ x: 0, y: top + 6, r: 4, tone: 'metal' }] : [],
  };
}

/** The band of a tie drawn behind, and its bow: two loops and two ends. */
function bow(waist: number, y: number): Sketch['lines'][number][] {
  return [
    line(across(y - 12, waist, 4)),
    line(across(y + 18, waist, 4)),
    ...pair(
      smooth(
        [
          [4, y + 6],
          [58, y - 24],
          [74, y + 8],
          [40, y + 26],
        ],
        true,
      ),
      'edge',
    ),
    ...pair(
      smooth([
        [6, y + 14],
        [26, y + 90],
        [20, y + 170],
      ]),
      'edge',
    ),
  ];
}
