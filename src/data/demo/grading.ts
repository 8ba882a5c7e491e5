import type { Category, MeasureName } from '@core/piece';

/** Size runs of the demo shop: the body each size is cut for, mm. Invented, in steps of a usual table. */
export const RUNS = {
  women: {
    sizes: ['XS', 'S', 'M', 'L', 'XL', 'XXL'],
    bust: [820, 860, 900, 960, 1030, 1110],
    waist: [640, 680, 720, 780, 860, 950],
    hip: [890, 930, 970, 1030, 1100, 1180],
    shoulder: [370, 378, 386, 398, 412, 428],
    upperArm: [262, 274, 288, 308, 332, 360],
  },
  men: {
    sizes: ['S', 'M', 'L', 'XL', 'XXL'],
    bust: [920, 980, 1040, 1110, 1180],
    waist: [780, 840, 900, 980, 1060],
    hip: [930, 980, 1030, 1090, 1160],
    shoulder: [440, 452, 466, 482, 498],
    upperArm: [310, 328, 346, 368, 392],
  },
} as const;
export type Run = keyof typeof RUNS;

/** Ease at bust, waist, hip and upper arm of a kind of piece, mm. */
type Ease = readonly [bust: number, waist: number, hip: number, upperArm: number];
const EASE: Readonly<Record<'close' | 'easy' | 'full', Ease>> = {
  close: [20, 40, 20, 20],
  easy: [90, 120, 70, 60],
  full: [200, 260, 180, 130],
};
const LAYER: Ease = [60, 60, 60, 50];

const LAYERS: readonly Category[] = [
  'cardigan',
  'waistcoat',
  'blazer',
  'jacket',
  'overshirt',
  'coat',
  'raincoat',
];
const LEGS: readonly Category[] = ['trousers', 'jeans', 'leggings', 'shorts', 'skirt'];

export interface Grade {
  readonly run: Run;
  readonly category: Category;
  readonly volume: 'close' | 'easy' | 'full';
  /** Measures of the middle size that do not follow a girth: length, sleeve, inseam and so on. */
  readonly base: Partial<Record<MeasureName, number>>;
}

const NO_GIRTH: readonly MeasureName[] = [
  'heel',
  'platform',
  'hemAllowance',
  'width',
  'lengthFlat',
  'chain',
  'caseMm',
  'shaft',
];

/** Measures of every size of a run, graded from the middle one. */
export function graded({
  run,
  category,
  volume,
  base,
}: Grade): { size: string; measures: Partial<Record<MeasureName, number>> }[] {
  const table = RUNS[run];
  const middle = 2;
  const [bust, waist, hip, arm] = EASE[volume];
  const more = LAYERS.includes(category) ? LAYER : ([0, 0, 0, 0] as const);
  return table.sizes.map((size, i) => {
    const step = i - middle;
    const measures: Partial<Record<MeasureName, number>> = {};
    if (LEGS.includes(category)) {
      measures.waist = (table.waist[i] ?? 720) + (category === 'leggings' ? -60 : 14);
      measures.hip = (table.hip[i] ?? 970) + (category === 'leggings' ? -80 : hip);
      if (category !== 'skirt')
        measures.thigh =
          Math.round((table.hip[i] ?? 970) * 0.57) + (volume === 'full' ? 110 : volume === 'easy' ? 46 : 8);
    } else if (category !== 'bag' && !NO_GIRTH.some((name) => name === 'shaft' && base.shaft)) {
      measures.bust = (table.bust[i] ?? 900) + bust + more[0];
      measures.waist = (table.waist[i] ?? 720) + waist + more[1] + (volume === 'close' ? 10 : 40);
      measures.hip = (table.hip[i] ?? 970) + hip + more[2];
      measures.shoulder =
        (table.shoulder[i] ?? 386) + (volume === 'full' ? 46 : LAYERS.includes(category) ? 16 : 4);
      measures.upperArm = (table.upperArm[i] ?? 288) + arm + more[3];
    }
    for (const [name, mm] of Object.entries(base) as [MeasureName, number][]) {
      const by = NO_GIRTH.includes(name)
        ? 0
        : name === 'hemWidth' || name === 'legOpening'
          ? step * 22
          : name === 'inseam'
            ? step * 3
            : step * 9;
      measures[name] = Math.round(mm + by);
    }
    return { size, measures };
  });
}
