import { lines, type Path, smooth } from '../path';
import type { Worn } from '../piece';
import type { Panel, Sketch } from './display';
import type { Lines } from './lines';
import { along, edges, outlineOf, places, seen, seenAt, type ShoeForm, type Solid } from './shoe-form';

type Upper = Pick<Sketch, 'panels' | 'lines' | 'dots'>;

/** A low shoe: how high its edge is round the foot, where it closes over it, and how high it is before that. */
interface Low {
  readonly edge: Parameters<typeof along>[0];
  /** Where it closes over the foot. */
  readonly closes: number;
  readonly crest: Parameters<typeof along>[0];
}

const LOW = {
  trainer: {
    edge: [
      [0, 74],
      [0.1, 66],
      [0.26, 58],
      [0.44, 84],
    ],
    closes: 0.44,
    crest: [
      [0.44, 90],
      [0.66, 62],
      [0.86, 44],
      [0.96, 34],
      [1, 20],
    ],
  },
  loafer: {
    edge: [
      [0, 52],
      [0.2, 42],
      [0.47, 66],
    ],
    closes: 0.47,
    crest: [
      [0.47, 72],
      [0.62, 56],
      [0.86, 34],
      [0.96, 25],
      [1, 12],
    ],
  },
  court: {
    edge: [
      [0, 50],
      [0.12, 44],
      [0.4, 22],
      [0.7, 28],
    ],
    closes: 0.7,
    crest: [
      [0.7, 34],
      [0.86, 29],
      [0.96, 21],
      [1, 10],
    ],
  },
  flat: {
    edge: [
      [0, 48],
      [0.12, 40],
      [0.4, 24],
      [0.65, 28],
    ],
    closes: 0.65,
    crest: [
      [0.65, 36],
      [0.84, 30],
      [0.96, 22],
      [1, 12],
    ],
  },
} as const satisfies Record<string, Low>;

/** Walls lean in towards their edge. */
const LEAN = 0.84;
const PARTS = places(0, 1, 12);

/** What is over the sole. */
export function upperOf(worn: Worn, form: ShoeForm): Upper {
  const { shoe } = worn.facts.drawn;
  switch (shoe) {
    case 'sandal':
      return sandal(form);
    case 'ankle boot':
    case 'tall boot':
      return boot(worn, form, shoe === 'tall boot');
    case 'trainer':
      return { ...low(worn, form, LOW.trainer), lines: laced(form, LOW.trainer) };
    case 'loafer': {
      const made = low(worn, form, LOW.loafer);
      const { panels, lines: marks } = saddled(form, LOW.loafer);
      return { ...made, panels: [...made.panels, ...panels], lines: marks };
    }
    default:
      return low(worn, form, shoe === 'court' ? LOW.court : LOW.flat);
  }
}

/** A section over the foot, from the near edge to the far one. */
const section = ({ over }: ShoeForm, at: number, high: number): Solid[] =>
  PARTS.map((part) => over(at, part, high));

function low(worn: Worn, form: ShoeForm, { edge, closes, crest }: Low): Upper {
  const { long, half, bed } = form;
  const top = (at: number, side: 1 | -1): Solid => [
    at * long,
    side * LEAN * half(at),
    bed(at) + along(edge, at),
  ];
  const walls = places(0, closes, 14).map((at): Solid[] => {
    const [near, far] = edges(form, at, bed(at));
    return [near, top(at, -1), top(at, 1), far];
  });
  const vamp = places(closes, 1, 14).map((at) => section(form, at, along(crest, at)));
  const mouth = [
    ...places(0, closes, 10).map((at) => top(at, -1)),
    ...PARTS.filter((part) => part > 0.2 && part < 0.8).map((part) =>
      form.over(closes, part, along(crest, closes)),
    ),
    ...places(closes, 0, 10).map((at) => top(at, 1)),
  ];
  const isOpen = worn.piece.cut.toe === 'open' || worn.facts.openToed;
  return {
    panels: [
      { path: outlineOf([...walls, ...vamp]) },
      { path: smooth(seen(mouth), true, 0.8), inside: true },
      ...(isOpen ? [openToe(form, along(crest, 0.9))] : []),
    ],
    lines: [],
    dots: [],
  };
}

