import { flatten, type Path } from '../path';

/** Side of a raster cell, mm. The one raster of the whole application. */
export const CELL_MM = 10;

/** A front-view raster: row-major cells, `x0`,`y0` the corner in mm. */
export interface Grid {
  readonly x0: number;
  readonly y0: number;
  readonly columns: number;
  readonly rows: number;
  /** Side of a cell, mm. */
  readonly mm: number;
}

/** Covers a figure of up to 2.05 m in a broad skirt with arms and bag. */
export const GRID: Grid = { x0: -800, y0: -2200, columns: 160, rows: 240, mm: CELL_MM };

/** Marks in `cells` (value `mark`) every cell whose centre lies in the path (non-zero winding). */
export function fillPath(path: Path, cells: Int16Array, mark: number, grid: Grid = GRID): void {
  const rows = new Map<number, { x: number; turn: number }[]>();
  for (const ring of flatten(path, 6)) {
    for (let i = 0; i < ring.length; i++) {
      const from = ring[i];
      const to = ring[(i + 1) % ring.length];
      if (!from || !to || from[1] === to[1]) continue;
      const turn = from[1] < to[1] ? 1 : -1;
      const [low, high] = turn === 1 ? [from[1], to[1]] : [to[1], from[1]];
      const slope = (to[0] - from[0]) / (to[1] - from[1]);
      const first = Math.max(0, Math.ceil((low - grid.y0) / grid.mm - 0.5));
      const last = Math.min(grid.rows - 1, Math.ceil((high - grid.y0) / grid.mm - 0.5) - 1);
      for (let row = first; row <= last; row++) {
        const y = grid.y0 + (row + 0.5) * grid.mm;
        const crossing = { x: from[0] + (y - from[1]) * slope, turn };
        const before = rows.get(row);
        if (before) before.push(crossing);
        else rows.set(row, [crossing]);
      }
    }
  }
  for (const [row, crossings] of rows) {
    crossings.sort((a, b) => a.x - b.x);
    let winding = 0;
    for (let i = 0; i < crossings.length - 1; i++) {
      const here = crossings[i];
      const next = crossings[i + 1];
      if (!here || !next) continue;
      winding += here.turn;
      if (winding === 0) continue;
      const from = Math.max(0, Math.ceil((here.x - grid.x0) / grid.mm - 0.5));
      const to = Math.min(grid.columns - 1, Math.floor((next.x - grid.x0) / grid.mm - 0.5));
      for (let column = from; column <= to; column++) cells[row * grid.columns + column] = mark;
    }
  }
}
