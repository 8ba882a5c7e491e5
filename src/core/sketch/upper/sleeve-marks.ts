import type { Path, Point } from '../../path';
import type { Worn } from '../../piece';
import { hanging, type Tube } from './sleeve-tube';

/** The seam of the cuff. */
export function cuffOf(tube: Tube): Path {
  const { dx, dy, cuffDepth, cuffOut, cuffIn } = tube;
  const back = (p: Point): Point => [p[0] - dx * cuffDepth, p[1] - dy * cuffDepth];
  const [a, b] = [back(cuffOut), back(cuffIn)];
  return [
    ['M', a[0], a[1]],
    ['Q', ...hanging(tube, a, b), b[0], b[1]],
  ];
}

/** The lines of a knitted cuff, along the arm. */
export const ribsOf = ({ at, length, end, drift, cuffDepth, ribs }: Tube): Path[] =>
  ribs
    ? [0.2, 0.35, 0.5, 0.65, 0.8].map((x): Path => [
        ['M', ...at(length - cuffDepth + 8, drift - end * x)],
        ['L', ...at(length + 4, drift - end * x)],
      ])
    : [];

/** Where cloth is drawn into a cuff, or where the arm of a long sleeve bends and the inside is pushed together. */
export function foldsOf(
  { at, length, end, drift, cuffDepth, gathered }: Tube,
  worn: Worn,
  bends: boolean,
): Path[] {
  if (gathered)
    return [0.36, 0.52, 0.68].map((x): Path => [
      ['M', ...at(length - cuffDepth - 4, drift - end * x)],
      [
        'Q',
        ...at(length - cuffDepth - 50, drift - end * x),
        ...at(length - cuffDepth - 96, drift - end * (x * 1.3 - 0.16)),
      ],
    ]);
  if (!bends) return [];
  const fold = (along: number, from: number, to: number): Path => [
    ['M', ...at(along, drift - end * from)],
    ['Q', ...at(along + 16, drift - end * (from * 0.6 + to * 0.4)), ...at(along + 14, drift - end * to)],
  ];
  const stiff = worn.piece.fabric.weight === 'heavy';
  return [
    fold(length * 0.5, 0.94, 0.5),
    ...(stiff ? [] : [fold(length * 0.56, 0.9, 0.56), fold(length * 0.44, 0.96, 0.7)]),
  ];
}
