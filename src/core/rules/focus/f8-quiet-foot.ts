import { deltaEHex } from '../../colour';
import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';

const words = wording({
  quiet: (_, say) => `${say.the(1)} ${say.verb('let', 1)} ${say.the(0)} take the stage.`,
  competes: (_, say) => `${say.the(1)} ${say.verb('compete', 1)} with ${say.the(0)}. Choose a quieter shoe.`,
});

const answers = (shoe: Worn, whole: Worn): boolean =>
  shoe.swatches.some((one) => whole.swatches.some((other) => deltaEHex(one.hex, other.hex) <= 12));

/** F8: under a strong dress the shoe is quiet. */
export const quietFoot = defineRule({
  id: 'F8',
  facet: 'F',
  title: 'Quiet foot',
  question: 'Under a strong dress, is the shoe quiet?',
  thresholds: {
    strong: { value: 4, unit: 'points', says: 'From this statement a dress is strong.', min: 2, max: 5 },
    quiet: { value: 1, unit: 'points', says: 'Up to this a shoe is quiet.', min: 0, max: 4 },
  },
  words,
  reads: (_given, at) => ({
    of: ({ slot, piece }) =>
      slot === 'whole'
        ? ['whole', piece.statement < at.strong, piece.colours.map(({ hex }) => hex)]
        : slot === 'shoes'
          ? ['shoes', piece.statement <= at.quiet, piece.colours.map(({ hex }) => hex)]
          : undefined,
  }),
  find(scene, at) {
    const [whole, shoe] = [oneIn(scene, 'whole'), oneIn(scene, 'shoes')];
    if (!whole || !shoe || whole.piece.statement < at.strong) return [];
    // A shoe that picks up a colour of the dress is answered by it, and C1 says so.
    if (shoe.piece.statement > at.quiet && answers(shoe, whole)) return [];
    const pieces = ids(whole, shoe);
    return shoe.piece.statement <= at.quiet
      ? [{ code: 'quiet', tone: 'works', pieces }]
      : [{ code: 'competes', tone: 'note', pieces }];
  },
  examples: [
    [
      {
        title: 'A strong dress over strong shoes',
        look: [solid('dress', '#b3222e', { statement: 4 }), solid('heel', '#c2a14e', { statement: 3 })],
        expect: 'note',
      },
      {
        title: 'The same dress over plain shoes',
        look: [solid('dress', '#b3222e', { statement: 4 }), solid('heel', '#17171a', { statement: 0 })],
        expect: 'works',
      },
    ],
  ],
});
