import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { areaOf } from '../fields';
import { solid } from '../given';

const words = wording({
  hour: ({ time }: { time: 'day' | 'evening' }, say) =>
    `${say.the()} ${say.verb('belong')} to the ${time === 'day' ? 'evening' : 'day'}.`,
});

/** R4: evening pieces by day, day pieces in the evening. */
export const hour = defineRule({
  id: 'R4',
  facet: 'R',
  weight: TELLING_WEIGHT,
  title: 'Hour',
  question: 'Does it belong to this hour of the day?',
  thresholds: {
    area: { value: 0.15, unit: 'share', says: 'From this area a piece sets the hour.', min: 0.05, max: 0.6 },
  },
  words,
  reads: ({ occasion }, at) =>
    occasion
      ? {
          own: [at.area],
          seen: ({ piece }) => (piece.hour !== 'any' && piece.hour !== occasion.time ? true : undefined),
        }
      : 'nothing',
  find(scene, at) {
    const time = scene.occasion?.time;
    if (!time) return [];
    const odd = scene.pieces.filter(
      (worn) => worn.piece.hour !== 'any' && worn.piece.hour !== time && areaOf(scene, worn) >= at.area,
    );
    if (odd.length === 0) return [];
    return [
      {
        code: 'hour',
        tone: 'note',
        pieces: ids(...odd),
        params: { time },
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
