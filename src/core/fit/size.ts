import type { Body } from '../figure';
import { CATEGORY, type MeasureOrigins, type Measures, type Origin, type Piece } from '../piece';

export type FitVerdict = 'too small' | 'close' | 'right' | 'roomy' | 'too big';
export type FitPoint = 'bust' | 'waist' | 'hip' | 'thigh' | 'upper arm' | 'sleeve' | 'shoulder';

export interface PointFit {
  readonly point: FitPoint;
  readonly easeMm: number;
  readonly wantedMm: readonly [number, number];
  readonly verdict: FitVerdict;
}

export interface SizeFit {
  readonly verdict: FitVerdict;
  /** The point that decides, absent when nothing could be compared. */
  readonly decides?: PointFit | undefined;
  readonly points: readonly PointFit[];
  /** Where the verdict rests on: `estimated` body or `chart` garment measures make it softer. */
  readonly basis: Origin;
}

/** Slack beyond the wanted ease before a size is called too small or too big, mm. */
const TIGHT = 25;
const LOOSE = 70;

/** Wanted ease (garment less body, mm) by volume at the bust of a top. Common practice of pattern drawing. */
const BUST_EASE = { close: [-40, 60], easy: [50, 150], full: [130, 340] } as const;
const HIP_EASE = { close: [0, 60], easy: [20, 120], full: [60, 400] } as const;
const LAYER_MORE = 50;

type Row = readonly [
  point: FitPoint,
  garment: number | undefined,
  body: number,
  wanted: readonly [number, number],
  origin: Origin | undefined,
];

/**
 * How a size fits a body, point by point. Ease is garment less body; stretch allows the garment to be
 * smaller by half of what the cloth gives. The tightest point decides when something is tight; else the
 * point the category hangs by.
 */
export function sizeFit(
  piece: Pick<Piece, 'category' | 'volume' | 'fabric' | 'cut'>,
  measures: Measures,
  origins: MeasureOrigins,
  body: Body,
): SizeFit {
  const facts = CATEGORY[piece.category];
  const points: PointFit[] = [];
  const rows = rowsFor(piece, measures, origins, body);
  for (const [point, garment, own, wanted, origin] of rows) {
    if (garment === undefined || origin === 'defaulted') continue;
    const give = point === 'sleeve' || point === 'shoulder' ? 0 : (own * piece.fabric.stretchPct) / 200;
    const range: readonly [number, number] = [Math.round(wanted[0] - give), wanted[1]];
    const easeMm = Math.round(garment - own);
    points.push({ point, easeMm, wantedMm: range, verdict: verdictOf(easeMm, range) });
  }
  const basis =
    body.origins[facts.shape === 'lower' ? 'hip' : 'bust'] === 'estimated' ? 'estimated' : 'given';
  const tight = points
    .filter((p) => p.verdict === 'too small' || p.verdict === 'close')
    .sort((a, b) => a.easeMm - a.wantedMm[0] - (b.easeMm - b.wantedMm[0]))[0];
  const decides = tight ?? points[0];
  return { verdict: decides?.verdict ?? 'right', decides, points, basis };
}

function verdictOf(ease: number, [from, to]: readonly [number, number]): FitVerdict {
  if (ease < from - TIGHT) return 'too small';
  if (ease < from) return 'close';
  if (ease <= to) return 'right';
  return ease <= to + LOOSE ? 'roomy' : 'too big';
}

function rowsFor(
  piece: Pick<Piece, 'category' | 'volume' | 'cut'>,
  m: Measures,
  o: MeasureOrigins,
  body: Body,
): Row[] {
  const { shape, slot } = CATEGORY[piece.category];
  const more = slot === 'layer' ? LAYER_MORE : 0;
  const plus = ([a, b]: readonly [number, number], by: number): readonly [number, number] => [a + by, b + by];
  const sleeve: Row[] =
    piece.cut.sleeve === 'long' ? [['sleeve', m.sleeve, body.armLength, [-15, 60], o.sleeve]] : [];
  if (shape === 'upper') {
    return [
      ['bust', m.bust, body.bust, plus(BUST_EASE[piece.volume], more), o.bust],
      ['shoulder', m.shoulder, body.shoulderWidth, [-25, 60], o.shoulder],
      ...sleeve,
    ];
  }
  if (shape === 'whole') {
    return [
      ['bust', m.bust, body.bust, BUST_EASE[piece.volume], o.bust],
      ['waist', m.waist, body.waist, piece.volume === 'close' ? [0, 80] : [20, 260], o.waist],
      ['hip', m.hip, body.hip, [0, 600], o.hip],
      ...sleeve,
    ];
  }
  if (shape === 'lower') {
    return [
      ['hip', m.hip, body.hip, piece.category === 'leggings' ? [-160, 20] : HIP_EASE[piece.volume], o.hip],
      ['waist', m.waist, body.waist, piece.category === 'leggings' ? [-140, 20] : [-10, 50], o.waist],
    ];
  }
  return [];
}

/** European shoe size of a foot length in mm: the Paris point, (foot + 15) / 6.667. Common practice. */
export const euShoeSize = (footMm: number): number => Math.round(((footMm + 15) / 6.667) * 2) / 2;

/** How a shoe of a European size fits a foot. */
export function shoeFit(size: number, footMm: number): FitVerdict {
  const off = size - euShoeSize(footMm);
  if (off <= -1) return 'too small';
  if (off < 0) return 'close';
  if (off <= 0.5) return 'right';
  return off <= 1 ? 'roomy' : 'too big';
}

/** A fit in one line: "close at the hip (+6 mm; 20 to 120 wanted)". */
export function fitWords({ verdict, decides }: SizeFit): string {
  if (!decides) return 'Fit not measured';
  const sign = decides.easeMm >= 0 ? `+${decides.easeMm}` : `−${Math.abs(decides.easeMm)}`;
  const word = decides.point === 'sleeve' && verdict === 'too small' ? 'too short' : verdict;
  return `${word[0]?.toUpperCase()}${word.slice(1)} at the ${decides.point} (${sign} mm; ${decides.wantedMm[0]} to ${decides.wantedMm[1]} wanted)`;
}
