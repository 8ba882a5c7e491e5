import { isRight, judge, type Setting } from '../look';
import type { Occasion } from '../occasion';
import { EXCLUSIVE, modeOf, type Piece, wear } from '../piece';
import type { Settings } from '../rules';
import type { Speaker } from '../say';
import { capital, listed } from '../words';
import { type Rail, railOf, type Variant } from './looks';

/** One change of a look: a piece on (in place of another), off, or worn another way. */
export type Change =
  | { readonly kind: 'on'; readonly piece: Piece; readonly instead?: Piece | undefined }
  | { readonly kind: 'off'; readonly piece: Piece }
  | { readonly kind: 'way'; readonly piece: Piece };

/** A look taken to another occasion. */
export interface Turn {
  readonly changes: readonly Change[];
  readonly pieces: readonly Piece[];
  readonly score: number;
}

export interface TurnInput {
  /** The look as it is worn, each piece in its way. */
  readonly worn: readonly Piece[];
  /** What may be put on: closet and box. */
  readonly pieces: readonly Piece[];
  readonly setting: Omit<Setting, 'occasion'>;
  readonly occasion: Occasion;
  readonly settings?: Settings | undefined;
}

/** Changes at most: beyond them it is another look, and nobody carries it in a bag. */
const MOST_CHANGES = 3;
/** Looks that go on to the next change. */
const BEAM = 20;
/** Of the best by points, so many are read by the rules themselves. */
const READ = 14;
const MOST_PIECES = 9;

interface Step {
  readonly look: readonly number[];
  readonly changes: readonly Change[];
  readonly score: number;
}

/**
 * The fewest changes that make a look right for another occasion: nothing in it is ruled out or to be put right there. Of
 * those with as few, the best by points, at most so many, each with other pieces put on. Empty: no three changes do it.
 */
export function turnsOf(input: TurnInput, most = 3): Turn[] {
  const { worn, pieces, occasion, settings = {} } = input;
  const setting: Setting = { ...input.setting, occasion };
  const all = [...pieces, ...worn.filter(({ id }) => !pieces.some((piece) => piece.id === id))];
  const rail = railOf(all, setting, settings);
  const start = worn.flatMap((piece) => placeOf(rail, all, piece));
  const goes = (look: readonly number[]): boolean =>
    isRight(
      judge(
        look.map((place) => pieceAt(rail, all, place)),
        setting,
        settings,
      ),
    );
  const seen = new Set<string>();
  let front: Step[] = [
    { look: start, changes: [], score: rail.pool.judge([...start].sort((a, b) => a - b)).score },
  ];
  for (let count = 0; count <= MOST_CHANGES; count++) {
    const right = front.slice(0, READ).filter(({ look }) => goes(look));
    if (right.length > 0) return apart(right, most).map((step) => turnOf(step, rail, all));
    if (count === MOST_CHANGES) break;
    const next: Step[] = [];
    for (const step of front.slice(0, BEAM))
      for (const { look, change } of changesOf(step.look, rail, all)) {
        // A piece that was just changed is not changed once more.
        if (step.changes.some((each) => touched(each).some((id) => touched(change).includes(id)))) continue;
        const sorted = [...look].sort((a, b) => a - b);
        const key = sorted.join(' ');
        if (seen.has(key)) continue;
        seen.add(key);
        const { complete, score } = rail.pool.judge(sorted);
        if (complete) next.push({ look, changes: [...step.changes, change], score });
      }
    front = next.sort((a, b) => b.score - a.score);
  }
  return [];
}

const touched = (change: Change): string[] =>
  change.kind === 'on' && change.instead ? [change.piece.id, change.instead.id] : [change.piece.id];

function placeOf(rail: Rail, all: readonly Piece[], piece: Piece): number[] {
  const own = all.findIndex(({ id }) => id === piece.id);
  const exact = rail.variants.findIndex((each) => each.piece === own && each.mode === piece.mode);
  const usual = rail.variants.findIndex((each) => each.piece === own && each.isUsual);
  const place = exact >= 0 ? exact : usual;
  return place >= 0 ? [place] : [];
}

function pieceAt(rail: Rail, all: readonly Piece[], place: number): Piece {
  const { piece, mode } = rail.variants[place] as Variant;
  const own = all[piece] as Piece;
  return mode === undefined ? own : { ...own, mode };
}

