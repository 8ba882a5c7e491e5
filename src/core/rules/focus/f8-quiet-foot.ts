import { defineRule } from '../define';
import { oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    of: ({ slot, piece }) =>
      slot === 'whole'
        ? ['whole', piece.statement < at.strong]
        : slot === 'shoes'
          ? ['shoes', piece.statement <= at.quiet]
          : undefined,
  }),
  evaluate(scene, at) {
    const [whole, shoe] = [oneIn(scene, 'whole'), oneIn(scene, 'shoes')];
    if (!whole || !shoe || whole.piece.statement < at.strong) return [];
    const pieces = [whole.piece.id, shoe.piece.id];
    return shoe.piece.statement <= at.quiet
      ? [{ tone: 'works', pieces, text: `${named(shoe)} leaves ${named(whole)} the stage.` }]
      : [{ tone: 'note', pieces, text: `${named(shoe)} competes with ${named(whole)}; a quieter shoe.` }];
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
