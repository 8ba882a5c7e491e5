import { type Random, shuffled } from '../chance';
import { isRight, judge, type Mend, pointsOf, type Setting, type Verdict } from '../look';
import { CATEGORY, type Piece } from '../piece';
import { type Facet, type Finding, ruleOf } from '../rules';
import type { Matter, PracticeStock } from './exercise';
import { dressed, type Rack, rackOf, settingOf } from './rack';

/** What is worn, for what, and how it is judged. */
export interface Worn {
  readonly rack: Rack;
  readonly setting: Setting;
  readonly look: readonly Piece[];
  readonly verdict: Verdict;
  readonly judged: (pieces: readonly Piece[]) => Verdict;
  /** Score of looks of the rack by places; 0 for one that is not whole. */
  readonly scoreOf: (places: readonly number[]) => number;
  readonly places: readonly number[];
}

/** Racks, and good looks of each, tried for one exercise. */
const RACKS = 4;

/** Right looks on invented figures for some occasion, one after the other; nothing at a step between. */
export function* wornLooks(
  stock: PracticeStock,
  matter: Matter,
  random: Random,
): Generator<Worn | undefined, undefined> {
  for (let i = 0; i < RACKS; i++) {
    const rack = rackOf(stock, random);
    const setting = settingOf(rack, stock, matter, random);
    const judged = (pieces: readonly Piece[]): Verdict => judge(pieces, setting, stock.settings);
    const { pool, looks } = (yield* dressed(rack, setting, stock, random)) ?? { looks: [] };
    const scoreOf = (places: readonly number[]): number => {
      const found = pool?.judge([...places].sort((a, b) => a - b));
      return found?.complete ? found.score : 0;
    };
    for (const { places } of shuffled(looks, random)) {
      const look = places.map((place) => rack.pieces[place] as Piece);
      const verdict = judged(look);
      yield isRight(verdict) ? { rack, setting, look, verdict, judged, scoreOf, places } : undefined;
    }
  }
  return undefined;
}

/** What speaks against a look, the strongest first; what cannot be told does not count. */
export const against = ({ findings }: Verdict): Finding[] =>
  findings.filter(({ tone, cannotTell }) => tone !== 'works' && !cannotTell);

export const facetOf = ({ rule }: Pick<Finding, 'rule'>): Facet | undefined => ruleOf(rule)?.facet;

/** What hangs on a rack that could be worn in the place of a piece of a look. */
export const othersFor = (
  { category }: Pick<Piece, 'category'>,
  look: readonly Piece[],
  { pieces }: Rack,
): Piece[] =>
  pieces.filter(
    (other) =>
      CATEGORY[other.category].slot === CATEGORY[category].slot && !look.some(({ id }) => id === other.id),
  );

/** A look with one piece changed for another of its place on the rack. */
export interface Turned {
  readonly mend: Mend;
  readonly look: readonly Piece[];
  readonly verdict: Verdict;
}

/** Changes of one look that are judged in full. */
const TURNS = 12;

/** The look with one piece changed at a time, those that lose from `least` to `most` points, in an order drawn by lot. */
export function* turnedLooks(
  { rack, look, places, verdict, judged, scoreOf }: Worn,
  [least, most]: readonly [least: number, most: number],
  random: Random,
): Generator<Turned> {
  const changes = look.flatMap((piece, at) =>
    othersFor(piece, look, rack).map((other) => ({
      piece,
      other,
      turned: places.map((each, i) => (i === at ? rack.pieces.indexOf(other) : each)),
    })),
  );
  let tried = 0;
  for (const { piece, other, turned } of shuffled(changes, random)) {
    const score = scoreOf(turned);
    const lost = verdict.score.score - score;
    if (score === 0 || lost < least || lost > most) continue;
    if (++tried > TURNS) return;
    const pieces = turned.map((place) => rack.pieces[place] as Piece);
    yield {
      mend: { kind: 'swap', piece: piece.id, with: other.id, gain: 0 },
      look: pieces,
      verdict: judged(pieces),
    };
  }
}

/** What one finding may be about for somebody to point at it. */
const MOST_MEANT = 2;

/** The one thing that is wrong with a look, where it is one, costs so many points and can be pointed at. */
export function oneWrong(
  verdict: Verdict,
  pieces: number,
  points: number,
  { settings }: PracticeStock,
): Finding | undefined {
  const wrong = against(verdict);
  const [only] = wrong;
  if (!only || wrong.length > 1) return undefined;
  return Math.abs(pointsOf(only, settings)) >= points &&
    only.pieces.length > 0 &&
    only.pieces.length <= Math.min(MOST_MEANT, pieces - 2)
    ? only
    : undefined;
}
