import { flatten, type Path, type Point } from '../path';

/** Side of a raster cell, mm. The one raster of the whole application. */
const CELL_MM = 10;

/** A front-view raster: `x0`,`y0` the corner in mm. */
export interface Grid {
  readonly x0: number;
  readonly y0: number;
  /** A multiple of 32: a row is whole words of bits. */
  readonly columns: number;
  readonly rows: number;
  /** Side of a cell, mm. */
  readonly mm: number;
}

/**
 * Covers a figure of up to 2.05 m in a broad skirt with arms and bag. The middle of the figure is where two words meet,
 * so that a row of most garments is two words and not three.
 */
export const GRID: Grid = { x0: -960, y0: -2200, columns: 192, rows: 240, mm: CELL_MM };

/** A set of cells: a bit each, row after row, 32 cells a word. */
export type Bits = Uint32Array;

export const emptyBits = (grid: Grid = GRID): Bits => new Uint32Array((grid.columns / 32) * grid.rows);

/** How many of the 32 cells of a word are set. */
export function popcount(word: number): number {
  let v = word - ((word >>> 1) & 0x55555555);
  v = (v & 0x33333333) + ((v >>> 2) & 0x33333333);
  return (((v + (v >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** How many cells are set. */
export function countBits(bits: Bits): number {
  let sum = 0;
  for (let i = 0; i < bits.length; i++) sum += popcount(bits[i] as number);
  return sum;
}

/** The raster with so many of every seven cells, in a slanted order. */
const screens = new Map<number, Bits>();
function screenOf(of: number): Bits {
  const known = screens.get(of);
  if (known) return known;
  const bits = emptyBits();
  const words = GRID.columns / 32;
  for (let row = 0; row < GRID.rows; row++)
    for (let column = 0; column < GRID.columns; column++)
      if ((column * 5 + row * 3) % 7 < of) {
        const at = row * words + (column >>> 5);
        bits[at] = ((bits[at] as number) | (1 << (column & 31))) >>> 0;
      }
  screens.set(of, bits);
  return bits;
}

/**
 * What is seen of sheer cloth, as a printer's screen: a share of its cells, to the nearest seventh, is its own; through the
 * others shows what lies beneath. Layers of one weave hide one another as they would lying thread on thread.
 */
export const screened = (bits: Bits, share: number): Bits => {
  const screen = screenOf(Math.round(share * 7));
  return bits.map((word, i) => word & (screen[i] as number));
};

interface Crossing {
  readonly x: number;
  readonly turn: 1 | -1;
}

/** Sets in `bits` every cell whose centre lies in the path (non-zero winding). */
export function fillPath(path: Path, bits: Bits, grid: Grid = GRID): void {
  const words = grid.columns / 32;
  crossingsOf(flatten(path, 6), grid).forEach((crossings, row) => {
    crossings.sort((a, b) => a.x - b.x);
    let winding = 0;
    for (let i = 0; i < crossings.length - 1; i++) {
      const here = crossings[i] as Crossing;
      winding += here.turn;
      if (winding === 0) continue;
      const from = Math.max(0, Math.ceil((here.x - grid.x0) / grid.mm - 0.5));
      const last = ((crossings[i + 1] as Crossing).x - grid.x0) / grid.mm - 0.5;
      fillRun(bits, row * words, from, Math.min(grid.columns - 1, Math.floor(last)));
    }
  });
}

/** Where the rings cross the middle of each row of cells; rows without a crossing are holes of the list. */
function crossingsOf(rings: readonly (readonly Point[])[], grid: Grid): Crossing[][] {
  const rows: Crossing[][] = [];
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i++) {
      const from = ring[i] as Point;
      const to = (ring[i + 1] ?? ring[0]) as Point;
      if (from[1] === to[1]) continue;
      const down = from[1] < to[1];
      const [low, high] = down ? [from[1], to[1]] : [to[1], from[1]];
      const slope = (to[0] - from[0]) / (to[1] - from[1]);
      const first = Math.max(0, Math.ceil((low - grid.y0) / grid.mm - 0.5));
      const last = Math.min(grid.rows - 1, Math.ceil((high - grid.y0) / grid.mm - 0.5) - 1);
      for (let row = first; row <= last; row++) {
        const y = grid.y0 + (row + 0.5) * grid.mm;
        (rows[row] ??= []).push({ x: from[0] + (y - from[1]) * slope, turn: down ? 1 : -1 });
      }
    }
  }
  return rows;
}

/** Sets the cells `from` to `to` (both in) of the row whose first word is `base`. */
function fillRun(bits: Bits, base: number, from: number, to: number): void {
  if (to < from) return;
  const [first, last] = [from >> 5, to >> 5];
  for (let word = first; word <= last; word++) {
    const low = word === first ? -1 << (from & 31) : -1;
    const high = word === last ? -1 >>> (31 - (to & 31)) : -1;
    bits[base + word] = (bits[base + word] as number) | (low & high);
  }
}
