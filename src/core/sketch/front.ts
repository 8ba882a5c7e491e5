import type { Frame } from '../figure';
import { lines, mirrorPath, type Path, type Point, smooth, type Step } from '../path';
import type { Worn } from '../piece';
import type { Panel, Sketch } from './display';
import { armhole, cornerOf, shoulderTo } from './neckline';
import type { Lines } from './lines';

interface Front {
  readonly panels: Panel[];
  readonly lines: Lines;
  readonly dots: Sketch['dots'][number][];
}

/** How a layer closes in front. */
interface Style {
  readonly collar: 'notch' | 'shawl' | 'shirt' | 'stand' | 'none' | 'hood';
  readonly breakY: number;
  readonly buttons: number;
  readonly doubleBreasted: boolean;
  readonly zip: boolean;
  readonly pockets: 'welt' | 'patch' | 'slant' | 'none';
}

function styleOf(frame: Frame, worn: Worn): Style {
  const { y } = frame;
  const { cut } = worn.piece;
  const base = { doubleBreasted: false, zip: false } as const;
  switch (worn.facts.drawn.front) {
    case 'tailored':
      return {
        ...base,
        collar: cut.neckline === 'wrap' ? 'shawl' : 'notch',
        breakY: y.waist - 16,
        buttons: 2,
        pockets: 'welt',
      };
    case 'coat':
      return cut.neckline === 'high' || cut.neckline === 'crew'
        ? { ...base, collar: 'stand', breakY: y.neck + 70, buttons: 5, pockets: 'slant' }
        : {
            ...base,
            collar: 'notch',
            breakY: y.bust + 60,
            buttons: 3,
            doubleBreasted: worn.piece.structure >= 3,
            pockets: 'welt',
          };
    case 'hooded':
      return { ...base, collar: 'hood', breakY: y.neck + 60, buttons: 5, zip: true, pockets: 'slant' };
    case 'short':
      return cut.neckline === 'v' || cut.neckline === 'wrap'
        ? { ...base, collar: 'notch', breakY: y.bust + 30, buttons: 3, pockets: 'patch' }
        : {
            ...base,
            collar: cut.neckline === 'collar' ? 'shirt' : 'stand',
            breakY: y.neck + 66,
            buttons: 0,
            zip: true,
            pockets: 'slant',
          };
    case 'shirt':
      return { ...base, collar: 'shirt', breakY: y.neck + 86, buttons: 6, pockets: 'patch' };
    case 'padded':
      return { ...base, collar: 'stand', breakY: y.neck + 60, buttons: 0, zip: true, pockets: 'slant' };
    case 'pointed':
      return { ...base, collar: 'none', breakY: y.bust + 40, buttons: 5, pockets: 'welt' };
    default:
      return cut.neckline === 'crew'
        ? { ...base, collar: 'none', breakY: y.neck + 80, buttons: 7, pockets: 'none' }
        : { ...base, collar: 'none', breakY: y.bust + 50, buttons: 5, pockets: 'none' };
  }
}

