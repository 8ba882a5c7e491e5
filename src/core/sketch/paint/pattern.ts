import { average } from '../../colour';
import { type Box, circle, flatten, type Path, type Point, type Step } from '../../path';
import type { Piece, Swatch } from '../../piece';
import type { Item } from '../display';

/** Below this repeat a pattern is painted as the colour it melts into: it could not be seen drawn. */
const SMALLEST_DRAWN_MM = 5;

/**
 * The colours of a piece over a box, at true repeat: one path for each colour after the first, which
 * is the ground. The caller clips it to the cloth. Shares of the drawn area follow the stated shares. `turn`: how far the cloth
 * is turned from upright, radians; stripes and checks turn with it.
 */
export function patternOver(piece: Pick<Piece, 'pattern' | 'colours'>, box: Box, turn = 0): Item[] {
  const [ground, ...rest] = piece.colours;
  if (!ground) return [];
  const { kind, repeatMm, direction } = piece.pattern;
  const tooFine = kind !== 'solid' && kind !== 'marl' && repeatMm < SMALLEST_DRAWN_MM;
  if (tooFine) return [block(box, average(piece.colours))];
  const base = block(box, ground.hex);
  if (kind === 'solid' || rest.length === 0) return [base];
  const repeat = kind === 'marl' ? Math.max(10, repeatMm) : repeatMm;
  const paths =
    turn !== 0 && TURNS.includes(kind)
      ? draw(kind, around(box), repeat, direction ?? 'across', rest).map((path) => turned(path, box, turn))
      : draw(kind, box, repeat, direction ?? 'across', rest);
  return [base, ...paths.map((path, i): Item => ({ kind: 'path', path, fill: rest[i]?.hex ?? ground.hex }))];
}

/** Patterns of which one sees that the cloth is turned. */
const TURNS: readonly string[] = ['stripe', 'check'];

/** A box that holds another however that is turned about its middle. */
function around({ x, y, w, h }: Box): Box {
  const side = Math.hypot(w, h);
  return { x: x + w / 2 - side / 2, y: y + h / 2 - side / 2, w: side, h: side };
}

/** A path turned about the middle of a box. */
function turned(path: Path, { x, y, w, h }: Box, by: number): Path {
  const [mx, my, cos, sin] = [x + w / 2, y + h / 2, Math.cos(by), Math.sin(by)];
  return path.map((step) => {
    const [letter, ...at] = step as readonly [string, ...number[]];
    const moved: number[] = [];
    for (let i = 0; i < at.length; i += 2) {
      const [dx, dy] = [(at[i] as number) - mx, (at[i + 1] as number) - my];
      moved.push(mx + dx * cos - dy * sin, my + dx * sin + dy * cos);
    }
    return [letter, ...moved] as unknown as Step;
  });
}

const block = ({ x, y, w, h }: Box, fill: string): Item => ({ kind: 'path', path: rect(x, y, w, h), fill });

const rect = (x: number, y: number, w: number, h: number): Step[] => [
  ['M', x, y],
  ['L', x + w, y],
  ['L', x + w, y + h],
  ['L', x, y + h],
  ['Z'],
];

function draw(kind: string, box: Box, repeat: number, direction: string, rest: readonly Swatch[]): Path[] {
  switch (kind) {
    case 'stripe':
      return stripes(box, repeat, direction, rest);
    case 'check':
      return checks(box, repeat, rest);
    case 'dot':
      return scatter(box, repeat, rest, (at, share) => circle(at, repeat * Math.sqrt(share / Math.PI)));
    case 'floral':
      return scatter(box, repeat, rest, sized(flower, repeat));
    case 'animal':
      return scatter(
        box,
        repeat,
        rest,
        sized((at, r, turn) => blot(at, r, turn, 0.38), repeat),
      );
    case 'geometric':
      return scatter(box, repeat, rest, (at, share) => diamond(at, repeat * Math.sqrt(share / 2)));
    case 'graphic':
      return graphic(box, rest);
    case 'marl':
      return scatter(box, repeat, rest, sized(fleck, repeat));
    default:
      return scatter(
        box,
        repeat,
        rest,
        sized((at, r, turn) => blot(at, r, turn, 0.16), repeat),
      );
  }
}

/** Bands side by side in one repeat, each as broad as its share. */
function stripes(box: Box, repeat: number, direction: string, rest: readonly Swatch[]): Path[] {
  let offset = 0;
  return rest.map(({ share }) => {
    const wide = repeat * share;
    const path: Step[] = [];
    if (direction === 'bias') {
      const span = box.w + box.h;
      const run = repeat * Math.SQRT2;
      // Counted from the origin, so that sleeves and body carry on one stripe.
      const start = Math.floor((box.x - box.h + (box.y + box.h)) / run) * run - (box.y + box.h);
      for (let x = start + offset * Math.SQRT2; x < box.x + span; x += run) {
        const step = wide * Math.SQRT2;
        path.push(
          ['M', x, box.y + box.h],
          ['L', x + box.h, box.y],
          ['L', x + box.h + step, box.y],
          ['L', x + step, box.y + box.h],
          ['Z'],
        );
      }
    } else if (direction === 'along') {
      const start = Math.floor(box.x / repeat) * repeat;
      for (let x = start + offset; x < box.x + box.w; x += repeat) path.push(...rect(x, box.y, wide, box.h));
    } else {
      const start = Math.floor(box.y / repeat) * repeat;
      for (let y = start + offset; y < box.y + box.h; y += repeat) path.push(...rect(box.x, y, box.w, wide));
    }
    offset += wide;
    return path;
  });
}

