import { measure } from '../../piece';
import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** P13: straps set wider than the shoulders slip. */
export const straps = defineRule({
  id: 'P13',
  facet: 'P',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ALONE,
  evaluate(scene, at) {
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
              tone: 'note',
              pieces: [worn.piece.id],
              measured: `${over} mm wider than the shoulders; up to ${at.narrower} mm`,
              text: `The straps of ${named(worn)} sit wide and will slip; a halter or a cut-in shoulder stays.`,
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
