import { lab } from '../../colour';
import { defineRule } from '../define';
import { TELLING_WEIGHT } from '../rule';
import { wording } from '../finding';
import { fieldsOf, isVivid } from '../fields';
import type { Worn } from '../../piece';
import { solid } from '../given';
import { type Scene } from '../scene';

/** Northern season of a day; undefined without one. */
const seasonOf = (day: string | undefined): 'spring' | 'summer' | 'autumn' | 'winter' | undefined => {
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

const isPaleEdge = ({ facts, slot, seen }: Worn): boolean =>
  (!facts.main || slot === 'shoes') &&
  seen.some(({ hex, share }) => share >= 0.3 && (lab(hex).l > 72 || isVivid(hex, 40)));

const isLightDay = (occasion: Scene['occasion']): boolean =>
  occasion?.time === 'day' && ['spring', 'summer'].includes(seasonOf(occasion.date) ?? '');

const words = wording({
  dark: ({ season }: { season: string }) =>
    `Very dark for a ${season} day. Lighten the edges, or choose a softer dark.`,
});

/** C10: much dark by day in spring or summer. */
export const depthOfSeason = defineRule({
  id: 'C10',
  facet: 'C',
  weight: TELLING_WEIGHT,
  title: 'Depth of season',
  question: 'Is it very dark for a light day?',
  thresholds: {
    dark: { value: 30, unit: 'L*', says: 'Below this a colour is dark.', min: 15, max: 45 },
    most: { value: 0.7, unit: 'share', says: 'Dark area above this is much.', min: 0.4, max: 0.95 },
  },
  words,
  reads: ({ occasion }) => (isLightDay(occasion) ? 'everything' : 'nothing'),
  find(scene, at) {
    if (!isLightDay(scene.occasion)) return [];
    const season = seasonOf(scene.occasion?.date) ?? 'summer';
    const dark = fieldsOf(scene, 0).filter(({ hex }) => lab(hex).l < at.dark);
    const area = dark.reduce((sum, field) => sum + field.area, 0);
    // A pale or vivid belt, bag or shoe lifts the edges.
    if (area <= at.most || scene.pieces.some(isPaleEdge)) return [];
    return [
      {
        code: 'dark',
        tone: 'note',
        pieces: [...new Set(dark.map(({ worn }) => worn.piece.id))],
        params: { season },
        measured: { value: area, unit: 'share', most: at.most },
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
