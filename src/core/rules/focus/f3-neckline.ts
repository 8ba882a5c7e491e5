import { measure, type Neckline } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';

type Chain = 'none' | 'short' | 'long';
const SHORT = ['short'] as const;
const NONE = ['none'] as const;

/** Chains that each neckline takes; the first is the best. Bare necklines want none. */
const TAKES: Readonly<Record<Neckline, readonly Chain[]>> = {
  high: ['long', 'none'],
  roll: ['long', 'none'],
  crew: ['long', 'short'],
  v: ['short', 'long'],
  scoop: SHORT,
  wrap: ['short', 'long'],
  // Buttoned, a collar takes none or a long one; open, beads lie in it.
  collar: ['none', 'long', 'short'],
  'one-shoulder': NONE,
  halter: NONE,
  illusion: NONE,
  cowl: NONE,
  strapless: SHORT,
  square: SHORT,
  boat: SHORT,
};
const BARE: readonly Neckline[] = ['one-shoulder', 'halter', 'illusion', 'cowl'];

const words = wording({
  bare: (_, say) => `The neckline of ${say.the()} is better without a necklace, and has none.`,
  crowded: (_, say) =>
    `The neckline of ${say.the(1)} is better bare. Leave off ${say.the(0)} and let earrings do the work.`,
  unknown: (_, say) =>
    `Can’t tell whether ${say.the(0)} ${say.verb('suit', 0)} the neckline: measure the chain.`,
  suits: (_, say) => `${say.the(0)} ${say.verb('suit', 0)} the neckline of ${say.the(1)}.`,
  other: ({ cut, takes }: { cut: Neckline; takes: readonly Chain[] }) =>
    `A ${cut === 'v' ? 'V' : cut.replace('-', ' ')} neckline is better with ${takes.map((chain) => (chain === 'none' ? 'no necklace' : `a ${chain} chain`)).join(' or ')}.`,
});

/** F3: what hangs at the neck, by the neckline. */
export const neckline = defineRule({
  id: 'F3',
  facet: 'F',
  weight: TELLING_WEIGHT,
  title: 'Neckline',
  question: 'Does the necklace suit the neckline?',
  thresholds: { long: { value: 550, unit: 'mm', says: 'From this a chain is long.', min: 400, max: 800 } },
  words,
  reads: (_given, at) => ({
    of: (worn) => {
      if (worn.slot === 'top' || worn.slot === 'whole') return [worn.slot, worn.piece.cut.neckline];
      if (worn.slot !== 'neck') return undefined;
      const chain = measure(worn, 'chain');
      return ['neck', chain && [chain.origin === 'defaulted', chain.mm >= at.long]];
    },
  }),
  find(scene, at) {
    const necklace = oneIn(scene, 'neck');
    const base = oneIn(scene, 'whole', 'top');
    const cut = base?.piece.cut.neckline;
    if (!base || !cut) return [];
    if (!necklace) return BARE.includes(cut) ? [{ code: 'bare', tone: 'works', pieces: ids(base) }] : [];
    const pieces = ids(necklace, base);
    if (BARE.includes(cut)) return [{ code: 'crowded', tone: 'fights', pieces }];
    const chain = measure(necklace, 'chain');
    if (!chain) return [];
    if (chain.origin === 'defaulted') return [{ code: 'unknown', tone: 'note', pieces, cannotTell: true }];
    const length: Chain = chain.mm >= at.long ? 'long' : 'short';
    const takes = TAKES[cut];
    const measured = { value: chain.mm, unit: 'mm', least: at.long } as const;
    return takes.includes(length)
      ? [{ code: 'suits', tone: 'works', pieces, measured }]
      : [{ code: 'other', tone: 'note', pieces, measured, params: { cut, takes } }];
  },
  examples: [
    [
      {
        title: 'A necklace at a one-shoulder neck',
        look: [
          solid('dress', '#1f2a44', { cut: { neckline: 'one-shoulder' } }),
          solid('necklace', '#c2a14e'),
        ],
        expect: 'fights',
      },
      {
        title: 'The neck left bare',
        look: [solid('dress', '#1f2a44', { cut: { neckline: 'one-shoulder' } })],
        expect: 'works',
      },
    ],
    [
      {
        title: 'A short chain over a roll neck',
        look: [
          solid('fine-knit', '#84868a', { cut: { neckline: 'roll' } }),
          solid('necklace', '#c2a14e', { measures: { chain: 420 } }),
        ],
        expect: 'note',
      },
      {
        title: 'A long pendant over it',
        look: [
          solid('fine-knit', '#84868a', { cut: { neckline: 'roll' } }),
          solid('necklace', '#c2a14e', { measures: { chain: 750 } }),
        ],
        expect: 'works',
      },
    ],
  ],
});
