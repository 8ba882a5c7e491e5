import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, USUAL_WEIGHT } from '../rule';

/** C8: the tones of metal that show. */
export const metals = defineRule({
  id: 'C8',
  facet: 'C',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({ of: ({ piece }) => (piece.metal === 'none' ? undefined : piece.metal) }),
  evaluate({ pieces, schools }, at) {
    const shown = pieces.filter(({ piece }) => piece.metal !== 'none');
    if (shown.length < 2) return [];
    const count = new Map<string, number>();
    for (const { piece } of shown) {
      for (const tone of piece.metal === 'mixed' ? ['yellow', 'white'] : [piece.metal])
        count.set(tone, (count.get(tone) ?? 0) + 1);
    }
    const ids = shown.map(({ piece }) => piece.id);
    const tones = count.size;
    const measured = `${tones} ${tones === 1 ? 'tone' : 'tones'} of metal`;
    if (tones === 1) return [{ tone: 'works', pieces: ids, measured, text: 'The metals are of one tone.' }];
    if (tones > at.most)
      return [{ tone: 'fights', pieces: ids, measured, text: 'Three tones of metal; take one off.' }];
    if (schools.metals === 'match')
      return [{ tone: 'note', pieces: ids, measured, text: 'Two tones of metal; one would be calmer.' }];
    const twice = [...count.values()].some((times) => times >= 2);
    return twice
      ? [{ tone: 'works', pieces: ids, measured, text: 'Two tones of metal, mixed on purpose.' }]
      : [
          {
            tone: 'note',
            pieces: ids,
            measured,
            text: 'Two tones of metal, each once: repeat one and it is a plan.',
          },
        ];
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
        expect: 'fights',
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
