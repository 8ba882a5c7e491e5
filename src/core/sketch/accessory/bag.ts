import type { Frame } from '../../figure';
import { lines, type Path, type Point } from '../../path';
import type { Worn } from '../../piece';
import { band } from '../band';
import type { Panel, Sketch } from '../display';
import type { Lines } from '../lines';

/** Bags: at their true size, strap by the way they are carried. */
export function bagSketch(frame: Frame, worn: Worn): Sketch {
  const { measures, piece, effects } = worn;
  const w = (measures.width ?? 300) / 2;
  const h = measures.length ?? 220;
  const hand: Point = [frame.shoulderHalf + frame.arm.dx * frame.body.armLength + 16, frame.y.wrist + 60];
  const at: Point = frame.flat
    ? [0, 0]
    : effects.carried === 'across'
      ? [frame.own.hip + w * 0.25, frame.y.hip - h * 0.35]
      : effects.carried === 'in the hand'
        ? [hand[0] + 14, hand[1] + 90]
        : [frame.shoulderHalf + w * 0.4, frame.y.waist - h * 0.35];
  const [x, y] = at;
  const taper = piece.structure >= 2 ? 0.94 : 1.04;
  const body: Path = [
    ['M', x - w * taper, y],
    ['L', x + w * taper, y],
    ['L', x + w, y + h - 16],
    ['Q', x + w, y + h, x + w - 18, y + h],
    ['L', x - w + 18, y + h],
    ['Q', x - w, y + h, x - w, y + h - 16],
    ['Z'],
  ];
  const strap: Point[] = frame.flat
    ? [
        [x - w * 0.5, y + 6],
        [x - w * 0.4, y - 110],
        [x, y - 150],
        [x + w * 0.4, y - 110],
        [x + w * 0.5, y + 6],
      ]
    : effects.carried === 'across'
      ? [
          [x - 10, y + 4],
          [frame.own.waist * 0.2, frame.y.bust + 40],
          [-frame.shoulderHalf * 0.56, frame.y.tip - 6],
        ]
      : effects.carried === 'in the hand'
        ? [
            [x - w * 0.4, y + 4],
            [x - w * 0.2, y - 66],
            [x + w * 0.2, y - 66],
            [x + w * 0.4, y + 4],
          ]
        : [
            [x - w * 0.3, y + 4],
            [frame.shoulderHalf * 0.8, frame.y.tip + 4],
            [x + w * 0.3, y + 4],
          ];
  const panels: Panel[] = [{ path: band(strap, 14), under: true }, { path: body }];
  const flap = piece.structure >= 2;
  const marks: Lines = flap
    ? [
        {
          kind: 'seam',
          path: [
            ['M', x - w * taper, y],
            ['Q', x - w * 0.8, y + h * 0.56, x, y + h * 0.56],
            ['Q', x + w * 0.8, y + h * 0.56, x + w * taper, y],
          ],
        },
      ]
    : [
        {
          kind: 'seam',
          path: lines([
            [x - w * 0.98, y + 26],
            [x + w * 0.98, y + 26],
          ]),
        },
      ];
  return { panels, lines: marks, dots: [{ x, y: flap ? y + h * 0.52 : y + 26, r: 9, tone: 'metal' }] };
}
