import { LookPool, type Setting } from '../look';
import type { Occasion } from '../occasion';
import { type Piece, type Slot, wear } from '../piece';
import type { Settings } from '../rules';

/** From this score a look counts; the same as for what a piece opens. */
const GOOD = 70;
/** Looks tried for one occasion at most: many pieces are gone through evenly, not from the beginning. */
const MOST_TRIED = 12_000;
/** Bases that each accessory is tried on. */
const MOST_DRESSED = 40;

/** A look that may be sent and is good, by the places of its pieces, ascending. */
export interface MixLook {
  readonly places: readonly number[];
  readonly score: number;
  readonly occasion: number;
}

/** Every piece against every other: what they make together. */
export interface MixSheet {
  /** Good looks of all occasions, the best first. */
  readonly looks: readonly MixLook[];
  /** Of each pair the best look that was tried, good or not; undefined where no look holds both. */
  readonly nearest: readonly (readonly (MixLook | undefined)[])[];
}

export interface MixInput {
  readonly pieces: readonly Piece[];
  readonly setting: Setting;
  readonly occasions: readonly Occasion[];
  readonly settings?: Settings | undefined;
}

/** Tries the pieces together, occasion by occasion. */
export function mixOf({ pieces, setting, occasions, settings = {} }: MixInput): MixSheet {
  const looks: MixLook[] = [];
  const nearest: (MixLook | undefined)[][] = pieces.map(() => pieces.map(() => undefined));
  const slots = pieces.map((piece) => wear(piece).slot);
  occasions.forEach((at, occasion) => {
    const pool = new LookPool(pieces, { ...setting, occasion: at }, settings);
    const tried: MixLook[] = [];
    const judge = (places: readonly number[]): void => {
      const sorted = [...places].sort((a, b) => a - b);
      const { sendable, score } = pool.judge(sorted);
      const look = { places: sorted, score: sendable ? score : -1, occasion };
      tried.push(look);
      for (const a of sorted)
        for (const b of sorted)
          if (look.score > (nearest[a]?.[b]?.score ?? -Infinity)) (nearest[a] as MixLook[])[b] = look;
    };
    basesOf(slots).forEach(judge);
    const best = [...tried].sort((a, b) => b.score - a.score).slice(0, MOST_DRESSED);
    slots.forEach((slot, place) => {
      if (!BASE.includes(slot)) for (const { places } of best) judge([...places, place]);
    });
    looks.push(...tried.filter(({ score }) => score >= GOOD));
  });
  return { looks: looks.sort((a, b) => b.score - a.score), nearest };
}

const BASE: readonly Slot[] = ['top', 'bottom', 'whole', 'layer', 'shoes'];

/** Looks of main pieces, shoes and a layer or none. */
function basesOf(slots: readonly Slot[]): number[][] {
  const of = (slot: Slot): number[] => slots.flatMap((each, place) => (each === slot ? [place] : []));
  const [tops, bottoms, shoes] = [of('top'), of('bottom'), of('shoes')];
  const mains = [
    ...of('whole').map((whole) => [whole]),
    ...tops.flatMap((top) => bottoms.map((bottom) => [top, bottom])),
  ];
  const layers: readonly (readonly number[])[] = [[], ...of('layer').map((layer) => [layer])];
  const total = mains.length * shoes.length * layers.length;
  const step = Math.max(1, total / MOST_TRIED);
  const found: number[][] = [];
  for (let k = 0; Math.floor(k) < total; k += step) {
    const at = Math.floor(k);
    const main = mains[at % mains.length] as number[];
    const shoe = shoes[Math.floor(at / mains.length) % shoes.length] as number;
    const layer = layers[Math.floor(at / (mains.length * shoes.length))] as readonly number[];
    found.push([...main, shoe, ...layer]);
  }
  return found;
}

/** What a piece does among the others. */
export interface PieceReach {
  readonly looks: number;
  /** Occasions it is worn for in a good look. */
  readonly occasions: readonly number[];
  /** Price for each likely wear, minor units; undefined without a price or a look. */
  readonly perWearMinor?: number | undefined;
}

/** A piece that makes so many looks or more is likely worn as often; common practice, no source. */
const MOST_WEARS = 30;

/** Looks that are left when some pieces are not there. */
const without = (looks: readonly MixLook[], out: ReadonlySet<number>): readonly MixLook[] =>
  out.size === 0 ? looks : looks.filter(({ places }) => !places.some((place) => out.has(place)));

/** What each piece does, as if some were not there. */
export function reachIn(
  { looks }: MixSheet,
  pieces: readonly Piece[],
  out: ReadonlySet<number> = new Set(),
): PieceReach[] {
  const counts = pieces.map(() => 0);
  const served = pieces.map(() => new Set<number>());
  for (const { places, occasion } of without(looks, out))
    for (const place of places) {
      counts[place] = (counts[place] as number) + 1;
      served[place]?.add(occasion);
    }
  return pieces.map(({ priceMinor }, place) => {
    const own = counts[place] as number;
    return {
      looks: own,
      occasions: [...(served[place] ?? [])].sort((a, b) => a - b),
      perWearMinor: priceMinor && own > 0 ? Math.round(priceMinor / Math.min(own, MOST_WEARS)) : undefined,
    };
  });
}

/** How many good looks hold both of each pair. */
export function sharedIn(
  { looks }: MixSheet,
  count: number,
  out: ReadonlySet<number> = new Set(),
): readonly (readonly number[])[] {
  const table = Array.from({ length: count }, () => Array.from({ length: count }, () => 0));
  for (const { places } of without(looks, out))
    for (const a of places) for (const b of places) (table[a] as number[])[b] = (table[a]?.[b] ?? 0) + 1;
  return table;
}
