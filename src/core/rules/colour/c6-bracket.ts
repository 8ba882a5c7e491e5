import { deltaEHex, lab } from '../../colour';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { inSlot, mainHex } from '../fields';
import { solid } from '../given';
import { isBoot, type Slot, type Worn } from '../../piece';
import { metIn, pairTable, type Count } from '../reads';

const LOW: readonly Slot[] = ['shoes', 'legwear'];
const HIGH: readonly Slot[] = ['top', 'whole', 'layer', 'head'];

const PALE = 80;
const isPale = (worn: Worn): boolean => lab(mainHex(worn)).l > PALE;

/** In one colour; or pale boots, which want something as pale above them. */
const answers = (low: Worn, high: Worn, near: number): boolean =>
  deltaEHex(mainHex(low), mainHex(high)) <= near || (isBoot(low) && isPale(low) && isPale(high));

const words = wording({
  pale: (_, say) => `${say.the(0)} ${say.verb('be', 0)} as pale as ${say.the(1)}: they belong together.`,
  answer: ({ hex }: { hex: string }, say) =>
    `${say.the(0)} ${say.verb('answer', 0)} ${say.colourOf(1, say.colour(hex))}.`,
});

/** C6: what is below answers what is above, and holds the look between them. */
export const bracket = defineRule({
  id: 'C6',
  facet: 'C',
  title: 'Bracket',
  question: 'Do the shoes answer something above?',
  thresholds: { near: { value: 12, unit: 'ΔE', says: 'Within this the two answer.', min: 4, max: 25 } },
  words,
  reads: (_given, at) => ({ tally: (pool) => tallyBrackets(pool, at.near) }),
  find(scene, at) {
    for (const low of inSlot(scene, ...LOW)) {
      for (const high of inSlot(scene, ...HIGH)) {
        if (!answers(low, high, at.near)) continue;
        const apart = deltaEHex(mainHex(low), mainHex(high));
        const pieces = ids(low, high);
        const measured = { value: apart, unit: 'ΔE', most: at.near } as const;
        return [
          apart <= at.near
            ? { code: 'answer', tone: 'works', pieces, params: { hex: mainHex(high) }, measured }
            : { code: 'pale', tone: 'works', pieces },
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
    (low, high) => LOW.includes(low.slot) && HIGH.includes(high.slot) && answers(low, high, near),
  );
  return (look, says) => {
    for (let i = 0; i < look.count; i++)
      if (metIn(brackets, pool.length, look, i) > 0) {
        says.works = 1;
        return;
      }
  };
}
