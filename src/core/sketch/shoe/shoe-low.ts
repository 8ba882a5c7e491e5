import { lines, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Panel } from '../display';
import type { Lines } from '../lines';
import { along, edges, outlineOf, places, seen, type ShoeForm, type Solid } from './shoe-form';
import { PARTS, section, type Upper } from './shoe-section';

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

/** A low shoe with what is on it: the laces of a trainer, the saddle of a loafer. */
export function lowShoe(worn: Worn, form: ShoeForm, kind: keyof typeof LOW): Upper {
  const made = low(worn, form, LOW[kind]);
  if (kind === 'trainer') return { ...made, lines: laced(form, LOW.trainer) };
  if (kind !== 'loafer') return made;
  const { panels, lines: marks } = saddled(form, LOW.loafer);
  return { ...made, panels: [...made.panels, ...panels], lines: marks };
}

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
