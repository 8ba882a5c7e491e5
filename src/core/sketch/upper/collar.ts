import { lines, mirrorPath, type Path } from '../../path';
import type { Panel } from '../display';
import type { FrontStyle } from './front-style';

/** Where a collar lies, mm, on the right half. */
interface At {
  /** The side of the neck. */
  readonly x: number;
  readonly y: number;
  /** The edge of the front at the break; less than 0 where the other front lies over it. */
  readonly edge: number;
  /** The break: where the front closes. */
  readonly low: number;
  /** How far out a lapel may point. */
  readonly out: number;
  readonly flat: boolean;
}

type Collar = (at: At) => readonly Path[];

const standing: Collar = ({ x, y, edge, low }) => [
  lines(
    [
      [x * 0.72, y - 92],
      [x + 30, y - 62],
      [x + 26, y + 10],
      [Math.max(edge, 0) + 8, low],
      [edge < 0 ? 0 : edge, low - 60],
      [x * 0.7, y - 10],
    ],
    true,
  ),
];

const notch: Collar = ({ x, y, edge, low, out }) => {
  const notchY = y + (low - y) * 0.3;
  // The lapel rolls: its outer edge bellies out and runs into the break, its inner edge is the roll line.
  const lapel: Path = [
    ['M', x + 1, y + 22],
    ['L', out * 0.84, notchY],
    ['Q', out * 1.0, notchY - 2, out * 1.1, notchY + 7],
    ['C', out * 1.12, notchY + (low - notchY) * 0.34, out * 0.8, low - (low - notchY) * 0.26, edge + 2, low],
    ['Q', edge + (x - edge) * 0.42, y + (low - y) * 0.5, x + 1, y + 22],
    ['Z'],
  ];
  const collar: Path = [
    ['M', x * 0.8, y - 36],
    ['C', x + 10, y - 24, x + 22, y - 4, out * 0.98, notchY - 24],
    ['L', out * 0.86, notchY + 1],
    ['Q', x + 8, y + 26, x - 5, y + 18],
    ['Q', x * 0.72, y - 6, x * 0.8, y - 36],
    ['Z'],
  ];
  return [lapel, collar];
};

const shawl: Collar = ({ x, y, edge, low }) => [
  [
    ['M', x * 0.84, y - 30],
    ['Q', x + 40, y + 20, x + 44, y + (low - y) * 0.4],
    ['Q', x + 20, low - 60, edge, low],
    ['L', x - 6, y + 10],
    ['Z'],
  ],
];

const shirt: Collar = ({ x, y, edge, low }) => [
  lines(
    [
      [x * 0.7, y - 30],
      [x + 12, y - 8],
      [x + 22, y + 54],
      [Math.max(edge, 0) + 26, low + 26],
      [edge < 0 ? 2 : edge, low - 12],
    ],
    true,
  ),
];

const stand: Collar = ({ x, y, edge, low }) => [
  lines(
    [
      [x * 0.84, y - 36],
      [x + 6, y - 6],
      [edge < 0 ? 0 : edge + 6, low + 4],
      [edge < 0 ? 0 : edge, low - 40],
    ],
    true,
  ),
];

/** The fronts of a hood; laid flat, with the hood behind them. */
const hood: Collar = ({ x, y, edge, low, flat }) => [
  lines(
    flat
      ? [
          [x * 0.6, y - 20],
          [x + 30, y + 10],
          [x + 8, low + 20],
          [Math.max(edge, 0), low + 6],
        ]
      : [
          [x * 0.8, y - 24],
          [x + 46, y + 14],
          [x + 16, low + 16],
          [Math.max(edge, 0), low + 4],
        ],
    true,
  ),
];

const hoodBehind = ({ x, y }: At): Panel => ({
  path: [
    ['M', -x - 46, y + 26],
    ['C', -x - 64, y - 90, -x * 0.6, y - 120, 0, y - 118],
    ['C', x * 0.6, y - 120, x + 64, y - 90, x + 46, y + 26],
    ['Q', x * 0.7, y - 2, 0, y + 34],
    ['Q', -x * 0.7, y - 2, -x - 46, y + 26],
    ['Z'],
  ],
  under: true,
});

const COLLARS: Readonly<Record<FrontStyle['collar'], Collar>> = {
  notch,
  shawl,
  shirt,
  stand,
  hood,
  none: () => [],
};

/** A collar on both sides of the neck; `up`: stood up by hand, whatever it is. */
export function collarOf(kind: FrontStyle['collar'], at: At, up: boolean): Panel[] {
  const halves = (up ? standing : COLLARS[kind])(at);
  return [
    ...(kind === 'hood' && at.flat && !up ? [hoodBehind(at)] : []),
    ...halves.flatMap((path): Panel[] => [{ path: mirrorPath(path) }, { path }]),
  ];
}
