import { measure } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  active: ({ mm }: { mm: number }, say) =>
    `A ${say.length(mm)} heel is hard going for so much walking: choose a lower shoe, or carry ${say.the()}.`,
  long: ({ hours }: { hours: number }, say) =>
    `${say.number(hours, 'hour')} standing in ${say.the()}: choose a lower shoe, or pack a second pair.`,
});

/** K11: a high heel over a long time on the feet, or a long way. */
export const longDay = defineRule({
  id: 'K11',
  facet: 'K',
  weight: TELLING_WEIGHT,
  title: 'Long day',
  question: 'Is the shoe right for so much standing and walking?',
  thresholds: {
    heel: { value: 70, unit: 'mm', says: 'From this a heel is high.', min: 30, max: 120 },
    walking: { value: 2.5, unit: 'met', says: 'From this activity one walks a lot.', min: 1.5, max: 6 },
    active: { value: 50, unit: 'mm', says: 'From this heel a long walk is hard.', min: 20, max: 90 },
    hours: { value: 2, unit: 'h', says: 'Longer than this on the feet.', min: 0.5, max: 8 },
  },
  words,
  reads: () => ({ of: wholeIn('shoes') }),
  find(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const heel = shoe && measure(shoe, 'heel');
    const hours = scene.occasion?.hoursOnFeet ?? 0;
    if (!shoe || !heel || heel.origin === 'defaulted') return [];
    if ((scene.occasion?.activityMet ?? 0) >= at.walking && heel.mm >= at.active)
      return [
        {
          code: 'active',
          tone: 'note',
          pieces: ids(shoe),
          params: { mm: heel.mm },
          measured: { value: heel.mm, unit: 'mm', most: at.active },
        },
      ];
    if (heel.mm < at.heel || hours <= at.hours) return [];
    return [
      {
        code: 'long',
        tone: 'note',
        pieces: ids(shoe),
        params: { hours },
        measured: { value: heel.mm, unit: 'mm', most: at.heel },
      },
    ];
  },
  examples: [
    [
      {
        title: 'A heel of 85 mm for five hours',
        look: [solid('heel', '#17171a', { measures: { heel: 85 } })],
        occasion: { hoursOnFeet: 5 },
        expect: 'note',
      },
      {
        title: 'A heel of 40 mm',
        look: [solid('heel', '#17171a', { measures: { heel: 40 } })],
        occasion: { hoursOnFeet: 5 },
        expect: 'silent',
      },
    ],
    [
      {
        title: 'A heel of 60 mm for a day of walking',
        look: [solid('heel', '#17171a', { measures: { heel: 60 } })],
        occasion: { activityMet: 3 },
        expect: 'note',
      },
      {
        title: 'The same for a day at a desk',
        look: [solid('heel', '#17171a', { measures: { heel: 60 } })],
        occasion: { activityMet: 1.2 },
        expect: 'silent',
      },
    ],
  ],
});
