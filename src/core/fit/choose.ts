import type { Body } from '../figure';
import type { Schools } from '../client';
import type { LabelOffset } from './label-offset';
import { CATEGORY, type MeasureOrigins, type Measures, type Piece } from '../piece';
import { chartFit } from './chart';
import { euShoeSize, hatFit, hatSize, shoeFit } from './shoes';
import { type FitVerdict, fitWords, type SizeFit, sizeFit } from './size';

export interface SizeOffer {
  readonly variantId: string;
  readonly size: string;
  readonly measures: Measures;
  readonly origins: MeasureOrigins;
  /** Units on the shelf now. */
  readonly free: number;
}

/** How one size fits, in a word and a line; `off` is how far it is from the middle of what is wanted. */
export interface OfferFit {
  readonly verdict: FitVerdict;
  readonly fit: string;
  readonly off: number;
  readonly points?: SizeFit['points'] | undefined;
}

/** True where a size may be worn, be it a little close or roomy. */
export const wearable = ({ verdict }: { readonly verdict: FitVerdict }): boolean =>
  verdict !== 'too small' && verdict !== 'too big';

/** Order in which verdicts are taken: a little roomy rather than a little close. */
const FIT_ORDER: Readonly<Record<FitVerdict, number>> = {
  right: 0,
  roomy: 1,
  close: 2,
  'too big': 3,
  'too small': 4,
};

/** A fit that is put into words only when somebody reads it: of a run one size is shown. */
interface Measured extends Omit<OfferFit, 'fit'> {
  readonly say: () => string;
}

function measured(
  piece: Piece,
  { size, measures, origins }: Pick<SizeOffer, 'size' | 'measures' | 'origins'>,
  body: Body,
  offset?: LabelOffset,
): Measured {
  const { shape } = CATEGORY[piece.category];
  const number = Number(size);
  if (shape === 'shoe' && Number.isFinite(number)) {
    const verdict = shoeFit(number, body.footLength);
    return {
      verdict,
      say: () => `Size ${size} on a foot of ${Math.round(body.footLength)} mm: ${verdict}`,
      off: number - euShoeSize(body.footLength),
    };
  }
  if (piece.category === 'hat' && number >= 48 && number <= 68) {
    const verdict = hatFit(number, body.headGirth);
    return {
      verdict,
      say: () => `Size ${size} on a head of ${hatSize(body.headGirth).cm} cm: ${verdict}`,
      off: number - body.headGirth / 10,
    };
  }
  const found = sizeFit(piece, measures, origins, body, offset);
  const { decides } = found;
  if (!decides) {
    const { fit, ...chart } = chartFit(piece.category, size, body) ?? UNMEASURED;
    return { ...chart, say: () => fit };
  }
  return {
    verdict: found.verdict,
    say: () => fitWords(found),
    off: decides.easeMm - (decides.wantedMm[0] + decides.wantedMm[1]) / 2,
    points: found.points,
  };
}
const UNMEASURED: OfferFit = { verdict: 'right', fit: 'Fit not measured', off: 0 };

const said = ({ say, ...fit }: Measured): OfferFit => ({ ...fit, fit: say() });

/** Fit of one size of a garment on a body. Shoes go by the foot, hats by the head, an unmeasured garment by its letter. */
export const fitOf = (
  piece: Piece,
  size: Pick<SizeOffer, 'size' | 'measures' | 'origins'>,
  body: Body,
  offset?: LabelOffset,
): OfferFit => said(measured(piece, size, body, offset));

/** A size chosen among those on the shelf. */
export interface SizeChoice extends OfferFit {
  readonly size: SizeOffer;
  /** Said when the client stands between two sizes and a school decided. */
  readonly between?: string | undefined;
  /** Said when the size that fits is gone: what makes this one work, or that nothing does. */
  readonly instead?: string | undefined;
}

/** A choice in a line: how it fits, what was decided between two sizes, what makes it work. */
export const choiceWords = ({ fit, between, instead }: SizeChoice): string =>
  [fit, between, instead].filter(Boolean).join('. ');

/** Cloth that gives so much lets a client go down a size. */
const GIVES_PCT = 8;

/**
 * The size of a garment to send among those on the shelf; undefined when all are gone. Between two sizes that both may
 * be worn the school decides; out of the right size the nearest is taken, with what makes it work.
 */
