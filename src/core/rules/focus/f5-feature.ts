import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

/** F5: a detail that wants to be seen is covered by what is worn over it. */
export const feature = defineRule({
  id: 'F5',
  facet: 'F',
  title: 'Feature',
  question: 'Is a detail that wants to be seen covered?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ coverOf }) => ({
    needs: ({ piece }) => piece.features.length > 0,
    of: (worn) => (worn.piece.features.length > 0 ? worn : [worn.order, [...coverOf(worn)]]),
  }),
  evaluate({ pieces, cover }) {
    const said: Said[] = [];
    for (const worn of pieces) {
      for (const { zone, what } of worn.piece.features) {
        const over = pieces.find(
          (other) => other.order > worn.order && other !== worn && cover.get(other.piece.id)?.has(zone),
        );
        said.push(
          over
            ? {
                tone: 'fights',
                zone,
                pieces: [worn.piece.id, over.piece.id],
                text: `${named(over)} covers the ${what} of ${named(worn)}.`,
              }
            : {
                tone: 'works',
                zone,
                pieces: [worn.piece.id],
                text: `The ${what} of ${named(worn)} can be seen.`,
              },
        );
      }
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A dress with an open back under a buttoned blazer',
        look: [
          solid('dress', '#1f4032', {
            cut: { back: 'open' },
            features: [{ zone: 'back', what: 'open back' }],
          }),
          solid('blazer', '#17171a', { mode: 'buttoned' }),
        ],
        expect: 'fights',
      },
      {
        title: 'The blazer left off',
        look: [
          solid('dress', '#1f4032', {
            cut: { back: 'open' },
            features: [{ zone: 'back', what: 'open back' }],
          }),
        ],
        expect: 'works',
      },
    ],
  ],
});
