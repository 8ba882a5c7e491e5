import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import type { Count } from '../reads';
import {
  type Band,
  BELOW,
  casualsOf,
  formalityOf,
  liftBits,
  lookFormality,
  outsideBand,
  partOf,
  PARTS,
  speaks,
  weighed,
} from './levels';

type Slacks = Readonly<Record<'grain' | 'slack' | 'over', number>>;

/** A little too dressed is no fault; a little too casual is a note. */
const toneOf = (level: number, band: Band, { grain, slack, over }: Slacks): 'works' | 'note' | 'fights' => {
  const miss = outsideBand(level, band);
  const isOver = level > band[1];
  if (miss <= grain || (isOver && miss < slack)) return 'works';
  return miss < (isOver ? over : slack) ? 'note' : 'fights';
};

const words = wording({
  right: ({ occasion }: { occasion: string }, say) => `Right for ${say.event(occasion)}.`,
  casual: ({ occasion }: { occasion: string }, say) =>
    `Too casual for ${say.event(occasion)}${say.count > 0 ? `; ${say.the()} ${say.verb('bring')} it down most` : ''}.`,
  dressed: ({ occasion }: { occasion: string }, say) =>
    `Too dressed up for ${say.event(occasion)}${say.count > 0 ? `; ${say.the()} ${say.verb('take')} it up most` : ''}.`,
});

/** R1: is the look dressed for the occasion? */
export const band = defineRule({
  id: 'R1',
  facet: 'R',
  title: 'Formality band',
  question: 'Is the look as formal as the occasion?',
  thresholds: {
    grain: { value: 0.2, unit: 'levels', says: 'Levels are no finer than this.', min: 0, max: 0.5 },
    slack: { value: 0.5, unit: 'levels', says: 'A miss below this is only a note.', min: 0, max: 2 },
    over: { value: 1.5, unit: 'levels', says: 'So much too dressed is only a note.', min: 0, max: 4 },
  },
  words,
  reads: ({ occasion }, at) =>
    occasion ? { tally: (pool) => tallyLevels(pool, occasion.formality, at) } : 'nothing',
  find({ pieces, occasion }, at) {
    if (!occasion) return [];
    const [lo, hi] = occasion.formality;
    // What tailoring lifts counts as dressed as the occasion asks; one piece too casual is R2's to say.
    const { lifted, alone } = casualsOf(pieces, occasion.formality, BELOW);
    const level = lookFormality(pieces, (worn) => (lifted.has(worn) ? lo : formalityOf(worn)));
    if (level === undefined) return [];
    const measured = { value: level, unit: 'levels', least: lo, most: hi } as const;
    const params = { occasion: occasion.title };
    const tone = toneOf(level, occasion.formality, at);
    if (tone === 'works') return [{ code: 'right', tone: 'works', pieces: [], measured, params }];
    const tooLow = level < lo;
    if (tooLow && alone.length === 1) return [];
    const order = [...pieces].filter(speaks).sort((a, b) => formalityOf(a) - formalityOf(b));
    const culprit = tooLow ? order[0] : order[order.length - 1];
    return [
      {
        code: tooLow ? 'casual' : 'dressed',
        tone,
        pieces: culprit ? ids(culprit) : [],
        measured,
        params,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A tee, jeans and sneakers at a ceremony',
        look: [
          { id: 'tee', category: 'tee', colours: [{ hex: '#fbfbf9', share: 1 }] },
          { id: 'jeans', category: 'jeans', colours: [{ hex: '#31435c', share: 1 }] },
          { id: 'shoes', category: 'sneaker', colours: [{ hex: '#fbfbf9', share: 1 }] },
        ],
        occasion: { title: 'the ceremony', formality: [5, 8] },
        expect: 'fights',
      },
      {
        title: 'The same at a weekend market',
        look: [
          { id: 'tee', category: 'tee', colours: [{ hex: '#fbfbf9', share: 1 }] },
          { id: 'jeans', category: 'jeans', colours: [{ hex: '#31435c', share: 1 }] },
          { id: 'shoes', category: 'sneaker', colours: [{ hex: '#fbfbf9', share: 1 }] },
        ],
        occasion: { title: 'the market', formality: [1, 4] },
        expect: 'works',
      },
    ],
  ],
});

/** The same counted over a pool. */
function tallyLevels(pool: readonly Worn[], band: Band, at: Slacks): Count {
  const parts = Int8Array.from(pool, partOf);
  const levels = Float64Array.from(pool, formalityOf);
  const bits = Uint8Array.from(pool, (worn) => liftBits(worn, band, BELOW));
  const [sums, counts] = [new Float64Array(PARTS.length), new Float64Array(PARTS.length)];
  return (look, says) => {
    const { picks, count } = look;
    sums.fill(0);
    counts.fill(0);
    let [tailored, inBand, alone] = [0, 0, 0];
    for (let i = 0; i < count; i++) {
      const its = bits[picks[i] as number] as number;
      tailored += (its >> 1) & 1;
      inBand += (its >> 2) & 1;
    }
    for (let i = 0; i < count; i++) {
      const p = picks[i] as number;
      const its = bits[p] as number;
      const casual = (its & 1) === 1;
      const lifted = casual && (tailored - ((its >> 1) & 1) > 0 || inBand - ((its >> 2) & 1) >= 2);
      if (casual && !lifted) alone++;
      const part = parts[p] as number;
      if (part < 0) continue;
      sums[part] = (sums[part] as number) + (lifted ? band[0] : (levels[p] as number));
      counts[part] = (counts[part] as number) + 1;
    }
    const level = weighed(sums, counts);
    if (level === undefined) return;
    const tone = toneOf(level, band, at);
    if (tone === 'works' || level > band[1] || alone !== 1) says[tone]++;
  };
}
