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
const MOST_JUDGED = 3000;
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
    for (const base of this.bases(MOST_BASES)) this.judge(base);
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

  /**
   * Clothes and shoes, with everything that is pinned; ways of wearing of the pinned pieces alone. All of a few; of many so
   * many, spread over the whole: a large closet is not written out to be sampled.
   */
  private bases(most: number): number[][] {
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
    const shoes = usual('shoes');
    // Pinned shoes are in every look already, or in none.
    const isShod = clothed.some((look) => slotsOf(look).has('shoes'));
    const all = clothed.length * (isShod ? 1 : shoes.length);
    const found: number[][] = [];
    for (const at of spreadOver(all, 2 * most)) {
      const look = clothed[at % clothed.length] as number[];
      const base = isShod ? look : [...look, shoes[Math.floor(at / clothed.length)] as number];
      if (this.isPossible(base) && found.push(base) >= most) break;
    }
    return found;
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

/** The golden section's share: whole multiples of it fall evenly into the unit interval, wherever one stops. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Places of a long list, each once, so that the first of them are spread over the whole; all of a short one. */
function spreadOver(length: number, most: number): readonly number[] {
  if (length <= most) return Array.from({ length }, (_, i) => i);
  const places = new Set<number>();
  for (let k = 1; places.size < most; k++) places.add(Math.floor(((k * GOLDEN) % 1) * length));
  return [...places];
}
