import { isBoot, type Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { hemOf, oneIn } from '../fields';
import { solid } from '../given';
import { readsAs } from './p1-hem-off-floor';
import { wholeIn } from '../reads';

const words = wording({
  shows: ({ toe: cut }: { toe: 'pointed' | 'almond' }, say) =>
    `The ${cut} toe of ${say.the(1)} shows below ${say.the(0)}.`,
  grounds: (_, say) => `${say.the(1)} ${say.verb('have', 1)} the weight to ground ${say.the(0)}.`,
  heavy: (_, say) =>
    `${say.the(1)} ${say.verb('look', 1)} heavy under a hem that pools. Choose a pointed toe or a shorter hem.`,
});

/** Much cloth below the waist. */
const isBillowing = ({ facts, piece: { volume, cut, structure } }: Worn): boolean =>
  facts.skirted && structure < 3 && (volume === 'full' || cut.silhouette === 'full');
/** A boot, a thick sole: something for the eye to stand on. */
const isSubstantial = (shoe: Worn, platform: number): boolean =>
  isBoot(shoe) || shoe.piece.cut.sole === 'lug' || (shoe.measures.platform ?? 0) >= platform;

/** P8: a wide leg wants a toe that comes out from under it. */
export const toe = defineRule({
  id: 'P8',
  facet: 'P',
  title: 'Toe',
  question: 'Does the toe show below a wide leg?',
  thresholds: {
    thighEase: { value: 60, unit: 'mm', says: 'As in P1.', min: 20, max: 150 },
    platform: {
      value: 25,
      unit: 'mm',
      says: 'From this platform a shoe has weight.',
      min: 10,
      max: 60,
    },
    pool: { value: 30, unit: 'mm', says: 'A hem below this pools on the shoe.', min: 0, max: 60 },
  },
  words,
  reads: () => ({ of: wholeIn('bottom', 'whole', 'shoes') }),
  find(scene, at) {
    const [bottom, shoe] = [oneIn(scene, 'bottom', 'whole'), oneIn(scene, 'shoes')];
    if (!bottom || !shoe) return [];
    if (isBillowing(bottom) && isSubstantial(shoe, at.platform))
      return [{ code: 'grounds', tone: 'works', pieces: ids(bottom, shoe) }];
    if (bottom.facts.legs !== 'long') return [];
    const { leg } = bottom.piece.cut;
    if (leg !== 'wide' && leg !== 'flare' && leg !== 'bootcut') return [];
    if (readsAs(bottom, scene, at.thighEase) !== 'wide') return [];
    const pieces = ids(bottom, shoe);
    const cut = shoe.piece.cut.toe;
    if (cut === 'pointed' || cut === 'almond')
      return [{ code: 'shows', tone: 'works', pieces, params: { toe: cut } }];
    const clearance = hemOf(scene, bottom)?.clearanceMm;
    const chunky = cut === 'round' && (shoe.facts.sporty || shoe.piece.cut.sole === 'lug');
    return chunky && clearance !== undefined && clearance < at.pool
      ? [{ code: 'heavy', tone: 'note', pieces }]
      : [];
  },
  examples: [
    [
      {
        title: 'Wide trousers over a pointed toe',
        look: [
          solid('trousers', '#17171a', { cut: { leg: 'wide' } }),
          solid('heel', '#17171a', { cut: { toe: 'pointed' } }),
        ],
        expect: 'works',
      },
      {
        title: 'Wide trousers pooling on a chunky trainer',
        look: [
          solid('trousers', '#17171a', { cut: { leg: 'wide' }, measures: { inseam: 800 } }),
          solid('sneaker', '#fbfbf9', { cut: { toe: 'round' }, measures: { heel: 25 } }),
        ],
        client: { measures: { heightMm: 1700, insideLegLength: 790 } },
        expect: 'note',
      },
    ],
    [
      {
        title: 'A full skirt over a boot',
        look: [solid('skirt', '#611f2f', { volume: 'full' }), solid('ankle-boot', '#17171a')],
        expect: 'works',
      },
      {
        title: 'Over a thin flat',
        look: [solid('skirt', '#611f2f', { volume: 'full' }), solid('flat', '#17171a')],
        expect: 'silent',
      },
    ],
  ],
});
