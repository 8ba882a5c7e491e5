import { measure } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

interface On {
  readonly surface: string;
}

const words = wording({
  ice: (_, say) => `${say.the()} won’t grip on ice. Choose a sole with grip.`,
  smooth: ({ surface }: On, say) =>
    `${say.the()} ${say.verb('have')} a smooth sole, and the ground is ${surface === 'deck' ? 'a deck' : surface}.`,
  sinks: ({ surface }: On, say) => `The thin heel of ${say.the()} will sink or catch on ${surface}.`,
  high: ({ surface }: On, say) => `${say.the()} ${say.verb('be')} high for ${surface}.`,
  open: ({ surface }: On, say) => `${say.the()} ${say.verb('be')} open, and the ground is ${surface}.`,
  copes: ({ surfaces }: { surfaces: readonly string[] }, say) =>
    `${say.the()} will cope with ${say.list(surfaces.map((each) => (each === 'wet' ? 'wet ground' : each === 'deck' ? 'the deck' : each)))}.`,
});
type Said = FoundBy<typeof words>;

/** W3: the shoe and the ground. */
export const ground = defineRule({
  id: 'W3',
  facet: 'W',
  weight: TELLING_WEIGHT,
  title: 'Ground',
  question: 'Does the shoe suit the ground?',
  thresholds: {
    tip: { value: 20, unit: 'mm', says: 'A heel tip narrower than this sinks and catches.', min: 8, max: 40 },
    heel: {
      value: 50,
      unit: 'mm',
      says: 'A heel higher than this is unsteady on rough ground.',
      min: 25,
      max: 100,
    },
  },
  words,
  reads: ({ occasion }) => (occasion?.surfaces?.length ? { of: wholeIn('shoes') } : 'nothing'),
  find(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const surfaces = scene.occasion?.surfaces ?? [];
    if (!shoe || surfaces.length === 0) return [];
    const { sole, heelTipMm, toe } = shoe.piece.cut;
    const heel = measure(shoe, 'heel');
    const high = heel !== undefined && heel.origin !== 'defaulted' && heel.mm > at.heel;
    const thin = heelTipMm !== undefined && heelTipMm < at.tip;
    const said: Said[] = [];
    const pieces = ids(shoe);
    for (const surface of surfaces) {
      if (surface === 'ice' && sole !== 'grip' && sole !== 'lug')
        said.push({ code: 'ice', tone: 'fights', pieces });
      else if ((surface === 'wet' || surface === 'deck') && sole === 'smooth')
        said.push({ code: 'smooth', tone: 'fights', pieces, params: { surface } });
      else if (
        (surface === 'grass' || surface === 'cobbles' || surface === 'sand' || surface === 'deck') &&
        thin
      )
        said.push({
          code: 'sinks',
          tone: 'fights',
          pieces,
          params: { surface },
          measured: { value: heelTipMm, unit: 'mm', least: at.tip },
        });
      else if ((surface === 'grass' || surface === 'cobbles' || surface === 'sand') && high)
        said.push({
          code: 'high',
          tone: 'note',
          pieces,
          params: { surface },
          measured: { value: heel.mm, unit: 'mm', most: at.heel },
        });
      else if ((surface === 'wet' || surface === 'grass') && toe === 'open')
        said.push({ code: 'open', tone: 'note', pieces, params: { surface } });
    }
    return said.length > 0 ? said : [{ code: 'copes', tone: 'works', pieces, params: { surfaces } }];
  },
  examples: [
    [
      {
        title: 'A thin heel on grass',
        look: [solid('heel', '#17171a', { cut: { heelTipMm: 9 }, measures: { heel: 80 } })],
        occasion: { surfaces: ['grass'] },
        expect: 'fights',
      },
      {
        title: 'A block heel on grass',
        look: [solid('heel', '#17171a', { cut: { heelTipMm: 45 }, measures: { heel: 45 } })],
        occasion: { surfaces: ['grass'] },
        expect: 'works',
      },
    ],
  ],
});
