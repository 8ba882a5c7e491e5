import type { Frame } from '../../figure';
import { lines, mirrorPath, movePath, type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';
import { band } from '../band';
import type { Panel, Sketch } from '../display';
import { oval, ringBand } from './jewel-parts';

/** A brooch at the breast. */
export function brooch(frame: Frame, worn: Worn): Sketch {
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

/** A chain as it falls round a neck, with beads or a pendant. */
export function necklace(frame: Frame, worn: Worn): Sketch {
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

/** A pair at the lobes. */
export function earrings(frame: Frame, worn: Worn): Sketch {
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

/** Two lenses, a bridge and the beginning of the arms. */
export function sunglasses(frame: Frame, worn: Worn): Sketch {
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
