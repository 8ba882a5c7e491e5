import type { Frame } from '../figure';
import { lines, mirrorPath, movePath, type Path, type Point, smooth } from '../path';
import type { Worn } from '../piece';
import type { Panel, Sketch } from './display';
import type { Lines } from './lines';

/** Shoes: a pair from the side when flat (heel and toe read best so), from the front on the figure. */
export const shoeSketch = (frame: Frame, worn: Worn): Sketch =>
  frame.flat ? pairOf(sideView(worn)) : frontView(frame, worn);

/** How far the other shoe stands behind, mm: to the right and up. */
const BEHIND = [46, -30] as const;

/** The other shoe of a pair, a little behind and under the near one. */
function pairOf({ panels, lines: marks, dots }: Sketch): Sketch {
  const behind = (path: Path): Path => movePath(path, ...BEHIND);
  return {
    panels: [
      ...panels.map((panel): Panel => ({ ...panel, path: behind(panel.path), under: true })),
      ...panels,
    ],
    lines: [...marks.map((mark) => ({ ...mark, path: behind(mark.path), under: true })), ...marks],
    dots,
  };
}

const TOE_LENGTH = { pointed: 26, almond: 12, round: 0, square: 4, open: -4 } as const;

function sideView(worn: Worn): Sketch {
  const { measures, piece } = worn;
  const { shoe } = worn.facts.drawn;
  const toe = piece.cut.toe ?? 'round';
  const long = (measures.lengthFlat ?? 260) + TOE_LENGTH[toe];
  const heel = Math.max(4, measures.heel ?? 15);
  const plate = Math.min(heel, measures.platform ?? (shoe === 'trainer' ? 18 : 4));
  const ball: Point = [long * 0.66, -plate];
  const toeHigh = toe === 'pointed' ? 20 : toe === 'square' ? 36 : 30;
  const tip: Point = [long, -plate - (toe === 'pointed' ? 8 : 14)];
  const panels: Panel[] = [];
  const marks: Lines = [];
  const dots: Sketch['dots'][number][] = [];
  const soleTop: Point[] = [
    [4, -heel],
    [long * 0.3, -heel - 2 + (heel - plate) * 0.1],
    [long * 0.5, -(heel + plate) / 2],
    [ball[0], -plate - 1],
    [long - 8, -plate - 2],
  ];
  const rubber = shoe === 'trainer';
  // Sole, then heel block; a sneaker stands on one slab with a bumper at the toe.
  if (rubber)
    panels.push({
      path: [
        ['M', -8, -heel - 8],
        ['Q', -14, -heel * 0.4, -4, 0],
        ['L', long - 14, 0],
        ['Q', long + 10, -2, long + 6, -plate - 22],
        ['C', long * 0.9, -plate - 14, long * 0.6, -plate - 4, 4, -heel - 4],
        ['Z'],
      ],
      tone: 'sole',
    });
  else
    panels.push({
      path: lines(
        [
          ...soleTop,
          [long - 4, 0],
          [long * 0.58, 0],
          [long * 0.46, -(heel * 0.42)],
          [long * 0.26, -heel + Math.min(12, heel * 0.5)],
          [4, -heel + 4],
        ],
        true,
      ),
      tone: 'sole',
    });
  const tipWide = piece.cut.heelTipMm ?? (heel > 55 ? 14 : 55);
  const blockTop = Math.min(70, Math.max(tipWide, 34));
  if (!rubber)
    panels.push({
      path: [
        ['M', 0, -heel - 2],
        ['Q', heel > 50 ? 10 : 0, -heel * 0.5, heel > 50 ? 14 : 2, 0],
        ['L', (heel > 50 ? 14 : 2) + tipWide, 0],
        ['Q', 14 + tipWide, -heel * 0.5, blockTop, -heel + 3],
        ['Z'],
      ],
      tone: 'sole',
    });
  const backTop = (high: number): Point => [8, -heel - high];
  const upper = (topline: readonly Point[]): Path => [
    ...smooth([[2, -heel], [-2, -heel - 26], ...topline], false, 0.8),
    [
      'C',
      long * 0.9,
      -plate - toeHigh - 12,
      tip[0] + (toe === 'square' ? 8 : 2),
      tip[1] - (toe === 'pointed' ? 6 : 22),
      tip[0],
      -plate,
    ],
    ['L', ball[0], -plate],
    ['L', long * 0.5, -(heel + plate) / 2],
    ['L', long * 0.3, -heel - 2 + (heel - plate) * 0.1],
    ['Z'],
  ];
  switch (shoe) {
    case 'sandal': {
      const strap = (x: number, w: number, h: number): Path => [
        ['M', x, -plate - 2],
        ['Q', x + w * 0.5, -plate - h, x + w, -plate - 2],
        ['L', x + w * 0.72, -plate - 2],
        ['Q', x + w * 0.5, -plate - h + 16, x + w * 0.28, -plate - 2],
        ['Z'],
      ];
      panels.push({ path: strap(long * 0.56, 92, 112) });
      panels.push({
        path: lines(
          [
            [6, -heel],
            [2, -heel - 72],
            [14, -heel - 74],
            [20, -heel],
          ],
          true,
        ),
      });
      panels.push({
        path: smooth(
          [
            [4, -heel - 66],
            [long * 0.2, -heel - 82],
            [long * 0.36, -heel - 58],
            [long * 0.36, -heel - 44],
            [long * 0.2, -heel - 66],
            [6, -heel - 52],
          ],
          true,
        ),
      });
      dots.push({ x: long * 0.3, y: -heel - 62, r: 6, tone: 'metal' });
      break;
    }
    case 'trainer':
      panels.push({
        path: upper([
          [6, -heel - 70],
          backTop(84),
          [long * 0.22, -heel - 66],
          [long * 0.36, -heel - 84],
          [long * 0.46, -plate - 92],
          [long * 0.68, -plate - 60],
        ]),
      });
      // Laces across the tongue, a bow on top.
      [0.47, 0.53, 0.59, 0.65].forEach((x, i) =>
        marks.push({
          kind: 'edge',
          path: smooth([
            [long * x - 13, -plate - 88 + i * 11],
            [long * x + 6, -plate - 90 + i * 11],
            [long * x + 20, -plate - 76 + i * 9],
          ]),
        }),
      );
      for (const by of [-18, 14])
        marks.push({
          kind: 'edge',
          path: smooth(
            [
              [long * 0.44, -plate - 96],
              [long * 0.44 + by, -plate - 112],
              [long * 0.44 + by * 1.5, -plate - 100],
            ],
            true,
          ),
        });
      marks.push({
        kind: 'seam',
        path: smooth([
          [long * 0.72, -plate - 56],
          [long * 0.78, -plate - 26],
          [long * 0.72, -plate - 4],
        ]),
      });
      marks.push({
        kind: 'stitch',
        path: smooth([
          [long * 0.3, -heel - 20],
          [long * 0.5, -plate - 40],
          [long * 0.68, -plate - 56],
        ]),
      });
      break;
    case 'ankle boot':
    case 'tall boot': {
      const shaft = heel + (measures.shaft ?? 140);
      const wide = Math.max(92, (measures.shaftGirth ?? 260) * 0.42);
      const ankle = heel + 70;
      const kneeward: Point[] = shoe === 'tall boot' ? [[-12, -shaft * 0.66]] : [];
      panels.push({
        path: upper([
          [2, -ankle],
          ...kneeward,
          [-2, -shaft],
          [wide - 2, -shaft + (shoe === 'ankle boot' ? 6 : 0)],
          [wide * 0.98, -(shaft + ankle) / 2],
          [long * 0.42, -ankle],
          [long * 0.56, -plate - 64],
        ]),
      });
      if (piece.facts.closure?.includes('lace'))
        for (let y = ankle - 10; y < shaft - 10; y += 22)
          marks.push({
            kind: 'seam',
            path: lines([
              [wide * 0.62, -y - 6],
              [wide * 1.02, -y + 4],
            ]),
          });
      else
        marks.push({
          kind: 'seam',
          path: smooth([
            [wide * 0.5, -shaft + 4],
            [wide * 0.48, -ankle - 10],
            [long * 0.2, -heel - 8],
          ]),
        });
      if (piece.cut.sole === 'lug')
        for (let x = 8; x < long - 20; x += 22)
          marks.push({
            kind: 'edge',
            path: lines([
              [x, -1],
              [x + 9, -1],
            ]),
          });
      break;
    }
    case 'loafer':
      panels.push({
        path: upper([
          [4, -heel - 48],
          backTop(56),
          [long * 0.3, -heel - 46],
          [long * 0.46, -plate - 74],
          [long * 0.58, -plate - 68],
        ]),
      });
      panels.push({
        path: lines(
          [
            [long * 0.44, -plate - 60],
            [long * 0.56, -plate - 70],
            [long * 0.66, -plate - 22],
            [long * 0.54, -plate - 14],
          ],
          true,
        ),
      });
      marks.push({
        kind: 'stitch',
        path: smooth([
          [long * 0.62, -plate - 62],
          [long * 0.82, -plate - 42],
          [long * 0.92, -plate - 14],
        ]),
      });
      break;
    default: {
      const vamp = shoe === 'court' ? 0.7 : 0.66;
      panels.push({
        path: upper([
          [4, -heel - 46],
          backTop(54),
          [long * 0.26, -heel - 22],
          [long * 0.5, -(heel + plate) / 2 - 16],
          [long * vamp, -plate - 36],
        ]),
      });
      marks.push({
        kind: 'seam',
        path: smooth([
          [10, -heel - 46],
          [long * 0.28, -heel - 14],
          [long * 0.5, -(heel + plate) / 2 - 8],
          [long * vamp, -plate - 27],
        ]),
      });
    }
  }
  return { panels, lines: marks, dots };
}

