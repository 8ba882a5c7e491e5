import { type Path, type Point, smooth } from '../path';

/** A line given a width, as a closed band: straps, chains, handles. */
export function band(points: readonly Point[], wide: number): Path {
  const shift = (side: 1 | -1): Point[] =>
    points.map(([x, y], i) => {
      const a = points[Math.max(0, i - 1)] ?? [x, y];
      const b = points[Math.min(points.length - 1, i + 1)] ?? [x, y];
      const size = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
      return [x - ((b[1] - a[1]) / size) * side * (wide / 2), y + ((b[0] - a[0]) / size) * side * (wide / 2)];
    });
  const one = smooth(shift(1));
  const other = smooth(shift(-1).reverse());
  const start = other[0];
  if (!start || start[0] === 'Z') return [];
  return [...one, ['L', start[1] as number, start[2] as number], ...other.slice(1), ['Z']];
}
