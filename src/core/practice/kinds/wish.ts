import { pick, type Random, shuffled } from '../../chance';
import { NOBODY } from '../../client';
import { colourName, deltaEHex } from '../../colour';
import type { Piece } from '../../piece';
import { nounOf } from '../../say';
import { answersAsk, isAsColoured, refusedByAsk } from '../../pull';
import { capital } from '../../words';
import { type Ask, kindsWanted, readAsk } from '../../reading';
import { type Level, type Making, marginOf, type PracticeStock, type WishMiss } from '../exercise';
import { rackOf } from '../rack';

const OFFERED = 4;
const TRIED = 60;
/** A price that misses the wish does so by this share. */
const OVER = 1.08;

const hexOf = (piece: Piece): string => piece.colours[0]?.hex ?? '#808080';

/** What a client writes, and four pieces: which of them is meant. */
export function* wish(stock: PracticeStock, level: Level, random: Random): Making {
  const apart = marginOf('wish', level);
  for (let i = 0; i < TRIED; i++) {
    yield;
    const rack = rackOf(stock, random);
    const meant = pick(rack.pieces, random);
    if (!meant?.priceMinor) continue;
    const most = Math.ceil((meant.priceMinor * 1.1) / 500) * 5;
    const not = pick(shunned(rack.pieces, meant), random);
    const text = wordsOf(meant, most, not, random);
    const ask = readAsk(text);
    const answers = (piece: Piece): boolean =>
      answersAsk(piece, ask) && (piece.priceMinor ?? 0) <= (ask.priceMaxMinor ?? Infinity);
    // The sentence is read as it was meant, and what it means is one piece.
    if (!isRead(ask, meant, most, not) || !answers(meant)) continue;
    const wrong = rack.pieces
      .filter((piece) => piece !== meant && !answers(piece) && clearlyNot(piece, meant, ask, apart))
      .map((piece) => ({ piece, faults: missesOf(piece, ask).length }))
      .sort((a, b) => a.faults - b.faults);
    // To begin with, pieces that miss it by this or that; then those that miss it by the least.
    const near = wrong.filter(({ faults }) => faults <= 2);
    const others = level === 1 && near.length >= OFFERED ? shuffled(near, random) : wrong;
    if (others.length < OFFERED - 1) continue;
    const all = shuffled([meant, ...others.slice(0, OFFERED - 1).map(({ piece }) => piece)], random);
    return {
      exercise: {
        kind: 'wish',
        matter: 'A',
        level,
        client: { ...NOBODY, measures: rack.measures },
        look: [],
        options: all.map((piece) => ({ is: 'piece', piece })),
        choosing: 'one',
        wish: text,
      },
      key: {
        right: [all.indexOf(meant)],
        found: all.map(() => []),
        misses: all.map((piece) => (piece === meant ? [] : missesOf(piece, ask))),
        margin: apart,
      },
    };
  }
  return undefined;
}

/** Fibres and patterns of other pieces that the one that is meant has nothing of. */
function shunned(pieces: readonly Piece[], meant: Piece): string[] {
  const own = new Set([meant.pattern.kind, ...meant.fabric.fibres.map(({ name }) => name)]);
  const others = pieces.flatMap(({ pattern, fabric }) => [
    ...(pattern.kind === 'solid' ? [] : [pattern.kind]),
    ...fabric.fibres.map(({ name }) => name),
  ]);
  return [...new Set(others)].filter((name) => !own.has(name) && /^[a-z]+$/.test(name));
}

function wordsOf(piece: Piece, most: number, not: string | undefined, random: Random): string {
  const noun = nounOf(piece.category, 'british');
  const colour = colourName(hexOf(piece));
  const without = not === undefined ? '' : `, no ${not}`;
  const said = [
    `${noun} in ${colour}, under ${most}${without}`,
    `Something for every day: ${colour} ${noun}, up to ${most}${without}`,
    `${colour} ${noun}${without}, at most ${most}`,
  ];
  return capital(pick(said, random) as string);
}

/** True when the reader took from the sentence what was put into it. */
const isRead = (ask: Ask, meant: Piece, most: number, not: string | undefined): boolean =>
  kindsWanted(ask).includes(meant.category) &&
  (ask.colours ?? []).length === 1 &&
  ask.priceMaxMinor === most * 100 &&
  (not === undefined || [...(ask.notFibres ?? []), ...(ask.notPatterns ?? [])].some((name) => name === not));

/** What of an ask a piece misses, as it is told afterwards. */
function missesOf(piece: Piece, ask: Ask): WishMiss[] {
  const missed: Readonly<Record<WishMiss, boolean>> = {
    kind: !kindsWanted(ask).includes(piece.category),
    colour: !isAsColoured(piece, ask),
    price: (piece.priceMinor ?? 0) > (ask.priceMaxMinor ?? Infinity),
    'not wanted': refusedByAsk(piece, ask) !== undefined,
  };
  return (Object.keys(missed) as WishMiss[]).filter((each) => missed[each]);
}

/** Nobody could take a wrong piece for the one that is meant: its colour and its price miss by enough, or its kind. */
function clearlyNot(piece: Piece, meant: Piece, ask: Ask, apart: number): boolean {
  if (!kindsWanted(ask).includes(piece.category)) return true;
  if (!isAsColoured(piece, ask)) return deltaEHex(hexOf(piece), hexOf(meant)) >= apart;
  const most = ask.priceMaxMinor ?? Infinity;
  return (piece.priceMinor ?? 0) > most * OVER || (piece.priceMinor ?? 0) <= most;
}