function openToe(form: ShoeForm, high: number): Panel {
  const rim = PARTS.filter((part) => part > 0.12 && part < 0.88).map((part) =>
    form.over(0.91, part, high * 0.94),
  );
  const front = [form.over(0.975, 0.7, 3), form.over(0.975, 0.3, 3)];
  return { path: smooth(seen([...rim, ...front]), true, 0.7), inside: true };
}

/** Laces over the tongue, a cap at the toe, a seam along the side. */
function laced(form: ShoeForm, { closes, crest }: Low): Lines {
  const high = (at: number): number => along(crest, at);
  const mark = (kind: 'edge' | 'seam' | 'stitch', points: readonly Solid[]): Lines[number] => ({
    kind,
    path: smooth(seen(points)),
  });
  const on = (at: number, part: number): Solid => form.over(at, part, high(at) + 1);
  return [
    ...places(closes + 0.02, closes + 0.2, 4).map((at) =>
      mark('edge', [on(at, 0.3), on(at + 0.006, 0.42), on(at, 0.56)]),
    ),
    mark('seam', [
      on(closes, 0.24),
      on(closes + 0.12, 0.26),
      on(closes + 0.22, 0.34),
      on(closes + 0.25, 0.46),
      on(closes + 0.22, 0.58),
    ]),
    mark(
      'seam',
      PARTS.filter((part) => part <= 0.8).map((part) => on(0.86, part)),
    ),
    mark(
      'stitch',
      [on(0.12, 0), on(0.3, 0.1), on(0.46, 0.14), on(0.6, 0.06)].map(([x, y, z]): Solid => [x, y, z + 20]),
    ),
  ];
}

/** The saddle of a loafer and the seam round its apron. */
function saddled(form: ShoeForm, { crest }: Low): Pick<Upper, 'panels' | 'lines'> {
  const on = (at: number, part: number): Solid => form.over(at, part, along(crest, at) + 2);
  const across = places(0.1, 0.86, 10);
  return {
    panels: [
      {
        path: lines(
          seen([...across.map((part) => on(0.55, part)), ...across.map((part) => on(0.645, part)).reverse()]),
          true,
        ),
      },
    ],
    lines: [
      {
        kind: 'stitch',
        path: smooth(
          seen([
            on(0.65, 0.2),
            on(0.78, 0.21),
            on(0.87, 0.28),
            on(0.915, 0.42),
            on(0.915, 0.56),
            on(0.87, 0.7),
          ]),
        ),
      },
    ],
  };
}

/** Where the strap over the toes ends. */
const STRAP_END = 0.76;

