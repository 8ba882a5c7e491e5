import { defineRule } from '../define';
import { solid } from '../given';
import { type Scene } from '../scene';
import { COMMON_PRACTICE, named, USUAL_WEIGHT, type Said } from '../rule';
import { formalityOf } from './r1-band';
import { type Worn } from '../../piece';

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
            tone: 'works',
            pieces: [casual.piece.id, ...by.map(({ piece }) => piece.id)],
            text: `${named(...by)} lifts ${named(casual)} to the occasion.`,
          }
        : {
            tone: 'fights',
            pieces: [casual.piece.id],
            text: `${named(casual)} is too casual here by itself; a tailored piece over it, or two dressier ones, lift it.`,
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }, at) => (occasion ? { of: liftReads(occasion.formality, at.below) } : 'nothing'),
  evaluate: (scene, at) => liftsOf(scene, at.below),
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
