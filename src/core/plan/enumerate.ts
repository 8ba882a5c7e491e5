import { LookPool } from '../look';
import type { Occasion } from '../occasion';
import { EXCLUSIVE, type Piece, type Slot, wear } from '../piece';
import { formalityOf, outsideBand, type Settings } from '../rules';
import type { PlanProblem } from './problem';

/** A complete look that may be sent, for one occasion. */
export interface PlanLook {
  /** Places of its new pieces among the candidates, ascending; none: out of the closet alone. */
  readonly fresh: readonly number[];
  readonly pieces: readonly Piece[];
  readonly score: number;
  /** How much of a new look it is: whole by a new garment or shoe, in part by an accessory alone. */
  readonly opens: number;
}

/**
 * The looks a plan is made of, stated so that anybody can make them again. For each occasion: of each place (top, bottom,
 * whole, shoes) the owned and the new pieces nearest to its formality are companions; every candidate is worn with every
 * set of companions that makes a look whole, layers and accessories on the best looks found without them. The judge keeps
 * what may be sent and scores at least `leastScore`, or where nothing does (no coat on the shelf in a frost) whatever may be
 * sent; of each candidate and occasion the best `kept` stay. New pieces in one look: at most `mostFresh`.
 */
const ENUMERATION = {
  owned: 6,
  ownedShoes: 4,
  fresh: 3,
  freshShoes: 2,
  kept: 8,
  dressed: 6,
  leastScore: 70,
  mostFresh: 4,
  byAccessory: 0.3,
} as const;

/** Candidates that looks are made of at most; of more, those nearest to what the occasions ask, likeliest kept, cheapest. */
const MOST_CONSIDERED = 200;

/** Which candidates are worth making looks of: pinned ones, what answers an ask, then the nearest to an occasion. */
export function considered(
  problem: PlanProblem,
  allowed: readonly boolean[],
  answering: ReadonlySet<number>,
): boolean[] {
  const open = allowed.flatMap((is, place) => (is ? [place] : []));
  if (open.length <= MOST_CONSIDERED) return [...allowed];
  const pins = new Set(problem.pins);
  const off = (place: number): number => {
    const candidate = problem.candidates[place];
    if (!candidate) return Infinity;
    if (pins.has(candidate.piece.id)) return -2;
    if (answering.has(place)) return -1;
    const level = formalityOf(wear(candidate.piece));
    return Math.min(...problem.occasions.map(({ occasion }) => outsideBand(level, occasion.formality)));
  };
  const keep = (place: number): number => problem.candidates[place]?.keep ?? 0.5;
  const price = (place: number): number => problem.candidates[place]?.priceMinor ?? 0;
  const best = open
    .map((place) => ({ place, off: off(place) }))
    .sort(
      (a, b) =>
        a.off - b.off ||
        keep(b.place) - keep(a.place) ||
        price(a.place) - price(b.place) ||
        a.place - b.place,
    )
    .slice(0, MOST_CONSIDERED);
  const kept = new Set(best.map(({ place }) => place));
  return allowed.map((is, place) => is && kept.has(place));
}

const BASE: readonly Slot[] = ['top', 'bottom', 'whole', 'shoes'];

/** The looks of each occasion, best first. */
export const looksOf = (
  problem: PlanProblem,
  allowed: readonly boolean[],
  settings: Settings = {},
): PlanLook[][] => problem.occasions.map(({ occasion }) => looksFor(problem, occasion, allowed, settings));