/** Everything one change makes of a look. */
function* changesOf(
  look: readonly number[],
  rail: Rail,
  all: readonly Piece[],
): Generator<{ readonly look: readonly number[]; readonly change: Change }> {
  const { variants } = rail;
  const at = (place: number): Variant => variants[place] as Variant;
  const worn = new Map(look.map((place) => [at(place).piece, place]));
  for (const [place, variant] of variants.entries()) {
    const before = worn.get(variant.piece);
    const piece = pieceAt(rail, all, place);
    if (before !== undefined) {
      if (before !== place)
        yield { look: look.map((each) => (each === before ? place : each)), change: { kind: 'way', piece } };
      continue;
    }
    if (!variant.isUsual) continue;
    const alike = look.filter((each) => at(each).slot === variant.slot);
    for (const other of alike)
      yield {
        look: look.map((each) => (each === other ? place : each)),
        change: { kind: 'on', piece, instead: pieceAt(rail, all, other) },
      };
    if (look.length < MOST_PIECES && !(EXCLUSIVE.has(variant.slot) && alike.length > 0) && !isBase(variant))
      yield { look: [...look, place], change: { kind: 'on', piece } };
  }
  for (const place of look)
    if (!isBase(at(place)))
      yield {
        look: look.filter((each) => each !== place),
        change: { kind: 'off', piece: pieceAt(rail, all, place) },
      };
}

const isBase = ({ slot }: Variant): boolean =>
  slot === 'top' || slot === 'bottom' || slot === 'whole' || slot === 'shoes';

/** The best, each putting on something that those before do not. */
function apart(steps: readonly Step[], most: number): Step[] {
  const chosen: Step[] = [];
  const given = new Set<string>();
  for (const step of steps) {
    const name = step.changes
      .map((change) => `${change.kind} ${change.piece.id}`)
      .sort()
      .join();
    const mains = step.changes.flatMap((change) => (change.kind === 'on' ? [change.piece.id] : []));
    if (given.has(name) || (mains.length > 0 && mains.every((id) => given.has(id)))) continue;
    given.add(name);
    for (const id of mains) given.add(id);
    chosen.push(step);
    if (chosen.length === most) break;
  }
  return chosen;
}

const turnOf = ({ look, changes, score }: Step, rail: Rail, all: readonly Piece[]): Turn => ({
  changes,
  score,
  pieces: look.map((place) => pieceAt(rail, all, place)),
});

/** A bag takes a pair of shoes, or a folded layer, from this width and height on. Common practice, no source. */
const ROOM_MM = { width: 280, length: 200 } as const;

/** What is to be carried for the change, and whether the bag of the look takes it; `fits` is absent without a bag. */
export interface Carried {
  readonly pieces: readonly Piece[];
  readonly bag?: Piece | undefined;
  readonly fits?: boolean | undefined;
}

/** What somebody takes along to change in the afternoon: what is put on later. The bag is the one worn by day. */
export function carriedFor(worn: readonly Piece[], { changes }: Turn): Carried {
  const pieces = changes.flatMap((change) => (change.kind === 'on' ? [change.piece] : []));
  const bag = worn.find((piece) => wear(piece).slot === 'bag');
  if (!bag || pieces.length === 0) return { pieces };
  const { measures } = wear(bag);
  const isRoomy = (measures.width ?? 0) >= ROOM_MM.width && (measures.length ?? 0) >= ROOM_MM.length;
  const large = pieces.filter((piece) => !isSmall(piece)).length;
  return { pieces, bag, fits: large === 0 || (isRoomy && large === 1) };
}

/** Jewellery, belts, ties, gloves and thin scarves go into any bag. */
const isSmall = (piece: Piece): boolean => {
  const { slot } = wear(piece);
  return (
    slot !== 'top' &&
    slot !== 'bottom' &&
    slot !== 'whole' &&
    slot !== 'layer' &&
    slot !== 'shoes' &&
    slot !== 'bag' &&
    slot !== 'head'
  );
};

/** The changes in a sentence: "The heels in place of the loafers; the blouse untucked; without the scarf." */
export function turnWords({ changes }: Turn, by: Speaker): string {
  if (changes.length === 0) return 'It is right as it is.';
  const said = changes.map((change): string => {
    const { piece } = change;
    if (change.kind === 'off') return `without ${by.called(piece.id)}`;
    if (change.kind === 'way') return `${by.called(piece.id)} ${modeOf(piece).title.toLowerCase()}`;
    return change.instead
      ? `${by.called(piece.id)} in place of ${by.called(change.instead.id)}`
      : `${by.called(piece.id)} as well`;
  });
  return `${capital(said.join('; '))}.`;
}

/** What to take along, in a sentence; empty when nothing is. */
export function carriedWords({ pieces, bag, fits }: Carried, by: Speaker): string {
  if (pieces.length === 0) return '';
  const names = listed(
    pieces.map(({ id }) => by.called(id)),
    by.tongue.english,
  );
  if (!bag) return `Take ${names} along.`;
  return fits
    ? `${capital(names)} go${pieces.length === 1 ? 'es' : ''} into ${by.called(bag.id)}.`
    : `${capital(names)} will not go into ${by.called(bag.id)}: a larger one is needed.`;
}
