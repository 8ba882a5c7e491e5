import { defineRule } from '../define';
import { inSlot, isPrint, oneIn } from '../fields';
import { printed, solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** N4: a print at the chest and strong jewels talk over each other. */
export const printAndJewels = defineRule({
  id: 'N4',
  facet: 'N',
  title: 'Print and jewels',
  question: 'Do jewels talk over a print at the chest?',
  thresholds: {
    neck: { value: 1, unit: 'points', says: 'Most statement of a necklace over a print.', min: 0, max: 5 },
    ears: { value: 2, unit: 'points', says: 'Most statement of earrings beside a print.', min: 0, max: 5 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    of: (worn) =>
      worn.slot === 'neck'
        ? ['neck', worn.piece.statement > at.neck]
        : worn.slot === 'ears'
          ? ['ears', worn.piece.statement > at.ears]
          : (worn.slot === 'top' || worn.slot === 'whole') && isPrint(worn)
            ? 'print'
            : undefined,
  }),
  evaluate(scene, at) {
    const print = inSlot(scene, 'top', 'whole').find(isPrint);
    const [neck, ears] = [oneIn(scene, 'neck'), oneIn(scene, 'ears')];
    if (!print || (!neck && !ears)) return [];
    const loud = [
      ...(neck && neck.piece.statement > at.neck ? [neck] : []),
      ...(ears && ears.piece.statement > at.ears ? [ears] : []),
    ];
    if (loud.length === 0)
      return [{ tone: 'works', pieces: [print.piece.id], text: `The jewels leave ${named(print)} its say.` }];
    return [
      {
        tone: 'note',
        pieces: [print.piece.id, ...loud.map(({ piece }) => piece.id)],
        text: `${named(...loud)} talks over the print of ${named(print)}; something smaller, or none.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A big necklace over a printed blouse',
        look: [
          printed('blouse', ['#1f3a4a', '#e58aa0'], { kind: 'floral', repeatMm: 50 }),
          solid('necklace', '#c2a14e', { statement: 4 }),
        ],
        expect: 'note',
      },
      {
        title: 'A fine chain over it',
        look: [
          printed('blouse', ['#1f3a4a', '#e58aa0'], { kind: 'floral', repeatMm: 50 }),
          solid('necklace', '#c2a14e', { statement: 0 }),
        ],
        expect: 'works',
      },
    ],
  ],
});
