import { defineRule } from '../define';
import { knowsBody } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { hangHeight } from '../../figure';
import { ALONE } from '../reads';

/** P17: a detail that lands on the knee cap or the bust point. */
export const detailHeight = defineRule({
  id: 'P17',
  facet: 'P',
  title: 'Height of a detail',
  question: 'Does a detail land where it pinches?',
  thresholds: {
    near: { value: 40, unit: 'mm', says: 'Within this of knee cap or bust point.', min: 10, max: 80 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ALONE,
  evaluate(scene, at) {
    if (!knowsBody(scene)) return [];
    return scene.pieces.flatMap((worn): Said[] => {
      const from = hangHeight(worn, scene.marks);
      if (from === undefined) return [];
      return worn.piece.features.flatMap(({ what, atMm, zone }): Said[] => {
        if (atMm === undefined) return [];
        const height = from - atMm;
        const points: readonly (readonly [string, number])[] = [
          ['knee', scene.marks.knee],
          ['bust', scene.marks.bust],
        ];
        const hit = points.find(([, mark]) => Math.abs(mark - height) < at.near);
        return hit
          ? [
              {
                tone: 'note',
                zone,
                pieces: [worn.piece.id],
                measured: `${Math.round(Math.abs(hit[1] - height))} mm from the ${hit[0]}; at least ${at.near} mm`,
                text: `The ${what} of ${named(worn)} lands on the ${hit[0]}.`,
              },
            ]
          : [];
      });
    });
  },
  examples: [
    [
      {
        title: 'Distressed jeans torn at the knee cap',
        look: [
          solid('jeans', '#2c3a5e', {
            measures: { rise: 270, inseam: 790 },
            features: [{ zone: 'knees', what: 'tear', atMm: 580 }],
          }),
        ],
        client: { measures: { heightMm: 1700, insideLegLength: 790 } },
        expect: 'note',
      },
      {
        title: 'Torn higher up',
        look: [
          solid('jeans', '#2c3a5e', {
            measures: { rise: 270, inseam: 790 },
            features: [{ zone: 'knees', what: 'tear', atMm: 440 }],
          }),
        ],
        client: { measures: { heightMm: 1700, insideLegLength: 790 } },
        expect: 'silent',
      },
    ],
  ],
});
