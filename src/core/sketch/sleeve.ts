import type { Frame } from '../figure';
import type { Path, Point } from '../path';
import { usualSleeve, type Worn } from '../piece';
import { cornerOf } from './neckline';

export interface SleeveSketch {
  readonly panel: Path;
  readonly cuff: Path;
  readonly folds: readonly Path[];
}

/** Right sleeve from shoulder tip along the arm, or undefined for none. The caller mirrors it. */
export function sleeveOf(frame: Frame, worn: Worn): SleeveSketch | undefined {
  const { piece, measures, mode } = worn;
  const kind = piece.cut.sleeve ?? usualSleeve(piece.category);
  if (kind === 'none') return undefined;
  const { tip, underarm } = cornerOf(frame, worn);
  const rolled = mode.id === 'sleeves-rolled';
  const elbow = frame.body.armLength * 0.56 + 40;
  const length = rolled ? Math.min(elbow, measures.sleeve ?? 600) : (measures.sleeve ?? 600);
  const volume = piece.cut.sleeveVolume ?? (piece.volume === 'full' ? 'easy' : piece.volume);
  const upper = frame.tube(measures.upperArm ?? 340);
  const taper = { close: 0.62, easy: 0.7, full: 1.12 }[volume];
  const short = length < 300;
  const end = Math.max(frame.tube(175), upper * (short ? 0.86 : rolled ? 0.74 : taper));
  // Laid over the shoulders, the sleeves hang empty, outside the arms.
  const empty = mode.id === 'over-shoulders' && !frame.flat;
  const { dx, dy } = empty ? { dx: Math.sin(0.24), dy: Math.cos(0.24) } : frame.arm;
  // Outward normal of the arm line.
  const [nx, ny] = [dy, -dx];
  const at = (along: number, across: number): Point => [
    tip[0] + dx * along + nx * across,
    tip[1] + dy * along + ny * across,
  ];
  // On the figure the sleeve stands off the arm a little.
  const drift = frame.flat ? 0 : 4;
  const crown = at(20, volume === 'full' ? 22 : 7);
  const outer = at(length, drift);
  const inner = at(length, drift - end);
  const gathered = volume === 'full' && !short;
  const outerCurve: Point = gathered ? at(length * 0.82, drift + 20) : at(length * 0.5, drift + 6);
  const cuffDepth = kind === 'long' || rolled ? 34 : 16;
  const [cuffOut, cuffIn] = gathered
    ? [at(length, drift - end * 0.26), at(length, drift - end * 0.78)]
    : [outer, inner];
  const panel: Path = [
    ['M', tip[0] - 8, tip[1] - 1],
    ['Q', crown[0], crown[1], ...at(60, drift + 6)],
    ['Q', outerCurve[0], outerCurve[1], cuffOut[0], cuffOut[1]],
    ['L', cuffIn[0], cuffIn[1]],
    ...(gathered
      ? ([['Q', ...at(length * 0.84, drift - end - 12), underarm[0], underarm[1] + 6]] as const)
      : ([['L', underarm[0], underarm[1] + 6]] as const)),
    ['L', underarm[0] - 40, underarm[1] - 10],
    ['L', tip[0] - 52, (tip[1] + underarm[1]) / 2],
    ['Z'],
  ];
  const back = (p: Point): Point => [p[0] - dx * cuffDepth, p[1] - dy * cuffDepth];
  const [a, b] = [back(cuffOut), back(cuffIn)];
  const cuff: Path = [
    ['M', a[0], a[1]],
    ['L', b[0], b[1]],
  ];
  const fold = (along: number, from: number, to: number): Path => [
    ['M', ...at(along, drift - end * from)],
    ['L', ...at(along + 46, drift - end * to)],
  ];
  const folds = gathered
    ? [0.36, 0.52, 0.68].map((x): Path => [
        ['M', ...at(length - cuffDepth, drift - end * x)],
        ['L', ...at(length - cuffDepth - 90, drift - end * (x * 1.3 - 0.16))],
      ])
    : kind === 'long' && !rolled
      ? [fold(length * 0.5, 0.95, 0.55), fold(length * 0.56, 0.98, 0.6)]
      : [];
  return { panel, cuff, folds };
}