/** Bands both ways; a band of width d covers 1 − (1 − d)² of the cloth. */
function checks(box: Box, repeat: number, rest: readonly Swatch[]): Path[] {
  // Later bands cross over earlier ones: each earlier one is drawn so much broader that its share still shows.
  const open = rest.map((_, i) => rest.slice(i + 1).reduce((left, { share }) => left - share, 1));
  return rest.map(({ share }, i) => {
    const wide = repeat * (1 - Math.sqrt(1 - Math.min(0.96, share / Math.max(0.05, open[i] ?? 1))));
    const shift = (repeat / (rest.length + 1)) * i;
    const path: Step[] = [];
    const x0 = Math.floor(box.x / repeat) * repeat + shift;
    const y0 = Math.floor(box.y / repeat) * repeat + shift;
    for (let x = x0; x < box.x + box.w; x += repeat) path.push(...rect(x, box.y, wide, box.h));
    for (let y = y0; y < box.y + box.h; y += repeat) {
      // The crossings are already painted: only the stretches between them are added.
      for (let x = x0 + wide - repeat; x < box.x + box.w; x += repeat)
        path.push(...rect(x, y, repeat - wide, wide));
    }
    return path;
  });
}

type Motif = (at: Point, share: number, turn: number) => Step[];

/** A motif drawn as large as its share asks: its own area at size 1 is measured once a turn. */
function sized(motif: Motif, repeat: number): Motif {
  const areas = new Map<number, number>();
  return (at, share, turn) => {
    const known = areas.get(turn) ?? areaOf(motif([0, 0], 1, turn));
    areas.set(turn, known);
    return motif(at, repeat * Math.sqrt(share / known), turn);
  };
}

/** Area of a closed path, mm²; the shoelace formula over its flattened rings. */
const areaOf = (path: Path): number =>
  flatten(path).reduce(
    (sum, ring) =>
      sum +
      Math.abs(
        ring.reduce((turn, [x, y], i) => {
          const [nx, ny] = ring[(i + 1) % ring.length] ?? [x, y];
          return turn + x * ny - nx * y;
        }, 0) / 2,
      ),
    0,
  );

/** Motifs on a half-drop grid, the colours taking turns in position so that they do not overlap. */
function scatter(box: Box, repeat: number, rest: readonly Swatch[], motif: Motif): Path[] {
  const path: Step[][] = rest.map(() => []);
  const [left, top] = [Math.floor(box.x / repeat) - 1, Math.floor(box.y / repeat) - 2];
  const [right, low] = [Math.ceil((box.x + box.w) / repeat) + 1, Math.ceil((box.y + box.h) / repeat) + 1];
  for (let c = left; c < right; c++) {
    for (let r = top; r < low; r++) {
      rest.forEach(({ share }, i) => {
        const drop = (c % 2 === 0 ? 0 : 0.5) + i / rest.length;
        const jitter = (((c * 73 + r * 151 + i * 37) % 11) + 11) % 11;
        const x = (c + (i / rest.length) * 0.5 + 0.25 + (jitter - 5) * 0.012) * repeat;
        const y = (r + drop + (5 - jitter) * 0.012) * repeat;
        path[i]?.push(...motif([x, y], share, jitter * 0.57));
      });
    }
  }
  return path;
}

const diamond = ([x, y]: Point, r: number): Step[] => [
  ['M', x, y - r],
  ['L', x + r, y],
  ['L', x, y + r],
  ['L', x - r, y],
  ['Z'],
];

function ring(at: Point, count: number, turn: number, radius: (i: number) => number): Step[] {
  const points = Array.from({ length: count }, (_, i): Point => {
    const angle = turn + (i / count) * Math.PI * 2;
    return [at[0] + Math.cos(angle) * radius(i), at[1] + Math.sin(angle) * radius(i)];
  });
  const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const last = points[count - 1] as Point;
  const start = middle(last, points[0] as Point);
  const steps: Step[] = [['M', start[0], start[1]]];
  points.forEach((p, i) => {
    const to = middle(p, points[(i + 1) % count] as Point);
    steps.push(['Q', p[0], p[1], to[0], to[1]]);
  });
  return [...steps, ['Z']];
}

const flower = (at: Point, r: number, turn: number): Step[] =>
  ring(at, 15, turn, (i) => (i % 3 ? r * 1.12 : r * 0.74));
/** A rounded blot: `long` 0 is nearly round, 0.4 about twice as long as broad. */
const blot = (at: Point, r: number, turn: number, long: number): Step[] =>
  ring(at, 12, turn, (i) => {
    const angle = (i / 12) * Math.PI * 2;
    return r * (1 + long * Math.cos(2 * angle) + 0.13 * Math.cos(3 * angle + 1));
  });

const fleck = ([x, y]: Point, r: number, turn: number): Step[] => {
  const [dx, dy] = [Math.cos(turn) * r * 0.8, Math.sin(turn) * r * 0.3 + r * 0.5];
  return [
    ['M', x, y],
    ['L', x + dx, y + dy],
    ['L', x + dx + r * 0.5, y + dy - r * 0.3],
    ['L', x + r * 0.5, y - r * 0.3],
    ['Z'],
  ];
};

/** One placed motif at the chest. */
function graphic(box: Box, rest: readonly Swatch[]): Path[] {
  const area = box.w * box.h;
  return rest.map(({ share }, i) => {
    const r = Math.sqrt((area * share) / Math.PI) * 0.92;
    return circle([box.x + box.w / 2, box.y + box.h * (0.36 + i * 0.12)], Math.min(r, box.w * 0.42));
  });
}
