import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { type Picked, wholeOf } from '../reads';
import {
  type Band,
  BELOW,
  formalityOf,
  liftingOf,
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
    occasion
      ? {
          tally: (pool) => {
            const said = levelsOf(pool, occasion.formality, at);
            return (look, says) => {
              const its = said(look);
              if (its) says[its.tone]++;
            };
          },
        }
      : 'nothing',
  find({ pieces, occasion }, at) {
    const said = occasion && levelsOf(pieces, occasion.formality, at)(wholeOf(pieces));
    if (!said) return [];
    const { tone, level } = said;
    const [lo, hi] = occasion.formality;
    const measured = { value: level, unit: 'levels', least: lo, most: hi } as const;
    const params = { occasion: occasion.title };
    if (tone === 'works') return [{ code: 'right', tone, pieces: [], measured, params }];
    const tooLow = level < lo;
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

interface Said {
  tone: 'works' | 'note' | 'fights';
  level: number;
}

/** Of a look how formal it is and what is said of it; nothing where it has no level, or where one piece alone is R2's to tell. */
function levelsOf(pool: readonly Worn[], band: Band, at: Slacks): (look: Picked) => Said | undefined {
  const parts = Int8Array.from(pool, partOf);
  const levels = Float64Array.from(pool, formalityOf);
  const lifting = liftingOf(pool, band, BELOW);
  const [sums, counts] = [new Float64Array(PARTS.length), new Float64Array(PARTS.length)];
  // Asked of millions of looks: the answer is the same object, told anew.
  const said: Said = { tone: 'works', level: 0 };
  return (look) => {
    const { picks, count } = look;
    const { isLifted, alone } = lifting(look);
    sums.fill(0);
    counts.fill(0);
    for (let i = 0; i < count; i++) {
      const p = picks[i] as number;
      const part = parts[p] as number;
      if (part < 0) continue;
      // What tailoring lifts counts as dressed as the occasion asks.
      sums[part] = (sums[part] as number) + (isLifted[i] === 1 ? band[0] : (levels[p] as number));
      counts[part] = (counts[part] as number) + 1;
    }
    const level = weighed(sums, counts);
    if (level === undefined) return undefined;
    said.level = level;
    said.tone = toneOf(level, band, at);
    // One piece too casual is R2's to say.
    return said.tone !== 'works' && level < band[0] && alone === 1 ? undefined : said;
  };
}
