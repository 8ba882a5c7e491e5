import { measure } from '../../piece';
import { defineRule } from '../define';
import { oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { wholeIn } from '../reads';

/** K11: a high heel over a long time on the feet. */
export const longDay = defineRule({
  id: 'K11',
  facet: 'K',
  title: 'Long day',
  question: 'Will the shoe do for so long on the feet?',
  thresholds: {
    heel: { value: 70, unit: 'mm', says: 'From this a heel is high.', min: 30, max: 120 },
    hours: { value: 2, unit: 'h', says: 'Longer than this on the feet.', min: 0.5, max: 8 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({ of: wholeIn('shoes') }),
  evaluate(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const heel = shoe && measure(shoe, 'heel');
    const hours = scene.occasion?.hoursOnFeet ?? 0;
    if (!shoe || !heel || heel.origin === 'defaulted' || heel.mm < at.heel || hours <= at.hours) return [];
    return [
      {
        tone: 'note',
        pieces: [shoe.piece.id],
        measured: `heel ${heel.mm} mm for ${hours} h; under ${at.heel} mm beyond ${at.hours} h`,
        text: `${named(shoe)} for ${hours} hours on the feet: a lower shoe, or one to change into.`,
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
