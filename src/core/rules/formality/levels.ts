import { memo } from '../../memo';
import type { CategoryFacts, Worn } from '../../piece';
import type { Picked } from '../reads';

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

/** Formality of a look from the sum of levels and the number of pieces of each part: by weight, that of absent parts shared out. */
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

/** One tailored piece lifts what is too casual, and so do two in the band. */
const lifts = (tailored: number, inBand: number): boolean => tailored > 0 || inBand >= 2;

/** What a look holds that is too casual by itself, with what lifts it, or left alone. */
export function casualsOf(
  pieces: readonly Worn[],
  band: Band,
  below: number,
): { readonly lifted: ReadonlyMap<Worn, readonly Worn[]>; readonly alone: readonly Worn[] } {
  const lifted = new Map<Worn, readonly Worn[]>();
  const alone: Worn[] = [];
  for (const casual of pieces.filter((worn) => isCasual(worn, band, below))) {
    const others = pieces.filter((worn) => worn !== casual);
    const tailored = others.filter(isTailored).slice(0, 1);
    const inBand = others.filter((worn) => isInBand(worn, band)).slice(0, 2);
    if (lifts(tailored.length, inBand.length)) lifted.set(casual, tailored.length > 0 ? tailored : inBand);
    else alone.push(casual);
  }
  return { lifted, alone };
}

const CASUAL = 1;
const TAILORED = 2;
const IN_BAND = 4;
/** What lifting reads of a piece, a bit each. */
export const liftBits = (worn: Worn, band: Band, below: number): number =>
  (isCasual(worn, band, below) ? CASUAL : 0) |
  (isTailored(worn) ? TAILORED : 0) |
  (isInBand(worn, band) ? IN_BAND : 0);

/** How much of a look is too casual by itself and lifted, or left alone; of each pick whether it is lifted. */
interface Lifting {
  lifted: number;
  alone: number;
  readonly isLifted: Uint8Array;
}

/** The same as `casualsOf` in numbers, for the looks of a pool: the answer is the same object each time. */
export function liftingOf(
  pool: readonly Worn[],
  band: Band,
  below: number,
): (look: Picked) => Readonly<Lifting> {
  const bits = Uint8Array.from(pool, (worn) => liftBits(worn, band, below));
  const found: Lifting = { lifted: 0, alone: 0, isLifted: new Uint8Array(pool.length) };
  return ({ picks, count }) => {
    let [tailored, inBand] = [0, 0];
    for (let i = 0; i < count; i++) {
      const its = bits[picks[i] as number] as number;
      if (its & TAILORED) tailored++;
      if (its & IN_BAND) inBand++;
    }
    found.lifted = found.alone = 0;
    for (let i = 0; i < count; i++) {
      const its = bits[picks[i] as number] as number;
      // A casual piece does not lift itself; in the band it is not.
      const isLifted = (its & CASUAL) !== 0 && lifts(tailored - (its & TAILORED ? 1 : 0), inBand);
      found.isLifted[i] = isLifted ? 1 : 0;
      if (isLifted) found.lifted++;
      else if (its & CASUAL) found.alone++;
    }
    return found;
  };
}
