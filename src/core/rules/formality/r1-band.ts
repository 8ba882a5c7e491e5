import type { CategoryFacts, Worn } from '../../piece';
import { memo } from '../../memo';
import { defineRule } from '../define';
import { COMMON_PRACTICE, USUAL_WEIGHT } from '../rule';

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

/** Formality of a look: parts by weight, the weight of absent parts shared out. */
export function lookFormality(pieces: readonly Worn[]): number | undefined {
  let [sum, weight] = [0, 0];
  for (const part of PARTS) {
    let [levels, count] = [0, 0];
    for (const worn of pieces)
      if (worn.facts.part === part) {
        levels += formalityOf(worn);
        count++;
      }
    if (count === 0) continue;
    sum += WEIGHT[part] * (levels / count);
    weight += WEIGHT[part];
  }
  return weight === 0 ? undefined : sum / weight;
}

/** R1: is the look dressed for the occasion? */
export const band = defineRule({
  id: 'R1',
  facet: 'R',
  title: 'Formality band',
  question: 'Is the look as dressed as the occasion?',
  thresholds: {
    slack: { value: 0.5, unit: 'levels', says: 'A miss below this is only a note.', min: 0, max: 2 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }) =>
    occasion
      ? {
          of: (worn) => (WEIGHT[worn.facts.part] > 0 ? [worn.facts.part, formalityOf(worn)] : undefined),
        }
      : 'nothing',
  evaluate({ pieces, occasion }, at) {
    if (!occasion) return [];
    const level = lookFormality(pieces);
    if (level === undefined) return [];
    const [lo, hi] = occasion.formality;
    const measured = `${level.toFixed(1)}; ${lo} to ${hi} is wanted`;
    const miss = level < lo ? lo - level : level > hi ? level - hi : 0;
    if (miss === 0) return [{ tone: 'works', pieces: [], measured, text: `Dressed for ${occasion.title}.` }];
    const tooLow = level < lo;
    const order = [...pieces]
      .filter((worn) => WEIGHT[worn.facts.part] > 0)
      .sort((a, b) => formalityOf(a) - formalityOf(b));
    const culprit = tooLow ? order[0] : order[order.length - 1];
    return [
      {
        tone: miss < at.slack ? 'note' : 'fights',
        pieces: culprit ? [culprit.piece.id] : [],
        measured,
        text: `${tooLow ? 'Too casual' : 'Too dressed'} for ${occasion.title}${culprit ? `; ${culprit.piece.title} pulls it ${tooLow ? 'down' : 'up'} most` : ''}.`,
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
