import { memo } from '../../memo';
import type { CategoryFacts, Worn } from '../../piece';

/** Formality an occasion asks for, 0..10. */
export type Band = readonly [lo: number, hi: number];

/** How far a level lies outside a band; 0 within it. */
export const outsideBand = (level: number, [lo, hi]: Band): number =>
  level < lo ? lo - level : level > hi ? level - hi : 0;

const WEIGHT: Readonly<Record<CategoryFacts['part'], number>> = {
  main: 0.45,
  shoes: 0.25,
  layer: 0.15,
  bag: 0.1,
  jewels: 0.05,
  none: 0,
};

export const PARTS = (Object.keys(WEIGHT) as CategoryFacts['part'][]).filter((part) => WEIGHT[part] > 0);

/** Formality of one worn piece, 0..10, with what lifts or lowers it. */
export const formalityOf = memo((worn: Worn): number => {
  const { piece, facts, effects } = worn;
  let level = piece.formality;
  if (facts.knitted && piece.cut.neckline === 'collar') level += 0.5;
  if (piece.fabric.texture === 'velvet') level += 0.5;
  if (facts.slot === 'bag') {
    if (piece.structure >= 2) level += 0.5;
    if (effects.carried === 'under the arm' || effects.carried === 'in the hand') level += 1;
    if (effects.carried === 'across') level -= 1;
  }
  return Math.min(10, Math.max(0, level));
});

/** True for a piece that has a say in how formal a look is. */
export const speaks = ({ facts }: Worn): boolean => WEIGHT[facts.part] > 0;

/** Place of each piece's part among `PARTS`; −1 for one that has no say. */
export const partOf = (worn: Worn): number => PARTS.indexOf(worn.facts.part);

/** Formality of a look: parts by weight, the weight of absent parts shared out. */
export function lookFormality(
  pieces: readonly Worn[],
  levelOf: (worn: Worn) => number = formalityOf,
): number | undefined {
  const [sums, counts] = [PARTS.map(() => 0), PARTS.map(() => 0)];
  for (const worn of pieces) {
    const part = partOf(worn);
    if (part < 0) continue;
    sums[part] = (sums[part] as number) + levelOf(worn);
    counts[part] = (counts[part] as number) + 1;
  }
  return weighed(sums, counts);
}

/** The level of a look from the sum of levels and the number of pieces of each part. */
export function weighed(sums: ArrayLike<number>, counts: ArrayLike<number>): number | undefined {
  let [sum, weight] = [0, 0];
  for (let part = 0; part < PARTS.length; part++) {
    if (counts[part] === 0) continue;
    const its = WEIGHT[PARTS[part] as CategoryFacts['part']];
    sum += its * ((sums[part] as number) / (counts[part] as number));
    weight += its;
  }
  return weight === 0 ? undefined : sum / weight;
}

/** This far under the band a piece wants lifting, unless the shop says otherwise for R2. */
export const BELOW = 2;

const isCasual = (worn: Worn, [lo]: Band, below: number): boolean =>
  worn.facts.part !== 'none' && worn.facts.part !== 'jewels' && lo - formalityOf(worn) >= below;
const isTailored = ({ piece, facts }: Worn): boolean => piece.structure >= 2 && facts.main;
const isInBand = (worn: Worn, [lo, hi]: Band): boolean =>
  formalityOf(worn) >= lo && formalityOf(worn) <= hi && worn.facts.part !== 'jewels';

/** What a look holds that is too casual by itself: lifted by one tailored piece or two in the band, or left alone. */
export function casualsOf(
  pieces: readonly Worn[],
  band: Band,
  below: number,
): { readonly lifted: ReadonlyMap<Worn, readonly Worn[]>; readonly alone: readonly Worn[] } {
  const lifted = new Map<Worn, readonly Worn[]>();
  const alone: Worn[] = [];
  for (const casual of pieces.filter((worn) => isCasual(worn, band, below))) {
    const others = pieces.filter((worn) => worn !== casual);
    const tailored = others.find(isTailored);
    const inBand = others.filter((worn) => isInBand(worn, band));
    const by = tailored ? [tailored] : inBand.length >= 2 ? inBand.slice(0, 2) : [];
    if (by.length > 0) lifted.set(casual, by);
    else alone.push(casual);
  }
  return { lifted, alone };
}

/** What lifting reads of a piece, a bit each: it is casual, it is tailored, it is in the band. */
export const liftBits = (worn: Worn, band: Band, below: number): number =>
  Number(isCasual(worn, band, below)) | (Number(isTailored(worn)) << 1) | (Number(isInBand(worn, band)) << 2);
