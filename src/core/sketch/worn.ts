import {
  type Body,
  type FigureOutline,
  type Frame,
  frameOf,
  HAIR,
  hairBehind,
  type Hair,
  hairOf,
  type HairShape,
  liftOf,
  outlineOf,
} from '../figure';
import { memo, memo2, memoNamed } from '../memo';
import { boxOf, ellipse, movePath, type Path } from '../path';
import { isTucked, type Piece, wear, type Worn } from '../piece';
import { backSketchOf } from './behind';
import type { Drawing, Item, Sketch } from './display';
import { sketchOf } from './garment';
import { lightOver, litOf } from './light';
import { framed, paint, shade, SHEER } from './paint';
import { type Bits, emptyBits, fillPath, popcount, screened } from './raster';

/** A flat sketch of a piece at true scale on a usual body: what hangs on the rail. */
export function flatOf(piece: Piece, body: Body): Drawing {
  const worn = wear(piece);
  const frame = frameOf(body, true);
  const sketch = sketchOf(frame, worn);
  const paths = [...sketch.panels.map((panel) => panel.path), ...sketch.lines.map((line) => line.path)];
  const hanger = hangerOf(frame, worn, paths);
  return framed(
    [
      ...hanger.map((path): Item => ({ kind: 'path', path, stroke: HANGER, strokeMm: 5 })),
      ...paint(worn, sketch),
    ],
    [...paths, ...hanger],
  );
}

const HANGER = '#9a7b45';

/** What a piece hangs from: a hanger at its shoulders, or a bar with two clips at its waistband. */
function hangerOf({ y: { neck, tip } }: Frame, { facts, measures }: Worn, paths: readonly Path[]): Path[] {
  const { x, y, w } = boxOf(paths);
  const middle = x + w / 2;
  const hook = (from: number): Path => [
    ['M', middle, from],
    ['L', middle, from - 18],
    ['C', middle + 22, from - 24, middle + 20, from - 52, middle - 2, from - 50],
  ];
  if (facts.shape === 'lower') {
    const half = w * 0.3;
    return [
      hook(y - 8),
      [
        ['M', middle - half, y - 8],
        ['L', middle + half, y - 8],
      ],
      ...[-half, half].map((at): Path => [
        ['M', middle + at, y - 10],
        ['L', middle + at, y + 16],
      ]),
    ];
  }
  if (facts.shape === 'upper' || facts.shape === 'whole' || facts.drawn.as === 'cape') {
    const half = ((measures.shoulder ?? 400) / 2) * 0.84;
    return [
      hook(neck - 24),
      [
        ['M', -half, tip + 2],
        ['Q', -30, neck + 4, 0, neck - 24],
        ['Q', 30, neck + 4, half, tip + 2],
      ],
    ];
  }
  return [];
}

/** A worn piece with its shapes on the client's body, innermost first. */
export interface Layer {
  readonly worn: Worn;
  readonly sketch: Sketch;
}

const wornFrame = memo((body: Body) => frameOf(body, false));
export const wornSketch = memo2((worn: Worn, body: Body) => sketchOf(wornFrame(body), worn));

const backSketch = memo2((worn: Worn, body: Body) => backSketchOf(wornFrame(body), worn));

/** Cells of the raster that a sketch covers, part by part. */
interface Cells {
  readonly part: number | undefined;
  readonly bits: Bits;
}

/** Laid in the order of the drawing, so that the raster shows what the drawing shows: the later panel has the cell. */
const cellsOf = memo((sketch: Sketch): readonly Cells[] => {
  const found: Cells[] = [];
  for (const panel of [
    ...sketch.panels.filter((each) => each.under),
    ...sketch.panels.filter((each) => !each.under),
  ]) {
    if (panel.inside) continue;
    let own = found.find(({ part }) => part === panel.part);
    if (!own) found.push((own = { part: panel.part, bits: emptyBits() }));
    if (found.length === 1) {
      fillPath(panel.path, own.bits);
      continue;
    }
    const laid = emptyBits();
    fillPath(panel.path, laid);
    for (const { part, bits } of found)
      for (let i = 0; i < laid.length; i++)
        bits[i] =
          part === panel.part
            ? (bits[i] as number) | (laid[i] as number)
            : (bits[i] as number) & ~(laid[i] as number);
  }
  return found;
});

