import type { Body, BodyMeasure } from '../figure';
import { CATEGORY, type Piece } from '../piece';
import { FIT_POINTS, type FitPoint, hangsBy, type LabelPoint, SIZE_STEP } from './ease';
import type { FitVerdict } from './fit';
import type { LabelOffset } from './label-offset';
import type { Fitted } from './size';
import { type Interval, midOf, type SizeMeaning } from './sizes';

const POINT: { readonly [name in BodyMeasure]?: LabelPoint } = {
  bust: 'bust',
  waist: 'waist',
  hip: 'hip',
  insideLegLength: 'length',
  neck: 'neck',
  footLength: 'foot',
  headGirth: 'head',
  handGirth: 'hand',
  fingerMm: 'finger',
};

/** How far outside of what a size is meant for a body may be and still wear it, mm: close, and roomy. */
interface Near {
  readonly above: number;
  readonly below: number;
}
/** Half a size of the tables. Working values of the trade, no source. */
const NEAR_CLOTHES: Near = { above: 20, below: 40 };
/** The loose side of clothes does less harm: a size more is roomy, two are too big. */
const NEAR: { readonly [point in LabelPoint]?: Near } = {
  length: { above: 25, below: 50 },
  neck: { above: 5, below: 15 },
  foot: { above: 3.4, below: 3.4 },
  head: { above: 7.5, below: 5 },
  hand: { above: 6, below: 10 },
  finger: { above: 0.7, below: 1.3 },
};
/** Cloth that gives lets a body be so much larger, as share of what it gives. */
const OF_STRETCH = 0.25;

export interface LabelFit {
  readonly verdict: FitVerdict;
  readonly point: LabelPoint;
  /** What the size is meant for at the point, mm. */
  readonly meantMm: Interval;
  /** From the body to the middle of what the size is meant for, mm: above 0 the size is the larger. */
  readonly off: number;
  readonly chart: string;
  readonly learned?: LabelOffset[FitPoint];
}

/** The points of a label that a kind of piece turns on: a full skirt goes by the waist alone. */
function turnsOn(piece: Fitted): ReadonlySet<LabelPoint> | undefined {
  const { shape } = CATEGORY[piece.category];
  const flares = isFlared(piece);
  if (shape === 'upper') return new Set(['bust', 'neck']);
  if (shape === 'lower') return new Set(flares ? ['waist'] : ['waist', 'hip', 'length']);
  if (shape === 'whole') return new Set(flares ? ['bust', 'waist'] : ['bust', 'waist', 'hip']);
  return undefined;
}

const FLARED: readonly (Piece['cut']['silhouette'] | undefined)[] = ['full', 'a-line', 'fit-and-flare'];
const isFlared = ({ volume, cut }: Fitted): boolean => volume === 'full' || FLARED.includes(cut.silhouette);

/**
 * How a size fits by what its label is meant for, where nobody measured the garment. The tightest point decides when one
 * is tight; else the point the kind hangs by. Undefined where the label says nothing of such a piece.
 */
export function labelFit(
  piece: Fitted,
  meaning: SizeMeaning,
  body: Body,
  offset: LabelOffset = {},
): LabelFit | undefined {
  const wanted = turnsOn(piece);
  let decides: LabelFit | undefined;
  let tightest = 0;
  const hangs = hangsBy(piece.category);
  for (const [name, printed] of Object.entries(meaning.body) as [BodyMeasure, Interval][]) {
    const point = POINT[name];
    if (!point || (wanted && !wanted.has(point))) continue;
    const learned = isFitPoint(point) ? offset[point] : undefined;
    // What came back says whom a label is really meant for.
    const shift = learned && isFitPoint(point) ? learned.steps * SIZE_STEP[point] : 0;
    const meant: Interval = [printed[0] + shift, printed[1] + shift];
    const near = NEAR[point] ?? NEAR_CLOTHES;
    const gives =
      point === 'length' || !wanted ? 0 : (body[name] * piece.fabric.stretchPct * OF_STRETCH) / 100;
    const top = meant[1] + gives;
    const over = (body[name] - top) / near.above;
    const found: LabelFit = {
      verdict: verdictOf(body[name], [meant[0], top], near),
      point,
      meantMm: meant,
      off: midOf(meant) - body[name],
      chart: meaning.chart,
      ...(learned ? { learned } : {}),
    };
    if (over >= 0 && over >= tightest) {
      decides = found;
      tightest = Math.max(over, Number.EPSILON);
    } else if (tightest === 0 && (!decides || point === hangs)) decides = found;
  }
  return decides;
}

const isFitPoint = (point: LabelPoint): point is LabelPoint & FitPoint =>
  (FIT_POINTS as readonly string[]).includes(point);

function verdictOf(own: number, [from, below]: Interval, near: Near): FitVerdict {
  if (own >= below + near.above) return 'too small';
  if (own >= below) return 'close';
  if (own >= from) return 'right';
  return own >= from - near.below ? 'roomy' : 'too big';
}
