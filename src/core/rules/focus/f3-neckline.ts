import { measure, type Neckline } from '../../piece';
import { defineRule } from '../define';
import { oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

type Chain = 'none' | 'short' | 'long';
const SHORT = ['short'] as const;
const NONE = ['none'] as const;

/** Chains that each neckline takes; the first is the best. Bare necklines want none. */
const TAKES: Readonly<Record<Neckline, readonly Chain[]>> = {
  high: ['long', 'none'],
  roll: ['long', 'none'],
  crew: ['long', 'short'],
  v: SHORT,
  scoop: SHORT,
  wrap: SHORT,
  collar: ['none', 'long'],
  'one-shoulder': NONE,
  halter: NONE,
  illusion: NONE,
  cowl: NONE,
  strapless: SHORT,
  square: SHORT,
  boat: SHORT,
};
const BARE: readonly Neckline[] = ['one-shoulder', 'halter', 'illusion', 'cowl'];

/** F3: what hangs at the neck, by the neckline. */
export const neckline = defineRule({
  id: 'F3',
  facet: 'F',
  title: 'Neckline',
  question: 'Does the necklace suit the neckline?',
  thresholds: { long: { value: 550, unit: 'mm', says: 'From this a chain is long.', min: 400, max: 800 } },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    of: (worn) => {
      if (worn.slot === 'top' || worn.slot === 'whole') return [worn.slot, worn.piece.cut.neckline];
      if (worn.slot !== 'neck') return undefined;
      const chain = measure(worn, 'chain');
      return ['neck', chain && [chain.origin === 'defaulted', chain.mm >= at.long]];
    },
  }),
  evaluate(scene, at) {
    const necklace = oneIn(scene, 'neck');
    const base = oneIn(scene, 'whole', 'top');
    const cut = base?.piece.cut.neckline;
    if (!base || !cut) return [];
    if (!necklace)
      return BARE.includes(cut)
        ? [
            {
              tone: 'works',
              pieces: [base.piece.id],
              text: `The neck of ${named(base)} is left bare, as it wants to be.`,
            },
          ]
        : [];
    const pieces = [necklace.piece.id, base.piece.id];
    if (BARE.includes(cut))
      return [
        {
          tone: 'fights',
          pieces,
          text: `${named(base)} wants a bare neck; leave off ${named(necklace)} and let the ears speak.`,
        },
      ];
    const chain = measure(necklace, 'chain');
    if (!chain) return [];
    if (chain.origin === 'defaulted')
      return [
        {
          tone: 'note',
          pieces,
          cannotTell: true,
          text: `Cannot tell whether ${named(necklace)} suits the neck: measure its chain.`,
        },
      ];
    const length: Chain = chain.mm >= at.long ? 'long' : 'short';
    const takes = TAKES[cut];
    const measured = `chain ${chain.mm} mm; from ${at.long} mm is long`;
    if (takes.includes(length))
      return [
        { tone: 'works', pieces, measured, text: `${named(necklace)} suits the neck of ${named(base)}.` },
      ];
    return [
      {
        tone: 'note',
        pieces,
        measured,
        text: `A ${cut.replace('-', ' ')} neck takes ${takes[0] === 'none' ? 'no necklace' : `a ${takes[0]} chain`}${takes[1] === 'none' ? ', or none' : ''}.`,
      },
    ];
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
