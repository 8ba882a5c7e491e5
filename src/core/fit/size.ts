import type { Body } from '../figure';
import { memo } from '../memo';
import { type MeasureName, type MeasureOrigins, type Measures, type Origin, type Piece } from '../piece';
import { FIT_POINTS, type FitPoint, hangsBy, SIZE_STEP, wantedEase, type Wanted } from './ease';
import type { FitVerdict } from './fit';
import type { LabelOffset } from './label-offset';

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
const RIGID: ReadonlySet<FitPoint> = new Set(['sleeve', 'shoulder', 'length']);

/** What of a piece its ease depends on. */
export type Fitted = Pick<Piece, 'category' | 'volume' | 'fabric' | 'cut' | 'slot'>;

/** The points that say something of a piece, worked out once for all its sizes. */
const wantedOf = memo((piece: Fitted): (readonly [FitPoint, Wanted])[] =>
  FIT_POINTS.flatMap((point) => {
    const wanted = wantedEase(piece, point);
    return wanted ? [[point, wanted] as const] : [];
  }),
);

/**
 * How a size fits a body, point by point. Ease is garment less body; stretch allows the garment to be
 * smaller by half of what the cloth gives; what clients taught of a label moves the ease by so much of a size. The
 * tightest point decides when something is tight; else the point the category hangs by.
 */
export function sizeFit(
  piece: Fitted,
  measures: Measures,
  origins: MeasureOrigins,
  body: Body,
  offset: LabelOffset = {},
): SizeFit {
  const hangs = hangsBy(piece.category);
  const points: PointFit[] = [];
  let tightest: PointFit | undefined;
  let usual: PointFit | undefined;
  for (const [point, wanted] of wantedOf(piece)) {
    const [own, name] = MEETS[point];
    const garment = measures[name];
    if (garment === undefined || origins[name] === 'defaulted') continue;
    // A point that only the figure's proportions give says nothing a stylist could act on.
    if (ESTIMATED_SAYS_NOTHING.has(point) && body.origins[own] === 'estimated') continue;
    const give = RIGID.has(point) ? 0 : (body[own] * piece.fabric.stretchPct) / 200;
    const least = Math.round(wanted[0] - give);
    const easeMm = Math.round(garment - body[own] + (offset[point]?.steps ?? 0) * SIZE_STEP[point]);
    // A leg that ends so far up was cut to.
    if (point === 'length' && easeMm < least) continue;
    const wantedMm: Wanted = [least, wanted[1]];
    const found: PointFit = { point, easeMm, wantedMm, verdict: verdictOf(easeMm, wantedMm) };
    points.push(found);
    if (easeMm < least && (!tightest || easeMm - least < tightest.easeMm - tightest.wantedMm[0]))
      tightest = found;
    if (point === hangs) usual = found;
  }
  const decides = tightest ?? usual ?? points[0];
  const learned = decides && offset[decides.point];
  return {
    verdict: decides?.verdict ?? 'right',
    decides,
    points,
    basis: body.origins[hangs] === 'estimated' ? 'estimated' : 'given',
    ...(learned ? { learned } : {}),
  };
}
const ESTIMATED_SAYS_NOTHING: ReadonlySet<FitPoint> = new Set(['thigh', 'upper arm', 'length']);

function verdictOf(ease: number, [from, to]: Wanted): FitVerdict {
  if (ease < from - TIGHT) return 'too small';
  if (ease < from) return 'close';
  if (ease <= to) return 'right';
  return ease <= to + LOOSE ? 'roomy' : 'too big';
}
