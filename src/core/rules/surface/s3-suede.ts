import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { solid } from '../given';
import { type Worn } from '../../piece';

const isSuede = ({ piece }: Worn): boolean => piece.fabric.texture === 'suede';

const lights = ({ piece }: Worn): boolean =>
  piece.metal !== 'none' ||
  ['leather', 'satin', 'sequin'].includes(piece.fabric.texture) ||
  piece.fabric.finish === 'sheen' ||
  piece.fabric.finish === 'sparkle';

const words = wording({
  lit: (_, say) => `${say.the(0)} ${say.verb('keep', 0)} the suede from looking dull.`,
  dull: (_, say) => `${say.the()} ${say.verb('look')} dull among matt pieces. Add leather, satin or metal.`,
});

/** S3: suede is thirsty; something with a light in it keeps it from looking dusty. */
export const suede = defineRule({
  id: 'S3',
  facet: 'S',
  weight: TELLING_WEIGHT,
  title: 'Suede',
  question: 'Does suede have something with a shine beside it?',
  words,
  reads: () => ({
    needs: isSuede,
    of: (worn) => (isSuede(worn) || lights(worn) ? [isSuede(worn), lights(worn)] : undefined),
  }),
  find({ pieces }) {
    const suedes = pieces.filter(isSuede);
    if (suedes.length === 0) return [];
    const lit = pieces.find(lights);
    return lit
      ? [{ code: 'lit', tone: 'works', pieces: ids(lit, ...suedes.filter((worn) => worn !== lit)) }]
      : [{ code: 'dull', tone: 'note', pieces: ids(...suedes) }];
  },
  examples: [
    [
      {
        title: 'Suede boots with matt cotton',
        look: [
          solid('ankle-boot', '#b98f60', { fabric: { texture: 'suede' } }),
          solid('trousers', '#3d3f45'),
        ],
        expect: 'note',
      },
      {
        title: 'The same with a leather belt',
        look: [
          solid('ankle-boot', '#b98f60', { fabric: { texture: 'suede' } }),
          solid('trousers', '#3d3f45'),
          solid('belt', '#5f4331', { fabric: { texture: 'leather' } }),
        ],
        expect: 'works',
      },
    ],
  ],
});
