import { coverWanted } from '../cover/wanted';
import { hemHeight } from '../../figure';
import { isTucked, measure } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { knowsBody, oneIn, waistbandOf } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  bare: ({ gap }: { gap: number }, say) =>
    `${say.the(0)} ${say.verb('end', 0)} above ${say.the(1)}${gap < 5 ? '' : ` and ${say.verb('show', 0)} ${say.length(gap)} of midriff`}.`,
  rides: (_, say) =>
    `${say.the(0)} will ride up over ${say.the(1)} when ${say.they('sit')}. Choose a higher rise or a longer top.`,
});

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
  words,
  reads: () => ({
    of: (worn) => (worn.slot === 'bottom' ? (worn.measures.rise ?? true) : wholeIn('top')(worn)),
  }),
  find(scene, at) {
    const [top, bottom] = [oneIn(scene, 'top'), oneIn(scene, 'bottom')];
    if (!top || !bottom || isTucked(top) || top.facts.staysIn) return [];
    const length = measure(top, 'length');
    const hem = hemHeight(top, scene.marks);
    const band = waistbandOf(scene, 0);
    if (hem === undefined || !length) return [];
    const overlap = Math.round(band - hem);
    const pieces = ids(top, bottom);
    if (length.origin === 'defaulted' || !knowsBody(scene)) return [];
    const measured = { value: overlap, unit: 'mm', least: at.overlap } as const;
    if (overlap >= at.overlap) return [];
    const wanted = coverWanted(scene.client).includes('midriff');
    // A knot at the waist is meant to show a little, unless she keeps it covered.
    if (top.effects.waist === 'knotted' && !wanted) return [];
    if (overlap <= 0)
      return [
        {
          code: 'bare',
          tone: wanted ? 'fights' : 'note',
          pieces,
          measured,
          zone: 'midriff',
          params: { gap: -overlap },
        },
      ];
    return [
      {
        code: 'rides',
        tone: wanted ? 'fights' : 'note',
        pieces,
        measured,
        zone: 'midriff',
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
