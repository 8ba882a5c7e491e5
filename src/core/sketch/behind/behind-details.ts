import type { Frame } from '../../figure';
import { boxOf, lines, smooth } from '../../path';
import type { Worn } from '../../piece';
import { dressBack, skirtBack, trousersBack } from './behind-lower';
import { across, collarBehind, type Details, down, keyhole, line, pair } from './behind-parts';
import type { Panel, Sketch } from '../display';

type Line = Sketch['lines'][number];

/** What is cut and sewn behind, by how the piece is made: yoke, vents, collar, hood, pockets, zip. */
export function backDetails(frame: Frame, worn: Worn, base: Sketch): Details {
  const main = base.panels.filter(({ under, inside }) => !under && !inside).map(({ path }) => path);
  const { y, h } = boxOf(main);
  const hem = y + h;
  switch (worn.facts.shape) {
    case 'lower':
      return worn.facts.skirted ? skirtBack(frame, worn, hem) : trousersBack(frame, worn);
    case 'whole':
      return dressBack(frame, worn, hem);
    default:
      return topBack(frame, worn, hem);
  }
}

/** Upper pieces, by how their front is made and what collar they have. */
function topBack(frame: Frame, worn: Worn, hem: number): Details {
  const { y, own, shoulderHalf } = frame;
  const { drawn, collared } = worn.facts;
  const half = worn.measures.shoulder ? worn.measures.shoulder / 2 : shoulderHalf;
  const yoke = (depth: number): Line => line(across(y.tip + depth, half * 0.93, 3));
  const middle = line(down(0, y.neck + 30, hem - 4));
  const open = worn.piece.cut.back === 'keyhole' ? keyhole(frame) : [];
  switch (drawn.front) {
    case 'tailored':
      return {
        panels: [collarBehind(frame, 40)],
        lines: [
          middle,
          ...pair(down(own.hip * 0.62, hem - 200, hem + 2)),
          ...pair(
            smooth([
              [own.bust * 0.6, y.underarm + 30],
              [own.waist * 0.6, y.waist],
              [own.hip * 0.58, hem - 150],
            ]),
            'fold',
          ),
        ],
        dots: [],
      };
    case 'coat':
      return {
        panels: [collarBehind(frame, 46)],
        lines: [middle, line(down(9, Math.max(y.hip, hem - 320), hem), 'stitch'), yoke(86)],
        dots: [],
      };
    case 'hooded':
      return { panels: [hoodBehind(frame)], lines: [yoke(110)], dots: [] };
    case 'short':
      return {
        panels: [collarBehind(frame, 36)],
        lines: [
          yoke(82),
          ...pair(
            lines([
              [half * 0.5, y.tip + 84],
              [own.waist * 0.42, hem - 42],
            ]),
            'stitch',
          ),
          line(across(hem - 40, own.hip * 0.98)),
        ],
        dots: [],
      };
    case 'padded': {
      const rows: Line[] = [];
      for (let at = y.bust - 60; at < hem - 30; at += 74) rows.push(line(across(at, own.bust * 0.98, 7)));
      return { panels: [collarBehind(frame, 40)], lines: rows, dots: [] };
    }
    case 'pointed': {
      // The strap that draws a waistcoat in.
      const at = y.waist - 30;
      return {
        panels: [],
        lines: [
          middle,
          ...pair(
            lines([
              [own.waist * 0.92, at - 8],
              [24, at],
              [24, at + 16],
              [own.waist * 0.92, at + 14],
            ]),
          ),
        ],
        dots: [{ x: 0, y: at + 8, r: 9, tone: 'metal' }],
      };
    }
    case 'knitted': {
      const ribs: Line[] = [line(across(hem - 56, own.hip * 0.97))];
      for (let x = -own.hip * 0.9; x < own.hip * 0.9; x += 20)
        ribs.push(line(down(x, hem - 52, hem - 8), 'fold'));
      return { panels: [], lines: ribs, dots: [] };
    }
    default: {
      const buttoned =
        drawn.placket === 'full' || drawn.front === 'shirt' || (collared && drawn.placket !== 'short');
      const collar = buttoned || collared || worn.piece.cut.neckline === 'collar';
      // A shirt falls from its yoke in one pleat.
      const pleat = buttoned ? [...pair(down(13, y.tip + 74, y.waist - 20), 'fold')] : [];
      return {
        panels: collar ? [collarBehind(frame, 34)] : [],
        lines: [...(buttoned ? [yoke(72)] : []), ...pleat, ...open],
        dots: open.length > 0 ? [{ x: 0, y: y.neck + 34, r: 5 }] : [],
      };
    }
  }
}

/** A hood let down: it lies on the back as a soft shield. */
function hoodBehind({ y, neckHalf }: Frame): Panel {
  const x = neckHalf * 1.2;
  return {
    path: [
      ['M', -x, y.neck - 34],
      ['Q', 0, y.neck - 12, x, y.neck - 34],
      ['C', x + 58, y.neck + 4, x + 56, y.neck + 120, x * 0.6, y.neck + 190],
      ['Q', 0, y.neck + 240, -x * 0.6, y.neck + 190],
      ['C', -x - 56, y.neck + 120, -x - 58, y.neck + 4, -x, y.neck - 34],
      ['Z'],
    ],
  };
}
