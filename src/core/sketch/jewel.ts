import type { Frame } from '../figure';
import { lines, mirrorPath, movePath, type Path, type Point, smooth } from '../path';
import type { Worn } from '../piece';
import { band } from './band';
import type { Panel, Sketch } from './display';

/** Jewellery and watches, at true size. */
export function jewelSketch(frame: Frame, worn: Worn): Sketch {
  switch (worn.facts.drawn.as) {
    case 'necklace':
      return necklace(frame, worn);
    case 'earrings':
      return earrings(frame, worn);
    case 'brooch': {
      const r = (worn.measures.width ?? 45) / 2;
      const [x, y]: Point = frame.flat ? [0, 0] : [-frame.own.bust * 0.5, frame.y.bust - 90];
      const petals = [0, 1, 2, 3, 4, 5].map((i) => {
        const turn = (i * Math.PI) / 3;
        return {
          x: x + Math.cos(turn) * r * 0.72,
          y: y + Math.sin(turn) * r * 0.72,
          r: r * 0.3,
          tone: 'main' as const,
        };
      });
      return {
        panels: [{ path: oval(x, y, r * 0.8, r * 0.8), tone: 'metal' }],
        lines: [],
        dots: [...petals, { x, y, r: r * 0.36, tone: 'main' }],
      };
    }
    case 'sunglasses':
      return sunglasses(frame, worn);
    case 'ring': {
      const r = 10;
      const [x, y] = frame.flat ? [0, 0] : handAt(frame, -1, 66);
      return {
        panels: [{ path: ringBand(x, y, r, 3), tone: 'metal' }],
        lines: [],
        dots: [{ x, y: y - r, r: Math.max(3, (worn.measures.width ?? 8) / 2), tone: 'main' }],
      };
    }
    case 'watch': {
      const r = (worn.measures.caseMm ?? 36) / 2;
      const [x, y] = frame.flat ? [0, 0] : handAt(frame, -1, 0);
      const strap = frame.flat
        ? lines(
            [
              [x - r * 0.55, y - r * 5],
              [x + r * 0.55, y - r * 5],
              [x + r * 0.6, y + r * 5.4],
              [x - r * 0.6, y + r * 5.4],
            ],
            true,
          )
        : lines(
            [
              [x - 28, y - 9],
              [x + 28, y - 5],
              [x + 28, y + 9],
              [x - 28, y + 6],
            ],
            true,
          );
      return {
        panels: [{ path: strap }, { path: oval(x, y, r, r), tone: 'metal' }],
        lines: [
          {
            kind: 'seam',
            path: lines([
              [x, y],
              [x, y - r * 0.66],
            ]),
          },
          {
            kind: 'seam',
            path: lines([
              [x, y],
              [x + r * 0.5, y],
            ]),
          },
        ],
        dots: [],
      };
    }
    default: {
      const wide = worn.measures.width ?? 12;
      if (frame.flat) return { panels: [{ path: ringBand(0, 0, 33, wide) }], lines: [], dots: [] };
      const [x, y] = handAt(frame, 1, 0);
      return {
        panels: [
          {
            path: lines(
              [
                [x - 30, y - wide / 2],
                [x + 28, y - wide / 2 + 4],
                [x + 28, y + wide / 2 + 4],
                [x - 30, y + wide / 2],
              ],
              true,
            ),
          },
        ],
        lines: [],
        dots: [],
      };
    }
  }
}

function handAt(frame: Frame, side: 1 | -1, below: number): Point {
  const along = frame.body.armLength + below;
  return [side * (frame.shoulderHalf - 30 + frame.arm.dx * along), frame.y.tip + 18 + frame.arm.dy * along];
}

