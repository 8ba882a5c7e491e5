import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** K10: a close skirt wants a vent or some stretch to sit and step in. */
export const seated = defineRule({
  id: 'K10',
  facet: 'K',
  title: 'Seated',
  question: 'Can one sit and step in it?',
  thresholds: {
    stretch: { value: 5, unit: '%', says: 'From this stretch a close skirt gives.', min: 0, max: 30 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ALONE,
  evaluate(scene, at) {
    return inSlot(scene, 'bottom', 'whole').flatMap((worn): Said[] => {
      const { cut, volume, facts, fabric, category } = worn.piece;
      const close =
        (category === 'skirt' || category === 'dress') && (cut.silhouette === 'pencil' || volume === 'close');
      if (!close || facts.vent || fabric.stretchPct >= at.stretch) return [];
      return [
        {
          tone: 'note',
          pieces: [worn.piece.id],
          text: `${named(worn)} is close, without vent or stretch: try sitting and a stair in it.`,
        },
      ];
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
