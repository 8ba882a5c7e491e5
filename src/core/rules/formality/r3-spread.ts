import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { formalityOf } from './r1-band';
import { liftReads, liftsOf } from './r2-lift';

/** R3: how far the most and the least dressed piece stand apart. */
export const spread = defineRule({
  id: 'R3',
  facet: 'R',
  title: 'Spread',
  question: 'Do the most and the least dressed piece still meet?',
  thresholds: {
    most: { value: 6, unit: 'levels', says: 'Further apart than this is two looks.', min: 3, max: 9 },
    below: { value: 2, unit: 'levels', says: 'As in R2.', min: 0.5, max: 6 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }, at) => {
    const lifts = occasion && liftReads(occasion.formality, at.below);
    return {
      of: (worn) => [worn.facts.part !== 'none' && formalityOf(worn), lifts?.(worn)],
    };
  },
  evaluate(scene, at) {
    let [low, high]: (Worn | undefined)[] = [];
    for (const worn of scene.pieces) {
      if (worn.facts.part === 'none') continue;
      if (!low || formalityOf(worn) < formalityOf(low)) low = worn;
      if (!high || formalityOf(worn) >= formalityOf(high)) high = worn;
    }
    if (!low || !high) return [];
    const apart = formalityOf(high) - formalityOf(low);
    if (apart <= at.most || liftsOf(scene, at.below).filter(({ tone }) => tone === 'works').length >= 2)
      return [];
    return [
      {
        tone: 'note',
        pieces: [low.piece.id, high.piece.id],
        measured: `${apart.toFixed(1)} levels apart; up to ${at.most}`,
        text: `${named(low, high)} come from two different evenings.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'Running shoes under evening trousers',
        look: [solid('trousers', '#17171a', { formality: 9 }), solid('sneaker', '#fbfbf9', { formality: 1 })],
        expect: 'note',
      },
      {
        title: 'Court shoes under them',
        look: [solid('trousers', '#17171a', { formality: 9 }), solid('heel', '#17171a', { formality: 7 })],
        expect: 'silent',
      },
    ],
  ],
});
