import { defineRule } from '../define';
import { isPrint } from '../fields';
import { printed } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** N5: stripes across add width where they lie, along they lengthen. It serves a goal; it is never a fault. */
export const direction = defineRule({
  id: 'N5',
  facet: 'N',
  title: 'Direction',
  question: 'Do stripes serve a wish of the client?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ALONE,
  evaluate({ pieces, client }) {
    const wants = (goal: (typeof client.goals)[number]): boolean => client.goals.includes(goal);
    return pieces.filter(isPrint).flatMap((worn) => {
      const { kind, direction: runs } = worn.piece.pattern;
      if (kind !== 'stripe') return [];
      const long =
        runs === 'along' && (wants('longer-line') || (worn.slot === 'bottom' && wants('longer-leg')));
      const wide =
        runs !== 'along' &&
        ((wants('interest-above') && worn.slot === 'top') ||
          (wants('interest-below') && worn.slot === 'bottom'));
      if (!long && !wide) return [];
      return [
        {
          tone: 'works' as const,
          pieces: [worn.piece.id],
          text: `The stripes of ${named(worn)} ${long ? 'run along and lengthen' : 'lie across, where interest is wanted'}.`,
        },
      ];
    });
  },
  examples: [
    [
      {
        title: 'Stripes along, for a client who wishes for a longer line',
        look: [
          printed('shirt', ['#f4f1e8', '#1f2a44'], { kind: 'stripe', direction: 'along', repeatMm: 30 }),
        ],
        client: { goals: ['longer-line'] },
        expect: 'works',
      },
      {
        title: 'Stripes across, for the same',
        look: [
          printed('shirt', ['#f4f1e8', '#1f2a44'], { kind: 'stripe', direction: 'across', repeatMm: 30 }),
        ],
        client: { goals: ['longer-line'] },
        expect: 'silent',
      },
    ],
  ],
});
