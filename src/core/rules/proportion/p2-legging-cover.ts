import { measure } from '../../piece';
import { defineRule } from '../define';
import { inSlot, knowsBody, oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { hemHeight } from '../../figure';

/** P2: close-fitting legwear worn as a bottom wants the seat covered, front and back. */
export const leggingCover = defineRule({
  id: 'P2',
  facet: 'P',
  title: 'Cover over leggings',
  question: 'Over leggings, does something cover the seat?',
  thresholds: {
    below: {
      value: 40,
      unit: 'mm',
      says: 'The upper hem ends at least this far below the crotch.',
      min: 0,
      max: 150,
    },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    needs: ({ piece }) => piece.category === 'leggings' || piece.category === 'tights',
    of: (worn) =>
      worn.slot === 'bottom' || worn.slot === 'whole'
        ? [worn.slot, worn.piece.category === 'leggings']
        : worn.slot === 'legwear' ||
            worn.slot === 'top' ||
            worn.slot === 'layer' ||
            worn.piece.category === 'leggings'
          ? worn
          : undefined,
  }),
  evaluate(scene, at) {
    const legs = scene.pieces.find(({ piece }) => piece.category === 'leggings');
    const tights = !oneIn(scene, 'bottom', 'whole') ? oneIn(scene, 'legwear') : undefined;
    const close = legs ?? (tights?.piece.category === 'tights' ? tights : undefined);
    if (!close || oneIn(scene, 'whole')) return [];
    // An open layer does not cover the front.
    const over = inSlot(scene, 'top', 'layer').filter(
      ({ mode, piece }) => mode.id !== 'open' && piece.category !== 'cape',
    );
    const longest = over
      .map((worn) => ({
        worn,
        hem: hemHeight(worn, scene.marks),
        known: (measure(worn, 'length')?.origin ?? 'defaulted') !== 'defaulted',
      }))
      .filter((each): each is typeof each & { hem: number } => each.hem !== undefined)
      .sort((a, b) => a.hem - b.hem || Number(b.known) - Number(a.known))[0];
    if (!longest)
      return [
        {
          tone: 'fights',
          pieces: [close.piece.id],
          text: `${named(close)} as a bottom wants a longer top over it.`,
        },
      ];
    const below = Math.round(scene.marks.crotch - longest.hem);
    const pieces = [close.piece.id, longest.worn.piece.id];
    const measured = `${below} mm below the crotch; at least ${at.below} mm is wanted`;
    if (below >= at.below)
      return [
        {
          tone: 'works',
          pieces,
          measured,
          text: `${named(longest.worn)} covers the seat over ${named(close)}.`,
        },
      ];
    if (!longest.known || !knowsBody(scene))
      return [
        {
          tone: 'note',
          pieces,
          cannotTell: true,
          text: `Cannot tell whether ${named(longest.worn)} covers the seat: measure ${longest.known ? 'the client’s height' : 'its length'}.`,
        },
      ];
    return [
      {
        tone: 'fights',
        pieces,
        measured,
        text: `${named(longest.worn)} is too short over ${named(close)}; a tunic or a long knit covers.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'Leggings under a short top',
        look: [solid('leggings', '#17171a'), solid('tee', '#fbfbf9', { measures: { length: 600 } })],
        client: { measures: { heightMm: 1680 } },
        expect: 'fights',
      },
      {
        title: 'Under a tunic',
        look: [solid('leggings', '#17171a'), solid('tunic', '#fbfbf9', { measures: { length: 860 } })],
        client: { measures: { heightMm: 1680 } },
        expect: 'works',
      },
    ],
  ],
});
