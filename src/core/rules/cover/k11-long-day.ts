import { measure } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  long: ({ hours }: { hours: number }, say) =>
    `${say.number(hours, 'hour')} standing in ${say.the()}: choose a lower shoe, or pack a second pair.`,
});

/** K11: a high heel over a long time on the feet. */
export const longDay = defineRule({
  id: 'K11',
  facet: 'K',
  weight: TELLING_WEIGHT,
  title: 'Long day',
  question: 'Is the shoe right for so many hours standing?',
  thresholds: {
    heel: { value: 70, unit: 'mm', says: 'From this a heel is high.', min: 30, max: 120 },
    hours: { value: 2, unit: 'h', says: 'Longer than this on the feet.', min: 0.5, max: 8 },
  },
  words,
  reads: () => ({ of: wholeIn('shoes') }),
  find(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const heel = shoe && measure(shoe, 'heel');
    const hours = scene.occasion?.hoursOnFeet ?? 0;
    if (!shoe || !heel || heel.origin === 'defaulted' || heel.mm < at.heel || hours <= at.hours) return [];
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
  ],
});
