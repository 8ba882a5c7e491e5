import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';
import { type Scene } from '../scene';
import { formalityOf } from './r1-band';
import { type Worn } from '../../piece';

const words = wording({
  lifted: (_, say) => {
    const by = say.from(1);
    return `${by.the()} ${by.verb('lift')} ${say.the(0)} to the occasion.`;
  },
  casual: (_, say) =>
    `${say.the()} ${say.verb('be')} too casual here alone. Add one tailored piece, or two dressier ones.`,
});
type Said = FoundBy<typeof words>;

/** What R2 says: each casual piece, and whether it was lifted. R3 looks at it too. */
export function liftsOf({ pieces, occasion }: Pick<Scene, 'pieces' | 'occasion'>, below: number): Said[] {
  if (!occasion) return [];
  const [lo, hi] = occasion.formality;
  return pieces
    .filter(
      (worn) => worn.facts.part !== 'none' && worn.facts.part !== 'jewels' && lo - formalityOf(worn) >= below,
    )
    .map((casual): Said => {
      const others = pieces.filter((worn) => worn !== casual);
      const tailored = others.find(({ piece, facts }) => piece.structure >= 2 && facts.main);
      const inBand = others.filter(
        (worn) => formalityOf(worn) >= lo && formalityOf(worn) <= hi && worn.facts.part !== 'jewels',
      );
      const by = tailored ? [tailored] : inBand.length >= 2 ? inBand.slice(0, 2) : [];
      return by.length > 0
        ? {
            code: 'lifted',
            tone: 'works',
            pieces: ids(casual, ...by),
          }
        : {
            code: 'casual',
            tone: 'fights',
            pieces: ids(casual),
          };
    });
}

/** What R2 and R3 read of a piece. */
export const liftReads =
  ([lo, hi]: readonly [number, number], below: number) =>
  (worn: Worn): readonly boolean[] | undefined => {
    const level = formalityOf(worn);
    const { part, main } = worn.facts;
    const read = [
      part !== 'none' && part !== 'jewels' && lo - level >= below,
      worn.piece.structure >= 2 && main,
      level >= lo && level <= hi && part !== 'jewels',
    ];
    return read.includes(true) ? read : undefined;
  };

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
  reads: ({ occasion }, at) => (occasion ? { of: liftReads(occasion.formality, at.below) } : 'nothing'),
  find: (scene, at) => liftsOf(scene, at.below),
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