function frontView(frame: Frame, worn: Worn): Sketch {
  const { measures, piece, facts } = worn;
  const floor = measures.heel ?? 0;
  const x = frame.legX(frame.y.ankle) + 4;
  const boot = facts.boot !== undefined;
  const top = boot
    ? -(measures.shaft ?? 140)
    : facts.drawn.shoe === 'trainer'
      ? frame.y.ankle * 0.9
      : facts.drawn.shoe === 'loafer'
        ? frame.y.ankle * 0.5
        : frame.y.ankle * 0.24;
  const calfX = frame.legX(top);
  const half = boot ? (measures.shaftGirth ?? 260) * 0.19 : 40;
  const wide = piece.cut.toe === 'pointed' ? 40 : 48;
  const right: Path = boot
    ? [
        ['M', calfX - half, top],
        ['Q', calfX, top + 9, calfX + half, top],
        // Over the calf, in at the ankle, out over the foot.
        ['C', calfX + half * 1.02, top * 0.62, x + 37, top * 0.5, x + 35, -92],
        ['C', x + 36, -66, x + wide, -58, x + wide, floor - 24],
        ['Q', x + wide - 1, floor, x + 10, floor],
        ['Q', x - wide + 9, floor, x - wide + 10, floor - 24],
        ['C', x - wide + 10, -58, x - 34, -66, x - 33, -92],
        ['C', x - 35, top * 0.5, calfX - half * 1.02, top * 0.62, calfX - half, top],
        ['Z'],
      ]
    : [
        ['M', x - 38, top],
        ['Q', x, top + 34, x + 40, top],
        ['Q', x + wide + 4, floor - 34, x + wide - 2, floor - 12],
        ['Q', x + wide - 10, floor, x + 6, floor],
        ['Q', x - wide + 10, floor, x - wide + 8, floor - 14],
        ['Q', x - wide - 2, floor - 36, x - 38, top],
        ['Z'],
      ];
  const strap: Path | undefined =
    facts.openToed || piece.cut.toe === 'open'
      ? smooth([
          [x - 42, floor - 30],
          [x, floor - 44],
          [x + 44, floor - 30],
        ])
      : undefined;
  const marks: Lines = strap
    ? [
        { kind: 'seam', path: strap },
        { kind: 'seam', path: mirrorPath(strap) },
      ]
    : [];
  return { panels: [{ path: right }, { path: mirrorPath(right) }], lines: marks, dots: [] };
}