/** The two fronts of a layer with collar, buttons and pockets; open ones show what is beneath. */
export function frontOf(
  frame: Frame,
  worn: Worn,
  side: readonly Point[],
  seam: readonly Step[],
  hem: number,
): Front {
  const style = styleOf(frame, worn);
  const { tip, underarm } = cornerOf(frame, worn);
  const loose = worn.effects.front === 'open' || worn.effects.arms !== undefined;
  const gap = loose ? Math.min(frame.own.bust * 0.34, 58) : 0;
  const neckX = frame.neckHalf * 1.12;
  const neckY = frame.y.neck + 4;
  const hemX = side[side.length - 1]?.[0] ?? underarm[0];
  const cut = worn.facts.drawn.front;
  const pointed = cut === 'pointed';
  const rounded = cut === 'tailored';
  const overlap = style.doubleBreasted && !loose ? 62 : loose ? 0 : 12;
  const edgeX = gap > 0 ? gap : -overlap;
  const bottom: Step[] = pointed
    ? [
        ['L', hemX * 0.55, hem + 4],
        ['L', Math.max(edgeX, 0) + 34, hem + 62],
        ['L', edgeX, hem + 14],
      ]
    : rounded
      ? [
          ['C', hemX * 0.86, hem + 7, hemX * 0.66, hem + 10, hemX * 0.48, hem + 9],
          [
            'C',
            Math.max(edgeX, 0) + 34,
            hem + 8,
            edgeX + (loose ? 10 : 30),
            hem - 22,
            edgeX + (loose ? 4 : 14),
            hem - 92,
          ],
        ]
      : [['C', hemX * 0.8, hem + 9, hemX * 0.4, hem + 11, edgeX, hem + 9]];
  // Open fronts fall away from the break towards the hem.
  const flare = gap * (loose ? 1.25 : 1);
  const inner: Step[] = [
    ['L', loose ? flare * 0.95 : edgeX, style.breakY],
    ['L', neckX, neckY],
  ];
  const right: Path = [
    ['M', neckX, neckY],
    shoulderTo([neckX, neckY], tip, worn.piece.structure),
    ...armhole({ tip, underarm }),
    ...seam,
    ...bottom,
    ...inner,
    ['Z'],
  ];
  const left = mirrorPath(right);
  const panels: Panel[] = [];
  if (frame.flat)
    panels.push({ path: liningPath(frame, neckX, neckY, hem, underarm), under: true, inside: true });
  panels.push({ path: left }, { path: right });
  const marks: Lines = [];
  const dots: Front['dots'] = [];
  const both = (path: Path, kind: 'seam' | 'stitch' | 'fold' = 'seam'): void => {
    marks.push({ kind, path }, { kind, path: mirrorPath(path) });
  };
  panels.push(
    ...collarOf(style, neckX, neckY, loose ? flare * 0.95 : edgeX, frame, tip, worn.effects.collar === 'up'),
  );
  const first = style.breakY + 6;
  const last = Math.min(hem - 70, frame.y.hip + 60);
  if (!style.zip) {
    const rows = style.buttons;
    for (let i = 0; i < rows; i++) {
      const y = first + ((last - first) / Math.max(1, rows - 1)) * i * (rounded ? 0.55 : 1);
      dots.push({ x: loose ? -gap - 10 : style.doubleBreasted ? -44 : 0, y, r: 8 });
      if (style.doubleBreasted) dots.push({ x: loose ? gap + 46 : 44, y, r: 8 });
    }
  } else {
    marks.push({
      kind: 'seam',
      path: lines([
        [loose ? gap + 8 : 8, first],
        [loose ? gap + 8 : 8, hem - 6],
      ]),
    });
    if (!loose)
      marks.push({
        kind: 'seam',
        path: lines([
          [-8, first],
          [-8, hem - 6],
        ]),
      });
  }
  pocketsOf(style, frame, worn, hem, hemX, both);
  if (cut === 'knitted') {
    both(
      smooth([
        [neckX + 26, neckY + 4],
        [edgeX + 30, style.breakY + 20],
        [edgeX + 30, hem - 2],
      ]),
    );
    both(
      lines([
        [edgeX + 30, hem - 46],
        [hemX, hem - 48],
      ]),
    );
    for (let x = edgeX + 44; x < hemX; x += 20)
      both(
        lines([
          [x, hem - 42],
          [x, hem - 2],
        ]),
        'fold',
      );
  }
  if (cut === 'padded')
    for (let y = frame.y.bust - 60; y < hem - 30; y += 74)
      both(
        smooth([
          [Math.max(edgeX, 0) + 6, y + 4],
          [hemX * 0.5, y + 11],
          [hemX * 0.93, y + 2],
        ]),
      );
  if (cut === 'short')
    both(
      lines([
        [Math.max(edgeX, 0) + 8, hem - 40],
        [hemX, hem - 42],
      ]),
    );
  if (rounded)
    both(
      smooth([
        [underarm[0] * 0.62, frame.y.bust + 30],
        [underarm[0] * 0.55, frame.y.waist],
        [underarm[0] * 0.6, hem - 140],
      ]),
      'fold',
    );
  if (worn.effects.waist === 'belted')
    marks.push({
      kind: 'edge',
      path: smooth([
        [-frame.own.waist - 6, frame.y.waist],
        [0, frame.y.waist + 8],
        [frame.own.waist + 6, frame.y.waist],
      ]),
    });
  return { panels, lines: marks, dots };
}

