import { movePath, type Point } from '../path';
import type { Drawing, Gradient, Item } from './display';

/** Space between pieces, mm. */
const GAP = 60;
/** Widths at which a new row begins, mm: the one whose rows come nearest to a square is taken. */
const ROWS = [700, 900, 1100, 1300, 1500, 1800, 2200, 2600, 3200] as const;

interface Row {
  readonly drawings: readonly Drawing[];
  readonly w: number;
  readonly h: number;
}

/** Drawings laid out beside each other, to one scale, row by row, each row in the middle. */
export function laidOut(drawings: readonly Drawing[]): Drawing {
  const [rows = []] = ROWS.map((width) => rowsOf(drawings, width)).sort((a, b) => longer(a) - longer(b));
  const { w, h } = sizeOf(rows);
  const items: Item[] = [];
  let y = 0;
  for (const row of rows) {
    let x = (w - row.w) / 2;
    for (const { box, items: own } of row.drawings) {
      const [dx, dy] = [x - box.x, y + (row.h - box.h) / 2 - box.y];
      items.push(...own.map((item) => movedItem(item, dx, dy)));
      x += box.w + GAP;
    }
    y += row.h + GAP;
  }
  return { box: { x: 0, y: 0, w, h }, items };
}

function rowsOf(drawings: readonly Drawing[], width: number): Row[] {
  const rows: Row[] = [];
  for (const drawing of drawings) {
    const last = rows.at(-1);
    const { w, h } = drawing.box;
    if (last && last.w + GAP + w <= width)
      rows[rows.length - 1] = {
        drawings: [...last.drawings, drawing],
        w: last.w + GAP + w,
        h: Math.max(last.h, h),
      };
    else rows.push({ drawings: [drawing], w, h });
  }
  return rows;
}

const sizeOf = (rows: readonly Row[]): { readonly w: number; readonly h: number } => ({
  w: Math.max(0, ...rows.map(({ w }) => w)),
  h: Math.max(
    0,
    rows.reduce((sum, { h }) => sum + h + GAP, -GAP),
  ),
});
const longer = (rows: readonly Row[]): number => Math.max(sizeOf(rows).w, sizeOf(rows).h);

function movedItem(item: Item, dx: number, dy: number): Item {
  if (item.kind === 'group') return { ...item, items: item.items.map((each) => movedItem(each, dx, dy)) };
  const path = movePath(item.path, dx, dy);
  if (item.kind === 'clip')
    return { ...item, path, items: item.items.map((each) => movedItem(each, dx, dy)) };
  const { fill } = item;
  return { ...item, path, ...(typeof fill === 'object' ? { fill: movedFill(fill, dx, dy) } : {}) };
}

const movedPoint = ([x, y]: Point, dx: number, dy: number): Point => [x + dx, y + dy];
const movedFill = (fill: Gradient, dx: number, dy: number): Gradient => ({
  ...fill,
  from: movedPoint(fill.from, dx, dy),
  to: movedPoint(fill.to, dx, dy),
});
