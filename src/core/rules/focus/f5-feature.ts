import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { solid } from '../given';

const words = wording({
  hidden: ({ what }: { what: string }, say) =>
    `${say.the(1)} ${say.verb('hide', 1)} the ${what} of ${say.the(0)}.`,
  edge: ({ what }: { what: string }, say) =>
    `The edge of ${say.the(1)} cuts across the ${what} of ${say.the(0)}. Longer, or off.`,
  seen: ({ what }: { what: string }, say) => `The ${what} of ${say.the()} can be seen.`,
});
type Said = FoundBy<typeof words>;

/** A short veil ends between the shoulders and the waist; one that runs past leaves the back to be seen through it. */
const endsOnBack = (worn: Worn): boolean => {
  const length = measure(worn, 'length') ?? measure(worn, 'lengthFlat');
  return worn.facts.drawn.as === 'veil' && length !== undefined && length.mm > 250 && length.mm < 900;
};

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
    of: (worn) =>
      worn.piece.features.length > 0 ? worn : [worn.order, endsOnBack(worn), [...coverOf(worn)]],
  }),
  find({ pieces, cover }) {
    const said: Said[] = [];
    for (const worn of pieces) {
      for (const { zone, what } of worn.piece.features) {
        const over = pieces.find(
          (other) => other.order > worn.order && other !== worn && cover.get(other.piece.id)?.has(zone),
        );
        const veil = zone === 'back' ? pieces.find(endsOnBack) : undefined;
        const about = { zone, params: { what } };
        if (over) said.push({ code: 'hidden', tone: 'fights', pieces: ids(worn, over), ...about });
        else if (veil) said.push({ code: 'edge', tone: 'fights', pieces: ids(worn, veil), ...about });
        else said.push({ code: 'seen', tone: 'works', pieces: ids(worn), ...about });
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
    [
      {
        title: 'A veil to the shoulder blades over a buttoned back',
        look: [
          solid('dress', '#f3ecdc', { features: [{ zone: 'back', what: 'row of buttons' }] }),
          solid('veil', '#fbfbf9', { measures: { length: 600 } }),
        ],
        expect: 'fights',
      },
      {
        title: 'A veil to the floor',
        look: [
          solid('dress', '#f3ecdc', { features: [{ zone: 'back', what: 'row of buttons' }] }),
          solid('veil', '#fbfbf9', { measures: { length: 2200 } }),
        ],
        expect: 'works',
      },
    ],
  ],
});
