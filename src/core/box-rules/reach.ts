import { CATEGORY, type Piece, type Slot, wear } from '../piece';
import type { Occasion } from '../occasion';
import type { Settings } from '../rules';
import { judge, LookPool, type Setting } from '../look';

/** From this score a look counts as one that a piece opens. */
export const GOOD_LOOK = 70;

/** Looks tried for one piece at most: a large closet is looked through evenly, not from its beginning. */
const MOST_TRIED = 3000;

/** What a piece of the client's own in a look is worth, in points, where one look has to show a candidate. */
const OWNED_WORTH = 4;
/** Looks of the best that are judged again for each occasion. */
const MOST_SHOWN = 24;

const byValue = (a: { readonly value: number }, b: { readonly value: number }): number => b.value - a.value;

/** What a piece opens. */
export interface Opened {
  readonly looks: number;
  /** The look that shows it best, by ids, and the occasion it is good for; absent where it opens none. */
  readonly best?: { readonly pieces: readonly string[]; readonly occasion?: string | undefined } | undefined;
}

/**
 * Counts the looks a piece opens together with others: complete, sendable, of a good score, and distinct by what makes
 * a look another look (main pieces, outer layer, shoes). One pool is judged out of for all of them.
 */
export class Reach {
  private readonly pieces: readonly Piece[];
  private readonly pool: LookPool;
  private readonly bySlot = new Map<Slot, number[]>();
  private readonly placeOf = new Map<string, number>();
  private readonly slots: readonly Slot[];

  /** `others` are worn with the pieces asked for; `candidates` only each by itself with the others. */
  constructor(
    others: readonly Piece[],
    candidates: readonly Piece[],
    private readonly setting: Setting,
    private readonly settings: Settings = {},
  ) {
    const pieces = [...others, ...candidates];
    this.pieces = pieces;
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
    return this.scored(id, least).map(({ look }) => look);
  }

  /**
   * How many looks a piece opens, and the one that shows it best: of those it opens, good for one of the occasions where there
   * are any, with as much in it as can be of what is owned.
   * @throws RangeError for an id that is not in the pool
   */
  opened(id: string, occasions: readonly Occasion[] = [], least = GOOD_LOOK): Opened {
    const scored = this.scored(id, least);
    const shown = scored
      .map(({ look, score }) => {
        const pieces = look.map((place) => this.pieces[place] as Piece);
        const own = OWNED_WORTH * pieces.filter(({ owned }) => owned).length;
        return { pieces, own, value: score + own };
      })
      .sort(byValue)
      .slice(0, MOST_SHOWN);
    const good = shown.flatMap(({ pieces, own }) =>
      occasions.flatMap((occasion) => {
        const { sendable, score } = judge(pieces, { ...this.setting, occasion }, this.settings);
        return sendable && score.score >= least
          ? [{ pieces, occasion: occasion.title, value: score.score + own }]
          : [];
      }),
    );
    const [best] = [...good.sort(byValue), ...shown.map(({ pieces }) => ({ pieces, occasion: undefined }))];
    return {
      looks: scored.length,
      best: best && { pieces: best.pieces.map((piece) => piece.id), occasion: best.occasion },
    };
  }

  private scored(id: string, least: number): { readonly look: number[]; readonly score: number }[] {
    const place = this.placeOf.get(id);
    if (place === undefined) throw new RangeError(`Reach: ${id} is not in the pool`);
    return this.combinations(place).flatMap((look) => {
      const { sendable, score } = this.pool.judge(look);
      return sendable && score >= least ? [{ look, score }] : [];
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
