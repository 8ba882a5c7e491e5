import { lab } from '../../colour';
import { defineRule } from '../define';
import { fieldsOf, isPrint } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

/** P16: one large pale plain area, unbroken. */
export const block = defineRule({
  id: 'P16',
  facet: 'P',
  title: 'Block',
  question: 'Is one plain pale area too large?',
  thresholds: {
    area: { value: 0.45, unit: 'share', says: 'Larger than this is a block.', min: 0.3, max: 0.9 },
    pale: { value: 85, unit: 'L*', says: 'Paler than this counts.', min: 70, max: 95 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    fields: () => [at.area],
    seen: (worn) => (!isPrint(worn) && worn.piece.fabric.texture === 'smooth' ? true : undefined),
  }),
  evaluate(scene, at) {
    return fieldsOf(scene, at.area)
      .filter(
        ({ worn, hex }) => lab(hex).l > at.pale && !isPrint(worn) && worn.piece.fabric.texture === 'smooth',
      )
      .map(({ worn, area }): Said => ({
        tone: 'note',
        pieces: [worn.piece.id],
        measured: `${Math.round(area * 100)} % of the look; up to ${Math.round(at.area * 100)} %`,
        text: `${named(worn)} is one large pale plain area; a scarf, a tuck or a longer layer breaks it.`,
      }));
  },
  examples: [
    [
      {
        title: 'A long white shirt dress alone',
        look: [solid('dress', '#fbfbf9', { measures: { length: 1150 } })],
        expect: 'note',
      },
      {
        title: 'With a long dark coat over it',
        look: [
          solid('dress', '#fbfbf9', { measures: { length: 1150 } }),
          solid('coat', '#1f2a44', { mode: 'buttoned', measures: { length: 1160 } }),
        ],
        expect: 'silent',
      },
    ],
  ],
});
