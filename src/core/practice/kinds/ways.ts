import { pick, type Random, shuffled } from '../../chance';
import { isRight } from '../../look';
import { CATEGORY, type Piece } from '../../piece';
import { factsOf, lookDistance, waysOf } from '../../ways';
import { type Level, type Making, marginOf, type Option, type PracticeStock } from '../exercise';
import { clientOf } from '../rack';
import { wornLooks } from '../turned';

/** Ways asked for, and pieces on the rack that none of them needs. */
export const WAYS = 3;
const MORE = 3;
/** Pieces that ways are looked for among. */
const RACK = 10;

/** The least distance between any two looks about a piece, 0 to 1. */
export function leastApart(looks: readonly (readonly Piece[])[], around: string): number {
  const pins = new Set([around]);
  const facts = looks.map((look) => factsOf(look, pins));
  return Math.min(...facts.flatMap((one, i) => facts.slice(i + 1).map((other) => lookDistance(one, other))));
}

/** A piece and a small rack: three looks with it that may be sent, no two alike. */
export function* ways(stock: PracticeStock, level: Level, random: Random): Making {
  const least = marginOf('ways', level);
  for (const worn of wornLooks(stock, 'L', random)) {
    yield;
    if (!worn) continue;
    const { rack, look, setting, judged } = worn;
    const around = pick(
      look.filter(({ category }) => CATEGORY[category].main),
      random,
    );
    if (!around) continue;
    const small = [
      ...look,
      ...shuffled(
        rack.pieces.filter((piece) => !look.includes(piece)),
        random,
      ).slice(0, RACK),
    ];
    const search = waysOf({
      pieces: small,
      around: [around.id],
      count: WAYS,
      setting,
      occasions: setting.occasion ? [setting.occasion] : [],
      settings: stock.settings,
    });
    let found = search.next();
    while (!found.done) {
      yield;
      found = search.next();
    }
    // A way of wearing would have to be named as well: here a piece is worn as it comes.
    const looks = found.value.ways.map((way) =>
      way.pieces.map(({ id }) => rack.pieces.find((piece) => piece.id === id) as Piece),
    );
    if (looks.length < WAYS || !looks.every((each) => isRight(judged(each)))) continue;
    const margin = leastApart(looks, around.id);
    if (margin < least) continue;
    const needed = new Set(looks.flat().filter((piece) => piece !== around));
    const more = shuffled(
      small.filter((piece) => piece !== around && !needed.has(piece)),
      random,
    ).slice(0, MORE);
    const options = [...needed, ...more].sort(
      (a, b) => CATEGORY[a.category].order - CATEGORY[b.category].order || (a.id < b.id ? -1 : 1),
    );
    return {
      exercise: {
        kind: 'ways',
        matter: 'L',
        level,
        client: clientOf(setting),
        occasion: setting.occasion,
        look: [around],
        options: options.map((piece): Option => ({ is: 'piece', piece })),
        choosing: 'looks',
        around: around.id,
      },
      key: {
        right: [],
        looks: looks.map((each) =>
          each.filter((piece) => piece !== around).map((piece) => options.indexOf(piece)),
        ),
        found: options.map(() => []),
        margin,
      },
    };
  }
  return undefined;
}
