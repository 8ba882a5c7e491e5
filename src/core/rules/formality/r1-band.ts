import type { CategoryFacts, Worn } from '../../piece';
import { memo } from '../../memo';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import type { Count } from '../reads';

const WEIGHT: Readonly<Record<CategoryFacts['part'], number>> = {
  main: 0.45,
  shoes: 0.25,
  layer: 0.15,
  bag: 0.1,
  jewels: 0.05,
  none: 0,
};

const PARTS = (Object.keys(WEIGHT) as CategoryFacts['part'][]).filter((part) => WEIGHT[part] > 0);

/** Formality of one worn piece, 0..10, with what lifts or lowers it. */
export const formalityOf = memo((worn: Worn): number => {
  const { piece, mode } = worn;
  let level = piece.formality;
  const knit = piece.category.endsWith('knit') || piece.category === 'cardigan';
  if (knit && piece.cut.neckline === 'collar') level += 0.5;
  if (piece.fabric.texture === 'velvet') level += 0.5;
  if (piece.category === 'bag') {
    if (piece.structure >= 2) level += 0.5;
    if (mode.id === 'short-strap' || mode.id === 'hand-carried') level += 1;
    if (mode.id === 'crossbody') level -= 1;
  }
  return Math.min(10, Math.max(0, level));
});

/** Place of each piece's part among `PARTS`; −1 for one that has no say. */
const partOf = (worn: Worn): number => PARTS.indexOf(worn.facts.part);

/** Formality of a look: parts by weight, the weight of absent parts shared out. */
export function lookFormality(pieces: readonly Worn[]): number | undefined {
  const [sums, counts] = [PARTS.map(() => 0), PARTS.map(() => 0)];
  for (const worn of pieces) {
    const part = partOf(worn);
    if (part < 0) continue;
    sums[part] = (sums[part] as number) + formalityOf(worn);
    counts[part] = (counts[part] as number) + 1;
  }
  return weighed(sums, counts);
}

/** The level of a look from the sum of levels and the number of pieces of each part. */
function weighed(sums: ArrayLike<number>, counts: ArrayLike<number>): number | undefined {
  let [sum, weight] = [0, 0];
  for (let part = 0; part < PARTS.length; part++) {
    if (counts[part] === 0) continue;
    const its = WEIGHT[PARTS[part] as CategoryFacts['part']];
    sum += its * ((sums[part] as number) / (counts[part] as number));
    weight += its;
  }
  return weight === 0 ? undefined : sum / weight;
}

type Band = readonly [lo: number, hi: number];

/** How far a level lies outside a band. */
const missOf = (level: number, [lo, hi]: Band): number =>
  level < lo ? lo - level : level > hi ? level - hi : 0;

const toneOf = (miss: number, slack: number): 'works' | 'note' | 'fights' =>
  miss === 0 ? 'works' : miss < slack ? 'note' : 'fights';

const words = wording({
  right: ({ occasion }: { occasion: string }, say) => `Right for ${say.event(occasion)}.`,
  casual: ({ occasion }: { occasion: string }, say) =>
    `Too casual for ${say.event(occasion)}${say.count > 0 ? `; ${say.the()} ${say.verb('bring')} it down most` : ''}.`,
  dressed: ({ occasion }: { occasion: string }, say) =>
    `Too dressed up for ${say.event(occasion)}${say.count > 0 ? `; ${say.the()} ${say.verb('take')} it up most` : ''}.`,
});

/** R1: is the look dressed for the occasion? */
export const band = defineRule({
  id: 'R1',
  facet: 'R',
  title: 'Formality band',
  question: 'Is the look as formal as the occasion?',
  thresholds: {
    slack: { value: 0.5, unit: 'levels', says: 'A miss below this is only a note.', min: 0, max: 2 },
  },
  words,
  reads: ({ occasion }, at) =>
    occasion ? { tally: (pool) => tallyLevels(pool, occasion.formality, at.slack) } : 'nothing',
  find({ pieces, occasion }, at) {
    if (!occasion) return [];
    const level = lookFormality(pieces);
    if (level === undefined) return [];
    const [lo, hi] = occasion.formality;
    const measured = { value: level, unit: 'levels', least: lo, most: hi } as const;
    const params = { occasion: occasion.title };
    const miss = missOf(level, occasion.formality);
    if (miss === 0) return [{ code: 'right', tone: 'works', pieces: [], measured, params }];
    const tooLow = level < lo;
    const order = [...pieces]
      .filter((worn) => WEIGHT[worn.facts.part] > 0)
      .sort((a, b) => formalityOf(a) - formalityOf(b));
    const culprit = tooLow ? order[0] : order[order.length - 1];
    return [
      {
        code: tooLow ? 'casual' : 'dressed',
        tone: toneOf(miss, at.slack),
        pieces: culprit ? ids(culprit) : [],
        measured,
        params,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A tee, jeans and sneakers at a ceremony',
        look: [
          { id: 'tee', category: 'tee', colours: [{ hex: '#fbfbf9', share: 1 }] },
          { id: 'jeans', category: 'jeans', colours: [{ hex: '#31435c', share: 1 }] },
          { id: 'shoes', category: 'sneaker', colours: [{ hex: '#fbfbf9', share: 1 }] },
        ],
        occasion: { title: 'the ceremony', formality: [5, 8] },
        expect: 'fights',
      },
      {
        title: 'The same at a weekend market',
        look: [
          { id: 'tee', category: 'tee', colours: [{ hex: '#fbfbf9', share: 1 }] },
          { id: 'jeans', category: 'jeans', colours: [{ hex: '#31435c', share: 1 }] },
          { id: 'shoes', category: 'sneaker', colours: [{ hex: '#fbfbf9', share: 1 }] },
        ],
        occasion: { title: 'the market', formality: [1, 4] },
        expect: 'works',
      },
    ],
  ],
});

/** The same counted over a pool. */
function tallyLevels(pool: readonly Worn[], band: Band, slack: number): Count {
  const parts = Int8Array.from(pool, partOf);
  const levels = Float64Array.from(pool, formalityOf);
  const [sums, counts] = [new Float64Array(PARTS.length), new Float64Array(PARTS.length)];
  return (look, says) => {
    const { picks, count } = look;
    sums.fill(0);
    counts.fill(0);
    for (let i = 0; i < count; i++) {
      const part = parts[picks[i] as number] as number;
      if (part < 0) continue;
      sums[part] = (sums[part] as number) + (levels[picks[i] as number] as number);
      counts[part] = (counts[part] as number) + 1;
    }
    const level = weighed(sums, counts);
    if (level !== undefined) says[toneOf(missOf(level, band), slack)]++;
  };
}
