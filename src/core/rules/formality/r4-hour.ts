import { defineRule } from '../define';
import { areaOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** R4: evening pieces by day, day pieces in the evening. */
export const hour = defineRule({
  id: 'R4',
  facet: 'R',
  title: 'Hour',
  question: 'Does it belong to this hour of the day?',
  thresholds: {
    area: { value: 0.15, unit: 'share', says: 'From this area a piece sets the hour.', min: 0.05, max: 0.6 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }, at) =>
    occasion
      ? {
          own: [at.area],
          seen: ({ piece }) => (piece.hour !== 'any' && piece.hour !== occasion.time ? true : undefined),
        }
      : 'nothing',
  evaluate(scene, at) {
    const time = scene.occasion?.time;
    if (!time) return [];
    const odd = scene.pieces.filter(
      (worn) => worn.piece.hour !== 'any' && worn.piece.hour !== time && areaOf(scene, worn) >= at.area,
    );
    if (odd.length === 0) return [];
    return [
      {
        tone: 'note',
        pieces: odd.map(({ piece }) => piece.id),
        text: `${named(...odd)} ${odd.length === 1 ? 'belongs' : 'belong'} to the ${time === 'day' ? 'evening' : 'day'}.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'An evening dress at noon',
        look: [solid('dress', '#1f2a44', { hour: 'evening' })],
        occasion: { time: 'day' },
        expect: 'note',
      },
      {
        title: 'The same in the evening',
        look: [solid('dress', '#1f2a44', { hour: 'evening' })],
        occasion: { time: 'evening' },
        expect: 'silent',
      },
    ],
  ],
});
