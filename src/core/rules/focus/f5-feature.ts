import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { solid } from '../given';

const words = wording({
  hidden: ({ what }: { what: string }, say) =>
    `${say.the(1)} ${say.verb('hide', 1)} the ${what} of ${say.the(0)}.`,
  seen: ({ what }: { what: string }, say) => `The ${what} of ${say.the()} can be seen.`,
});
type Said = FoundBy<typeof words>;

/** F5: a detail that wants to be seen is covered by what is worn over it. */
export const feature = defineRule({
  id: 'F5',
  facet: 'F',
  weight: TELLING_WEIGHT,
  title: 'Feature',
  question: 'Does anything hide a detail worth seeing?',
  words,
  reads: ({ coverOf }) => ({
    needs: ({ piece }) => piece.features.length > 0,
    of: (worn) => (worn.piece.features.length > 0 ? worn : [worn.order, [...coverOf(worn)]]),
  }),
  find({ pieces, cover }) {
    const said: Said[] = [];
    for (const worn of pieces) {
      for (const { zone, what } of worn.piece.features) {
        const over = pieces.find(
          (other) => other.order > worn.order && other !== worn && cover.get(other.piece.id)?.has(zone),
        );
        said.push(
          over
            ? {
                code: 'hidden',
                tone: 'fights',
                zone,
                pieces: ids(worn, over),
                params: { what },
              }
            : {
                code: 'seen',
                tone: 'works',
                zone,
                pieces: ids(worn),
                params: { what },
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