export function chooseSize(
  piece: Piece,
  sizes: readonly SizeOffer[],
  body: Body,
  school: Schools['size'] = 'true',
  offset?: LabelOffset,
): SizeChoice | undefined {
  const tried = sizes.map((size): Tried => ({ size, ...measured(piece, size, body, offset) }));
  const ranked = tried.sort(
    (a, b) => FIT_ORDER[a.verdict] - FIT_ORDER[b.verdict] || Math.abs(a.off) - Math.abs(b.off),
  );
  const [wanted] = ranked;
  const free = ranked.filter(({ size }) => size.free > 0);
  const [best] = free;
  if (!best || !wanted) return undefined;
  const other = besides(best, free);
  const bySchool = other && decided(piece, best, other, school, offset);
  if (bySchool) return { ...spoken(bySchool.tried), between: bySchool.says };
  const chosen = spoken(best);
  return FIT_ORDER[best.verdict] > FIT_ORDER[wanted.verdict]
    ? { ...chosen, instead: `Size ${wanted.size.size} would fit and is gone. ${makesItWork(piece, chosen)}` }
    : chosen;
}

const spoken = ({ size, ...fit }: Tried): SizeChoice => ({ size, ...said(fit) });

type Tried = Measured & { readonly size: SizeOffer };

/** The other size a client stands between: worn too, and on the other side of the middle. */
const besides = (best: Tried, free: readonly Tried[]): Tried | undefined =>
  free.find(
    (each) =>
      each !== best &&
      wearable(each) &&
      wearable(best) &&
      Math.sign(each.off) !== Math.sign(best.off) &&
      GIRTHS.some((name) => each.size.measures[name] !== best.size.measures[name]),
  );
/** Sizes of one girth are lengths of one size: nobody stands between them. */
const GIRTHS = ['bust', 'hip'] as const;

/** Which of two sizes the school takes, and why; undefined where it has no say. */
function decided(
  piece: Piece,
  best: Tried,
  other: Tried,
  school: Schools['size'],
  offset: LabelOffset | undefined,
): { readonly tried: Tried; readonly says: string } | undefined {
  const [smaller, larger] = best.off < other.off ? [best, other] : [other, best];
  const runsLarge = Object.values(offset ?? {}).some((each) => (each?.steps ?? 0) > 0);
  const gives = piece.fabric.stretchPct >= GIVES_PCT;
  const pair = `Between ${smaller.size.size} and ${larger.size.size}`;
  if (school === 'down when generous' && (gives || runsLarge))
    return {
      tried: smaller,
      says: `${pair} the smaller was chosen, as ${gives ? 'the cloth gives' : 'the label runs large'}; try ${larger.size.size} if it sits too close`,
    };
  if (school === 'up to layer' && CATEGORY[piece.category].slot === 'layer')
    return {
      tried: larger,
      says: `${pair} the larger was chosen, for what goes beneath; try ${smaller.size.size} if it sits too wide`,
    };
  return undefined;
}

/** What makes a size work that is not the right one; plainly nothing when nothing does. Common practice, no source. */
export function makesItWork(piece: Piece, { verdict, points = [] }: OfferFit): string {
  const { shape } = CATEGORY[piece.category];
  const loose = points.filter((each) => each.verdict === 'roomy' || each.verdict === 'too big');
  if (shape === 'shoe')
    return verdict === 'roomy'
      ? 'An insole or a heel strip takes up the room.'
      : 'Nothing makes this one work.';
  if (piece.category === 'hat')
    return verdict === 'roomy' ? 'A sizer strip takes up the room.' : 'Nothing makes this one work.';
  if (verdict === 'roomy' || verdict === 'too big') {
    if (loose.some(({ point }) => point === 'sleeve')) return 'Roll the sleeves, or have them shortened.';
    if (shape === 'lower')
      return verdict === 'roomy'
        ? 'One more notch of a belt takes it in.'
        : 'It can be taken in at the waist.';
    if (verdict === 'roomy') return 'A belt or an open layer takes the room up.';
    return 'It can be taken in.';
  }
  if (verdict === 'close') return 'Worn open, or without anything beneath, it works.';
  return 'Nothing makes this one work.';
}
