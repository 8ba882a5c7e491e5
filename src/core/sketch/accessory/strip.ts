import type { Frame } from '../../figure';
import { lines, type Path, type Point } from '../../path';
import type { Worn } from '../../piece';
import type { Panel, Sketch } from '../display';

/** Belts, ties and pocket squares. On the rail they hang; on the figure they are where they go. */
export function stripSketch(frame: Frame, worn: Worn): Sketch {
  const { as } = worn.facts.drawn;
  if (as === 'pocket square') return frame.flat ? squareFlat(worn) : squareWorn(frame);
  if (as === 'tie') return tie(frame, worn);
  return frame.flat ? beltFlat(worn) : beltWorn(frame, worn);
}

const drawn = (...panels: readonly Panel[]): Sketch => ({ panels, lines: [], dots: [] });
const shape = (...points: readonly Point[]): Path => lines(points, true);

function squareFlat({ measures }: Worn): Sketch {
  const half = (measures.width ?? 300) / 2;
  const square = (s: number): Path => shape([-s, 0], [0, -s], [s, 0], [0, s]);
  return { panels: [{ path: square(half) }], lines: [{ kind: 'stitch', path: square(half - 14) }], dots: [] };
}

/** Its points, over the edge of the breast pocket. */
function squareWorn(frame: Frame): Sketch {
  const [x, y] = [-frame.own.bust * 0.5, frame.y.bust - 40];
  const s = 36;
  return drawn({
    path: shape([x - s, y + 22], [x - s * 0.4, y - 26], [x, y - 2], [x + s * 0.5, y - 22], [x + s, y + 22]),
  });
}

function tie(frame: Frame, { measures, effects }: Worn): Sketch {
  const half = (measures.width ?? 80) / 2;
  const top = frame.flat ? 0 : frame.y.neck + 78;
  const low = frame.flat ? (measures.lengthFlat ?? 1450) * 0.42 : frame.y.waist + 20;
  // A wide knot fills a spread collar; a small one stands aslant in a narrow one.
  const [knotted, slant] = effects.knot === 'wide' ? [33, 0] : [22, 5];
  return drawn(
    { path: shape([-14, top + 42], [14, top + 42], [half, low - 60], [0, low], [-half, low - 60]) },
    { path: shape([-knotted, top], [knotted, top + slant], [16, top + 44], [-16, top + 44 - slant]) },
  );
}

/** A belt hung by its buckle, with its holes. */
function beltFlat({ measures }: Worn): Sketch {
  const low = (measures.lengthFlat ?? 1000) * 0.9;
  const half = (measures.width ?? 30) / 2;
  return {
    panels: [
      { path: shape([-half, 0], [half, 0], [half, low - half], [0, low], [-half, low - half]) },
      {
        path: shape([-half - 9, -34], [half + 9, -34], [half + 9, 14], [-half - 9, 14]),
        tone: 'metal',
      },
      { path: shape([-half, -24], [half, -24], [half, 4], [-half, 4]) },
    ],
    lines: [
      {
        kind: 'seam',
        path: lines([
          [0, -34],
          [0, 10],
        ]),
      },
    ],
    dots: [0.62, 0.68, 0.74, 0.8, 0.86].map((t) => ({ x: 0, y: low * t, r: 3.2 })),
  };
}

/** A belt round the waist, its buckle in front. */
function beltWorn(frame: Frame, { measures }: Worn): Sketch {
  const wide = measures.width ?? 30;
  const y = frame.y.waist + 4;
  const x = frame.own.waist + 5;
  const strap: Path = [
    ['M', -x, y - wide / 2],
    ['Q', 0, y - wide / 2 + 9, x, y - wide / 2],
    ['L', x, y + wide / 2],
    ['Q', 0, y + wide / 2 + 9, -x, y + wide / 2],
    ['Z'],
  ];
  return {
    panels: [
      { path: strap },
      {
        path: shape(
          [-24, y - wide / 2 - 4],
          [24, y - wide / 2 - 4],
          [24, y + wide / 2 + 10],
          [-24, y + wide / 2 + 10],
        ),
        tone: 'metal',
      },
    ],
    lines: [
      {
        kind: 'seam',
        path: lines([
          [4, y - wide / 2],
          [4, y + wide / 2 + 8],
        ]),
      },
    ],
    dots: [],
  };
}
