import { isClose, measure } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { inSlot, knowsBody, oneIn } from '../fields';
import { solid } from '../given';
import { hemHeight } from '../../figure';

const words = wording({
  'no-top': (_, say) => `Worn as ${say.word('trousers')}, ${say.the()} ${say.verb('need')} a longer top.`,
  covers: (_, say) => `${say.the(1)} ${say.verb('cover', 1)} the seat over ${say.the(0)}.`,
  unknown: ({ measure: which }: { measure: 'height' | 'length' }, say) =>
    `Can’t tell whether ${say.the(1)} ${say.verb('cover', 1)} the seat: measure ${which === 'height' ? `${say.their} height` : `${say.its(1)} length`}.`,
  short: (_, say) =>
    `${say.the(1)} ${say.verb('be', 1)} too short over ${say.the(0)}. A tunic or a long knit would cover.`,
});
type Said = FoundBy<typeof words>;

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
  words,
  reads: () => ({
    needs: (worn) => isClose(worn) || worn.slot === 'legwear',
    of: (worn) =>
      worn.slot === 'bottom' || worn.slot === 'whole'
        ? [worn.slot, isClose(worn)]
        : worn.slot === 'legwear' || worn.slot === 'top' || worn.slot === 'layer' || isClose(worn)
          ? worn
          : undefined,
  }),
  find(scene, at): Said[] {
    const legs = scene.pieces.find(isClose);
    const tights = !oneIn(scene, 'bottom', 'whole') ? oneIn(scene, 'legwear') : undefined;
    const close = legs ?? (tights?.facts.hang === 'waist' ? tights : undefined);
    if (!close || oneIn(scene, 'whole')) return [];
    // An open layer does not cover the front.
    const over = inSlot(scene, 'top', 'layer').filter(
      ({ effects, facts }) => effects.front !== 'open' && facts.shape !== 'drape',
    );
    const longest = over
      .map((worn) => ({
        worn,
        hem: hemHeight(worn, scene.marks),
        known: (measure(worn, 'length')?.origin ?? 'defaulted') !== 'defaulted',
      }))
      .filter((each): each is typeof each & { hem: number } => each.hem !== undefined)
      .sort((a, b) => a.hem - b.hem || Number(b.known) - Number(a.known))[0];
    if (!longest) return [{ code: 'no-top', tone: 'fights', pieces: ids(close) }];
    const below = Math.round(scene.marks.crotch - longest.hem);
    const pieces = ids(close, longest.worn);
    const measured = { value: below, unit: 'mm', least: at.below } as const;
    if (below >= at.below) return [{ code: 'covers', tone: 'works', pieces, measured }];
    if (!longest.known || !knowsBody(scene))
      return [
        {
          code: 'unknown',
          tone: 'note',
          pieces,
          cannotTell: true,
          params: { measure: longest.known ? 'height' : 'length' },
        },
      ];
    return [{ code: 'short', tone: 'fights', pieces, measured }];
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
