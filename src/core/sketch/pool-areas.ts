import type { Body } from '../figure';
import type { Worn } from '../piece';
import { emptyBits, popcount } from './raster';
import { cellsOf, holdsSleeves, narrowed, orderOf, wornSketch } from './worn';

/** Words of the raster that are not empty, of all parts of one way a piece lies, part after part. */
interface Laid {
  /** Where each part begins, and where the last one ends. */
  readonly starts: Int32Array;
  readonly words: Int32Array;
  readonly bits: Int32Array;
  /** Cells of each word. */
  readonly cells: Int32Array;
}

function laidOf(worn: Worn, body: Body): Laid {
  const starts: number[] = [0];
  const words: number[] = [];
  const bits: number[] = [];
  for (const part of cellsOf(wornSketch(worn, body))) {
    part.bits.forEach((word, i) => {
      if (word !== 0) {
        words.push(i);
        bits.push(word);
      }
    });
    starts.push(words.length);
  }
  return {
    starts: Int32Array.from(starts),
    words: Int32Array.from(words),
    bits: Int32Array.from(bits),
    cells: Int32Array.from(bits, popcount),
  };
}

/** Lays one part into `claimed` and counts the cells that nobody had claimed: the inner loop of a pool. */
function claim(claimed: Int32Array, { words, bits, cells }: Laid, from: number, to: number): number {
  let seen = 0;
  for (let k = from; k < to; k++) {
    const at = words[k] as number;
    const word = bits[k] as number;
    const before = claimed[at] as number;
    const fresh = word & ~before;
    claimed[at] = before | word;
    if (fresh === word) seen += cells[k] as number;
    else if (fresh !== 0) seen += popcount(fresh);
  }
  return seen;
}

/**
 * Visible shares of the pieces of many looks out of one pool: `areasOf(layersOf(look))` by piece, bit for bit, from
 * shapes laid on the raster once. Pieces are taken by their place in `pool`, which is in the order of their ids.
 */
export class PoolAreas {
  private readonly plain: (Laid | undefined)[];
  private readonly pressed: (Laid | undefined)[];
  private readonly usualOrder: Int32Array;
  private readonly tuckedOrder: Int32Array;
  private readonly holds: Uint8Array;
  private readonly intoBoots: Uint8Array;
  private readonly claimed = new Int32Array(emptyBits().length);
  private readonly byOrder: Int32Array;
  private readonly counts: Int32Array;
  private readonly owners: Int32Array;

  constructor(
    private readonly pool: readonly Worn[],
    private readonly body: Body,
    mostPieces: number,
  ) {
    const marks = mostPieces * (1 + Math.max(0, ...pool.map(({ piece }) => piece.parts.length)));
    this.byOrder = new Int32Array(mostPieces);
    this.counts = new Int32Array(marks);
    this.owners = new Int32Array(marks);
    this.plain = pool.map(() => undefined);
    this.pressed = pool.map(() => undefined);
    this.usualOrder = Int32Array.from(pool, (worn) => orderOf(worn, false));
    this.tuckedOrder = Int32Array.from(pool, (worn) => orderOf(worn, true));
    this.holds = Uint8Array.from(pool, (worn) => (holdsSleeves(worn) ? 1 : 0));
    this.intoBoots = Uint8Array.from(pool, (worn) => (worn.mode.id === 'into-boots' ? 1 : 0));
  }

  /** Writes the share of each pick into `shares`, in the order of the picks, which is that of the pool. */
  write(picks: Int32Array, count: number, shares: Float64Array): void {
    let [held, tucked] = [0, 0];
    for (let i = 0; i < count; i++) {
      held |= this.holds[picks[i] as number] as number;
      tucked |= this.intoBoots[picks[i] as number] as number;
      shares[i] = 0;
    }
    this.sort(picks, count, tucked === 1 ? this.tuckedOrder : this.usualOrder);
    const { claimed, byOrder, owners, counts } = this;
    claimed.fill(0);
    let [marks, total] = [0, 0];
    // From the outside in: a cell belongs to the first piece that claims it.
    for (let at = count - 1; at >= 0; at--) {
      const i = byOrder[at] as number;
      const laid = this.laid(picks[i] as number, held === 1);
      const { starts } = laid;
      for (let part = 1; part < starts.length; part++) {
        const seen = claim(claimed, laid, starts[part - 1] as number, starts[part] as number);
        owners[marks] = i;
        counts[marks++] = seen;
        total += seen;
      }
    }
    if (total === 0) return;
    for (let mark = 0; mark < marks; mark++) {
      const i = owners[mark] as number;
      shares[i] = (shares[i] as number) + (counts[mark] as number) / total;
    }
  }

  /** Picks from the skin outwards, those of one order by id. */
  private sort(picks: Int32Array, count: number, orders: Int32Array): void {
    const { byOrder } = this;
    for (let i = 0; i < count; i++) {
      const order = orders[picks[i] as number] as number;
      let at = i;
      while (at > 0 && (orders[picks[byOrder[at - 1] as number] as number] as number) > order) {
        byOrder[at] = byOrder[at - 1] as number;
        at--;
      }
      byOrder[at] = i;
    }
  }

  private laid(index: number, held: boolean): Laid {
    const worn = this.pool[index] as Worn;
    const isPressed = held && worn.slot !== 'layer';
    const kept = isPressed ? this.pressed : this.plain;
    return (kept[index] ??= laidOf(isPressed ? narrowed(worn) : worn, this.body));
  }
}
