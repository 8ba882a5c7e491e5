import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';
import { casualsOf, liftBits } from './levels';

const words = wording({
  lifted: (_, say) => {
    const by = say.from(1);
    return `${by.the()} ${by.verb('lift')} ${say.the(0)} to the occasion.`;
  },
  casual: (_, say) =>
    `${say.the()} ${say.verb('be')} too casual here alone. Add one tailored piece, or two dressier ones.`,
});
type Said = FoundBy<typeof words>;

/** R2: a casual piece is answered by tailoring. */
export const lift = defineRule({
  id: 'R2',
  facet: 'R',
  title: 'Lift',
  question: 'Is a casual piece lifted by something dressier?',
  thresholds: {
    below: {
      value: 2,
      unit: 'levels',
      says: 'This far under the band a piece wants lifting.',
      min: 0.5,
      max: 6,
    },
  },
  words,
  reads: ({ occasion }, at) =>
    occasion ? { of: (worn) => liftBits(worn, occasion.formality, at.below) || undefined } : 'nothing',
  find({ pieces, occasion }, at) {
    if (!occasion) return [];
    const { lifted, alone } = casualsOf(pieces, occasion.formality, at.below);
    const said = [...lifted].map(([casual, by]): Said => ({
      code: 'lifted',
      tone: 'works',
      pieces: ids(casual, ...by),
    }));
    // Where several are too casual the look is, and R1 says so once.
    const [one] = alone;
    return one && alone.length === 1 ? [...said, { code: 'casual', tone: 'fights', pieces: ids(one) }] : said;
  },
  examples: [
    [
      {
        title: 'A plain tee at a business lunch',
        look: [solid('tee', '#fbfbf9'), solid('skirt', '#1f2a44', { formality: 4 })],
        occasion: { formality: [5, 7] },
        expect: 'fights',
      },
      {
        title: 'The same tee under a blazer',
        look: [
          solid('tee', '#fbfbf9'),
          solid('skirt', '#1f2a44', { formality: 4 }),
          solid('blazer', '#1f2a44', { structure: 3 }),
        ],
        occasion: { formality: [5, 7] },
        expect: 'works',
      },
    ],
  ],
});
