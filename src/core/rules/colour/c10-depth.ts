import { lab } from '../../colour';
import { defineRule } from '../define';
import { fieldsOf } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { COMMON_PRACTICE, USUAL_WEIGHT } from '../rule';

/** Northern season of a day; undefined without one. */
export const seasonOf = (day: string | undefined): 'spring' | 'summer' | 'autumn' | 'winter' | undefined => {
  const month = Number(day?.slice(5, 7));
  if (!month) return undefined;
  return month >= 3 && month <= 5
    ? 'spring'
    : month <= 8 && month >= 6
      ? 'summer'
      : month <= 11 && month >= 9
        ? 'autumn'
        : 'winter';
};

const isLightDay = (occasion: Scene['occasion']): boolean =>
  occasion?.time === 'day' && ['spring', 'summer'].includes(seasonOf(occasion.date) ?? '');

/** C10: much dark by day in spring or summer. */
export const depthOfSeason = defineRule({
  id: 'C10',
  facet: 'C',
  title: 'Depth of season',
  question: 'Is it very dark for a light day?',
  thresholds: {
    dark: { value: 30, unit: 'L*', says: 'Below this a colour is dark.', min: 15, max: 45 },
    most: { value: 0.7, unit: 'share', says: 'Dark area above this is much.', min: 0.4, max: 0.95 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }) => (isLightDay(occasion) ? 'everything' : 'nothing'),
  evaluate(scene, at) {
    if (!isLightDay(scene.occasion)) return [];
    const season = seasonOf(scene.occasion?.date);
    const dark = fieldsOf(scene, 0).filter(({ hex }) => lab(hex).l < at.dark);
    const area = dark.reduce((sum, field) => sum + field.area, 0);
    if (area <= at.most) return [];
    return [
      {
        tone: 'note',
        pieces: [...new Set(dark.map(({ worn }) => worn.piece.id))],
        measured: `${Math.round(area * 100)} % dark; up to ${Math.round(at.most * 100)} % by day in ${season}`,
        text: `Very dark for a day in ${season}: lighten at the edges, or take a softer dark.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'Black from head to toe on a June day',
        look: [solid('shirt', '#17171a'), solid('trousers', '#17171a')],
        occasion: { date: '2026-06-12', time: 'day' },
        expect: 'note',
      },
      {
        title: 'The same in November',
        look: [solid('shirt', '#17171a'), solid('trousers', '#17171a')],
        occasion: { date: '2026-11-12', time: 'day' },
        expect: 'silent',
      },
    ],
  ],
});