function looksFor(
  { setting, closet, candidates }: PlanProblem,
  occasion: Occasion,
  allowed: readonly boolean[],
  settings: Settings,
): PlanLook[] {
  // Only those that are made looks of hang in the pool: what it works out grows with the square of it.
  const open = candidates.flatMap((_each, place) => (allowed[place] ? [place] : []));
  const pieces = [...open.map((place) => candidates[place]?.piece as Piece), ...closet];
  const worn = pieces.map(wear);
  const pool = new LookPool(pieces, { ...setting, occasion }, settings);
  const isFresh = (place: number): boolean => place < open.length;
  const off = worn.map((each) => outsideBand(formalityOf(each), occasion.formality));
  const inSlot = (slot: Slot): number[] =>
    worn
      .flatMap((each, place) => (each.slot === slot ? [place] : []))
      .sort((a, b) => (off[a] as number) - (off[b] as number) || a - b);
  const places = new Map(BASE.map((slot) => [slot, inSlot(slot)] as const));
  const companions = (slot: Slot): number[] => {
    const all = places.get(slot) ?? [];
    const [own, fresh] =
      slot === 'shoes'
        ? [ENUMERATION.ownedShoes, ENUMERATION.freshShoes]
        : [ENUMERATION.owned, ENUMERATION.fresh];
    return [...all.filter((place) => !isFresh(place)).slice(0, own), ...all.filter(isFresh).slice(0, fresh)];
  };
  const [tops, bottoms, wholes, shoes] = BASE.map(companions) as [number[], number[], number[], number[]];
  const found = new Map<string, { look: readonly number[]; score: number }>();
  const judge = (look: readonly number[]): void => {
    if (look.filter(isFresh).length > ENUMERATION.mostFresh) return;
    const sorted = [...look].sort((a, b) => a - b);
    const key = sorted.join(' ');
    if (found.has(key)) return;
    const { sendable, score } = pool.judge(sorted);
    found.set(key, { look: sorted, score: sendable ? score : -1 });
  };
  const dress = (
    tops_: readonly number[],
    bottoms_: readonly number[],
    wholes_: readonly number[],
    shoes_: readonly number[],
  ): void => {
    for (const shoe of shoes_) {
      for (const whole of wholes_) judge([whole, shoe]);
      for (const top of tops_) for (const bottom of bottoms_) judge([top, bottom, shoe]);
    }
  };
  dress(tops, bottoms, wholes, shoes);
  for (let place = 0; place < open.length; place++) {
    const { slot } = worn[place] as (typeof worn)[number];
    if (slot === 'top') dress([place], bottoms, [], shoes);
    else if (slot === 'bottom') dress(tops, [place], [], shoes);
    else if (slot === 'whole') dress([], [], [place], shoes);
    else if (slot === 'shoes') dress(tops, bottoms, wholes, [place]);
  }
  const best = (least: number): { look: readonly number[]; score: number }[] =>
    [...found.values()]
      .filter(({ score }) => score >= least)
      .sort((a, b) => b.score - a.score || (a.look.join() < b.look.join() ? -1 : 1));
  // What is no base goes over the best: a few out of the closet alone, and a few of every make.
  const bases = best(0);
  const owned = bases.filter(({ look }) => !look.some(isFresh)).slice(0, ENUMERATION.dressed);
  const mixed = bases.filter(({ look }) => look.some(isFresh)).slice(0, ENUMERATION.dressed * 2);
  worn.forEach(({ slot }, place) => {
    if (BASE.includes(slot)) return;
    for (const { look } of [...owned, ...mixed])
      if (!look.some((other) => (worn[other] as (typeof worn)[number]).slot === slot && EXCLUSIVE.has(slot)))
        judge([...look, place]);
  });
  const counts = new Map<number, number>();
  let alone = 0;
  const good = best(ENUMERATION.leastScore);
  return (good.length > 0 ? good : best(0)).flatMap(({ look, score }) => {
    const fresh = look.filter(isFresh);
    if (fresh.length === 0) {
      if (alone++ >= ENUMERATION.kept) return [];
    } else if (fresh.every((each) => (counts.get(each) ?? 0) >= ENUMERATION.kept)) return [];
    for (const each of fresh) counts.set(each, (counts.get(each) ?? 0) + 1);
    return [
      {
        fresh: fresh.map((place) => open[place] as number),
        pieces: look.map((place) => pieces[place] as Piece),
        score,
        opens: fresh.some((place) => {
          const { slot, facts } = worn[place] as (typeof worn)[number];
          return facts.main || BASE.includes(slot);
        })
          ? 1
          : ENUMERATION.byAccessory,
      },
    ];
  });
}
