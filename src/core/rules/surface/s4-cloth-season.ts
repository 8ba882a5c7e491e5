import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { solid } from '../given';

const summery = ({ piece: { fabric } }: Worn): boolean =>
  fabric.texture === 'linen' ||
  fabric.texture === 'mesh' ||
  (fabric.texture === 'crinkle' && fabric.weight === 'light');
const wintry = ({ piece: { fabric } }: Worn): boolean =>
  ['velvet', 'fur', 'tweed'].includes(fabric.texture) ||
  (fabric.weight === 'heavy' && fabric.fibres.some(({ name }) => /wool|cashmere/.test(name)));

const words = wording({
  apart: (_, say) => `${say.the(0)} ${say.verb('say', 0)} high summer, ${say.the(1)} deep winter.`,
});

/** S4: cloths of high summer and deep winter in one look. */
export const clothSeason = defineRule({
  id: 'S4',
  facet: 'S',
  weight: TELLING_WEIGHT,
  title: 'Cloth and season',
  question: 'Do the cloths belong to one season?',
  words,
  reads: () => ({
    of: (worn) => (summery(worn) || wintry(worn) ? [summery(worn), wintry(worn)] : undefined),
  }),
  find({ pieces }) {
    // A heavy woollen linen is of no season of its own.
    const cool = pieces.find((worn) => summery(worn) && !wintry(worn));
    const warm = pieces.find((worn) => wintry(worn) && !summery(worn));
    if (!cool || !warm) return [];
    return [{ code: 'apart', tone: 'note', pieces: ids(cool, warm) }];
  },
  examples: [
    [
      {
        title: 'Linen trousers under a velvet blazer',
        look: [
          solid('trousers', '#d3c5ab', { fabric: { texture: 'linen' } }),
          solid('blazer', '#532a45', { fabric: { texture: 'velvet' } }),
        ],
        expect: 'note',
      },
      {
        title: 'Wool trousers under it',
        look: [solid('trousers', '#d3c5ab'), solid('blazer', '#532a45', { fabric: { texture: 'velvet' } })],
        expect: 'silent',
      },
    ],
  ],
});
