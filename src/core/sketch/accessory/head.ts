import type { Frame } from '../../figure';
import { lines, type Path, smooth } from '../../path';
import type { Worn } from '../../piece';
import { band } from '../band';
import type { Sketch } from '../display';

/** Where a head is, mm: half its width, and the height at which a hat sits. */
interface Head {
  readonly head: number;
  readonly y: number;
}

/** Hats, headpieces and veils, on the head or standing by themselves. */
export function headSketch(frame: Frame, worn: Worn): Sketch {
  const at = {
    head: frame.body.headGirth * 0.137,
    y: frame.y.crown + (frame.y.chin - frame.y.crown) * 0.34,
  };
  const { as } = worn.facts.drawn;
  if (as === 'veil') return veil(frame, worn, at);
  if (as === 'headpiece') return headpiece(worn, at);
  return worn.piece.structure === 0 ? beanieSketch(at) : brimmed(worn, at);
}

function veil(frame: Frame, { measures }: Worn, { head, y }: Head): Sketch {
  const low = frame.y.crown + (measures.length ?? 700);
  const wide = Math.min(260, (measures.width ?? 1400) / 5);
  // Gathered on a comb; it falls behind the face and outside the shoulders, its edge in waves.
  const fall = (side: 1 | -1): Path => [
    ['M', 0, y - 92],
    ['C', side * head * 0.6, y - 100, side * head * 1.15, y - 60, side * head * 1.22, y + 40],
    ['C', side * (head * 1.3 + 14), y + 220, side * wide * 0.94, low - 240, side * wide, low],
    ['Q', side * wide * 0.92, low + 26, side * wide * 0.84, low + 4],
    ['Q', side * wide * 0.77, low - 14, side * wide * 0.7, low + 12],
    ['Q', side * wide * 0.63, low + 34, side * wide * 0.57, low + 2],
    ['C', side * wide * 0.55, low - 260, side * head * 1.1, y + 230, side * head * 0.98, y + 60],
    ['C', side * head * 0.94, y - 20, side * head * 0.5, y - 62, 0, y - 66],
    ['Z'],
  ];
  const comb = band(
    [
      [-head * 0.5, y - 84],
      [0, y - 98],
      [head * 0.5, y - 84],
    ],
    13,
  );
  const folds = ([1, -1] as const).flatMap((side) =>
    [0.5, 0.72].map((t) => ({
      kind: 'fold' as const,
      path: smooth([
        [side * head * 1.02, y + 20],
        [side * (head + (wide - head) * (0.3 + t * 0.46)), (y + low) / 2],
        [side * wide * (0.52 + t * 0.44), low - 6],
      ]),
    })),
  );
  return {
    panels: [{ path: fall(-1) }, { path: fall(1) }, { path: comb, tone: 'second' }],
    lines: folds,
    dots: [-0.3, 0, 0.3].map((t) => ({
      x: head * t * 1.4,
      y: y - 96 + Math.abs(t) * 20,
      r: 7,
      tone: 'second' as const,
    })),
  };
}

function headpiece({ measures }: Worn, { y }: Head): Sketch {
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

/** A soft cap with its cuff turned up. */
function beanieSketch({ head, y }: Head): Sketch {
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

/** A hat with a crown, a ribbon and a brim. */
function brimmed({ measures }: Worn, { head, y }: Head): Sketch {
  const brim = (measures.width ?? 360) / 2;
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
