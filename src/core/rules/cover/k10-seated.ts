import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';
import { ALONE } from '../reads';

const words = wording({
  close: (_, say) =>
    `${say.the()} ${say.verb('be')} close-fitting, without a vent or stretch. Check that ${say.who} can sit and climb stairs.`,
});
type Said = FoundBy<typeof words>;

/** K10: a close skirt wants a vent or some stretch to sit and step in. */
export const seated = defineRule({
  id: 'K10',
  facet: 'K',
  weight: TELLING_WEIGHT,
  title: 'Seated',
  question: 'Can the client sit and climb stairs in it?',
  thresholds: {
    stretch: { value: 5, unit: '%', says: 'From this stretch a close skirt gives.', min: 0, max: 30 },
  },
  words,
  reads: () => ALONE,
  find(scene, at) {
    return inSlot(scene, 'bottom', 'whole').flatMap((worn): Said[] => {
      const { cut, volume, facts, fabric } = worn.piece;
      const close = worn.facts.skirted && (cut.silhouette === 'pencil' || volume === 'close');
      if (!close || facts.vent || fabric.stretchPct >= at.stretch) return [];
      return [{ code: 'close', tone: 'note', pieces: ids(worn) }];
    });
  },
  examples: [
    [
      {
        title: 'A pencil skirt without vent or stretch',
        look: [solid('skirt', '#17171a', { cut: { silhouette: 'pencil' } })],
        expect: 'note',
      },
      {
        title: 'With a vent',
        look: [solid('skirt', '#17171a', { cut: { silhouette: 'pencil' }, facts: { vent: true } })],
        expect: 'silent',
      },
    ],
  ],
});