/** Shapes of a look on a body, in layer order from the skin outwards. */
export function layersOf(pieces: readonly Worn[], body: Body): Layer[] {
  const tucked = pieces.some((worn) => worn.effects.leg === 'in the boot');
  const held = pieces.some(holdsSleeves);
  return [...pieces]
    .map((worn) => (held && worn.slot !== 'layer' ? narrowed(worn) : worn))
    .sort((a, b) => orderOf(a, tucked) - orderOf(b, tucked) || (a.piece.id < b.piece.id ? -1 : 1))
    .map((worn) => ({ worn, sketch: wornSketch(worn, body) }));
}

/** Cells that a worn piece shows of itself, part by part: through sheer cloth shows what lies beneath. */
export const seenCells = memo2((worn: Worn, sketch: Sketch): readonly Cells[] =>
  cellsOf(sketch).map(({ part, bits }) => {
    const { fabric, parts } = worn.piece;
    const { sheer, lined } = (part === undefined ? undefined : parts[part]?.fabric) ?? fabric;
    const shown = lined ? undefined : SHEER[sheer];
    return { part, bits: shown === undefined ? bits : screened(bits, shown) };
  }),
);

/** A layer with sleeves, put on: what is beneath goes into them. */
export const holdsSleeves = ({ piece, effects, facts, slot }: Worn): boolean => {
  if (slot !== 'layer') return false;
  const sleeve = piece.cut.sleeve ?? facts.sleeve;
  return (sleeve === 'long' || sleeve === 'three-quarter') && effects.arms === undefined;
};

/** The same piece with its sleeves pressed into those of the layer over it; a longer one still peeps out below. */
export const narrowed = memo((worn: Worn): Worn => {
  const { upperArm, shoulder } = worn.measures;
  return {
    ...worn,
    measures: {
      ...worn.measures,
      ...(upperArm === undefined ? {} : { upperArm: upperArm * 0.78 }),
      ...(shoulder === undefined ? {} : { shoulder: shoulder * 0.88 }),
    },
    piece: { ...worn.piece, cut: { ...worn.piece.cut, sleeveVolume: 'close' } },
  };
});

/** A tucked top goes under the waistband, an untucked one over it; boots go over legs tucked into them. */
export function orderOf(worn: Worn, intoBoots: boolean): number {
  const { tuck, waist } = worn.effects;
  if (worn.slot === 'top' && (tuck === 'full' || worn.facts.staysIn)) return 19;
  if (worn.slot === 'top' && (tuck === 'out' || waist !== undefined)) return worn.order + 12;
  // Its falls lie over the belt, which shows between them.
  if (worn.slot === 'top' && isTucked(worn)) return worn.order + 17;
  if (intoBoots && worn.slot === 'shoes') return 33;
  return worn.order;
}

/** Share of the look's visible cells for each piece, and for each colour of each piece. */
export interface Areas {
  readonly pieces: ReadonlyMap<string, number>;
  readonly swatches: readonly { readonly piece: string; readonly hex: string; readonly share: number }[];
  /** Visible cells of cloth in all, of 10 × 10 mm. */
  readonly cells: number;
}

