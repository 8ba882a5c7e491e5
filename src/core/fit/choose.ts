import type { Body } from '../figure';
import type { Schools } from '../client';
import { CATEGORY, type MeasureOrigins, type Measures, type Piece } from '../piece';
import { labelFit } from './by-label';
import type { Fit, FitVerdict, Workaround } from './fit';
import { wearable } from './fit';
import type { LabelOffset } from './label-offset';
import { type Fitted, type SizeFit, sizeFit } from './size';
import { isOneSize, readSize, type SizeContext } from './sizes';

export interface SizeOffer {
  readonly variantId: string;
  readonly size: string;
  readonly measures: Measures;
  readonly origins: MeasureOrigins;
  /** Units on the shelf now. */
  readonly free: number;
  /** How its label counts; absent: by what the number can be. */
  readonly system?: SizeContext['system'];
}

/** A piece as fit looks at it. */
export type ToFit = Fitted & Pick<Piece, 'department'>;

/** A fit with how far it is from the middle of what is wanted, mm, and every point that was compared. */
export interface OfferFit extends Fit {
  readonly off: number;
  readonly points?: SizeFit['points'] | undefined;
}

/** Order in which verdicts are taken: a little roomy rather than a little close. */
const FIT_ORDER: Readonly<Record<FitVerdict, number>> = {
  right: 0,
  roomy: 1,
  close: 2,
  'too big': 3,
  'too small': 4,
};

/** Fit of one size of a garment on a body: by its own measures, else by what its label is meant for. */
export function fitOf(
  piece: ToFit,
  { size, measures, origins, system }: Pick<SizeOffer, 'size' | 'measures' | 'origins' | 'system'>,
  body: Body,
  offset?: LabelOffset,
  small?: SizeContext['small'],
): OfferFit {
  const found = sizeFit(piece, measures, origins, body, offset);
  if (found.decides) {
    const { point, easeMm, wantedMm } = found.decides;
    return {
      size,
      verdict: found.verdict,
      origin: found.basis === 'estimated' ? 'estimated' : 'given',
      point,
      easeMm,
      wantedMm,
      learned: found.learned,
      off: easeMm - (wantedMm[0] + wantedMm[1]) / 2,
      points: found.points,
    };
  }
  const { category, department } = piece;
  const meaning = isOneSize(size) ? undefined : readSize(size, { category, department, system, small });
  const read = meaning && labelFit(piece, meaning, body, offset);
  if (!read) return { size, verdict: 'right', off: 0 };
  const { off, ...said } = read;
  return { size, origin: 'chart', ...said, off };
}

/** A size chosen among those on the shelf. */
export interface SizeChoice extends OfferFit {
  readonly offer: SizeOffer;
}

/** Cloth that gives so much lets a client go down a size. */
const GIVES_PCT = 8;

export interface Choosing {
  readonly school?: Schools['size'] | undefined;
  readonly offset?: LabelOffset | undefined;
  /** What a small bare number counts by in this shop. */
  readonly small?: SizeContext['small'];
}

/**
 * The size of a garment to send among those on the shelf; undefined when all are gone. Between two sizes that both may
 * be worn the school decides; out of the right size the nearest is taken, with what makes it work.
 */
export function chooseSize(
  piece: ToFit,
  sizes: readonly SizeOffer[],
  body: Body,
  { school = 'true', offset, small }: Choosing = {},
): SizeChoice | undefined {
  const ranked = sizes
    .map((offer): SizeChoice => ({ offer, ...fitOf(piece, offer, body, offset, small) }))
    .sort((a, b) => FIT_ORDER[a.verdict] - FIT_ORDER[b.verdict] || Math.abs(a.off) - Math.abs(b.off));
  const [wanted] = ranked;
  const free = ranked.filter(({ offer }) => offer.free > 0);
  const [best] = free;
  if (!best || !wanted) return undefined;
  const other = besides(best, free);
  const pair = other && between(piece, best, other, school, offset);
  if (pair?.between.took) return { ...pair.choice, between: pair.between };
  const chosen = pair ? { ...best, between: pair.between } : best;
  return FIT_ORDER[best.verdict] > FIT_ORDER[wanted.verdict]
    ? { ...chosen, instead: { size: wanted.size, works: workaroundOf(piece, chosen) } }
    : chosen;
}

/** The other size a client stands between: as good to wear as the best, and on the other side of the middle. */
const besides = (best: SizeChoice, free: readonly SizeChoice[]): SizeChoice | undefined =>
  free.find(
    (each) =>
      each !== best &&
      wearable(each) &&
      wearable(best) &&
      (each.verdict === 'right') === (best.verdict === 'right') &&
      Math.sign(each.off) !== Math.sign(best.off) &&
      !sameGirth(each, best),
  );
/** Sizes of one girth are lengths of one size: nobody stands between them. */
const GIRTHS = ['bust', 'hip'] as const;

/** True for two sizes that differ in length alone. */
export const sameGirth = (a: SizeChoice, b: SizeChoice): boolean =>
  a.origin !== 'chart' && GIRTHS.every((name) => a.offer.measures[name] === b.offer.measures[name]);

/** Two sizes a client stands between, and which of them the school takes, where it has a say. */
function between(
  piece: ToFit,
  best: SizeChoice,
  other: SizeChoice,
  school: Schools['size'],
  offset: LabelOffset | undefined,
): { readonly choice: SizeChoice; readonly between: NonNullable<Fit['between']> } {
  const [smaller, larger] = best.off < other.off ? [best, other] : [other, best];
  const sizes = [smaller.size, larger.size] as const;
  const runsLarge = Object.values(offset ?? {}).some((each) => (each?.steps ?? 0) > 0);
  const gives = piece.fabric.stretchPct >= GIVES_PCT;
  if (school === 'down when generous' && (gives || runsLarge))
    return { choice: smaller, between: { sizes, took: 'smaller', why: gives ? 'gives' : 'runs large' } };
  if (school === 'up to layer' && CATEGORY[piece.category].slot === 'layer')
    return { choice: larger, between: { sizes, took: 'larger', why: 'to layer' } };
  return { choice: best, between: { sizes } };
}

/** What makes a size work that is not the right one; plainly nothing when nothing does. Common practice, no source. */
export function workaroundOf(
  piece: Pick<Piece, 'category'>,
  { verdict, points = [] }: Pick<OfferFit, 'verdict' | 'points'>,
): Workaround {
  const { shape } = CATEGORY[piece.category];
  if (shape === 'shoe') return verdict === 'roomy' ? 'insole' : 'none';
  if (CATEGORY[piece.category].sizedBy === 'head') return verdict === 'roomy' ? 'hat strip' : 'none';
  if (verdict === 'roomy' || verdict === 'too big') {
    const loose = points.filter((each) => each.verdict === 'roomy' || each.verdict === 'too big');
    if (loose.some(({ point }) => point === 'sleeve')) return 'roll the sleeves';
    if (shape === 'lower') return verdict === 'roomy' ? 'belt notch' : 'take in the waist';
    return verdict === 'roomy' ? 'belt or open layer' : 'take in';
  }
  if (verdict !== 'close') return 'none';
  // Nobody wears trousers or a dress open.
  return shape === 'upper' ? 'worn open' : 'as it is';
}

/** A garment as it is in one of its sizes. */
export const inSize = (
  piece: Piece,
  { measures, origins }: Pick<SizeOffer, 'measures' | 'origins'>,
): Piece => ({
  ...piece,
  measures: { ...piece.measures, ...measures },
  origins: { ...piece.origins, ...origins },
});
