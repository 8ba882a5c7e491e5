import { LookPool, type Setting } from '../look';
import { EXCLUSIVE, modesOf, type Piece, type Slot, wear } from '../piece';
import type { Settings } from '../rules';

/** One piece in one way of wearing, as the search counts with it. */
export interface Variant {
  /** Place of the piece in the list that was given. */
  readonly piece: number;
  readonly mode: string | undefined;
  readonly slot: Slot;
  /** The way it is usually worn. */
  readonly isUsual: boolean;
  /** In its way of wearing, with an id of its own. */
  readonly worn: Piece;
}

/** A look that was judged: places of its variants in ascending order. */
export interface Tried {
  readonly look: readonly number[];
  readonly score: number;
  readonly key: string;
}

/** Pieces in every way of wearing, ready to be judged for one client and occasion; the same for any pin and ban. */
export interface Rail {
  readonly variants: readonly Variant[];
  readonly pool: LookPool;
}

/** What takes longest of a search is done once: what it judged before it remembers. */
export function railOf(pieces: readonly Piece[], setting: Setting, settings: Settings): Rail {
  const variants = variantsOf(pieces);
  return {
    variants,
    pool: new LookPool(
      variants.map(({ worn }) => worn),
      setting,
      settings,
    ),
  };
}

/** Looks judged at most for one setting: a search answers while somebody waits. */
const MOST_JUDGED = 5000;
/** Looks of main pieces and shoes that are tried before anything is added to them. */
const MOST_BASES = 1400;
/** Looks that things are added to, changed and worn another way, and how often. */
const GROWN = 36;
const ROUNDS = 3;
/** Pieces of a look, and of them layers and things that are no clothes. Working values of the trade, no source. */
const MOST_PIECES = 9;
const MOST_LAYERS = 2;
const MOST_MORE = 5;

const BASE: ReadonlySet<Slot> = new Set(['top', 'bottom', 'whole', 'shoes']);

/** Every piece in every way it may be worn. */
export const variantsOf = (pieces: readonly Piece[]): Variant[] =>
  pieces.flatMap((piece, place) => {
    const modes = modesOf(piece);
    const ways = modes.length === 0 ? [undefined] : modes.map(({ id }) => id);
    return ways.map((mode, i): Variant => {
      const worn = { ...piece, mode, id: `${piece.id}|${mode ?? ''}` };
      return { piece: place, mode, slot: wear({ ...piece, mode }).slot, isUsual: i === 0, worn };
    });
  });

/**
 * Looks out of some pieces that hold all of some of them, judged. A few pieces are gone through whole; of many the clothes
 * and shoes are gone through evenly, and the best grow layer by layer, accessory by accessory, way by way.
 */
export class LookSearch {
  readonly variants: readonly Variant[];
  private readonly pool: LookPool;
  private readonly bySlot = new Map<Slot, number[]>();
  /** Variants that are not banned. */
  private readonly open: number[] = [];
  private readonly pinned: ReadonlySet<number>;
  private readonly tried = new Map<string, Tried | undefined>();
  private judged = 0;

  /** `pins` are held by every look and `bans` by none: places of pieces in the list the rail was made of. */
  constructor(rail: Rail, pins: readonly number[], bans: readonly number[] = []) {
    this.variants = rail.variants;
    this.pool = rail.pool;
    this.pinned = new Set(pins);
    const out = new Set(bans.filter((place) => !this.pinned.has(place)));
    this.variants.forEach(({ slot, piece }, place) => {
      if (out.has(piece)) return;
      this.open.push(place);
      this.bySlot.set(slot, [...(this.bySlot.get(slot) ?? []), place]);
    });
  }

  /** Sendable looks found so far. */
  found(): Tried[] {
    return [...this.tried.values()].flatMap((each) => each ?? []);
  }

  /** True when every look there is was judged. */
  get isWhole(): boolean {
    return this.whole;
  }
  private whole = false;

  /** Goes through the bases; then `grow` adds to them. */
  begin(): void {
    if (this.tryAll()) {
      this.whole = true;
      return;
    }
    const bases = this.bases();
    const step = Math.max(1, bases.length / MOST_BASES);
    for (let k = 0; Math.floor(k) < bases.length; k += step) this.judge(bases[Math.floor(k)] as number[]);
  }

  /** Adds to, changes and takes from the best looks so far, as far as it lifts them; what was tried counts as well. */
  grow(): void {
    if (this.whole) return;
    let front = this.best(GROWN);
    for (let round = 0; round < ROUNDS && this.judged < MOST_JUDGED; round++) {
      const next: Tried[] = [];
      for (const each of front) {
        const better = this.neighbours(each.look)
          .map((look) => this.judge(look))
          .reduce<Tried | undefined>(
            (best, look) => (look && look.score > (best?.score ?? each.score) ? look : best),
            undefined,
          );
        if (better) next.push(better);
      }
      front = next;
    }
  }

  /** The best looks, no two of them of the same clothes and shoes: what grows is to differ. */
  private best(count: number): Tried[] {
    const seen = new Map<string, number>();
    return this.found()
      .sort((a, b) => b.score - a.score || (a.key < b.key ? -1 : 1))
      .filter(({ look }) => {
        const clothes = look
          .filter((place) => BASE.has(this.at(place).slot) && this.at(place).slot !== 'shoes')
          .map((place) => this.at(place).piece)
          .join();
        const times = seen.get(clothes) ?? 0;
        seen.set(clothes, times + 1);
        return times < 2;
      })
      .slice(0, count);
  }

  private at(place: number): Variant {
    return this.variants[place] as Variant;
  }

