import { armHalf, type Frame, onArm } from '../../figure';
import { mirrorPath, type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';

/** A pair of gloves: laid flat with their fingers, or on the hands of the figure. */
export function gloveSketch(frame: Frame, worn: Worn): Sketch {
  const length = worn.measures.length ?? 240;
  return frame.flat ? flatPair(length) : onHands(frame, length);
}

/** Widths and tips of the four fingers of a hand laid flat, as shares of the palm and its length. */
const FINGERS: readonly (readonly [x: number, tip: number])[] = [
  [-0.36, 0.86],
  [-0.12, 0.99],
  [0.13, 1],
  [0.37, 0.9],
];

function flatPair(length: number): Sketch {
  const palm = 46;
  const hand = Math.min(length, 190);
  const cuff = Math.max(20, length - hand);
  const at = (x: number, up: number): Point => [x * palm, -cuff - hand * up];
  const outline: Point[] = [at(-0.5, 0.1), at(-0.54, 0.5)];
  for (const [x, tip] of FINGERS)
    outline.push(
      at(x - 0.12, 0.56),
      at(x - 0.1, tip - 0.04),
      at(x, tip),
      at(x + 0.1, tip - 0.04),
      at(x + 0.12, 0.56),
    );
  outline.push(at(0.56, 0.46), at(0.86, 0.66), at(0.98, 0.62), at(0.9, 0.46), at(0.6, 0.16));
  const one: Path = [
    ['M', -palm * 0.52, 0],
    ...smooth([[-palm * 0.48, -cuff], ...outline, [palm * 0.5, -cuff]], false, 0.6).map((step, i) =>
      i === 0 ? (['L', step[1] as number, step[2] as number] as const) : step,
    ),
    ['L', palm * 0.54, 0],
    ['Q', 0, 8, -palm * 0.52, 0],
    ['Z'],
  ];
  const move = (path: Path, by: number): Path =>
    path.map(
      (step) =>
        step.map((v, i) => (i > 0 && i % 2 === 1 ? (v as number) + by : v)) as unknown as Path[number],
    );
  const [left, right] = [move(mirrorPath(one), -52), move(one, 52)];
  const cuffLine = (by: number): Path =>
    smooth([
      [by - palm * 0.5, -cuff],
      [by, -cuff + 5],
      [by + palm * 0.5, -cuff],
    ]);
  return {
    panels: [{ path: left }, { path: right }],
    lines: [-52, 52].map((by) => ({ kind: 'seam' as const, path: cuffLine(by) })),
    dots: [],
  };
}

function onHands(frame: Frame, length: number): Sketch {
  const wide = armHalf(frame);
  const reach = frame.body.armLength;
  const from = Math.max(reach * 0.5, reach * 1.3 - length);
  const at = (along: number, across: number): Point => onArm(frame, along, across);
  const right: Path = smooth(
    [
      at(from, wide * 0.66),
      at(reach, wide * 0.54),
      at(reach * 1.07, wide * 0.62),
      at(reach * 1.16, wide * 0.58),
      at(reach * 1.28, wide * 0.3),
      at(reach * 1.32, wide * 0.02),
      at(reach * 1.27, -wide * 0.22),
      at(reach * 1.18, -wide * 0.32),
      at(reach * 1.155, -wide * 0.58),
      at(reach * 1.09, -wide * 0.62),
      at(reach, -wide * 0.48),
      at(from, -wide * 0.58),
    ],
    true,
    0.9,
  );
  return { panels: [{ path: right }, { path: mirrorPath(right) }], lines: [], dots: [] };
}
