import { type Random, shuffled } from '../../chance';
import { NOBODY } from '../../client';
import { bodyOf, type BodyMeasures } from '../../figure';
import { asFit, chooseSize, fitOf, type SizeChoice } from '../../fit';
import { CATEGORY } from '../../piece';
import { type Level, type Making, marginOf, type PracticeStock } from '../exercise';
import { inventedFigure } from '../rack';

/** Sizes offered beside the right one at most, and figures tried on a garment. */
const OFFERED = 5;
const FIGURES = 8;
const GIRTHS = ['bust', 'waist', 'hip'] as const;

/** A garment with its sizes measured, and the measures of a figure: which size is sent. */
export function* size(stock: PracticeStock, level: Level, random: Random): Making {
  const by = marginOf('size', level);
  for (const { piece, sizes, offset } of shuffled(stock.candidates, random)) {
    yield;
    const { shape } = CATEGORY[piece.category];
    const measured = sizes.filter(({ measures }) => GIRTHS.some((name) => measures[name] !== undefined));
    if (!['upper', 'lower', 'whole'].includes(shape) || measured.length < 3) continue;
    const offers = measured.map((each) => ({ ...each, free: 1 }));
    for (let i = 0; i < FIGURES; i++) {
      const measures = inventedFigure(piece.department === 'men' ? 'men' : 'women', random);
      const chosen = (grown: number): SizeChoice | undefined =>
        chooseSize(piece, offers, bodyOf(grownBy(measures, grown)), { offset, small: stock.small });
      const choice = chosen(0);
      if (choice?.verdict !== 'right' || choice.between) continue;
      const body = bodyOf(measures);
      const isOnly = offers.every(
        (each) => each === choice.offer || fitOf(piece, each, body, offset, stock.small).verdict !== 'right',
      );
      const stays = [-by, by].every((grown) => {
        const again = chosen(grown);
        return again?.size === choice.size && again.verdict === 'right';
      });
      if (!isOnly || !stays) continue;
      const at = offers.indexOf(choice.offer as (typeof offers)[number]);
      const from = Math.max(0, Math.min(at - Math.floor(random() * OFFERED), offers.length - OFFERED));
      const shown = offers.slice(from, from + OFFERED);
      return {
        exercise: {
          kind: 'size',
          matter: 'K',
          level,
          client: { ...NOBODY, measures },
          look: [piece],
          options: shown.map((each) => ({ is: 'size', size: each.size, measures: each.measures })),
          choosing: 'one',
        },
        key: {
          right: [at - from],
          found: shown.map(() => []),
          fits: shown.map((each) => asFit(fitOf(piece, each, body, offset, stock.small))),
          margin: by,
        },
      };
    }
  }
  return undefined;
}

const grownBy = (measures: BodyMeasures, by: number): BodyMeasures => ({
  ...measures,
  ...Object.fromEntries(GIRTHS.map((name) => [name, (measures[name] ?? 0) + by])),
});
