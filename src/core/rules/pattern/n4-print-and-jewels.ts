import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { inSlot, isPrint, oneIn } from '../fields';
import { printed, solid } from '../given';

const words = wording({
  lets: (_, say) => `The ${say.word('jewellery')} lets ${say.the()} speak.`,
  over: (_, say) => {
    const jewels = say.from(1);
    return `${jewels.the()} ${jewels.verb('compete')} with the print of ${say.the(0)}. Go smaller, or without.`;
  },
});

/** A print that speaks: faint ones take any jewellery. */
const isLoud = (worn: Worn): boolean => isPrint(worn) && worn.piece.pattern.contrast >= 0.45;

/** N4: a print at the chest and strong jewels talk over each other. */
export const printAndJewels = defineRule({
  id: 'N4',
  facet: 'N',
  weight: TELLING_WEIGHT,
  title: 'Print and jewellery',
  question: 'Does jewellery compete with a print at the chest?',
  thresholds: {
    neck: { value: 1, unit: 'points', says: 'Most statement of a necklace over a print.', min: 0, max: 5 },
    ears: { value: 2, unit: 'points', says: 'Most statement of earrings beside a print.', min: 0, max: 5 },
  },
  words,
  reads: (_given, at) => ({
    of: (worn) =>
      worn.slot === 'neck'
        ? ['neck', worn.piece.statement > at.neck]
        : worn.slot === 'ears'
          ? ['ears', worn.piece.statement > at.ears]
          : (worn.slot === 'top' || worn.slot === 'whole') && isLoud(worn)
            ? 'print'
            : undefined,
  }),
  find(scene, at) {
    const print = inSlot(scene, 'top', 'whole').find(isLoud);
    const [neck, ears] = [oneIn(scene, 'neck'), oneIn(scene, 'ears')];
    if (!print || (!neck && !ears)) return [];
    const loud = [
      ...(neck && neck.piece.statement > at.neck ? [neck] : []),
      ...(ears && ears.piece.statement > at.ears ? [ears] : []),
    ];
    if (loud.length === 0) return [{ code: 'lets', tone: 'works', pieces: ids(print) }];
    return [{ code: 'over', tone: 'note', pieces: ids(print, ...loud) }];
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
