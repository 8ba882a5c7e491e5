import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';

const words = wording({
  three: ({ kinds }: { kinds: readonly string[] }, say) =>
    `${say.list(kinds)}: three themes at once. Keep one.`,
  back: ({ kind }: { kind: string }, say) => `${say.the()} share one theme: ${kind}.`,
});

/** F7: a material that comes back is a theme; three themes are none. */
export const theme = defineRule({
  id: 'F7',
  facet: 'F',
  title: 'Theme',
  question: 'Does a material repeat?',
  thresholds: {
    most: { value: 3, unit: 'themes', says: 'From this many materials there is no theme.', min: 2, max: 6 },
  },
  words,
  reads: () => ({ of: ({ piece }) => (piece.material === 'metal' ? undefined : piece.material) }),
  find({ pieces }, at) {
    const jewels = pieces.filter(({ piece }) => piece.material !== undefined && piece.material !== 'metal');
    const kinds = new Set(jewels.flatMap(({ piece }) => piece.material ?? []));
    if (kinds.size >= at.most)
      return [
        {
          code: 'three',
          tone: 'note',
          pieces: ids(...jewels),
          params: { kinds: [...kinds] },
        },
      ];
    const back = [...kinds].find((kind) => jewels.filter(({ piece }) => piece.material === kind).length >= 2);
    if (!back) return [];
    const same = jewels.filter(({ piece }) => piece.material === back);
    return [
      {
        code: 'back',
        tone: 'works',
        pieces: ids(...same),
        params: { kind: back },
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
