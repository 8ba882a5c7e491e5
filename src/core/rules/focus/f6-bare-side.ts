import { defineRule } from '../define';
import { oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** F6: an asymmetric neck is balanced by a bracelet on the bare side. */
export const bareSide = defineRule({
  id: 'F6',
  facet: 'F',
  title: 'Bare side',
  question: 'Is the bare side balanced?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: ({ slot, piece }) =>
      slot === 'wrist'
        ? true
        : slot === 'top' || slot === 'whole'
          ? [slot, piece.cut.neckline === 'one-shoulder']
          : undefined,
  }),
  evaluate(scene) {
    const base = oneIn(scene, 'whole', 'top');
    const wrist = oneIn(scene, 'wrist');
    if (base?.piece.cut.neckline !== 'one-shoulder' || !wrist) return [];
    const side = base.piece.cut.bareSide;
    return [
      {
        tone: 'works',
        pieces: [wrist.piece.id, base.piece.id],
        text: `${named(wrist)} on the ${side ? `${side} wrist, the bare side,` : 'bare side'} balances the one shoulder.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A one-shoulder dress with a cuff',
        look: [
          solid('dress', '#1f2a44', { cut: { neckline: 'one-shoulder', bareSide: 'left' } }),
          solid('bracelet', '#c2a14e'),
        ],
        expect: 'works',
      },
      {
        title: 'Without it',
        look: [solid('dress', '#1f2a44', { cut: { neckline: 'one-shoulder', bareSide: 'left' } })],
        expect: 'silent',
      },
    ],
  ],
});
