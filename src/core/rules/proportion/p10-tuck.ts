import { isTucked, measure } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { belowWaist, inSlot, knowsBody, waistbandOf } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  bunches: ({ why }: { why: 'full' | 'heavy' }, say) =>
    `${say.the()} ${say.verb('be')} ${why} and will bunch when tucked. Half-tuck ${say.it()}, or wear ${say.it()} over.`,
  short: (_, say) => `${say.the()} ${say.verb('be')} barely long enough to tuck and will pull out.`,
  holds: (_, say) => `${say.the()} ${say.verb('be')} long enough to stay tucked.`,
});
type Said = FoundBy<typeof words>;

/** P10: a tuck that holds and lies flat. */
export const tuck = defineRule({
  id: 'P10',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Tuck',
  question: 'Will the tuck hold, and lie flat?',
  thresholds: {
    below: { value: 80, unit: 'mm', says: 'Cloth below the waistband that a tuck wants.', min: 30, max: 200 },
  },
  words,
  reads: () => ({
    of: (worn) => (worn.slot === 'bottom' ? (worn.measures.rise ?? true) : wholeIn('top')(worn)),
  }),
  find(scene, at) {
    return inSlot(scene, 'top').flatMap((worn): Said[] => {
      if (!isTucked(worn) || worn.facts.staysIn) return [];
      const length = measure(worn, 'length');
      const spare = belowWaist(worn, scene.marks);
      const known = length !== undefined && length.origin !== 'defaulted' && spare !== undefined;
      // With nothing to tuck at all, M1 speaks.
      if (known && spare < 0) return [];
      const pieces = ids(worn);
      const said: Said[] = [];
      // Light cloth tucks well however much of it there is; only a full tuck has to take it all in.
      if (
        worn.effects.tuck === 'full' &&
        (worn.piece.fabric.weight === 'heavy' ||
          (worn.piece.volume === 'full' && worn.piece.fabric.weight !== 'light'))
      )
        said.push({
          code: 'bunches',
          tone: 'note',
          pieces,
          params: { why: worn.piece.fabric.weight === 'heavy' ? 'heavy' : 'full' },
        });
      if (!known || !knowsBody(scene)) return said;
      const below = Math.round(waistbandOf(scene, 0) - scene.marks.waist + spare);
      const measured = { value: below, unit: 'mm', least: at.below } as const;
      if (below < at.below) said.push({ code: 'short', tone: 'note', pieces, measured });
      else if (said.length === 0) said.push({ code: 'holds', tone: 'works', pieces, measured });
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
