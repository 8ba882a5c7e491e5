import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';

const words = wording({
  balance: ({ side }: { side?: 'left' | 'right' | undefined }, say) =>
    `${say.the(0)} on the ${side ? `${side} wrist` : 'bare side'} ${say.verb('balance', 0)} the bare shoulder.`,
});

/** F6: an asymmetric neck is balanced by a bracelet on the bare side. */
export const bareSide = defineRule({
  id: 'F6',
  facet: 'F',
  title: 'Bare side',
  question: 'Is the bare side balanced?',
  words,
  reads: () => ({
    of: ({ slot, piece }) =>
      slot === 'wrist'
        ? true
        : slot === 'top' || slot === 'whole'
          ? [slot, piece.cut.neckline === 'one-shoulder']
          : undefined,
  }),
  find(scene) {
    const base = oneIn(scene, 'whole', 'top');
    const wrist = oneIn(scene, 'wrist');
    if (base?.piece.cut.neckline !== 'one-shoulder' || !wrist) return [];
    const side = base.piece.cut.bareSide;
    return [
      {
        code: 'balance',
        tone: 'works',
        pieces: ids(wrist, base),
        params: { side },
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