/** Visible areas on the fixed raster: the topmost piece of each cell counts. */
export function areasOf(layers: readonly Layer[]): Areas {
  const claimed = emptyBits();
  const marks: { readonly layer: number; readonly part: number | undefined }[] = [];
  const counts: number[] = [];
  let total = 0;
  // From the outside in: a cell belongs to the first piece that claims it.
  for (let layer = layers.length - 1; layer >= 0; layer--) {
    const laid = layers[layer];
    if (!laid) continue;
    for (const { part, bits } of seenCells(laid.worn, laid.sketch)) {
      let seen = 0;
      for (let i = 0; i < bits.length; i++) {
        const word = bits[i] as number;
        if (word === 0) continue;
        const before = claimed[i] as number;
        seen += popcount(word & ~before);
        claimed[i] = before | word;
      }
      marks.push({ layer, part });
      counts.push(seen);
      total += seen;
    }
  }
  const pieces = new Map<string, number>(layers.map(({ worn }) => [worn.piece.id, 0]));
  const swatches: { piece: string; hex: string; share: number }[] = [];
  marks.forEach(({ layer, part }, mark) => {
    const worn = layers[layer]?.worn;
    if (!worn) return;
    const { id, parts } = worn.piece;
    const share = total === 0 ? 0 : (counts[mark] ?? 0) / total;
    pieces.set(id, (pieces.get(id) ?? 0) + share);
    const seen = (part === undefined ? undefined : parts[part]?.colours) ?? worn.seen;
    for (const swatch of seen) swatches.push({ piece: id, hex: swatch.hex, share: share * swatch.share });
  });
  return { pieces, swatches, cells: total };
}

const SKIN = '#e3d0c0';
const HAIR_HEX = '#6b5747';

const painted = memo2(paint);
const wornOutline = memo((body: Body) => outlineOf(wornFrame(body)));
const outlineBox = memo((outline: FigureOutline) => boxOf([outline.trunk, outline.head, ...outline.arms]));
const sketchBox = memo((sketch: Sketch) => boxOf(sketch.panels.map((panel) => panel.path)));

/** The person under the clothes, in her own colour. */
export interface Person {
  readonly skinHex?: string | undefined;
  readonly hair?: Hair | undefined;
}

/** From where a figure is seen. */
export type Side = 'front' | 'back';

/** The figure wearing a look, on its shoes, at true scale; floor at y = 0. Pieces are groups by id. */
export function figureDrawing(
  worn: readonly Layer[],
  body: Body,
  person: Person = {},
  side: Side = 'front',
): Drawing {
  const behind = side === 'back';
  const layers = behind ? worn.map((layer) => ({ ...layer, sketch: backSketch(layer.worn, body) })) : worn;
  const lift = liftOf(layers.map((layer) => layer.worn));
  const outline = wornOutline(body);
  // A knot has no room under a hat; hair that is covered stays so.
  const hatted = layers.some(({ worn: one }) => one.facts.drawn.as === 'hat');
  const hair = hatted && person.hair === 'up' ? 'short' : person.hair;
  const bare = (...slots: readonly Worn['slot'][]): boolean =>
    !layers.some(({ worn }) => slots.includes(worn.slot));
  const items: Item[] = [nude(body)(`${hair} ${person.skinHex ?? SKIN} ${side}`)];
  if (bare('top', 'whole')) items.push(linen(outline.base.above));
  if (bare('bottom', 'whole')) items.push(linen(outline.base.below));
  // Seen from behind, hair lies over collar and scarf, and under a hat.
  const hairAt = layers.findIndex((layer) => layer.worn.facts.shape === 'head');
  layers.forEach(({ worn: one, sketch }, i) => {
    if (behind && i === hairAt) items.push(hairBack(body)(`${hair}`));
    if (THROWS.includes(one.slot)) items.push(shadowOf(sketch, outline));
    items.push({ kind: 'group', id: one.piece.id, items: painted(one, sketch) });
  });
  if (behind && hairAt < 0) items.push(hairBack(body)(`${hair}`));
  const boxes = [outlineBox(outline), ...layers.map(({ sketch }) => sketchBox(sketch))];
  const left = Math.min(...boxes.map((box) => box.x));
  const right = Math.max(...boxes.map((box) => box.x + box.w));
  const highest = Math.min(...boxes.map((box) => box.y));
  const half = Math.max(400, -left, right) + 20;
  const top = Math.min(-body.heightMm - 60, highest - 10);
  return {
    box: { x: -half, y: top, w: half * 2, h: -top + Math.max(lift, 0) + 40 },
    items: [...floor(outline.width, lift), ...items],
  };
}

/** Plain linen: nobody stands undressed on a screen. */
const linen = memo((path: Path): Item => ({
  kind: 'path',
  path,
  fill: '#ece6db',
  stroke: '#b8ad9c',
  strokeMm: 1.8,
}));