function ringBand(x: number, y: number, r: number, wide: number): Path {
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

function necklace(frame: Frame, worn: Worn): Sketch {
  const chain = worn.measures.chain ?? 450;
  const n = frame.neckHalf * 1.06;
  const drop = Math.max(34, (chain - 300) / 2);
  const top = frame.y.neck + 2;
  const big = worn.piece.statement >= 3;
  const pendant = worn.piece.cut.drop;
  const curve: Point[] = [
    [-n, top],
    [-n * 0.9, top + drop * 0.5],
    [-n * 0.5, top + drop * 0.88],
    [0, top + drop],
    [n * 0.5, top + drop * 0.88],
    [n * 0.9, top + drop * 0.5],
    [n, top],
  ];
  const beads = worn.piece.material !== undefined && worn.piece.material !== 'metal';
  const panels: Panel[] = [{ path: band(curve, big ? 16 : 5), tone: beads ? 'main' : 'metal' }];
  const dots: Sketch['dots'][number][] = [];
  if (beads) {
    for (let t = 0; t <= 1.001; t += big ? 0.07 : 0.05) {
      const angle = Math.PI * t;
      const belly = Math.max(0, Math.sin(angle)) ** 0.8;
      dots.push({
        x: -n * Math.cos(angle) * (1 - 0.1 * belly),
        y: top + drop * belly,
        r: big ? 12 : 6,
        tone: 'main',
      });
    }
  }
  if (pendant)
    panels.push({
      path: movePath(
        lines(
          [
            [0, 0],
            [pendant * 0.36, pendant * 0.5],
            [0, pendant],
            [-pendant * 0.36, pendant * 0.5],
          ],
          true,
        ),
        0,
        top + drop,
      ),
      tone: 'main',
    });
  return { panels, lines: [], dots };
}

function earrings(frame: Frame, worn: Worn): Sketch {
  const drop = worn.piece.cut.drop ?? 10;
  const x = frame.flat ? 34 : frame.body.headGirth * 0.137 + 4;
  const y = frame.flat ? 0 : frame.y.crown + (frame.y.chin - frame.y.crown) * 0.62;
  const wide = (worn.measures.width ?? 15) / 2;
  const hoop = worn.piece.title.toLowerCase().includes('hoop');
  const right: Path = hoop
    ? ringBand(x, y + drop / 2, drop / 2, 5)
    : drop < 16
      ? oval(x, y, wide, wide)
      : [
          ['M', x, y],
          ['C', x + wide * 0.5, y + drop * 0.4, x + wide * 1.5, y + drop * 0.6, x, y + drop],
          ['C', x - wide * 1.5, y + drop * 0.6, x - wide * 0.5, y + drop * 0.4, x, y],
          ['Z'],
        ];
  const tone =
    worn.piece.material === 'metal' || worn.piece.material === undefined
      ? ('metal' as const)
      : ('main' as const);
  return {
    panels: [
      { path: right, tone },
      { path: mirrorPath(right), tone },
    ],
    lines: [],
    dots: [x, -x].map((px) => ({ x: px, y: y - 2, r: 3.4, tone: 'metal' as const })),
  };
}

const oval = (x: number, y: number, rx: number, ry: number): Path =>
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

/** Two lenses, a bridge and the beginning of the arms. */
function sunglasses(frame: Frame, worn: Worn): Sketch {
  const half = (worn.measures.width ?? 140) / 2;
  const y = frame.flat ? 0 : frame.y.crown + (frame.y.chin - frame.y.crown) * 0.44;
  const lens = (side: 1 | -1): Path => [
    ['M', side * half * 0.12, y - 15],
    ['C', side * half * 0.5, y - 24, side * half * 0.86, y - 24, side * half * 0.94, y - 16],
    ['C', side * half * 0.96, y + 14, side * half * 0.76, y + 28, side * half * 0.5, y + 27],
    ['C', side * half * 0.24, y + 26, side * half * 0.12, y + 8, side * half * 0.12, y - 15],
    ['Z'],
  ];
  const bridge = band(
    [
      [-half * 0.16, y - 12],
      [0, y - 17],
      [half * 0.16, y - 12],
    ],
    5,
  );
  const arm = (side: 1 | -1): Path =>
    band(
      frame.flat
        ? [
            [side * half * 0.92, y - 15],
            [side * half * 1.06, y - 14],
            [side * half * 1.14, y + 30],
          ]
        : [
            [side * half * 0.92, y - 15],
            [side * half * 1.02, y - 13],
            [side * half * 1.06, y - 8],
          ],
      5,
    );
  return {
    panels: [{ path: arm(1) }, { path: arm(-1) }, { path: bridge }, { path: lens(1) }, { path: lens(-1) }],
    lines: ([1, -1] as const).map((side) => ({
      kind: 'fold' as const,
      path: smooth([
        [side * half * 0.32, y + 6],
        [side * half * 0.52, y - 12],
      ]),
    })),
    dots: [],
  };
}
