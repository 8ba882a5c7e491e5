import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { solid } from '../given';

const words = wording({
  one: () => 'All the metal is one tone.',
  three: () => 'Three tones of metal. Take one off.',
  two: () => 'Two tones of metal; one would be calmer.',
  mixed: () => 'Two tones of metal, and the mix looks meant.',
  once: () => 'Two tones of metal, once each. Repeat one and it looks meant.',
});

/** C8: the tones of metal that show. */
export const metals = defineRule({
  id: 'C8',
  facet: 'C',
  weight: TELLING_WEIGHT,
  title: 'Metals',
  question: 'How many tones of metal show?',
  thresholds: {
    most: {
      value: 2,
      unit: 'tones',
      says: 'School mix: up to this many, one of them twice.',
      min: 2,
      max: 4,
    },
  },
  words,
  reads: () => ({ of: ({ piece }) => (piece.metal === 'none' ? undefined : piece.metal) }),
  find({ pieces, schools }, at) {
    const shown = pieces.filter(({ piece }) => piece.metal !== 'none');
    if (shown.length < 2) return [];
    const count = new Map<string, number>();
    for (const { piece } of shown) {
      for (const tone of piece.metal === 'mixed' ? ['yellow', 'white'] : [piece.metal])
        count.set(tone, (count.get(tone) ?? 0) + 1);
    }
    const seen = ids(...shown);
    const tones = count.size;
    if (tones === 1) return [{ code: 'one', tone: 'works', pieces: seen }];
    if (tones > at.most) return [{ code: 'three', tone: 'note', pieces: seen }];
    if (schools.metals === 'match') return [{ code: 'two', tone: 'note', pieces: seen }];
    return [...count.values()].some((times) => times >= 2)
      ? [{ code: 'mixed', tone: 'works', pieces: seen }]
      : [{ code: 'once', tone: 'note', pieces: seen }];
  },
  examples: [
    [
      {
        title: 'A gold chain and silver earrings, school match',
        look: [
          solid('necklace', '#c2a14e', { metal: 'yellow' }),
          solid('earrings', '#b9bcc0', { metal: 'white' }),
        ],
        expect: 'note',
      },
      {
        title: 'A gold chain and gold earrings',
        look: [
          solid('necklace', '#c2a14e', { metal: 'yellow' }),
          solid('earrings', '#c2a14e', { metal: 'yellow' }),
        ],
        expect: 'works',
      },
    ],
    [
      {
        title: 'Gold, silver and rose together',
        look: [
          solid('necklace', '#c2a14e', { metal: 'yellow' }),
          solid('earrings', '#b9bcc0', { metal: 'white' }),
          solid('bracelet', '#cf9a86', { metal: 'rose' }),
        ],
        expect: 'note',
      },
      {
        title: 'Gold and silver, one of them twice, school mix',
        look: [
          solid('necklace', '#c2a14e', { metal: 'yellow' }),
          solid('earrings', '#b9bcc0', { metal: 'white' }),
          solid('bracelet', '#c2a14e', { metal: 'yellow' }),
        ],
        schools: { metals: 'mix' },
        expect: 'works',
      },
    ],
  ],
});
