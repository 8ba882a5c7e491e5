import { chroma, hue, lab } from '../../colour';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { fieldsOf } from '../fields';
import { solid } from '../given';

const COUNTRY: readonly string[] = ['tweed', 'corduroy', 'flannel', 'suede', 'linen', 'denim'];

/** Brown, moss and tan: colours of the country. */
function isEarthy(hex: string): boolean {
  const colour = lab(hex);
  const h = hue(colour);
  return chroma(colour) >= 10 && chroma(colour) < 45 && colour.l > 20 && colour.l < 68 && h >= 45 && h <= 135;
}

const words = wording({
  earthy: () => 'Country cloth in brown or green says daytime; deeper and plainer reads as evening.',
  point: (_, say) => `Dark, with one light point: ${say.the()}. That reads as evening.`,
});

/** C11: earth by day, depth and one light point by evening. */
export const eveningInTown = defineRule({
  id: 'C11',
  facet: 'C',
  weight: TELLING_WEIGHT,
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
  words,
  reads: ({ occasion }, at) =>
    occasion?.time === 'evening' && occasion.formality[0] >= at.formality ? 'everything' : 'nothing',
  find(scene, at) {
    const { occasion } = scene;
    if (occasion?.time !== 'evening' || occasion.formality[0] < at.formality) return [];
    const fields = fieldsOf(scene, 0);
    const earthy = fields.filter(
      ({ worn, hex }) => COUNTRY.includes(worn.piece.fabric.texture) && isEarthy(hex),
    );
    const share = earthy.reduce((sum, { area }) => sum + area, 0);
    if (share > at.earthy)
      return [
        {
          code: 'earthy',
          tone: 'note',
          pieces: [...new Set(earthy.map(({ worn }) => worn.piece.id))],
          measured: { value: share, unit: 'share', most: at.earthy },
        },
      ];
    const dark = fields.filter(({ hex }) => lab(hex).l < 30).reduce((sum, { area }) => sum + area, 0);
    const pale = fields.filter(({ hex, area }) => lab(hex).l > 80 && area > 0.0005 && area < 0.2);
    if (dark >= at.dark && pale.length === 1 && pale[0])
      return [{ code: 'point', tone: 'works', pieces: ids(pale[0].worn) }];
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
