import { chroma, hue, lab } from '../../colour';
import { defineRule } from '../define';
import { fieldsOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, USUAL_WEIGHT } from '../rule';

/** Brown, moss and tan: colours of the country. */
function isEarthy(hex: string): boolean {
  const colour = lab(hex);
  const h = hue(colour);
  return chroma(colour) >= 10 && chroma(colour) < 45 && colour.l > 20 && colour.l < 68 && h >= 45 && h <= 135;
}

/** C11: earth by day, depth and one light point by evening. */
export const eveningInTown = defineRule({
  id: 'C11',
  facet: 'C',
  title: 'Evening in town',
  question: 'Does it look like an evening?',
  thresholds: {
    earthy: {
      value: 0.4,
      unit: 'share',
      says: 'More earth than this is a day in the country.',
      min: 0.2,
      max: 0.9,
    },
    dark: { value: 0.7, unit: 'share', says: 'From this much dark it is an evening.', min: 0.4, max: 0.95 },
    formality: { value: 5, unit: 'levels', says: 'Spoken of from this formality.', min: 0, max: 10 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }, at) =>
    occasion?.time === 'evening' && occasion.formality[0] >= at.formality ? 'everything' : 'nothing',
  evaluate(scene, at) {
    const { occasion } = scene;
    if (occasion?.time !== 'evening' || occasion.formality[0] < at.formality) return [];
    const fields = fieldsOf(scene, 0);
    const earthy = fields.filter(({ worn, hex }) => worn.piece.fabric.texture === 'tweed' || isEarthy(hex));
    const share = earthy.reduce((sum, { area }) => sum + area, 0);
    if (share > at.earthy)
      return [
        {
          tone: 'note',
          pieces: [...new Set(earthy.map(({ worn }) => worn.piece.id))],
          measured: `${Math.round(share * 100)} % earth colours; up to ${Math.round(at.earthy * 100)} % in the evening`,
          text: 'Earth colours and tweed belong to the day; deeper and plainer reads as evening.',
        },
      ];
    const dark = fields.filter(({ hex }) => lab(hex).l < 30).reduce((sum, { area }) => sum + area, 0);
    const pale = fields.filter(({ hex, area }) => lab(hex).l > 80 && area > 0.005 && area < 0.2);
    if (dark >= at.dark && pale.length === 1 && pale[0])
      return [
        {
          tone: 'works',
          pieces: [pale[0].worn.piece.id],
          text: `One dark, and one pale point in it: ${pale[0].worn.piece.title}.`,
        },
      ];
    return [];
  },
  examples: [
    [
      {
        title: 'A tweed jacket at a dinner in town',
        look: [solid('blazer', '#6d5a3c', { fabric: { texture: 'tweed' } }), solid('trousers', '#4d4636')],
        occasion: { time: 'evening', formality: [6, 8] },
        expect: 'note',
      },
      {
        title: 'Black with a white scarf',
        look: [
          solid('blazer', '#17171a'),
          solid('trousers', '#17171a'),
          solid('scarf', '#fbfbf9', { measures: { width: 300, lengthFlat: 1500 } }),
        ],
        occasion: { time: 'evening', formality: [6, 8] },
        expect: 'works',
      },
    ],
  ],
});
