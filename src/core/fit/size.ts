import type { Body } from '../figure';
import {
  CATEGORY,
  type MeasureName,
  type MeasureOrigins,
  type Measures,
  type Origin,
  type Piece,
} from '../piece';
import { FIT_POINTS, type FitPoint, SIZE_STEP, wantedEase, type Wanted } from './ease';
import type { LabelOffset } from '../learn';

export type FitVerdict = 'too small' | 'close' | 'right' | 'roomy' | 'too big';

export interface PointFit {
  readonly point: FitPoint;
  readonly easeMm: number;
  readonly wantedMm: Wanted;
  readonly verdict: FitVerdict;
}

export interface SizeFit {
  readonly verdict: FitVerdict;
  /** The point that decides, absent when nothing could be compared. */
  readonly decides?: PointFit | undefined;
  readonly points: readonly PointFit[];
  /** Where the verdict rests on: `estimated` body or `chart` garment measures make it softer. */
  readonly basis: Origin;
  /** What the decisions of clients taught of this label, where it moved the point that decides. */
  readonly learned?: LabelOffset[FitPoint];
}

/** Slack beyond the wanted ease before a size is called too small or too big, mm. */
const TIGHT = 25;
const LOOSE = 70;

/** Body measure and garment measure that meet at a point. */
const MEETS: Readonly<
  Record<FitPoint, readonly [body: Exclude<keyof Body, 'origins'>, garment: MeasureName]>
> = {
  bust: ['bust', 'bust'],
  waist: ['waist', 'waist'],
  hip: ['hip', 'hip'],
  thigh: ['thigh', 'thigh'],
  'upper arm': ['upperArm', 'upperArm'],
  shoulder: ['shoulderWidth', 'shoulder'],
  sleeve: ['armLength', 'sleeve'],
  length: ['insideLegLength', 'inseam'],
};
/** Lengths do not stretch to size. */
const RIGID: readonly FitPoint[] = ['sleeve', 'shoulder', 'length'];

/**
 * How a size fits a body, point by point. Ease is garment less body; stretch allows the garment to be
 * smaller by half of what the cloth gives; what clients taught of a label moves the ease by so much of a size. The
 * tightest point decides when something is tight; else the point the category hangs by.
 */
export function sizeFit(
  piece: Pick<Piece, 'category' | 'volume' | 'fabric' | 'cut'>,
  measures: Measures,
  origins: MeasureOrigins,
  body: Body,
  offset: LabelOffset = {},
): SizeFit {
  const points: PointFit[] = [];
  for (const point of FIT_POINTS) {
    const wanted = wantedEase(piece, point);
    const [own, name] = MEETS[point];
    const garment = measures[name];
    if (!wanted || garment === undefined || origins[name] === 'defaulted') continue;
    // A point that only the figure's proportions give says nothing a stylist could act on.
    if (ESTIMATED_SAYS_NOTHING.includes(point) && body.origins[own] === 'estimated') continue;
    const give = RIGID.includes(point) ? 0 : (body[own] * piece.fabric.stretchPct) / 200;
    const range: Wanted = [Math.round(wanted[0] - give), wanted[1]];
    const easeMm = Math.round(garment - body[own] + (offset[point]?.steps ?? 0) * SIZE_STEP[point]);
    // A leg that ends so far up was cut to.
    if (point === 'length' && easeMm < range[0]) continue;
    points.push({ point, easeMm, wantedMm: range, verdict: verdictOf(easeMm, range) });
  }
  const { shape } = CATEGORY[piece.category];
  const basis = body.origins[shape === 'lower' ? 'hip' : 'bust'] === 'estimated' ? 'estimated' : 'given';
  const hangsBy = shape === 'lower' ? 'hip' : 'bust';
  const tight = points
    .filter((p) => p.verdict === 'too small' || p.verdict === 'close')
    .sort((a, b) => a.easeMm - a.wantedMm[0] - (b.easeMm - b.wantedMm[0]))[0];
  const decides = tight ?? points.find(({ point }) => point === hangsBy) ?? points[0];
  return {
    verdict: decides?.verdict ?? 'right',
    decides,
    points,
    basis,
    ...(decides && offset[decides.point] ? { learned: offset[decides.point] } : {}),
  };
}
const ESTIMATED_SAYS_NOTHING: readonly FitPoint[] = ['thigh', 'upper arm', 'length'];

function verdictOf(ease: number, [from, to]: Wanted): FitVerdict {
  if (ease < from - TIGHT) return 'too small';
  if (ease < from) return 'close';
  if (ease <= to) return 'right';
  return ease <= to + LOOSE ? 'roomy' : 'too big';
}

const signed = (mm: number): string => (mm >= 0 ? `+${mm}` : `−${Math.abs(mm)}`);

/** A point's verdict as one says it: a sleeve is too short, not too small. */
export const pointWords = ({ point, verdict }: Pick<PointFit, 'point' | 'verdict'>): string =>
  point === 'sleeve' || point === 'length'
    ? verdict.replace('too small', 'too short').replace('too big', 'too long')
    : verdict;

/** A fit in one line: "close at the hip (+6 mm; 20 to 120 wanted)". */
export function fitWords({ decides, learned }: SizeFit): string {
  if (!decides) return 'Fit not measured';
  const word = pointWords(decides);
  const [least, most] = decides.wantedMm;
  const label = learned ? `; ${offsetWords(learned)}` : '';
  return `${word[0]?.toUpperCase()}${word.slice(1)} at the ${decides.point} (${signed(decides.easeMm)} mm; ${least} to ${most} wanted${label})`;
}

/** "this label runs small by a third of a size, from 4 decisions". */
export const offsetWords = ({ steps, count }: { readonly steps: number; readonly count: number }): string =>
  `this label runs ${steps < 0 ? 'small' : 'large'} by ${Math.abs(steps).toFixed(1)} of a size, from ${count} ${count === 1 ? 'decision' : 'decisions'}`;
