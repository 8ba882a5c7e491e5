import { measure } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { coveredZones, oneIn } from '../fields';
import { solid } from '../given';

const words = wording({
  covered: (_, say) => `With so much cover above, ${say.the()} can be short.`,
  heel: (_, say) => `A lower shoe suits ${say.the(0)} better.`,
});
type Said = FoundBy<typeof words>;

/** P15: a short hem wants cover above and a low shoe under shorts. */
export const shortHem = defineRule({
  id: 'P15',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Short hem',
  question: 'Is a short hem balanced?',
  thresholds: { heel: { value: 40, unit: 'mm', says: 'Highest heel under shorts.', min: 10, max: 90 } },
  words,
  reads: ({ coverOf }) => ({
    of: (worn) => {
      const zones = coverOf(worn);
      const covers = (['thighs', 'upper-arms', 'lower-arms', 'chest'] as const).map((zone) =>
        zones.has(zone),
      );
      const lower = (worn.slot === 'bottom' || worn.slot === 'whole') && [
        worn.slot,
        worn.facts.legs === 'short',
      ];
      const heel = worn.slot === 'shoes' && measure(worn, 'heel');
      return lower || heel || covers.includes(true) ? [covers, lower, heel] : undefined;
    },
  }),
  find(scene, at) {
    const lower = oneIn(scene, 'bottom', 'whole');
    if (!lower) return [];
    const covered = coveredZones(scene);
    if (covered.has('thighs')) return [];
    const said: Said[] = [];
    if (covered.has('upper-arms') && covered.has('lower-arms') && covered.has('chest'))
      said.push({ code: 'covered', tone: 'works', pieces: ids(lower) });
    const shoe = oneIn(scene, 'shoes');
    const heel = shoe && measure(shoe, 'heel');
    if (lower.facts.legs === 'short' && shoe && heel && heel.origin !== 'defaulted' && heel.mm > at.heel)
      said.push({
        code: 'heel',
        tone: 'note',
        pieces: ids(lower, shoe),
        measured: { value: heel.mm, unit: 'mm', most: at.heel },
      });
    return said;
  },
  examples: [
    [
      {
        title: 'Shorts over high heels',
        look: [
          solid('tee', '#fbfbf9'),
          solid('shorts', '#1f2a44', { measures: { inseam: 90 } }),
          solid('heel', '#17171a', { measures: { heel: 80 } }),
        ],
        expect: 'note',
      },
      {
        title: 'Shorts under a long-sleeved shirt, with flat shoes',
        look: [
          solid('shirt', '#fbfbf9'),
          solid('shorts', '#1f2a44', { measures: { inseam: 90 } }),
          solid('flat', '#17171a', { measures: { heel: 10 } }),
        ],
        expect: 'works',
      },
    ],
  ],
});
