import { CATEGORY, type Category, type Piece, sleeveOf } from '../piece';

export const FIT_POINTS = [
  'bust',
  'waist',
  'hip',
  'thigh',
  'upper arm',
  'shoulder',
  'sleeve',
  'length',
] as const;
export type FitPoint = (typeof FIT_POINTS)[number];

/** Points a label is read at, where nobody measured the garment. */
export type LabelPoint = 'bust' | 'waist' | 'hip' | 'length' | 'neck' | 'foot' | 'head' | 'hand' | 'finger';

/** True for kinds that are cut to a body: their sizes run small or large at a point of it. */
export const isCutToBody = (category: Category): boolean =>
  ['upper', 'lower', 'whole'].includes(CATEGORY[category].shape);

/** Least and most ease that is wanted (garment less body), mm. */
export type Wanted = readonly [least: number, most: number];

/** The point a kind of piece hangs by: it decides where nothing is tight, and is meant where nobody said where. */
export const hangsBy = (category: Category): 'hip' | 'bust' =>
  CATEGORY[category].shape === 'lower' ? 'hip' : 'bust';

/** Ease at the bust of a top by its volume. Common practice of pattern drawing, no source. */
const BUST = { close: [-40, 60], easy: [50, 150], full: [130, 340] } as const;
const HIP = { close: [0, 60], easy: [20, 120], full: [60, 400] } as const;
const THIGH = { close: [0, 60], easy: [40, 160], full: [80, 420] } as const;
const UPPER_ARM = { close: [0, 70], easy: [30, 130], full: [60, 320] } as const;
/** An elastic waist, measured relaxed, stretches and gathers: it spans about two sizes. */
const ELASTIC_WAIST = [-90, 70] as const;
/** A layer goes over something. */
const LAYER_MORE = 50;

/**
 * Wanted ease at a point of a piece, by category, volume and whether it is worn over something; undefined where the
 * point says nothing about the fit of such a piece. Common practice, no source.
 */
export function wantedEase(
  { category, volume, cut, slot: worn }: Pick<Piece, 'category' | 'volume' | 'cut' | 'slot'>,
  point: FitPoint,
): Wanted | undefined {
  const { shape, slot: usual, legs, skirted } = CATEGORY[category];
  // A way of wearing may make a layer of a shirt.
  const slot = worn ?? usual;
  const over = ([least, most]: Wanted): Wanted =>
    slot === 'layer' ? [least + LAYER_MORE, most + LAYER_MORE] : [least, most];
  const legging = legs === 'close';
  const elastic = cut.waistDetail === 'elastic';
  const sleeve = sleeveOf({ category, cut });
  if (shape === 'upper') {
    if (point === 'bust') return over(BUST[volume]);
    if (point === 'upper arm') return sleeve === 'none' ? undefined : over(UPPER_ARM[volume]);
    if (point === 'shoulder') return [-25, 60];
    if (point === 'sleeve') return sleeve === 'long' ? [-15, 60] : undefined;
  }
  if (shape === 'whole') {
    if (point === 'bust') return BUST[volume];
    if (point === 'waist')
      return elastic ? [ELASTIC_WAIST[0], 260] : volume === 'close' ? [0, 80] : [20, 260];
    if (point === 'hip') return [0, 600];
    if (point === 'sleeve') return sleeve === 'long' ? [-15, 60] : undefined;
  }
  if (shape === 'lower') {
    if (point === 'hip') return legging ? [-160, 20] : HIP[volume];
    if (point === 'waist') return legging ? [-140, 20] : elastic ? ELASTIC_WAIST : [-10, 50];
    // In flat shoes to high ones; what ends higher was cut short and is left alone.
    if (point === 'length' && legs === 'long') return [-90, 90];
    if (point === 'thigh' && !skirted) return legging ? [-120, 20] : THIGH[volume];
  }
  return undefined;
}

/** What one size more is at a point, mm: steps of a usual size table. Common practice, from memory. */
export const SIZE_STEP: Readonly<Record<FitPoint, number>> = {
  bust: 40,
  waist: 40,
  hip: 40,
  thigh: 24,
  'upper arm': 14,
  shoulder: 10,
  sleeve: 8,
  length: 20,
};
