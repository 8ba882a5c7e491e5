import type { Zone } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';

const words = wording({
  clings: ({ zone }: { zone: Zone }, say) =>
    `${say.the()} ${say.verb('cling')} over ${say.zones([zone])}. Choose something looser, or add a layer.`,
});
type Said = FoundBy<typeof words>;

/** K9: nothing clings where the client wants nothing to cling. */
export const cling = defineRule({
  id: 'K9',
  facet: 'K',
  title: 'Cling',
  question: 'Does anything cling where nothing should?',
  thresholds: {
    stretch: { value: 10, unit: '%', says: 'From this stretch close cloth clings.', min: 4, max: 40 },
  },
  words,
  reads: ({ client, coverOf }) =>
    client.looseOver.length === 0
      ? 'nothing'
      : {
          of: (worn) => [
            worn.piece.volume === 'close' && worn.piece.fabric.stretchPct,
            worn.order,
            worn.effects.front === 'open',
            client.looseOver.map((zone) => coverOf(worn).has(zone)),
          ],
        },
  find({ pieces, client, cover }, at) {
    return pieces.flatMap((worn): Said[] => {
      const { volume, fabric } = worn.piece;
      if (volume !== 'close' || fabric.stretchPct < at.stretch) return [];
      const over = pieces.filter(({ order, effects }) => order > worn.order && effects.front !== 'open');
      const zone = client.looseOver.find(
        (each) =>
          cover.get(worn.piece.id)?.has(each) && !over.some(({ piece }) => cover.get(piece.id)?.has(each)),
      );
      return zone
        ? [
            {
              code: 'clings',
              tone: 'fights',
              zone,
              pieces: ids(worn),
              params: { zone },
            },
          ]
        : [];
    });
  },
  examples: [
    [
      {
        title: 'A close stretchy knit for a client who wants nothing to cling at the midriff',
        look: [solid('fine-knit', '#84868a', { volume: 'close', fabric: { stretchPct: 20 } })],
        client: { looseOver: ['midriff'] },
        expect: 'fights',
      },
      {
        title: 'An easy one',
        look: [solid('fine-knit', '#84868a', { volume: 'easy', fabric: { stretchPct: 20 } })],
        client: { looseOver: ['midriff'] },
        expect: 'silent',
      },
    ],
  ],
});
