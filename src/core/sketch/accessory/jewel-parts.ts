import type { Frame } from '../../figure';
import { type Path, type Point, smooth } from '../../path';

/** A point of the arm, so far below the wrist, mm. */
export function handAt(frame: Frame, side: 1 | -1, below: number): Point {
  const along = frame.body.armLength + below;
  return [side * (frame.shoulderHalf - 30 + frame.arm.dx * along), frame.y.tip + 18 + frame.arm.dy * along];
}

/** A ring seen from before, with its hole. */
export function ringBand(x: number, y: number, r: number, wide: number): Path {
  // An open band: drawn from outside and back on the inside, so that even a raster sees the hole.
  const around = (radius: number): Point[] =>
    Array.from({ length: 13 }, (_, i): Point => {
      const angle = -Math.PI / 2 + (i / 12) * Math.PI * 2 * 0.995;
      return [x + Math.cos(angle) * radius, y + Math.sin(angle) * radius * 0.86];
    });
  const [outer, inner] = [smooth(around(r)), smooth(around(Math.max(1, r - wide)).reverse())];
  const join = inner[0];
  if (!join || join[0] === 'Z') return outer;
  return [...outer, ['L', join[1] as number, join[2] as number], ...inner.slice(1), ['Z']];
}

/** A round or long stone. */
export const oval = (x: number, y: number, rx: number, ry: number): Path =>
  smooth(
    [
      [x, y - ry],
      [x + rx, y],
      [x, y + ry],
      [x - rx, y],
    ],
    true,
    1.3,
  );
