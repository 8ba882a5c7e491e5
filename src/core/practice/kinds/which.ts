import { type Random, shuffled } from '../../chance';
import { SCORED } from '../../look';
import type { Facet } from '../../rules';
import { type Level, type Making, marginOf, type Matter, type PracticeStock } from '../exercise';
import { clientOf } from '../rack';
import { against, facetOf, turnedLooks, wornLooks } from '../turned';

/** Facets offered as what tells two looks apart. */
const OFFERED = 3;
/** Share of the difference that one facet makes, and that any other may. */
const TELLS = 0.6;
const OTHER = 0.25;

/** Two looks that differ by one piece: which goes out, and what tells it. */
export function* which(stock: PracticeStock, matter: Matter, level: Level, random: Random): Making {
  const least = marginOf('which', level);
  for (const worn of wornLooks(stock, matter, random)) {
    yield;
    if (!worn) continue;
    for (const turned of turnedLooks(worn, [least, Infinity], random)) {
      yield;
      const { complete, score } = turned.verdict;
      const margin = worn.verdict.score.sum - score.sum;
      if (!complete || margin < least || against(turned.verdict).length === 0) continue;
      const lost = SCORED.map((facet) => ({
        facet,
        points: pointsIn(worn.verdict.score, facet) - pointsIn(score, facet),
      })).sort((a, b) => b.points - a.points);
      const [first, ...rest] = lost;
      if (!first || first.facet !== matter || first.points < TELLS * margin) continue;
      const others = rest.filter(({ points }) => points <= OTHER * first.points);
      if (others.length < OFFERED - 1) continue;
      const looks = shuffled([worn, turned], random);
      return {
        exercise: {
          kind: 'which',
          matter,
          level,
          client: clientOf(worn.setting),
          occasion: worn.setting.occasion,
          look: [],
          options: looks.map(({ look }) => ({ is: 'look', pieces: look })),
          choosing: 'one',
          why: shuffled(
            [
              first.facet,
              ...shuffled(others, random)
                .slice(0, OFFERED - 1)
                .map(({ facet }) => facet),
            ],
            random,
          ),
        },
        key: {
          right: [looks.findIndex(({ look }) => look === worn.look)],
          why: first.facet,
          found: looks.map(({ verdict }) =>
            verdict === turned.verdict
              ? against(verdict).filter((finding) => facetOf(finding) === first.facet)
              : [],
          ),
          margin,
        },
      };
    }
  }
  return undefined;
}

const pointsIn = (
  { facets }: { readonly facets: readonly { readonly facet: Facet; readonly score: number }[] },
  facet: Facet,
): number => facets.find((each) => each.facet === facet)?.score ?? 0;
