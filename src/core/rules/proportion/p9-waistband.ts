import { hemHeight } from '../../figure';
import { measure } from '../../piece';
import { defineRule } from '../define';
import { knowsBody, oneIn, waistbandOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { wholeIn } from '../reads';

/** P9: whether top and waistband meet. */
export const waistband = defineRule({
  id: 'P9',
  facet: 'P',
  title: 'Waistband',
  question: 'Do top and waistband meet, also when seated?',
  thresholds: {
    overlap: {
      value: 30,
      unit: 'mm',
      says: 'Less overlap than this rides up when seated.',
      min: 0,
      max: 100,
    },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: (worn) => (worn.slot === 'bottom' ? (worn.measures.rise ?? true) : wholeIn('top')(worn)),
  }),
  evaluate(scene, at) {
    const [top, bottom] = [oneIn(scene, 'top'), oneIn(scene, 'bottom')];
    if (
      !top ||
      !bottom ||
      ['full-tuck', 'half-tuck', 'front-tuck'].includes(top.mode.id) ||
      top.piece.category === 'bodysuit'
    )
      return [];
    const length = measure(top, 'length');
    const hem = hemHeight(top, scene.marks);
    const band = waistbandOf(scene, 0);
    if (hem === undefined || !length) return [];
    const overlap = Math.round(band - hem);
    const pieces = [top.piece.id, bottom.piece.id];
    if (length.origin === 'defaulted' || !knowsBody(scene)) return [];
    const measured = `${overlap} mm over the waistband; at least ${at.overlap} mm stays when seated`;
    if (overlap >= at.overlap) return [];
    const wanted = scene.client.cover.includes('midriff');
    if (overlap <= 0)
      return [
        {
          tone: wanted ? 'fights' : 'note',
          pieces,
          measured,
          zone: 'midriff',
          text: `${named(top)} ends above ${named(bottom)} and shows ${-overlap} mm of midriff.`,
        },
      ];
    return [
      {
        tone: wanted ? 'fights' : 'note',
        pieces,
        measured,
        zone: 'midriff',
        text: `${named(top)} rides up over ${named(bottom)} when seated; a higher rise, or a longer top.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A cropped tee over a low rise',
        look: [
          solid('tee', '#fbfbf9', { measures: { length: 400 } }),
          solid('jeans', '#2c3a5e', { measures: { rise: 220, inseam: 780 } }),
        ],
        client: { measures: { heightMm: 1700 } },
        expect: 'note',
      },
      {
        title: 'A tee of usual length over it',
        look: [
          solid('tee', '#fbfbf9', { measures: { length: 640 } }),
          solid('jeans', '#2c3a5e', { measures: { rise: 220, inseam: 780 } }),
        ],
        client: { measures: { heightMm: 1700 } },
        expect: 'silent',
      },
    ],
  ],
});
