import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';
import { type Picked, wholeOf } from '../reads';
import { type Band, formalityOf, liftingOf } from './levels';

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
    tally: (pool) => {
      const ends = endsOf(pool, occasion?.formality, at);
      return (look, says) => {
        if (ends(look)) says.note++;
      };
    },
  }),
  find({ pieces, occasion }, at) {
    const ends = endsOf(pieces, occasion?.formality, at)(wholeOf(pieces));
    if (!ends) return [];
    const [low, high] = ends.map((place) => pieces[place] as Worn) as [Worn, Worn];
    const apart = formalityOf(high) - formalityOf(low);
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

/** Of a look the least and the most formal that have a say, where they stand too far apart and too little lifts what is casual. */
function endsOf(
  pool: readonly Worn[],
  band: Band | undefined,
  { below, most }: Readonly<Record<'below' | 'most', number>>,
): (look: Picked) => readonly [low: number, high: number] | undefined {
  const counted = Uint8Array.from(pool, ({ facts }) => (facts.part === 'none' ? 0 : 1));
  const levels = Float64Array.from(pool, formalityOf);
  const lifting = band && liftingOf(pool, band, below);
  return (look) => {
    const { picks, count } = look;
    let [low, high] = [-1, -1];
    for (let i = 0; i < count; i++) {
      const p = picks[i] as number;
      if (counted[p] === 0) continue;
      const level = levels[p] as number;
      if (low < 0 || level < (levels[low] as number)) low = p;
      if (high < 0 || level >= (levels[high] as number)) high = p;
    }
    if (low < 0 || (levels[high] as number) - (levels[low] as number) <= most) return undefined;
    return lifting && lifting(look).lifted >= 2 ? undefined : [low, high];
  };
}
