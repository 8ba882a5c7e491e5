import { deltaEHex } from '../../colour';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { mainHex, oneIn } from '../fields';
import { solid } from '../given';

const words = wording({
  runs: (_, say) => `${say.the()} ${say.verb('lengthen')} the bare leg.`,
});

/** C12: a shoe in the colour of a bare leg makes the leg go on. Only where a skin colour was offered. */
export const skin = defineRule({
  id: 'C12',
  facet: 'C',
  title: 'Skin and shoe',
  question: 'Does the shoe lengthen a bare leg?',
  thresholds: {
    near: { value: 10, unit: 'ΔE', says: 'Within this the shoe is quiet on the leg.', min: 4, max: 20 },
  },
  words,
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
  find(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const { skinHex } = scene.client;
    const bare = ![...scene.cover.values()].some((zones) => zones.has('calves')) && !oneIn(scene, 'legwear');
    if (!shoe || !skinHex || !bare || !oneIn(scene, 'bottom', 'whole')) return [];
    const apart = deltaEHex(mainHex(shoe), skinHex);
    return apart > at.near
      ? []
      : [
          {
            code: 'runs',
            tone: 'works',
            pieces: ids(shoe),
            measured: { value: apart, unit: 'ΔE', most: at.near },
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