/** What lies over something else and keeps the light from it. */
const THROWS: readonly Worn['slot'][] = ['top', 'layer', 'whole', 'scarf', 'bottom', 'belt'];
const SHADOW = { fall: 11, opacity: 0.2 } as const;

/** The shadow that a layer throws just below its edges; on the person and never on the ground behind. */
const shadowOf = memo2((sketch: Sketch, { trunk }: FigureOutline): Item => ({
  kind: 'clip',
  path: trunk,
  items: sketch.panels
    .filter(({ inside }) => !inside)
    .map(({ path }): Item => ({
      kind: 'path',
      path: movePath(path, 0, SHADOW.fall),
      fill: '#000000',
      opacity: SHADOW.opacity,
    })),
}));

/** A form of one colour in a soft light, with its own line. */
const form = (
  path: Path,
  hex: string,
  line: string,
  light = litOf(hex, { texture: 'smooth', finish: 'matt' }),
): Item[] => [
  { kind: 'path', path, fill: hex },
  { kind: 'clip', path, items: lightOver(light, boxOf([path])) },
  { kind: 'path', path, stroke: line, strokeMm: 1.8 },
];

const strands = (path: Path, line: string): Item[] =>
  form(path, HAIR_HEX, line, litOf(HAIR_HEX, { texture: 'smooth', finish: 'soft' }));

/** Skin and hair: plain tones with a soft light, no face. */
const nudeOf = (outline: FigureOutline, hair: HairShape, skin: string, side: Side): Item[] => {
  const line = shade(skin, -26);
  const bare = [
    ...outline.arms.flatMap((path) => form(path, skin, line)),
    ...form(outline.trunk, skin, line),
  ];
  if (side === 'back') return [...bare, ...form(outline.head, skin, line)];
  return [
    ...(hair.behind ? strands(hair.behind, line) : []),
    ...bare,
    ...outline.marks.map((path): Item => ({ kind: 'path', path, stroke: line, strokeMm: 2, opacity: 0.4 })),
    {
      kind: 'path',
      path: outline.neckShade,
      fill: {
        from: [0, boxOf([outline.neckShade]).y],
        to: [0, boxOf([outline.neckShade]).y + boxOf([outline.neckShade]).h],
        stops: [
          [0, shade(skin, -34), 0.75],
          [1, shade(skin, -20), 0],
        ],
      },
    },
    ...form(outline.head, skin, line),
    ...(hair.before ? strands(hair.before, line) : []),
  ];
};

/** The bare figure as one group, the same object while body, hair and skin are: it is painted once. */
const nude = memo((body: Body) =>
  memoNamed((key): Item => {
    const [hair, skin = SKIN, side] = key.split(' ');
    const worn = hairOf(
      wornFrame(body),
      HAIR.find((each) => each === hair),
    );
    return {
      kind: 'group',
      id: '',
      items: nudeOf(wornOutline(body), worn, skin, side === 'back' ? 'back' : 'front'),
    };
  }),
);

/** The group of it: no piece is called so. */
const HAIR_ID = 'person:hair';

/** The hair of a figure seen from behind, as a group of its own: it lies over what is worn at the neck. */
const hairBack = memo((body: Body) =>
  memoNamed((name): Item => {
    const shape = hairBehind(
      wornFrame(body),
      HAIR.find((each) => each === name),
    );
    const line = shade(HAIR_HEX, -12);
    const paths = shape ? [shape.cap, ...(shape.over ? [shape.over] : [])] : [];
    const strand = (path: Path): Item => ({ kind: 'path', path, stroke: line, strokeMm: 1.6, opacity: 0.55 });
    return {
      kind: 'group',
      id: HAIR_ID,
      items: [...paths.flatMap((path) => strands(path, line)), ...(shape?.strands ?? []).map(strand)],
    };
  }),
);

/** A soft shadow on the floor where the feet stand. */
const floor = (half: number, lift: number): Item[] =>
  [1.75, 1.4, 1.05].map((wide): Item => ({
    kind: 'path',
    path: ellipse([0, lift + 4], half * wide, 7 + 6 * wide),
    fill: '#000000',
    opacity: 0.05,
  }));
