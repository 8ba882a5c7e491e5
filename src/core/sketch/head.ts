import type { Frame } from '../figure';
import { lines, type Path, smooth } from '../path';
import type { Worn } from '../piece';
import { band } from './band';
import type { Sketch } from './display';

/** Hats, headpieces and veils, on the head or standing by themselves. */
export function headSketch(frame: Frame, worn: Worn): Sketch {
  const { measures, piece } = worn;
  const head = frame.body.headGirth * 0.137;
  const y = frame.y.crown + (frame.y.chin - frame.y.crown) * 0.34;
  if (piece.category === 'veil') {
    const low = frame.y.crown + (measures.length ?? 700);
    const wide = Math.min(260, (measures.width ?? 1400) / 5);
    return {
      panels: [
        {
          path: [
            ['M', -head * 0.7, y - 50],
            ['Q', 0, y - 110, head * 0.7, y - 50],
            ['Q', wide, y + 200, wide, low],
            ['L', -wide, low],
            ['Q', -wide, y + 200, -head * 0.7, y - 50],
            ['Z'],
          ],
        },
      ],
      lines: [0.3, 0.7, -0.3, -0.7].map((t) => ({
        kind: 'fold' as const,
        path: smooth([
          [head * t * 0.6, y - 40],
          [wide * t, low - 10],
        ]),
      })),
      dots: [],
    };
  }
  if (piece.category === 'headpiece') {
    const w = (measures.width ?? 180) / 2;
    const arc = band(
      [
        [-w, y + 10],
        [-w * 0.7, y - 66],
        [0, y - 92],
        [w * 0.7, y - 66],
        [w, y + 10],
      ],
      16,
    );
    return {
      panels: [{ path: arc }],
      lines: [],
      dots: [-0.5, -0.25, 0, 0.25, 0.5].map((t) => ({
        x: w * t * 1.3,
        y: y - 92 + Math.abs(t) * 46,
        r: 10 - Math.abs(t) * 6,
        tone: 'second' as const,
      })),
    };
  }
  const brim = (measures.width ?? 360) / 2;
  const soft = piece.structure === 0;
  if (soft) {
    const beanie: Path = [
      ['M', -head * 1.04, y],
      ['C', -head * 1.1, y - 150, head * 1.1, y - 150, head * 1.04, y],
      ['Z'],
    ];
    const cuff = lines(
      [
        [-head * 1.08, y - 6],
        [head * 1.08, y - 6],
        [head * 1.06, y + 40],
        [-head * 1.06, y + 40],
      ],
      true,
    );
    return {
      panels: [{ path: beanie }, { path: cuff }],
      lines: Array.from({ length: 11 }, (_, i) => ({
        kind: 'fold' as const,
        path: lines([
          [-head + i * head * 0.2, y],
          [-head + i * head * 0.2, y + 36],
        ]),
      })),
      dots: [],
    };
  }
  const crown: Path = [
    ['M', -head * 1.02, y],
    ['C', -head * 1.0, y - 96, -head * 0.86, y - 124, -head * 0.34, y - 122],
    ['Q', 0, y - 106, head * 0.34, y - 122],
    ['C', head * 0.86, y - 124, head * 1.0, y - 96, head * 1.02, y],
    ['Z'],
  ];
  const rim: Path = [
    ['M', -brim, y + 8],
    ['C', -brim * 0.6, y - 26, brim * 0.6, y - 26, brim, y + 8],
    ['C', brim * 0.6, y + 40, -brim * 0.6, y + 40, -brim, y + 8],
    ['Z'],
  ];
  const ribbon = lines(
    [
      [-head * 1.02, y - 34],
      [head * 1.02, y - 34],
      [head * 1.02, y - 8],
      [-head * 1.02, y - 8],
    ],
    true,
  );
  return { panels: [{ path: rim }, { path: crown }, { path: ribbon, tone: 'second' }], lines: [], dots: [] };
}
