import { colourName, deltaEHex } from '../../colour';
import { defineRule } from '../define';
import { inSlot, mainHex } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** C6: what is below answers what is above, and holds the look between them. */
export const bracket = defineRule({
  id: 'C6',
  facet: 'C',
  title: 'Bracket',
  question: 'Do the shoes answer something above?',
  thresholds: { near: { value: 12, unit: 'ΔE', says: 'Within this the two answer.', min: 4, max: 25 } },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: (worn) =>
      ['shoes', 'legwear'].includes(worn.slot)
        ? ['low', mainHex(worn)]
        : ['top', 'layer', 'head'].includes(worn.slot)
          ? ['high', mainHex(worn)]
          : undefined,
  }),
  evaluate(scene, at) {
    for (const low of inSlot(scene, 'shoes', 'legwear')) {
      for (const high of inSlot(scene, 'top', 'layer', 'head')) {
        const apart = deltaEHex(mainHex(low), mainHex(high));
        if (apart <= at.near)
          return [
            {
              tone: 'works',
              pieces: [low.piece.id, high.piece.id],
              text: `${named(low, high)} bracket the look in ${colourName(mainHex(high))}.`,
              measured: `ΔE ${apart.toFixed(1)}; up to ${at.near} answers`,
            },
          ];
      }
    }
    return [];
  },
  examples: [
    [
      {
        title: 'Burgundy loafers under a burgundy knit',
        look: [solid('fine-knit', '#611f2f'), solid('trousers', '#84868a'), solid('loafer', '#5e2030')],
        expect: 'works',
      },
      {
        title: 'The same knit over tan loafers',
        look: [solid('fine-knit', '#611f2f'), solid('trousers', '#84868a'), solid('loafer', '#b98f60')],
        expect: 'silent',
      },
    ],
  ],
});
