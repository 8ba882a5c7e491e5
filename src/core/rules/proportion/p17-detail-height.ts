import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { knowsBody } from '../fields';
import { solid } from '../given';
import { hangHeight } from '../../figure';
import { ALONE } from '../reads';

const words = wording({
  lands: ({ what, point }: { what: string; point: 'knee' | 'bust' }, say) =>
    `The ${what} of ${say.the()} falls right at the ${point}.`,
});
type Said = FoundBy<typeof words>;

/** P17: a detail that lands on the knee cap or the bust point. */
export const detailHeight = defineRule({
  id: 'P17',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Height of a detail',
  question: 'Does a detail fall on the knee or the bust?',
  thresholds: {
    near: { value: 40, unit: 'mm', says: 'Within this of knee cap or bust point.', min: 10, max: 80 },
  },
  words,
  reads: () => ALONE,
  find(scene, at) {
    if (!knowsBody(scene)) return [];
    return scene.pieces.flatMap((worn): Said[] => {
      const from = hangHeight(worn, scene.marks);
      if (from === undefined) return [];
      return worn.piece.features.flatMap(({ what, atMm, zone }): Said[] => {
        if (atMm === undefined) return [];
        const height = from - atMm;
        const points: readonly (readonly ['knee' | 'bust', number])[] = [
          ['knee', scene.marks.knee],
          ['bust', scene.marks.bust],
        ];
        const hit = points.find(([, mark]) => Math.abs(mark - height) < at.near);
        return hit
          ? [
              {
                code: 'lands',
                tone: 'note',
                zone,
                pieces: ids(worn),
                params: { what, point: hit[0] },
                measured: { value: Math.abs(hit[1] - height), unit: 'mm', least: at.near },
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