/** How a sandal holds the foot: a strap over the toes, a counter, a strap round the ankle. */
function sandal(form: ShoeForm): Upper {
  const { long, half, bed } = form;
  const floor = [
    ...places(0, 1, 20).map((at) => edges(form, at, bed(at))[0]),
    ...places(1, 0, 20).map((at) => edges(form, at, bed(at))[1]),
  ];
  // The strap over the toes, and what is seen under it from before.
  const strap = places(0.56, STRAP_END, 6).map((at) => section(form, at, 52 - 40 * (at - 0.56)));
  const under = section(form, STRAP_END, 52 - 40 * (STRAP_END - 0.56) - 3);
  // Round the back, from the near side to the far one.
  const round = places(-1, 1, 12).map((turn) => ({ at: 0.1 * Math.abs(turn), side: turn < 0 ? -1 : 1 }));
  const counter = (up: number): Solid[] =>
    round.map(({ at, side }): Solid => [at * long, side * half(at) * 0.94, bed(at) + up * (1 - at)]);
  const ring = (from: number, to: number, up: number): Solid[] =>
    places(from, to, 14).map((turn): Solid => [
      long * 0.17 - Math.cos(turn * Math.PI) * long * 0.155,
      -Math.sin(turn * Math.PI) * 34,
      bed(0.1) + up + (1 - Math.cos(turn * Math.PI)) * 6,
    ]);
  const band = (from: number, to: number): Path =>
    lines(seen([...ring(from, to, 64), ...ring(from, to, 76).reverse()]), true);
  const [x, y] = seenAt(ring(0.42, 0.5, 70)[0] as Solid);
  return {
    panels: [
      { path: smooth(seen(floor), true, 0.9), inside: true },
      { path: band(1, 2), under: true },
      { path: lines(seen([...counter(0), ...counter(68).reverse()]), true) },
      { path: outlineOf(strap) },
      { path: lines(seen(under), true), inside: true },
      { path: band(0, 1) },
    ],
    lines: [],
    dots: [{ x, y, r: 6, tone: 'metal' }],
  };
}

/** The foot of a boot with its shaft over it. */
function boot(worn: Worn, form: ShoeForm, isTall: boolean): Upper {
  const { measures, piece } = worn;
  const { long, heel, half, bed } = form;
  const top = heel + (measures.shaft ?? 140);
  const ankle = heel + 66;
  const wide = Math.max(92, (measures.shaftGirth ?? 260) * 0.42);
  /** The shaft at a height: where its middle is along the foot, half its length and half its width. */
  const at = (up: number): readonly [number, number, number] => {
    const part = Math.max(0, Math.min(1, (up - ankle) / (top - ankle)));
    const calf = isTall ? 10 * Math.sin(Math.PI * part) : 0;
    const a = long * 0.2 + (wide / 2 - long * 0.2) * part + calf;
    return [
      long * 0.2 + (wide / 2 - long * 0.2) * part - calf * 0.6,
      a,
      Math.min(a, 38 + (wide * 0.42 - 38) * part + calf),
    ];
  };
  /** A point of the shaft: 0 behind, by the near side to 1 before, by the far side back to 2. */
  const on = (turn: number, up: number): Solid => {
    const [middle, a, b] = at(up);
    return [middle - Math.cos(turn * Math.PI) * a, -Math.sin(turn * Math.PI) * b, up];
  };
  const ring = (up: number): Solid[] => places(0, 2, 24).map((turn) => on(turn, up));
  const crest = [
    [0.28, ankle - bed(0.28)],
    [0.42, 68],
    [0.62, 50],
    [0.86, 33],
    [0.96, 25],
    [1, 12],
  ] as const;
  const foot = places(0, 1, 18).map((place): Solid[] => {
    if (place >= 0.3) return section(form, place, along(crest, place));
    const [near, far] = edges(form, place, bed(place));
    const [above, beyond] = edges(form, place, ankle, -0.06 * half(place));
    return [near, above, beyond, far];
  });
  const marks: Lines = piece.facts.closure?.includes('lace')
    ? places(ankle, top - 14, Math.max(3, Math.round((top - ankle) / 24))).map((up) => ({
        kind: 'seam',
        path: lines(seen([on(0.74, up), on(1.02, up + 7)])),
      }))
    : [
        {
          kind: 'seam',
          path: smooth(
            seen([
              ...[top - 3, ...places(top - 8, ankle + 6, 8)].map((up) => on(0.46, up)),
              [0.2 * long, -half(0.2), bed(0.2) + 16],
            ]),
          ),
        },
      ];
  return {
    panels: [
      { path: outlineOf(foot) },
      { path: outlineOf(places(ankle - 14, top, 10).map(ring)) },
      { path: smooth(seen(ring(top)).slice(0, -1), true, 0.9), inside: true },
    ],
    lines: marks,
    dots: [],
  };
}
