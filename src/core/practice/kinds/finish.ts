import { pick, type Random, shuffled } from '../../chance';
import { CATEGORY, type Slot } from '../../piece';
import { type Level, type Making, marginOf, type PracticeStock } from '../exercise';
import { clientOf } from '../rack';
import { against, othersFor, wornLooks } from '../turned';

/** Where a look may be left open, and pieces offered to finish it. */
const OPEN: readonly Slot[] = ['shoes', 'layer', 'bottom', 'top'];
const OFFERED = 4;

/** A look that lacks one piece: which of four finishes it best. */
export function* finish(stock: PracticeStock, level: Level, random: Random): Making {
  const least = marginOf('finish', level);
  for (const worn of wornLooks(stock, 'L', random)) {
    yield;
    if (!worn) continue;
    const { rack, look, setting, verdict, judged } = worn;
    const missing = pick(
      look.filter((piece) => OPEN.includes(CATEGORY[piece.category].slot)),
      random,
    );
    if (!missing) continue;
    const rest = look.filter((piece) => piece !== missing);
    const tried = othersFor(missing, look, rack)
      .map((piece) => ({ piece, verdict: judged([...rest, piece]) }))
      .filter((each) => each.verdict.complete && verdict.score.sum - each.verdict.score.sum >= least);
    if (tried.length < OFFERED - 1) continue;
    // Near misses teach more than what nobody would try.
    const others = tried
      .sort((a, b) => b.verdict.score.sum - a.verdict.score.sum)
      .slice(0, OFFERED - 1 + (level === 1 ? 3 : 0))
      .slice(-(OFFERED - 1));
    const all = shuffled([{ piece: missing, verdict }, ...others], random);
    return {
      exercise: {
        kind: 'finish',
        matter: 'L',
        level,
        client: clientOf(setting),
        occasion: setting.occasion,
        look: rest,
        options: all.map(({ piece }) => ({ is: 'piece', piece })),
        choosing: 'one',
      },
      key: {
        right: [all.findIndex(({ piece }) => piece === missing)],
        found: all.map((each) => (each.piece === missing ? [] : against(each.verdict).slice(0, 1))),
        margin: verdict.score.sum - Math.max(...others.map((each) => each.verdict.score.sum)),
      },
    };
  }
  return undefined;
}
