import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isPrint } from '../fields';
import { printed } from '../given';
import { ALONE } from '../reads';

const words = wording({
  along: (_, say) => `The stripes of ${say.the()} run lengthwise and lengthen the line.`,
  across: (_, say) => `The stripes of ${say.the()} run across, just where ${say.they('want')} interest.`,
});
type Said = FoundBy<typeof words>;

/** N5: stripes across add width where they lie, along they lengthen. It serves a goal; it is never a fault. */
export const direction = defineRule({
  id: 'N5',
  facet: 'N',
  title: 'Direction',
  question: 'Do stripes do what the client wants?',
  words,
  reads: () => ALONE,
  find({ pieces, client }) {
    const wants = (goal: (typeof client.goals)[number]): boolean => client.goals.includes(goal);
    return pieces.filter(isPrint).flatMap((worn): Said[] => {
      const { kind, direction: runs } = worn.piece.pattern;
      if (kind !== 'stripe') return [];
      const long =
        runs === 'along' && (wants('longer-line') || (worn.slot === 'bottom' && wants('longer-leg')));
      const wide =
        runs !== 'along' &&
        ((wants('interest-above') && worn.slot === 'top') ||
          (wants('interest-below') && worn.slot === 'bottom'));
      if (!long && !wide) return [];
      return [{ code: long ? 'along' : 'across', tone: 'works', pieces: ids(worn) }];
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
