import type { Frame } from '../../figure';
import { lines, mirrorPath, type Path, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';

/** Socks and tights: the leg itself, to the height of the shaft or the waist. */
export function legwearSketch(frame: Frame, worn: Worn): Sketch {
  const { y, own } = frame;
  const tights = worn.facts.drawn.as === 'tights';
  const girth = frame.body.calf;
  const half = (at: number): number =>
    at > y.knee
      ? girth * (frame.flat ? 0.2 : 0.158) * (at > y.calf + 60 ? 0.66 : 1)
      : frame.body.thigh * 0.15;
  if (tights) {
    const right: Path = [
      ['M', 0, y.waist],
      ['L', own.waist, y.waist],
      ...smooth([
        [own.waist, y.waist],
        [own.hip, y.hip],
        [own.hip * 0.98, y.crotch],
        [frame.legX(y.knee) + half(y.knee - 1) * 0.72, y.knee],
        [frame.legX(y.calf) + half(y.calf), y.calf],
        [frame.legX(y.ankle) + 38, y.ankle],
        [frame.legX(y.ankle) + 46, -4],
      ]).slice(1),
      ['L', frame.legX(y.ankle) - 40, -4],
      ...smooth([
        [frame.legX(y.ankle) - 40, -4],
        [frame.legX(y.ankle) - 34, y.ankle],
        [frame.legX(y.calf) - half(y.calf) * 0.9, y.calf],
        [frame.legX(y.knee) - 46, y.knee],
        [3, y.crotch + 10],
      ]).slice(1),
      ['L', 0, y.crotch],
    ];
    const mirrored = mirrorPath(right);
    return {
      panels: [{ path: [...right, ['Z']] }, { path: [...mirrored, ['Z']] }],
      lines: [
        {
          kind: 'seam',
          path: lines([
            [-own.waist, y.waist + 24],
            [own.waist, y.waist + 24],
          ]),
        },
      ],
      dots: [],
    };
  }
  if (frame.flat) return sockFlat(frame, worn);
  const top = -(worn.measures.shaft ?? 200);
  const x = (at: number): number => frame.legX(at);
  const right: Path = [
    ['M', x(top) - half(top) * 0.9, top],
    ['L', x(top) + half(top), top],
    ['L', x(y.ankle) + 40, y.ankle],
    ['Q', x(y.ankle) + 56, -8, x(y.ankle) + 40, 0],
    ['L', x(y.ankle) - 30, 0],
    ['Q', x(y.ankle) - 42, -10, x(y.ankle) - 36, y.ankle],
    ['Z'],
  ];
  const rib: Path = lines([
    [x(top) - half(top) * 0.9, top + 34],
    [x(top) + half(top), top + 34],
  ]);
  return {
    panels: [{ path: right }, { path: mirrorPath(right) }],
    lines: [
      { kind: 'seam', path: rib },
      { kind: 'seam', path: mirrorPath(rib) },
    ],
    dots: [],
  };
}

/** A pair of socks laid flat, from the side: shaft, heel, foot. */
function sockFlat(frame: Frame, worn: Worn): Sketch {
  const shaft = worn.measures.shaft ?? 200;
  const foot = frame.body.footLength * 0.86;
  const wide = frame.body.calf * 0.24;
  const sock = (x: number, y: number): { path: Path; lines: Path[] } => {
    const at = (dx: number, dy: number): readonly [number, number] => [x + dx, y + dy];
    return {
      path: [
        ['M', ...at(0, -shaft - 70)],
        ['L', ...at(wide, -shaft - 70)],
        ['C', ...at(wide * 1.02, -shaft * 0.5 - 70), ...at(wide * 0.94, -96), ...at(wide * 1.04, -84)],
        ['C', ...at(wide * 1.3, -74), ...at(foot * 0.86, -70), ...at(foot * 0.96, -46)],
        ['C', ...at(foot * 1.04, -14), ...at(foot * 0.96, 0), ...at(foot * 0.8, 0)],
        ['L', ...at(wide * 0.42, 0)],
        ['C', ...at(-wide * 0.1, 0), ...at(-wide * 0.16, -40), ...at(wide * 0.02, -84)],
        ['C', ...at(wide * 0.08, -120), ...at(0, -shaft * 0.5 - 70), ...at(0, -shaft - 70)],
        ['Z'],
      ],
      lines: [
        smooth([at(0, -shaft - 36), at(wide * 0.5, -shaft - 32), at(wide, -shaft - 36)]),
        smooth([at(wide * 0.02, -80), at(wide * 0.5, -52), at(wide * 0.44, -2)]),
        smooth([at(foot * 0.74, -66), at(foot * 0.68, -34), at(foot * 0.72, -1)]),
      ],
    };
  };
  const [back, front] = [sock(34, -22), sock(0, 0)];
  return {
    panels: [{ path: back.path, under: true }, { path: front.path }],
    lines: front.lines.map((path) => ({ kind: 'seam' as const, path })),
    dots: [],
  };
}
