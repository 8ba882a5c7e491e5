import type { Frame } from '../../figure';
import { lines, mirrorPath, type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';
import { band } from '../band';
import type { LineKind, Panel, Sketch } from '../display';

/** A shoe from the front, mm, on the right foot: the middle of its toe, its own ground, how high it closes and how wide it is. */
interface Front {
  readonly x: number;
  readonly floor: number;
  readonly top: number;
  readonly wide: number;
}

type Marks = readonly (readonly [LineKind, Path])[];

/** What stands on the sole, and the lines on it. */
interface Upper {
  readonly panels: readonly Path[];
  readonly marks: Marks;
}

/** How high a low shoe closes in front, of the height of the ankle. */
const CLOSES = { trainer: 0.9, loafer: 0.5, low: 0.62, raised: 0.24 } as const;
/** From here on a heel tilts the foot: one looks at its bridge, and the toe lies far below, mm. */
const TILTED = 30;
/** How much of a sole is seen below the upper. */
const SOLE = { sporty: 17, boot: 11, thin: 6 } as const;

/** Shoes as they are worn, seen from the front: upper and sole, and what tells one kind from the other. */
export function shoeFront(frame: Frame, worn: Worn): Sketch {
  const { measures, piece, facts } = worn;
  const kind = facts.drawn.shoe;
  const floor = measures.heel ?? 0;
  // A foot is broad by a fifth of its length to its outside, as the outline of the body has it.
  const foot = frame.body.footLength * 0.2;
  const at: Front = {
    x: frame.legX(frame.y.ankle) + foot * 0.16,
    floor,
    top:
      frame.y.ankle *
      CLOSES[kind === 'trainer' || kind === 'loafer' ? kind : floor > TILTED ? 'raised' : 'low'],
    wide: foot * 0.82 + (piece.cut.toe === 'pointed' ? -2 : 6),
  };
  const made: Upper =
    facts.boot !== undefined
      ? boot(frame, worn, at)
      : kind === 'sandal' && floor <= TILTED
        ? sandal(frame, at)
        : { panels: [low(at)], marks: lowMarks(worn, at) };
  const deep = facts.sporty ? SOLE.sporty : facts.boot === undefined ? SOLE.thin : SOLE.boot;
  const panels: Panel[] = [
    ...made.panels.map((path) => ({ path })),
    { path: sole(at, deep), tone: 'sole' as const },
  ];
  return {
    panels: panels.flatMap((panel) => [panel, { ...panel, path: mirrorPath(panel.path) }]),
    lines: made.marks.flatMap(([line, path]) => [
      { kind: line, path },
      { kind: line, path: mirrorPath(path) },
    ]),
    dots: [],
  };
}

/** The upper of a low shoe: its mouth, the ball of the foot, the toe. */
function low({ x, floor, top, wide }: Front): Path {
  // On a heel one looks down the bridge of the foot: it broadens to the ball, and the toe is round below.
  const tilted = floor > TILTED;
  const ball = floor - (tilted ? 30 : 13);
  return [
    ['M', x - 38, top],
    ['Q', x, top + 34, x + 40, top],
    ['Q', x + wide + (tilted ? -1 : 4), ball - 20, x + wide - 2, ball],
    ['C', x + wide - 4, floor - 2, x + 26, floor + 1, x + 4, floor + 1],
    ['C', x - 18, floor + 1, x - wide + 10, floor - 2, x - wide + 6, ball],
    ['Q', x - wide - (tilted ? -4 : 2), ball - 22, x - 38, top],
    ['Z'],
  ];
}

/** The edge of the sole, round under the toe. */
const sole = ({ x, floor, wide }: Front, deep: number): Path => {
  // A thin one is seen under the toe alone.
  const half = deep < SOLE.boot ? wide - 13 : wide - 6;
  return [
    ['M', x + 2 - half, floor - deep],
    ['Q', x + 2, floor - deep + 6, x + 2 + half, floor - deep],
    ['Q', x + 2 + half, floor, x - 10 + half, floor + 1],
    ['L', x + 14 - half, floor + 1],
    ['Q', x + 2 - half, floor, x + 2 - half, floor - deep],
    ['Z'],
  ];
};

function lowMarks({ facts, piece }: Worn, at: Front): Marks {
  const { x, floor, top, wide } = at;
  const across = (y: number, half: number, sag: number): Path => [
    ['M', x + 1 - half, y],
    ['Q', x + 1, y + sag, x + 1 + half, y],
  ];
  const throat: Marks = [['seam', across(top + 7, 36, 33)]];
  if (piece.cut.toe === 'open' || facts.openToed) return [...throat, ['edge', smooth(peep(at))]];
  if (facts.drawn.shoe === 'trainer') {
    const row = (i: number): number => top + 24 + ((floor - 33 - (top + 24)) * i) / 2;
    const eyelets = (side: 1 | -1): Path =>
      smooth([
        [x + 1 + side * 25, top + 12],
        [x + 1 + side * 23, row(1)],
        [x + 1 + side * 13, row(2) + 6],
        [x + 1, row(2) + 9],
      ]);
    return [
      ['seam', across(floor - 19, wide - 7, -15)],
      ['seam', eyelets(1)],
      ['seam', eyelets(-1)],
      // Laces cross.
      ...[0, 1, 2].flatMap((i): Marks => {
        const [y, half] = [row(i), 17 - i * 3];
        return ([1, -1] as const).map((side) => [
          'edge',
          lines([
            [x + 1 - side * half, y - 3],
            [x + 1 + side * half, y + 3],
          ]),
        ]);
      }),
    ];
  }
  if (facts.drawn.shoe !== 'loafer') return throat;
  return [
    ['seam', across(top + 10, 37, 30)],
    ['seam', across(top + 25, 40, 24)],
    // The apron, drawn up round its seam.
    [
      'stitch',
      smooth([
        [x - 29, top + 40],
        [x - 26, floor - 24],
        [x + 1, floor - 15],
        [x + 29, floor - 24],
        [x + 31, top + 40],
      ]),
    ],
  ];
}

/** The opening at the toe. */
const peep = ({ x, floor }: Front): Point[] => [
  [x - 20, floor - 12],
  [x + 1, floor - 24],
  [x + 22, floor - 12],
];

/** Straps alone: over the toes and round the ankle; the foot is bare between them. */
function sandal(frame: Frame, { x, floor, wide }: Front): Upper {
  const strap = (y: number, half: number, sag: number, broad: number): Path =>
    band(
      [
        [x + 1 - half, y],
        [x + 1, y - sag],
        [x + 1 + half, y],
      ],
      broad,
    );
  const { ankle } = frame.y;
  return {
    panels: [strap(floor - 13, wide - 5, 14, 20), strap(ankle * 0.72, 35, -7, 9)],
    marks: [],
  };
}

/** Where a boot is narrowest, mm above its ground. */
const ANKLE = -92;

/** Over the calf, in at the ankle, out over the foot. */
function boot(frame: Frame, { measures, piece }: Worn, { x, floor, wide }: Front): Upper {
  const top = -(measures.shaft ?? 140);
  const calf = frame.legX(top);
  const half = (measures.shaftGirth ?? 260) * 0.168;
  const [in1, in2] = [top + (ANKLE - top) * 0.45, ANKLE - (ANKLE - top) * 0.3];
  const ankle = frame.legX(frame.y.ankle) + 4;
  const upper: Path = [
    ['M', calf - half, top],
    ['Q', calf, top + 9, calf + half, top],
    ['C', calf + half * 1.02, in1, ankle + 37, in2, ankle + 35, ANKLE],
    ['C', ankle + 36, -66, x + wide, -58, x + wide, floor - 24],
    ['Q', x + wide - 1, floor, x + 10, floor],
    ['Q', x - wide + 9, floor, x - wide + 8, floor - 24],
    ['C', x - wide + 8, -58, ankle - 34, -66, ankle - 33, ANKLE],
    ['C', ankle - 35, in2, calf - half * 1.02, in1, calf - half, top],
    ['Z'],
  ];
  const laces: Marks = piece.facts.closure?.includes('lace')
    ? [0, 1, 2, 3].map((i): Marks[number] => {
        const y = floor - 46 - i * 17;
        return [
          'edge',
          [
            ['M', x - 15, y],
            ['Q', x + 1, y + 5, x + 17, y],
          ],
        ];
      })
    : [];
  return {
    panels: [upper],
    marks: [
      ...laces,
      // Leather gives where the foot bends.
      [
        'fold',
        [
          ['M', x - 24, -84],
          ['Q', x - 10, -74, x + 8, -80],
        ],
      ],
      [
        'fold',
        [
          ['M', x + 24, -100],
          ['Q', x + 18, -92, x + 4, -97],
        ],
      ],
    ],
  };
}
