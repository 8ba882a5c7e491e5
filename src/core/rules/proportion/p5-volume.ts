import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { effectOf } from '../ways/m2-effect';
import { type Worn } from '../../piece';

const tiesWaist = (worn: Worn): boolean =>
  ['seam', 'tie', 'elastic'].includes(worn.piece.cut.waistDetail ?? 'none') && worn.slot === 'whole';

/** What `hasWaist` reads of a piece that is no top. */
export const waistReads = (worn: Worn): readonly unknown[] | undefined => {
  const makes = worn.slot === 'belt' || tiesWaist(worn) || effectOf(worn, [])?.waist !== undefined;
  const beneath = worn.effects.as === 'beneath';
  return makes || beneath ? [makes, beneath] : undefined;
};

/** True when something draws a waist: a tuck, a knot, a belt, a cut. */
export const hasWaist = (scene: Scene): boolean =>
  oneIn(scene, 'belt') !== undefined ||
  scene.pieces.some((worn) => effectOf(worn, scene.pieces)?.waist !== undefined || tiesWaist(worn));

const isLoose = (leg: string | undefined): boolean => leg === 'wide' || leg === 'barrel' || leg === 'flare';

const words = wording({
  wide: (_, say) =>
    `${say.the(0)} over ${say.the(1)}: wide on wide with no waist. Tuck, belt, or choose one of them closer.`,
  loose: (_, say) =>
    `${say.the(0)} ${say.verb('hang', 0)} loose over a loose leg. A tuck would mark the waist.`,
  balance: (_, say) => `Full and close balance: ${say.the()}.`,
});

/** P5: full and close balance each other. */
export const volume = defineRule({
  id: 'P5',
  facet: 'P',
  title: 'Volume',
  question: 'Do full and close balance each other?',
  words,
  reads: () => ({
    of: (worn) =>
      worn.slot === 'top' || worn.slot === 'bottom'
        ? [
            worn.slot,
            worn.facts.longOver,
            worn.piece.volume,
            worn.piece.cut.leg,
            worn.piece.cut.silhouette === 'pencil',
            worn.effects.tuck,
            worn.effects.waist,
            worn.piece.set,
          ]
        : waistReads(worn),
  }),
  find(scene) {
    const [top, bottom] = [oneIn(scene, 'top'), oneIn(scene, 'bottom')];
    if (!top || !bottom) return [];
    const pieces = ids(top, bottom);
    const fullBelow = bottom.piece.volume === 'full' || isLoose(bottom.piece.cut.leg);
    const closeBelow =
      bottom.piece.volume === 'close' ||
      ['skinny', 'slim'].includes(bottom.piece.cut.leg ?? '') ||
      bottom.piece.cut.silhouette === 'pencil';
    if (top.piece.volume === 'full' && fullBelow && !hasWaist(scene))
      return [
        {
          code: 'wide',
          tone: top.piece.set && top.piece.set === bottom.piece.set ? 'note' : 'fights',
          pieces,
        },
      ];
    // A long tunic over wide legs is a line of its own.
    if (top.facts.longOver) return [];
    if (top.piece.volume === 'easy' && top.effects.tuck === 'out' && isLoose(bottom.piece.cut.leg))
      return [{ code: 'loose', tone: 'note', pieces }];
    if ((top.piece.volume === 'full' && closeBelow) || (top.piece.volume === 'close' && fullBelow))
      return [{ code: 'balance', tone: 'works', pieces }];
    return [];
  },
  examples: [
    [
      {
        title: 'A wide top worn loose over wide trousers',
        look: [
          solid('blouse', '#fbfbf9', { volume: 'full', mode: 'untucked' }),
          solid('trousers', '#17171a', { cut: { leg: 'wide' } }),
        ],
        expect: 'fights',
      },
      {
        title: 'The same top over slim trousers',
        look: [
          solid('blouse', '#fbfbf9', { volume: 'full', mode: 'untucked' }),
          solid('trousers', '#17171a', { cut: { leg: 'slim' } }),
        ],
        expect: 'works',
      },
    ],
  ],
});
