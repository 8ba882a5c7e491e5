import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { type Worn } from '../../piece';

const isSuede = ({ piece }: Worn): boolean => piece.fabric.texture === 'suede';

const lights = ({ piece }: Worn): boolean =>
  piece.metal !== 'none' ||
  ['leather', 'satin', 'sequin'].includes(piece.fabric.texture) ||
  piece.fabric.finish === 'sheen' ||
  piece.fabric.finish === 'sparkle';

/** S3: suede is thirsty; something with a light in it keeps it from looking dusty. */
export const suede = defineRule({
  id: 'S3',
  facet: 'S',
  title: 'Suede',
  question: 'Does suede have something with a light in it beside it?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    needs: isSuede,
    of: (worn) => (isSuede(worn) || lights(worn) ? [isSuede(worn), lights(worn)] : undefined),
  }),
  evaluate({ pieces }) {
    const suedes = pieces.filter(isSuede);
    if (suedes.length === 0) return [];
    const lit = pieces.find(lights);
    return lit
      ? [
          {
            tone: 'works',
            pieces: suedes.map(({ piece }) => piece.id),
            text: `${named(lit)} gives the suede a light.`,
          },
        ]
      : [
          {
            tone: 'note',
            pieces: suedes.map(({ piece }) => piece.id),
            text: `${named(...suedes)} with only matt around it looks dusty; some leather, satin or metal helps.`,
          },
        ];
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
