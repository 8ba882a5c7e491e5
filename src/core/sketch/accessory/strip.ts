import type { Frame } from '../../figure';
import { lines, type Path } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';

/** Belts, ties and pocket squares. On the rail they hang; on the figure they are where they go. */
export function stripSketch(frame: Frame, worn: Worn): Sketch {
  const { measures, facts } = worn;
  const { as } = facts.drawn;
  if (as === 'pocket square') {
    const [x, y] = frame.flat ? [0, 0] : [-frame.own.bust * 0.5, frame.y.bust - 40];
    const s = frame.flat ? (measures.width ?? 300) / 2 : 36;
    return frame.flat
      ? {
          panels: [
            {
              path: lines(
                [
                  [x - s, y],
                  [x, y - s],
                  [x + s, y],
                  [x, y + s],
                ],
                true,
              ),
            },
          ],
          lines: [
            {
              kind: 'stitch',
              path: lines(
                [
                  [x - s + 14, y],
                  [x, y - s + 14],
                  [x + s - 14, y],
                  [x, y + s - 14],
                ],
                true,
              ),
            },
          ],
          dots: [],
        }
      : {
          panels: [
            {
              path: lines(
                [
                  [x - s, y + 22],
                  [x - s * 0.4, y - 26],
                  [x, y - 2],
                  [x + s * 0.5, y - 22],
                  [x + s, y + 22],
                ],
                true,
              ),
            },
          ],
          lines: [],
          dots: [],
        };
  }
  if (as === 'tie') {
    const half = (measures.width ?? 80) / 2;
    const top = frame.flat ? 0 : frame.y.neck + 78;
    const low = frame.flat ? (measures.lengthFlat ?? 1450) * 0.42 : frame.y.waist + 20;
    // A wide knot fills a spread collar; a small one stands aslant in a narrow one.
    const [knotted, slant] = worn.effects.knot === 'wide' ? [33, 0] : [22, 5];
    const knot = lines(
      [
        [-knotted, top],
        [knotted, top + slant],
        [16, top + 44],
        [-16, top + 44 - slant],
      ],
      true,
    );
    const blade = lines(
      [
        [-14, top + 42],
        [14, top + 42],
        [half, low - 60],
        [0, low],
        [-half, low - 60],
      ],
      true,
    );
    return { panels: [{ path: blade }, { path: knot }], lines: [], dots: [] };
  }
  const wide = measures.width ?? 30;
  if (frame.flat) {
    const low = (measures.lengthFlat ?? 1000) * 0.9;
    const half = wide / 2;
    const strap = lines(
      [
        [-half, 0],
        [half, 0],
        [half, low - half],
        [0, low],
        [-half, low - half],
      ],
      true,
    );
    const buckle = lines(
      [
        [-half - 9, -34],
        [half + 9, -34],
        [half + 9, 14],
        [-half - 9, 14],
      ],
      true,
    );
    const holes = [0.62, 0.68, 0.74, 0.8, 0.86].map((t) => ({ x: 0, y: low * t, r: 3.2 }));
    return {
      panels: [
        { path: strap },
        { path: buckle, tone: 'metal' },
        {
          path: lines(
            [
              [-half, -24],
              [half, -24],
              [half, 4],
              [-half, 4],
            ],
            true,
          ),
        },
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
      dots: holes,
    };
  }
  const y = frame.y.waist + 4;
  const x = frame.own.waist + 5;
  const strap: Path = [
    ['M', -x, y - wide / 2],
    ['Q', 0, y - wide / 2 + 9, x, y - wide / 2],
    ['L', x, y + wide / 2],
    ['Q', 0, y + wide / 2 + 9, -x, y + wide / 2],
    ['Z'],
  ];
  const buckle = lines(
    [
      [-24, y - wide / 2 - 4],
      [24, y - wide / 2 - 4],
      [24, y + wide / 2 + 10],
      [-24, y + wide / 2 + 10],
    ],
    true,
  );
  return {
    panels: [{ path: strap }, { path: buckle, tone: 'metal' }],
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
