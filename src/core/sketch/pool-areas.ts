import type { Body } from '../figure';
import type { Worn } from '../piece';
import { type Bits, countBits, GRID, popcount } from './raster';
import { holdsSleeves, narrowed, orderOf, seenCells, wornSketch } from './worn';

/** Words of a row of the raster. */
const WIDE = GRID.columns / 32;

/** One part of one way a piece lies: its words, column of words by column, each a run of rows. */
interface LaidPart {
  /** First place in the turned raster, first place in `bits`, and length of each run, in turns. */
  readonly runs: Int32Array;
  readonly bits: Int32Array;
  readonly cells: number;
}

/** Turned, so that what lies under one another in a column of words lies side by side in memory. */
function laidPart(bits: Bits): LaidPart {
  const runs: number[] = [];
  const words: number[] = [];
  for (let column = 0; column < WIDE; column++) {
    let start = -1;
    for (let row = 0; row <= GRID.rows; row++) {
      const word = row < GRID.rows ? (bits[row * WIDE + column] as number) : 0;
      if (word !== 0 && start < 0) start = row;
      if (word === 0 && start >= 0) {
        runs.push(column * GRID.rows + start, words.length - (row - start), row - start);
        start = -1;
      }
      if (word !== 0) words.push(word);
    }
  }
  return { runs: Int32Array.from(runs), bits: Int32Array.from(words), cells: countBits(bits) };
}

const laidOf = (worn: Worn, body: Body): readonly LaidPart[] =>
  seenCells(worn, wornSketch(worn, body)).map(({ bits }) => laidPart(bits));

/** Lays a part into `claimed` and counts its cells that somebody had claimed: the inner loop of a pool. */
function hiddenOf(claimed: Int32Array, { runs, bits }: LaidPart): number {
  let hidden = 0;
  for (let run = 0; run < runs.length; run += 3) {
    const to = runs[run] as number;
    const from = runs[run + 1] as number;
    const length = runs[run + 2] as number;
    for (let k = 0; k < length; k++) {
      const word = bits[from + k] as number;
      const before = claimed[to + k] as number;
      claimed[to + k] = before | word;
      const both = before & word;
      if (both !== 0) hidden += popcount(both);
    }
  }
  return hidden;
}

/**
 * Visible shares of the pieces of many looks out of one pool: `areasOf(layersOf(look))` by piece, bit for bit, from
 * shapes laid on the raster once. Pieces are taken by their place in `pool`, which is in the order of their ids.
 */
export class PoolAreas {
  private readonly plain: (readonly LaidPart[] | undefined)[];
  private readonly pressed: (readonly LaidPart[] | undefined)[];
  private readonly usualOrder: Int32Array;
  private readonly tuckedOrder: Int32Array;
  private readonly holds: Uint8Array;
  private readonly intoBoots: Uint8Array;
  private readonly claimed = new Int32Array(WIDE * GRID.rows);
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
    this.intoBoots = Uint8Array.from(pool, (worn) => (worn.effects.leg === 'in the boot' ? 1 : 0));
  }

  /** Writes the share of each pick into `shares`, in the order of the picks, which is that of the pool. */
  write(picks: Int32Array, count: number, shares: Float64Array): void {
    let held = 0;
    let tucked = 0;
    for (let i = 0; i < count; i++) {
      held |= this.holds[picks[i] as number] as number;
      tucked |= this.intoBoots[picks[i] as number] as number;
      shares[i] = 0;
    }
    this.sort(picks, count, tucked === 1 ? this.tuckedOrder : this.usualOrder);
    const { claimed, byOrder, owners, counts } = this;
    claimed.fill(0);
    let marks = 0;
    let total = 0;
    // From the outside in: a cell belongs to the first piece that claims it.
    for (let at = count - 1; at >= 0; at--) {
      const i = byOrder[at] as number;
      const parts = this.laid(picks[i] as number, held === 1);
      for (let part = 0; part < parts.length; part++) {
        const laid = parts[part] as LaidPart;
        const seen = laid.cells - hiddenOf(claimed, laid);
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

  private laid(index: number, held: boolean): readonly LaidPart[] {
    const worn = this.pool[index] as Worn;
    const isPressed = held && worn.slot !== 'layer';
    const kept = isPressed ? this.pressed : this.plain;
    return (kept[index] ??= laidOf(isPressed ? narrowed(worn) : worn, this.body));
  }
}
