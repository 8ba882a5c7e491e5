import { hemHeight } from '../../figure';
import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { wholeIn } from '../reads';

/** Where a hem falls, barefoot: the shoes lift both alike. Undefined where the length is only the usual one. */
const knownHem = (worn: Worn, { marks }: Scene): number | undefined =>
  (measure(worn, 'length')?.origin ?? 'defaulted') === 'defaulted' ? undefined : hemHeight(worn, marks);

const words = wording({
  peeps: (_, say) =>
    `${say.the(0)} ${say.verb('show', 0)} just below ${say.the(1)}. Go longer, go shorter, or tuck ${say.it(0)} in.`,
});
type Said = FoundBy<typeof words>;

/** P12: an inner hem that shows below a layer by accident. */
export const tiers = defineRule({
  id: 'P12',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Tiers',
  question: 'Do the hems of two layers look accidental?',
  thresholds: {
    from: { value: 15, unit: 'mm', says: 'From here an inner hem shows.', min: 5, max: 60 },
    to: { value: 60, unit: 'mm', says: 'Beyond this it is meant.', min: 20, max: 150 },
    coat: {
      value: 100,
      unit: 'mm',
      says: 'A dress shows less than this below a coat by accident.',
      min: 40,
      max: 250,
    },
  },
  words,
  reads: () => ({ needs: ({ slot }) => slot === 'layer', of: wholeIn('layer', 'top', 'whole') }),
  find(scene, at) {
    const said: Said[] = [];
    for (const layer of inSlot(scene, 'layer')) {
      const outer = knownHem(layer, scene);
      if (outer === undefined) continue;
      for (const inner of inSlot(scene, 'top', 'whole')) {
        const hem = knownHem(inner, scene);
        if (hem === undefined || inner.facts.mayShowBelow || measure(inner, 'inseam')) continue;
        const shows = Math.round(outer - hem);
        const coat = layer.facts.outer && layer.facts.shape === 'upper';
        const most = inner.facts.skirted && inner.facts.shape === 'whole' ? (coat ? at.coat : 0) : at.to;
        if (shows < at.from || shows >= most) continue;
        said.push({
          code: 'peeps',
          tone: 'note',
          pieces: ids(inner, layer),
          measured: { value: shows, unit: 'mm', least: most },
        });
      }
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A dress that peeps out below its coat',
        look: [
          solid('dress', '#1f4032', { measures: { length: 1150 } }),
          solid('coat', '#1f2a44', { measures: { length: 1090 } }),
        ],
        expect: 'note',
      },
      {
        title: 'A coat as long as the dress',
        look: [
          solid('dress', '#1f4032', { measures: { length: 1150 } }),
          solid('coat', '#1f2a44', { measures: { length: 1160 } }),
        ],
        expect: 'silent',
      },
    ],
  ],
});
