import { type Random, shuffled } from '../../chance';
import { applyMend, type Mend, pointsOf } from '../../look';
import { CATEGORY, type Piece } from '../../piece';
import { type Level, type Making, marginOf, type Matter, type Option, type PracticeStock } from '../exercise';
import { clientOf } from '../rack';
import {
  against,
  facetOf,
  oneWrong,
  othersFor,
  type Turned,
  turnedLooks,
  type Worn,
  wornLooks,
} from '../turned';

interface OneWrong {
  readonly worn: Worn;
  readonly turned: Turned;
  readonly wrong: NonNullable<ReturnType<typeof oneWrong>>;
}

/** Points beyond which more than one thing is wrong: what fights, and the praise that goes with it. */
const MOST_LOST = 44;

/** Looks with one thing wrong, of a facet, that were right before one piece was changed. */
function* wrongLooks(
  stock: PracticeStock,
  matter: Matter,
  least: number,
  random: Random,
): Generator<OneWrong | undefined, undefined> {
  for (const worn of wornLooks(stock, matter, random)) {
    if (!worn) {
      yield;
      continue;
    }
    for (const turned of turnedLooks(worn, [least, MOST_LOST], random)) {
      const wrong = oneWrong(turned.verdict, turned.look.length, least, stock);
      yield wrong && turned.verdict.complete && facetOf(wrong) === matter
        ? { worn, turned, wrong }
        : undefined;
    }
  }
  return undefined;
}

/** A look with one thing wrong: point at a piece it is about. */
export function* clash(stock: PracticeStock, matter: Matter, level: Level, random: Random): Making {
  for (const each of wrongLooks(stock, matter, marginOf('clash', level), random)) {
    yield;
    if (!each) continue;
    const { worn, turned, wrong } = each;
    const right = turned.look.flatMap(({ id }, i) => (wrong.pieces.includes(id) ? [i] : []));
    if (right.length !== wrong.pieces.length) continue;
    return {
      exercise: {
        kind: 'clash',
        matter,
        level,
        client: clientOf(worn.setting),
        occasion: worn.setting.occasion,
        look: turned.look,
        options: turned.look.map((piece) => ({ is: 'piece', piece })),
        choosing: 'any of',
      },
      key: {
        right,
        found: turned.look.map((_, i) => (right.includes(i) ? [wrong] : [])),
        margin: Math.abs(pointsOf(wrong, stock.settings)),
      },
    };
  }
  return undefined;
}

/** Changes offered that do not help. */
const WRONG = 3;

/** The same look, and one change of four that puts it right. */
export function* mend(stock: PracticeStock, matter: Matter, level: Level, random: Random): Making {
  const least = marginOf('mend', level);
  for (const each of wrongLooks(stock, matter, least, random)) {
    yield;
    if (!each) continue;
    const { worn, turned, wrong } = each;
    // What puts it right leaves nothing else to put right.
    if (against(worn.verdict).length > 0) continue;
    const { look, verdict } = turned;
    const before = Math.abs(pointsOf(wrong, stock.settings));
    const back: Mend = { kind: 'swap', piece: turned.mend.with ?? '', with: turned.mend.piece, gain: 0 };
    const useless: { mend: Mend; found: ReturnType<typeof against> }[] = [];
    for (const other of shuffled(changesOf(look, worn), random)) {
      yield;
      const after = worn.judged(applyMend(look, other, worn.rack.pieces));
      const found = against(after);
      // It still fights about the same, and as much stands against it as before.
      const stays = found.some(({ rule, tone }) => rule === wrong.rule && tone === wrong.tone);
      if (stays && after.score.sum <= verdict.score.sum + 2) useless.push({ mend: other, found });
      if (useless.length === WRONG) break;
    }
    if (useless.length < WRONG) continue;
    const all = shuffled([{ mend: back, found: [] }, ...useless], random);
    return {
      exercise: {
        kind: 'mend',
        matter,
        level,
        client: clientOf(worn.setting),
        occasion: worn.setting.occasion,
        look,
        options: all.map(({ mend: each }): Option => ({
          is: 'mend',
          mend: each,
          piece: worn.rack.pieces.find(({ id }) => id === (each.with ?? each.piece)),
        })),
        choosing: 'one',
      },
      key: {
        right: [all.findIndex(({ mend: each }) => each === back)],
        found: all.map(({ found }) => found.slice(0, 1)),
        margin: before,
      },
    };
  }
  return undefined;
}

/** Changes of a look that might be thought to help: a piece for another of its place, one that is left off. */
const changesOf = (look: readonly Piece[], { rack }: Worn): Mend[] =>
  look.flatMap((piece): Mend[] => {
    const { slot, main } = CATEGORY[piece.category];
    const swaps = othersFor(piece, look, rack).map((other): Mend => ({
      kind: 'swap',
      piece: piece.id,
      with: other.id,
      gain: 0,
    }));
    return main || slot === 'shoes' ? swaps : [...swaps, { kind: 'take-off', piece: piece.id, gain: 0 }];
  });
