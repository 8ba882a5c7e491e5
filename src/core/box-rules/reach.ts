import { CATEGORY, type Piece, type Slot, wear } from '../piece';
import type { Settings } from '../rules';
import { LookPool, type Setting } from '../look';

/** From this score a look counts as one that a piece opens. */
export const GOOD_LOOK = 70;

/** Looks tried for one piece at most: a large closet is looked through evenly, not from its beginning. */
const MOST_TRIED = 3000;

/**
 * Counts the looks a piece opens together with others: complete, sendable, of a good score, and distinct by what makes
 * a look another look (main pieces, outer layer, shoes). One pool is judged out of for all of them.
 */
export class Reach {
  private readonly pool: LookPool;
  private readonly bySlot = new Map<Slot, number[]>();
  private readonly placeOf = new Map<string, number>();
  private readonly slots: readonly Slot[];

  /** `others` are worn with the pieces asked for; `candidates` only each by itself with the others. */
  constructor(
    others: readonly Piece[],
    candidates: readonly Piece[],
    setting: Setting,
    settings: Settings = {},
  ) {
    const pieces = [...others, ...candidates];
    this.pool = new LookPool(pieces, setting, settings);
    this.slots = pieces.map((piece) => wear(piece).slot);
    pieces.forEach((piece, place) => this.placeOf.set(piece.id, place));
    others.forEach((_, place) => {
      const slot = this.slots[place] as Slot;
      this.bySlot.set(slot, [...(this.bySlot.get(slot) ?? []), place]);
    });
  }

  /** How many looks a piece opens. @throws RangeError for an id that is not in the pool */
  of(id: string, least = GOOD_LOOK): number {
    return this.looksOf(id, least).length;
  }

  /** The same looks, as places in the pool, the ones tried first first. */
  looksOf(id: string, least = GOOD_LOOK): number[][] {
    const place = this.placeOf.get(id);
    if (place === undefined) throw new RangeError(`Reach: ${id} is not in the pool`);
    return this.combinations(place).filter((look) => {
      const verdict = this.pool.judge(look);
      return verdict.sendable && verdict.score >= least;
    });
  }

  /** Every look of main pieces, shoes and one layer or none, with this piece in its place or added. */
  private combinations(place: number): number[][] {
    const own = this.slots[place] as Slot;
    const choose = (slot: Slot): readonly number[] =>
      own === slot ? [place] : (this.bySlot.get(slot) ?? []).filter((each) => each !== place);
    const isBase = BASE.includes(own);
    const mains = [
      ...(own === 'top' || own === 'bottom' ? [] : choose('whole').map((whole) => [whole])),
      ...(own === 'whole'
        ? []
        : choose('top').flatMap((top) => choose('bottom').map((bottom) => [top, bottom]))),
    ];
    const layers: readonly (readonly number[])[] =
      own === 'layer' ? [[place]] : [[], ...choose('layer').map((layer) => [layer])];
    const shoes = choose('shoes');
    const total = mains.length * shoes.length * layers.length;
    const step = Math.max(1, total / MOST_TRIED);
    const looks: number[][] = [];
    for (let k = 0; Math.floor(k) < total; k += step) {
      const at = Math.floor(k);
      const main = mains[at % mains.length] as number[];
      const shoe = shoes[Math.floor(at / mains.length) % shoes.length] as number;
      const layer = layers[Math.floor(at / (mains.length * shoes.length))] as readonly number[];
      looks.push([...main, shoe, ...layer, ...(isBase ? [] : [place])]);
    }
    return looks;
  }
}

const BASE: readonly Slot[] = ['top', 'bottom', 'whole', 'layer', 'shoes'];

/** Clothes open fewer looks than what goes with everything. */
export const isAccessory = (piece: Piece): boolean =>
  !CATEGORY[piece.category].main && CATEGORY[piece.category].slot !== 'layer';
