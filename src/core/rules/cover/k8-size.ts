import { fitWords, sizeFit } from '../../fit';
import { defineRule } from '../define';
import { solid } from '../given';
import { named, type Said, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** K8: the fit of each piece of the stock in its size. */
export const size = defineRule({
  id: 'K8',
  facet: 'K',
  title: 'Size',
  question: 'Does each piece fit in this size?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: 'Ease by category and volume as in core/fit: common practice, no source.',
  reads: () => ALONE,
  evaluate(scene) {
    const { measures } = scene.client;
    if (measures.bust === undefined && measures.waist === undefined && measures.hip === undefined) return [];
    return scene.pieces.flatMap((worn): Said[] => {
      if (worn.piece.owned) return [];
      const fit = sizeFit(worn.piece, worn.measures, worn.origins, scene.body);
      if (!fit.decides) return [];
      const said = fitWords(fit);
      const pieces = [worn.piece.id];
      switch (fit.verdict) {
        case 'right':
          return [{ tone: 'works', pieces, measured: said, text: `${named(worn)} fits.` }];
        case 'close':
        case 'roomy':
          return [{ tone: 'note', pieces, measured: said, text: `${named(worn)} is ${fit.verdict} here.` }];
        default:
          return [
            {
              tone: 'fights',
              pieces,
              measured: said,
              text: `${named(worn)} is ${fit.verdict} in this size.`,
            },
          ];
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
