import { colourName, deltaEHex } from '../../colour';
import { defineRule } from '../define';
import { inSlot, mainHex } from '../fields';
import { solid } from '../given';
import type { Slot, Worn } from '../../piece';
import { metIn, pairTable, type Count } from '../reads';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

const LOW: readonly Slot[] = ['shoes', 'legwear'];
const HIGH: readonly Slot[] = ['top', 'layer', 'head'];

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
  reads: (_given, at) => ({ tally: (pool) => tallyBrackets(pool, at.near) }),
  evaluate(scene, at) {
    for (const low of inSlot(scene, ...LOW)) {
      for (const high of inSlot(scene, ...HIGH)) {
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

/** The same counted over a pool. */
function tallyBrackets(pool: readonly Worn[], near: number): Count {
  const brackets = pairTable(
    pool,
    (low, high) =>
      LOW.includes(low.slot) && HIGH.includes(high.slot) && deltaEHex(mainHex(low), mainHex(high)) <= near,
  );
  return (look, says) => {
    for (let i = 0; i < look.count; i++)
      if (metIn(brackets, pool.length, look, i) > 0) {
        says.works = 1;
        return;
      }
  };
}
