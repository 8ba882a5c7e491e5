import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';
import type { Count } from '../reads';
import { type Band, casualsOf, formalityOf, liftBits } from './levels';

const words = wording({
  apart: (_, say) => `${say.the(0)} ${say.verb('say', 0)} day, ${say.the(1)} evening.`,
});

/** R3: how far the most and the least dressed piece stand apart. */
export const spread = defineRule({
  id: 'R3',
  facet: 'R',
  title: 'Spread',
  question: 'Are the most and the least formal piece too far apart?',
  thresholds: {
    most: { value: 6, unit: 'levels', says: 'Further apart than this is two looks.', min: 3, max: 9 },
    below: { value: 2, unit: 'levels', says: 'As in R2.', min: 0.5, max: 6 },
  },
  words,
  reads: ({ occasion }, at) => ({
    tally: (pool) => tallySpread(pool, occasion?.formality, at.below, at.most),
  }),
  find(scene, at) {
    let [low, high]: (Worn | undefined)[] = [];
    for (const worn of scene.pieces) {
      if (worn.facts.part === 'none') continue;
      if (!low || formalityOf(worn) < formalityOf(low)) low = worn;
      if (!high || formalityOf(worn) >= formalityOf(high)) high = worn;
    }
    if (!low || !high) return [];
    const apart = formalityOf(high) - formalityOf(low);
    if (
      apart <= at.most ||
      (scene.occasion && casualsOf(scene.pieces, scene.occasion.formality, at.below).lifted.size >= 2)
    )
      return [];
    return [
      {
        code: 'apart',
        tone: 'note',
        pieces: ids(low, high),
        measured: { value: apart, unit: 'levels', most: at.most },
      },
    ];
  },
  examples: [
    [
      {
        title: 'Running shoes under evening trousers',
        look: [solid('trousers', '#17171a', { formality: 9 }), solid('sneaker', '#fbfbf9', { formality: 1 })],
        expect: 'note',
      },
      {
        title: 'Court shoes under them',
        look: [solid('trousers', '#17171a', { formality: 9 }), solid('heel', '#17171a', { formality: 7 })],
        expect: 'silent',
      },
    ],
  ],
});

/** The same counted over a pool. */
function tallySpread(pool: readonly Worn[], band: Band | undefined, below: number, most: number): Count {
  const counted = Uint8Array.from(pool, ({ facts }) => (facts.part === 'none' ? 0 : 1));
  const levels = Float64Array.from(pool, formalityOf);
  const reads = Uint8Array.from(pool, (worn) => (band ? liftBits(worn, band, below) : 0));
  return (look, says) => {
    const { picks, count } = look;
    let [low, high, tailored, inBand] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY, 0, 0];
    for (let i = 0; i < count; i++) {
      const p = picks[i] as number;
      const bits = reads[p] as number;
      tailored += (bits >> 1) & 1;
      inBand += (bits >> 2) & 1;
      if (counted[p] === 0) continue;
      low = Math.min(low, levels[p] as number);
      high = Math.max(high, levels[p] as number);
    }
    if (high - low <= most || high < low) return;
    let lifted = 0;
    for (let i = 0; i < count; i++) {
      const bits = reads[picks[i] as number] as number;
      // A casual piece does not lift itself; in the band it is not.
      if ((bits & 1) === 1 && (tailored - ((bits >> 1) & 1) > 0 || inBand - ((bits >> 2) & 1) >= 2)) lifted++;
    }
    if (lifted < 2) says.note++;
  };
}
