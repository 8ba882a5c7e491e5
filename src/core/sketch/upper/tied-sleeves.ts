import type { Frame } from '../../figure';
import { mirrorPath, type Path, smooth } from '../../path';
import type { Sketch } from '../display';

/** A knit laid over the shoulders: its body on the back, its sleeves knotted on the chest, two ends hanging. */
export function tiedSleevesSketch(frame: Frame): Sketch {
  const { neck, tip, bust } = frame.y;
  const [throat, shoulder] = [frame.neckHalf * 1.08, frame.shoulderHalf];
  const knot = bust - 34;
  const over: Path = [
    ['M', throat, neck - 6],
    ['C', shoulder * 0.6, neck + 6, shoulder + 2, tip - 16, shoulder + 16, tip + 36],
    ['C', shoulder + 22, tip + 84, shoulder + 6, tip + 138, shoulder * 0.8, tip + 146],
    ['C', shoulder * 0.5, tip + 138, 62, knot + 6, 14, knot + 16],
    ['L', -6, knot - 22],
    ['C', throat * 0.42, knot - 60, throat * 0.86, neck + 74, throat, neck - 6],
    ['Z'],
  ];
  const end = (side: 1 | -1, low: number): Path => [
    ['M', side * -10, knot + 6],
    ['C', side * 6, knot + 50, side * 16, low - 60, side * 12, low],
    ['Q', side * 40, low + 12, side * 66, low - 2],
    ['C', side * 66, low - 80, side * 48, knot + 40, side * 22, knot - 4],
    ['Z'],
  ];
  const knotted: Path = [
    ['M', -24, knot - 20],
    ['C', -6, knot - 30, 12, knot - 28, 26, knot - 14],
    ['C', 34, knot + 6, 24, knot + 24, 4, knot + 24],
    ['C', -20, knot + 26, -34, knot + 4, -24, knot - 20],
    ['Z'],
  ];
  const cuff = (side: 1 | -1, low: number): Path =>
    smooth([
      [side * 13, low - 34],
      [side * 40, low - 24],
      [side * 67, low - 36],
    ]);
  const crease: Path = smooth([
    [shoulder * 0.86, tip + 40],
    [shoulder * 0.6, tip + 90],
    [44, knot - 20],
  ]);
  const [left, right] = [knot + 208, knot + 186];
  return {
    panels: [
      { path: over },
      { path: mirrorPath(over) },
      { path: end(-1, left) },
      { path: end(1, right) },
      { path: knotted },
    ],
    lines: [
      { kind: 'seam', path: cuff(-1, left) },
      { kind: 'seam', path: cuff(1, right) },
      { kind: 'fold', path: crease },
      { kind: 'fold', path: mirrorPath(crease) },
    ],
    dots: [],
  };
}
