import { measure } from '../../piece';
import { defineRule } from '../define';
import { inSlot, knowsBody, waistbandOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { hangHeight } from '../../figure';
import { wholeIn } from '../reads';

/** P10: a tuck that holds and lies flat. */
export const tuck = defineRule({
  id: 'P10',
  facet: 'P',
  title: 'Tuck',
  question: 'Will the tuck hold, and lie flat?',
  thresholds: {
    below: { value: 80, unit: 'mm', says: 'Cloth below the waistband that a tuck wants.', min: 30, max: 200 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: (worn) => (worn.slot === 'bottom' ? (worn.measures.rise ?? true) : wholeIn('top')(worn)),
  }),
  evaluate(scene, at) {
    return inSlot(scene, 'top').flatMap((worn): Said[] => {
      if (
        !['full-tuck', 'half-tuck', 'front-tuck'].includes(worn.mode.id) ||
        worn.piece.category === 'bodysuit'
      )
        return [];
      const pieces = [worn.piece.id];
      const said: Said[] = [];
      if (worn.piece.fabric.weight === 'heavy' || worn.piece.volume === 'full')
        said.push({
          tone: 'note',
          pieces,
          text: `${named(worn)} is ${worn.piece.volume === 'full' ? 'full' : 'heavy'} and bunches when tucked; a half tuck, or worn over.`,
        });
      const length = measure(worn, 'length');
      const from = hangHeight(worn, scene.marks);
      if (!length || from === undefined || length.origin === 'defaulted' || !knowsBody(scene)) return said;
      const below = Math.round(waistbandOf(scene, 0) - (from - length.mm));
      const measured = `${below} mm below the waistband; ${at.below} mm is wanted`;
      if (below < at.below)
        said.push({
          tone: 'note',
          pieces,
          measured,
          text: `${named(worn)} is short for a tuck and will come out.`,
        });
      else if (said.length === 0)
        said.push({ tone: 'works', pieces, measured, text: `${named(worn)} is long enough to stay tucked.` });
      return said;
    });
  },
  examples: [
    [
      {
        title: 'A short knit tucked',
        look: [
          solid('fine-knit', '#84868a', { mode: 'full-tuck', measures: { length: 430 } }),
          solid('trousers', '#17171a', { measures: { rise: 270, inseam: 780 } }),
        ],
        client: { measures: { heightMm: 1700 } },
        expect: 'note',
      },
      {
        title: 'A long one tucked',
        look: [
          solid('fine-knit', '#84868a', { mode: 'full-tuck', measures: { length: 640 } }),
          solid('trousers', '#17171a', { measures: { rise: 270, inseam: 780 } }),
        ],
        client: { measures: { heightMm: 1700 } },
        expect: 'works',
      },
    ],
  ],
});
