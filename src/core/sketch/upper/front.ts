import type { Frame } from '../../figure';
import { lines, mirrorPath, type Path, type Point, smooth, type Step } from '../../path';
import type { Worn } from '../../piece';
import { collarOf } from './collar';
import type { Panel, Sketch } from '../display';
import { type FrontStyle, styleOf } from './front-style';
import { type Lines, type Mirrored, mirrored } from '../lines';
import { armhole, cornerOf, seamFrom, shoulderTo } from './shoulder';
import { pocketsOf } from './pockets';

interface Front {
  readonly panels: Panel[];
  readonly lines: Lines;
  readonly dots: Sketch['dots'][number][];
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
  const overlap = style.doubleBreasted && !loose ? 62 : loose ? 0 : 12;
  const at: Laid = {
    frame,
    worn,
    style,
    underarm,
    loose,
    gap,
    neckX: frame.neckHalf * 1.12,
    neckY: seamFrom(frame, frame.neckHalf * 1.12, frame.y.neck + 4, 3),
    edgeX: gap > 0 ? gap : -overlap,
    hemX: side[side.length - 1]?.[0] ?? underarm[0],
    hem,
    cut: worn.facts.drawn.front,
  };
  const { neckX, neckY, edgeX } = at;
  // Open fronts fall away from the break towards the hem.
  const edge = loose ? gap * 1.25 * 0.95 : edgeX;
  const right: Path = [
    ['M', neckX, neckY],
    shoulderTo([neckX, neckY], tip, worn.piece.structure),
    ...armhole({ tip, underarm }),
    ...seam,
    ...bottomOf(at),
    ['L', edge, style.breakY],
    ['L', neckX, neckY],
    ['Z'],
  ];
  const panels: Panel[] = [
    ...(frame.flat ? [{ path: liningPath(at), under: true, inside: true }] : []),
    { path: mirrorPath(right) },
    { path: right },
    ...collarOf(
      style.collar,
      { x: neckX, y: neckY, edge, low: style.breakY, out: tip[0] * 0.62, flat: frame.flat },
      worn.effects.collar === 'up',
    ),
  ];
  const marks: Lines = [];
  const both = mirrored(marks, 'seam');
  const dots = closed(at, marks);
  pocketsOf(style, frame, worn, hem, at.hemX, both);
  detailsOf(at, both);
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

/** A front as it lies, mm, on the right half. */
interface Laid {
  readonly frame: Frame;
  readonly worn: Worn;
  readonly style: FrontStyle;
  readonly underarm: Point;
  /** Open, or over arms that are not in the sleeves. */
  readonly loose: boolean;
  readonly gap: number;
  readonly neckX: number;
  readonly neckY: number;
  readonly edgeX: number;
  readonly hemX: number;
  readonly hem: number;
  readonly cut: Worn['facts']['drawn']['front'];
}

/** From the side seam along the hem to the edge of the front: pointed, rounded away, or straight. */
function bottomOf({ cut, hemX, hem, edgeX, loose }: Laid): Step[] {
  if (cut === 'pointed')
    return [
      ['L', hemX * 0.55, hem + 4],
      ['L', Math.max(edgeX, 0) + 34, hem + 62],
      ['L', edgeX, hem + 14],
    ];
  if (cut !== 'tailored') return [['C', hemX * 0.8, hem + 9, hemX * 0.4, hem + 11, edgeX, hem + 9]];
  return [
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
  ];
}

/** Buttons in their rows, which are answered, or a zip along the edge. */
function closed({ frame, style, cut, loose, gap, hem }: Laid, marks: Lines): Front['dots'] {
  const first = style.breakY + 6;
  if (style.zip) {
    const tape = (x: number): void => {
      marks.push({
        kind: 'seam',
        path: lines([
          [x, first],
          [x, hem - 6],
        ]),
      });
    };
    tape(loose ? gap + 8 : 8);
    if (!loose) tape(-8);
    return [];
  }
  const last = Math.min(hem - 70, frame.y.hip + 60);
  const rows = style.buttons;
  return Array.from({ length: rows }, (_, i) => {
    const y = first + ((last - first) / Math.max(1, rows - 1)) * i * (cut === 'tailored' ? 0.55 : 1);
    return [
      { x: loose ? -gap - 10 : style.doubleBreasted ? -44 : 0, y, r: 8 },
      ...(style.doubleBreasted ? [{ x: loose ? gap + 46 : 44, y, r: 8 }] : []),
    ];
  }).flat();
}

/** What a kind of front is known by: ribs, quilting, a hem band, the dart of a tailored one. */
function detailsOf({ frame, style, cut, underarm, neckX, neckY, edgeX, hemX, hem }: Laid, both: Mirrored) {
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
  if (cut === 'tailored')
    both(
      smooth([
        [underarm[0] * 0.62, frame.y.bust + 30],
        [underarm[0] * 0.55, frame.y.waist],
        [underarm[0] * 0.6, hem - 140],
      ]),
      'fold',
    );
}

function liningPath({ frame, neckX, neckY, hem, underarm }: Laid): Path {
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
