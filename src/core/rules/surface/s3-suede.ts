import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

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
  evaluate({ pieces }) {
    const suedes = pieces.filter(({ piece }) => piece.fabric.texture === 'suede');
    if (suedes.length === 0) return [];
    const lit = pieces.find(
      ({ piece }) =>
        piece.metal !== 'none' ||
        ['leather', 'satin', 'sequin'].includes(piece.fabric.texture) ||
        piece.fabric.finish === 'sheen' ||
        piece.fabric.finish === 'sparkle',
    );
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
