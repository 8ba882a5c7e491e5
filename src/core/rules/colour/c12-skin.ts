import { deltaEHex } from '../../colour';
import { defineRule } from '../define';
import { mainHex, oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, USUAL_WEIGHT } from '../rule';

/** C12: a shoe in the colour of a bare leg makes the leg go on. Only where a skin colour was offered. */
export const skin = defineRule({
  id: 'C12',
  facet: 'C',
  title: 'Skin and shoe',
  question: 'Does the shoe carry a bare leg on?',
  thresholds: {
    near: { value: 10, unit: 'ΔE', says: 'Within this the shoe is quiet on the leg.', min: 4, max: 20 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ client, coverOf }) =>
    client.skinHex === undefined
      ? 'nothing'
      : {
          of: (worn) => [
            ['bottom', 'whole'].includes(worn.slot) ? 'lower' : worn.slot === 'legwear',
            coverOf(worn).has('calves'),
            worn.slot === 'shoes' && mainHex(worn),
          ],
        },
  evaluate(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const { skinHex } = scene.client;
    const bare = ![...scene.cover.values()].some((zones) => zones.has('calves')) && !oneIn(scene, 'legwear');
    if (!shoe || !skinHex || !bare || !oneIn(scene, 'bottom', 'whole')) return [];
    const apart = deltaEHex(mainHex(shoe), skinHex);
    return apart > at.near
      ? []
      : [
          {
            tone: 'works',
            pieces: [shoe.piece.id],
            measured: `ΔE ${apart.toFixed(1)}; up to ${at.near} is quiet`,
            text: `${shoe.piece.title} carries the bare leg on.`,
          },
        ];
  },
  examples: [
    [
      {
        title: 'A short skirt over shoes near the skin',
        look: [solid('skirt', '#1f2a44', { measures: { length: 480 } }), solid('heel', '#c89f80')],
        client: { skinHex: '#c8a083' },
        expect: 'works',
      },
      {
        title: 'The same with black shoes',
        look: [solid('skirt', '#1f2a44', { measures: { length: 480 } }), solid('heel', '#17171a')],
        client: { skinHex: '#c8a083' },
        expect: 'silent',
      },
    ],
  ],
});
