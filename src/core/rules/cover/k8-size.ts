import { pointWords, sizeFit } from '../../fit';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';
import { ALONE } from '../reads';

interface Fits {
  readonly verdict: string;
  readonly point: string;
}

const words = wording({
  fits: (_, say) => `${say.the()} ${say.verb('fit')}.`,
  nearly: ({ verdict, point }: Fits, say) =>
    `${say.the()} ${say.verb('be')} a little ${verdict} at the ${point}.`,
  misfit: ({ verdict, point }: Fits, say) => `${say.the()} ${say.verb('be')} ${verdict} at the ${point}.`,
});
type Said = FoundBy<typeof words>;

/** K8: the fit of each piece of the stock in its size. */
export const size = defineRule({
  id: 'K8',
  facet: 'K',
  title: 'Size',
  question: 'Does each piece fit in this size?',
  source: 'Ease by category and volume as in core/fit: common practice, no source.',
  words,
  reads: () => ALONE,
  find(scene) {
    const { measures } = scene.client;
    if (measures.bust === undefined && measures.waist === undefined && measures.hip === undefined) return [];
    return scene.pieces.flatMap((worn): Said[] => {
      if (worn.piece.owned) return [];
      const fit = sizeFit(worn.piece, worn.measures, worn.origins, scene.body);
      if (!fit.decides) return [];
      const [least, most] = fit.decides.wantedMm;
      const measured = { value: fit.decides.easeMm, unit: 'mm', least, most } as const;
      const params = { verdict: pointWords(fit.decides), point: fit.decides.point };
      const pieces = ids(worn);
      // Worn as a layer, a top wants the room it has.
      const verdict =
        worn.slot === 'layer' && ['roomy', 'too big'].includes(fit.verdict) ? 'right' : fit.verdict;
      switch (verdict) {
        case 'right':
          return [{ code: 'fits', tone: 'works', pieces, measured }];
        case 'close':
        case 'roomy':
          return [{ code: 'nearly', tone: 'note', pieces, measured, params }];
        default:
          return [{ code: 'misfit', tone: 'fights', pieces, measured, params }];
      }
    });
  },
  examples: [
    [
      {
        title: 'A shirt cut smaller than the client',
        look: [solid('shirt', '#fbfbf9', { measures: { bust: 860, waist: 820, hip: 880 } })],
        client: { measures: { heightMm: 1700, bust: 960, waist: 800, hip: 1020 } },
        expect: 'fights',
      },
      {
        title: 'The next size but one',
        look: [solid('shirt', '#fbfbf9', { measures: { bust: 1060, waist: 1000, hip: 1090 } })],
        client: { measures: { heightMm: 1700, bust: 960, waist: 800, hip: 1020 } },
        expect: 'works',
      },
    ],
  ],
});