function liningPath(frame: Frame, neckX: number, neckY: number, hem: number, underarm: Point): Path {
  const x = underarm[0] * 0.8;
  return [
    ['M', -neckX, neckY],
    ['Q', 0, neckY + 22, neckX, neckY],
    ['L', x, frame.y.bust],
    ['L', x, hem - 18],
    ['L', -x, hem - 18],
    ['L', -x, frame.y.bust],
    ['Z'],
  ];
}

function collarOf(
  style: Style,
  x: number,
  y: number,
  edge: number,
  frame: Frame,
  tip: Point,
  up: boolean,
): Panel[] {
  const pair = (path: Path): Panel[] => [{ path: mirrorPath(path) }, { path }];
  const low = style.breakY;
  if (up)
    return pair(
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
    );
  switch (style.collar) {
    case 'notch': {
      const out = tip[0] * 0.62;
      const notchY = y + (low - y) * 0.3;
      // The lapel rolls: its outer edge bellies out and runs into the break, its inner edge is the roll line.
      const lapel: Path = [
        ['M', x + 1, y + 22],
        ['L', out * 0.84, notchY],
        ['Q', out * 1.0, notchY - 2, out * 1.1, notchY + 7],
        [
          'C',
          out * 1.12,
          notchY + (low - notchY) * 0.34,
          out * 0.8,
          low - (low - notchY) * 0.26,
          edge + 2,
          low,
        ],
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
      return [...pair(lapel), ...pair(collar)];
    }
    case 'shawl':
      return pair([
        ['M', x * 0.84, y - 30],
        ['Q', x + 40, y + 20, x + 44, y + (low - y) * 0.4],
        ['Q', x + 20, low - 60, edge, low],
        ['L', x - 6, y + 10],
        ['Z'],
      ]);
    case 'shirt':
      return pair(
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
      );
    case 'stand':
      return pair(
        lines(
          [
            [x * 0.84, y - 36],
            [x + 6, y - 6],
            [edge < 0 ? 0 : edge + 6, low + 4],
            [edge < 0 ? 0 : edge, low - 40],
          ],
          true,
        ),
      );
    case 'hood': {
      const hood: Path = [
        ['M', -x - 46, y + 26],
        ['C', -x - 64, y - 90, -x * 0.6, y - 120, 0, y - 118],
        ['C', x * 0.6, y - 120, x + 64, y - 90, x + 46, y + 26],
        ['Q', x * 0.7, y - 2, 0, y + 34],
        ['Q', -x * 0.7, y - 2, -x - 46, y + 26],
        ['Z'],
      ];
      return frame.flat
        ? [
            { path: hood, under: true },
            ...pair(
              lines(
                [
                  [x * 0.6, y - 20],
                  [x + 30, y + 10],
                  [x + 8, low + 20],
                  [Math.max(edge, 0), low + 6],
                ],
                true,
              ),
            ),
          ]
        : pair(
            lines(
              [
                [x * 0.8, y - 24],
                [x + 46, y + 14],
                [x + 16, low + 16],
                [Math.max(edge, 0), low + 4],
              ],
              true,
            ),
          );
    }
    default:
      return [];
  }
}

function pocketsOf(
  style: Style,
  frame: Frame,
  worn: Worn,
  hem: number,
  hemX: number,
  both: (path: Path, kind?: 'seam' | 'stitch' | 'fold') => void,
): void {
  const y = Math.min(hem - 150, frame.y.waist + 70);
  const x = hemX * 0.36;
  const wide = Math.min(130, hemX * 0.5);
  if (style.pockets === 'welt')
    both(
      lines(
        [
          [x, y],
          [x + wide, y - 5],
          [x + wide, y + 20],
          [x, y + 24],
        ],
        true,
      ),
    );
  if (style.pockets === 'slant')
    both(
      lines(
        [
          [x + 26, y + 96],
          [x + 70, y - 20],
          [x + 86, y - 16],
          [x + 42, y + 102],
        ],
        true,
      ),
    );
  if (style.pockets === 'patch') {
    const onChest = worn.facts.drawn.front === 'shirt';
    const top = onChest ? frame.y.bust - 50 : y;
    const px = onChest ? frame.own.bust * 0.24 : x;
    both(
      lines(
        [
          [px, top],
          [px + wide * 0.86, top],
          [px + wide * 0.86, top + 112],
          [px, top + 112],
        ],
        true,
      ),
    );
    both(
      lines([
        [px, top + 28],
        [px + wide * 0.86, top + 28],
      ]),
      'stitch',
    );
  }
}
