import { measure } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';
import { ALONE } from '../reads';

const words = wording({
  wide: (_, say) =>
    `The straps of ${say.the()} are set wide and will slip. A halter or a cut-in shoulder stays put.`,
});
type Said = FoundBy<typeof words>;

/** P13: straps set wider than the shoulders slip. */
export const straps = defineRule({
  id: 'P13',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Straps',
  question: 'Will the straps stay up?',
  thresholds: {
    narrower: {
      value: 15,
      unit: 'mm',
      says: 'Shoulders narrower than the garment’s by this: straps slip.',
      min: 5,
      max: 60,
    },
  },
  words,
  reads: () => ALONE,
  find(scene, at) {
    if (scene.client.measures.shoulderWidth === undefined) return [];
    return inSlot(scene, 'top', 'whole').flatMap((worn): Said[] => {
      const { neckline, strap, sleeve } = worn.piece.cut;
      if (neckline !== 'square' && !(strap === 'thin' || strap === 'wide')) return [];
      if (sleeve !== undefined && sleeve !== 'none') return [];
      const shoulder = measure(worn, 'shoulder');
      if (!shoulder || shoulder.origin === 'defaulted') return [];
      const over = Math.round(shoulder.mm - scene.body.shoulderWidth);
      return over > at.narrower
        ? [
            {
              code: 'wide',
              tone: 'note',
              pieces: ids(worn),
              measured: { value: over, unit: 'mm', most: at.narrower },
            },
          ]
        : [];
    });
  },
  examples: [
    [
      {
        title: 'A square neck set wide on narrow shoulders',
        look: [
          solid('dress', '#1f2a44', {
            cut: { neckline: 'square', sleeve: 'none' },
            measures: { shoulder: 400 },
          }),
        ],
        client: { measures: { heightMm: 1640, shoulderWidth: 365 } },
        expect: 'note',
      },
      {
        title: 'On shoulders as wide',
        look: [
          solid('dress', '#1f2a44', {
            cut: { neckline: 'square', sleeve: 'none' },
            measures: { shoulder: 400 },
          }),
        ],
        client: { measures: { heightMm: 1640, shoulderWidth: 398 } },
        expect: 'silent',
      },
    ],
  ],
});
