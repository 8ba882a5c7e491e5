import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** F7: a material that comes back is a theme; three themes are none. */
export const theme = defineRule({
  id: 'F7',
  facet: 'F',
  title: 'Theme',
  question: 'Does a material come back?',
  thresholds: {
    most: { value: 3, unit: 'themes', says: 'From this many materials there is no theme.', min: 2, max: 6 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({ of: ({ piece }) => (piece.material === 'metal' ? undefined : piece.material) }),
  evaluate({ pieces }, at) {
    const jewels = pieces.filter(({ piece }) => piece.material !== undefined && piece.material !== 'metal');
    const kinds = new Set(jewels.map(({ piece }) => piece.material));
    if (kinds.size >= at.most)
      return [
        {
          tone: 'note',
          pieces: jewels.map(({ piece }) => piece.id),
          text: `${[...kinds].join(', ')}: three themes at once. Let one come back instead.`,
        },
      ];
    const back = [...kinds].find((kind) => jewels.filter(({ piece }) => piece.material === kind).length >= 2);
    if (!back) return [];
    const same = jewels.filter(({ piece }) => piece.material === back);
    return [
      {
        tone: 'works',
        pieces: same.map(({ piece }) => piece.id),
        text: `${back} comes back: ${named(...same)}.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'Pearl earrings and a pearl strand',
        look: [
          solid('earrings', '#efe9df', { material: 'pearl' }),
          solid('necklace', '#efe9df', { material: 'pearl' }),
        ],
        expect: 'works',
      },
      {
        title: 'Pearl, wood and stone',
        look: [
          solid('earrings', '#efe9df', { material: 'pearl' }),
          solid('necklace', '#5f4331', { material: 'wood' }),
          solid('bracelet', '#4f5b66', { material: 'stone' }),
        ],
        expect: 'note',
      },
    ],
  ],
});
