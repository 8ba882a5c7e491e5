import { type Box, lines, type Path, type Step } from '../../path';
import type { Fabric } from '../../piece';
import type { Item } from '../display';

/** Cloth by quiet means: thin lines or a glint over the colour, clipped to the panel by the caller. */
export function textureOver({ texture, finish }: Fabric, box: Box, line: string): Item[] {
  const ruled = (step: number, mm: number, opacity: number): Item => ({
    kind: 'path',
    path: rules(box, step),
    stroke: line,
    strokeMm: mm,
    opacity,
  });
  switch (texture) {
    case 'rib':
      return [ruled(14, 2, 0.35)];
    case 'corduroy':
      return [ruled(9, 2.6, 0.4)];
    case 'cable':
      return [{ kind: 'path', path: cables(box), stroke: line, strokeMm: 2.6, opacity: 0.55 }];
    case 'tweed':
    case 'boucle':
      return [
        {
          kind: 'path',
          path: flecks(box, texture === 'tweed' ? 17 : 13, texture === 'tweed' ? 6 : 4),
          stroke: line,
          strokeMm: 2.4,
          opacity: 0.5,
        },
      ];
    case 'denim':
      return [{ kind: 'path', path: twill(box, 15), stroke: line, strokeMm: 1.2, opacity: 0.28 }];
    case 'linen':
      return [{ kind: 'path', path: flecks(box, 24, 16), stroke: line, strokeMm: 1.3, opacity: 0.4 }];
    case 'velvet':
    case 'fur':
      return [
        {
          kind: 'path',
          path: flecks(box, texture === 'fur' ? 15 : 26, texture === 'fur' ? 18 : 10),
          stroke: line,
          strokeMm: 2,
          opacity: 0.3,
        },
      ];
    case 'lace':
    case 'mesh':
      return [
        {
          kind: 'path',
          path: net(box, texture === 'lace' ? 22 : 12),
          stroke: line,
          strokeMm: 1.6,
          opacity: 0.6,
        },
      ];
    case 'sequin':
      return [{ kind: 'path', path: glints(box, 18), fill: '#ffffff', opacity: 0.55 }];
    case 'satin':
      return [{ kind: 'path', path: sheen(box), fill: '#ffffff', opacity: 0.11 }];
    default:
      return finish === 'sparkle'
        ? [{ kind: 'path', path: glints(box, 30), fill: '#ffffff', opacity: 0.5 }]
        : finish === 'sheen'
          ? [{ kind: 'path', path: sheen(box), fill: '#ffffff', opacity: 0.1 }]
          : [];
  }
}

function rules({ x, y, w, h }: Box, step: number): Path {
  const path: Step[] = [];
  for (let at = Math.floor(x / step) * step; at < x + w; at += step)
    path.push(['M', at, y], ['L', at, y + h]);
  return path;
}

function twill({ x, y, w, h }: Box, step: number): Path {
  const path: Step[] = [];
  for (let at = x - h; at < x + w; at += step) path.push(['M', at, y + h], ['L', at + h, y]);
  return path;
}

function cables({ x, y, w, h }: Box): Path {
  const path: Step[] = [];
  for (let at = Math.floor(x / 64) * 64 + 32; at < x + w; at += 64) {
    for (const [side, start] of [
      [1, 0],
      [-1, 0],
    ] as const) {
      path.push(['M', at, y + start]);
      for (let down = y, i = 0; down < y + h; down += 34, i++)
        path.push(['Q', at + side * (i % 2 ? -16 : 16), down + 17, at, down + 34]);
    }
  }
  return path;
}

/** A repeatable scatter: position alone decides, so the same piece is drawn the same everywhere. */
function eachCell(box: Box, step: number, draw: (x: number, y: number, noise: number) => void): void {
  const [x0, y0] = [Math.floor(box.x / step), Math.floor(box.y / step)];
  for (let i = 0; i <= box.w / step + 1; i++) {
    for (let j = 0; j <= box.h / step + 1; j++) {
      const hash = Math.abs(Math.sin((x0 + i) * 12.9898 + (y0 + j) * 78.233) * 43758.5453) % 1;
      draw((x0 + i + hash * 0.7) * step, (y0 + j + ((hash * 7) % 1) * 0.7) * step, hash);
    }
  }
}

function flecks(box: Box, step: number, long: number): Path {
  const path: Step[] = [];
  eachCell(box, step, (x, y, noise) => {
    if (noise < 0.72)
      path.push(
        ['M', x, y],
        ['L', x + Math.cos(noise * 19) * long * 0.5, y + Math.abs(Math.sin(noise * 19)) * long],
      );
  });
  return path;
}

function glints(box: Box, step: number): Path {
  const path: Step[] = [];
  eachCell(box, step, (x, y, noise) => {
    if (noise > 0.35)
      path.push(
        ...lines(
          [
            [x, y - 4 * noise - 2],
            [x + 3, y],
            [x, y + 4 * noise + 2],
            [x - 3, y],
          ],
          true,
        ),
      );
  });
  return path;
}

function net({ x, y, w, h }: Box, step: number): Path {
  const path: Step[] = [];
  for (let at = x - h; at < x + w; at += step)
    path.push(['M', at, y + h], ['L', at + h, y], ['M', at, y], ['L', at + h, y + h]);
  return path;
}

const sheen = ({ x, y, w, h }: Box): Path => [
  ...lines(
    [
      [x + w * 0.18, y],
      [x + w * 0.23, y],
      [x + w * 0.2, y + h],
      [x + w * 0.15, y + h],
    ],
    true,
  ),
  ...lines(
    [
      [x + w * 0.6, y],
      [x + w * 0.67, y],
      [x + w * 0.62, y + h],
      [x + w * 0.55, y + h],
    ],
    true,
  ),
];