  private judge(look: readonly number[]): Tried | undefined {
    const sorted = [...look].sort((a, b) => a - b);
    const key = sorted.join(' ');
    if (this.tried.has(key)) return this.tried.get(key);
    if (this.judged >= MOST_JUDGED && !this.whole) return undefined;
    this.judged++;
    const { sendable, score } = this.pool.judge(sorted);
    const found = sendable && this.showsPins(sorted) ? { look: sorted, score, key } : undefined;
    this.tried.set(key, found);
    return found;
  }

  /** A way to wear a blazer shows it: under a closed coat it is a way to wear the coat. */
  private showsPins(look: readonly number[]): boolean {
    return look.every((place) => !this.pinned.has(this.at(place).piece) || this.pool.shareOf(place) > 0);
  }

  private of(slot: Slot): readonly number[] {
    return this.bySlot.get(slot) ?? [];
  }

  /** Clothes and shoes, with everything that is pinned; ways of wearing of the pinned pieces alone. */
  private bases(): number[][] {
    const pins = [...this.pinned];
    let looks: number[][] = [[]];
    for (const pin of pins) {
      const ways = this.open.filter((place) => this.at(place).piece === pin);
      looks = looks.flatMap((look) => ways.map((way) => [...look, way]));
    }
    const slotsOf = (look: readonly number[]): ReadonlySet<Slot> =>
      new Set(look.map((place) => this.at(place).slot));
    const usual = (slot: Slot): readonly number[] => this.of(slot).filter((place) => this.at(place).isUsual);
    const clothed = looks.flatMap((look): number[][] => {
      const has = slotsOf(look);
      if (has.has('whole') || (has.has('top') && has.has('bottom'))) return [look];
      if (has.has('top')) return usual('bottom').map((bottom) => [...look, bottom]);
      if (has.has('bottom')) return usual('top').map((top) => [...look, top]);
      return [
        ...usual('whole').map((whole) => [...look, whole]),
        ...usual('top').flatMap((top) => usual('bottom').map((bottom) => [...look, top, bottom])),
      ];
    });
    const shod = clothed.flatMap((look) =>
      slotsOf(look).has('shoes') ? [look] : usual('shoes').map((shoes) => [...look, shoes]),
    );
    return interleaved(shod.filter((look) => this.isPossible(look)));
  }

  /** What one change makes of a look: something more, something else in its place, another way, something less. */
  private neighbours(look: readonly number[]): number[][] {
    const worn = new Set(look.map((place) => this.at(place).piece));
    const found: number[][] = [];
    this.open.forEach((place) => {
      const variant = this.at(place);
      if (worn.has(variant.piece)) {
        // The same piece worn another way.
        if (!look.includes(place))
          found.push([...look.filter((each) => this.at(each).piece !== variant.piece), place]);
        return;
      }
      if (!variant.isUsual) return;
      if (BASE.has(variant.slot)) return;
      found.push([...look, place]);
    });
    for (const place of look) {
      const { slot, piece } = this.at(place);
      if (!BASE.has(slot) && !this.pinned.has(piece)) found.push(look.filter((each) => each !== place));
    }
    return found.filter((each) => this.isPossible(each));
  }

  private isPossible(look: readonly number[]): boolean {
    if (look.length > MOST_PIECES + this.pinned.size) return false;
    const slots = new Map<Slot, number>();
    const pieces = new Set<number>();
    let more = 0;
    for (const place of look) {
      const { slot, piece } = this.at(place);
      if (pieces.has(piece)) return false;
      pieces.add(piece);
      const many = (slots.get(slot) ?? 0) + 1;
      if (many > 1 && (EXCLUSIVE.has(slot) || (slot !== 'layer' && !this.pinned.has(piece)))) return false;
      slots.set(slot, many);
      if (!BASE.has(slot) && slot !== 'layer') more++;
    }
    if (slots.has('whole') && (slots.has('top') || slots.has('bottom'))) return false;
    return (slots.get('layer') ?? 0) <= MOST_LAYERS && more <= MOST_MORE + this.pinned.size;
  }

  /** Judges every look there is, when there are few enough; false when there are more. */
  private tryAll(): boolean {
    const all: number[][] = [];
    const groups = new Map<number, number[]>();
    for (const place of this.open) {
      const { piece } = this.at(place);
      groups.set(piece, [...(groups.get(piece) ?? []), place]);
    }
    const list = [...groups.entries()];
    const walk = (i: number, look: readonly number[]): boolean => {
      if (all.length > MOST_JUDGED) return false;
      const entry = list[i];
      if (!entry) {
        if (this.isDressed(look)) all.push([...look]);
        return all.length <= MOST_JUDGED;
      }
      const [piece, ways] = entry;
      if (!this.pinned.has(piece) && !walk(i + 1, look)) return false;
      for (const way of ways) {
        const next = [...look, way];
        if (this.isPossible(next) && !walk(i + 1, next)) return false;
      }
      return true;
    };
    if (list.length > SMALL || !walk(0, [])) return false;
    this.whole = true;
    for (const look of all) this.judge(look);
    return true;
  }

  private isDressed(look: readonly number[]): boolean {
    const slots = new Set(look.map((place) => this.at(place).slot));
    return slots.has('shoes') && (slots.has('whole') || (slots.has('top') && slots.has('bottom')));
  }
}

/** Pieces that may be gone through whole. */
const SMALL = 16;

/** A list in which neighbours differ: every so-and-so-many-th first, so that any part of it is spread over the whole. */
function interleaved<T>(list: readonly T[]): T[] {
  const stride = Math.max(1, Math.floor(Math.sqrt(list.length)));
  return Array.from({ length: stride }, (_, from) => list.filter((_each, i) => i % stride === from)).flat();
}
