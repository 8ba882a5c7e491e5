import { type Body, type FigureOutline, frameOf, liftOf, outlineOf } from '../figure';
import { memo, memo2 } from '../memo';
import { boxOf, type Path } from '../path';
import { type Piece, usualSleeve, wear, type Worn } from '../piece';
import type { Drawing, Item, Sketch } from './display';
import { sketchOf } from './garment';
import { framed, paint } from './paint';
import { type Bits, emptyBits, fillPath, popcount } from './raster';

/** A flat sketch of a piece at true scale on a usual body: what hangs on the rail. */
export function flatOf(piece: Piece, body: Body): Drawing {
  const worn = wear(piece);
  const sketch = sketchOf(frameOf(body, true), worn);
  const paths = [...sketch.panels.map((panel) => panel.path), ...sketch.lines.map((line) => line.path)];
  return framed(paint(worn, sketch), paths);
}

/** A worn piece with its shapes on the client's body, innermost first. */
export interface Layer {
  readonly worn: Worn;
  readonly sketch: Sketch;
}

const wornFrame = memo((body: Body) => frameOf(body, false));
export const wornSketch = memo2((worn: Worn, body: Body) => sketchOf(wornFrame(body), worn));

/** Cells of the raster that a sketch covers, part by part. */
interface Cells {
  readonly part: number | undefined;
  readonly bits: Bits;
}

/** Laid in the order of the drawing, so that the raster shows what the drawing shows: the later panel has the cell. */
export const cellsOf = memo((sketch: Sketch): readonly Cells[] => {
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
  const tucked = pieces.some((worn) => worn.mode.id === 'into-boots');
  const held = pieces.some(holdsSleeves);
  return [...pieces]
    .map((worn) => (held && worn.slot !== 'layer' ? narrowed(worn) : worn))
    .sort((a, b) => orderOf(a, tucked) - orderOf(b, tucked) || (a.piece.id < b.piece.id ? -1 : 1))
    .map((worn) => ({ worn, sketch: wornSketch(worn, body) }));
}

/** A layer with sleeves, put on: what is beneath goes into them. */
export const holdsSleeves = ({ piece, mode, slot }: Worn): boolean => {
  if (slot !== 'layer') return false;
  const sleeve = piece.cut.sleeve ?? usualSleeve(piece.category);
  return (sleeve === 'long' || sleeve === 'three-quarter') && mode.id !== 'over-shoulders';
};

/** The same piece with its sleeves pressed into those of the layer over it; a longer one still peeps out below. */
export const narrowed = memo((worn: Worn): Worn => {
  const { upperArm } = worn.measures;
  return {
    ...worn,
    measures: upperArm === undefined ? worn.measures : { ...worn.measures, upperArm: upperArm * 0.78 },
    piece: { ...worn.piece, cut: { ...worn.piece.cut, sleeveVolume: 'close' } },
  };
});

/** A tucked top goes under the waistband, an untucked one over it; boots go over legs tucked into them. */
export function orderOf(worn: Worn, intoBoots: boolean): number {
  const { id } = worn.mode;
  if (worn.slot === 'top' && (id === 'full-tuck' || worn.piece.category === 'bodysuit')) return 19;
  if (worn.slot === 'top' && (id === 'untucked' || id === 'knotted' || id === 'belted'))
    return worn.order + 12;
  if (worn.slot === 'top' && (id === 'front-tuck' || id === 'half-tuck')) return worn.order + 12;
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
    const sketch = layers[layer]?.sketch;
    if (!sketch) continue;
    for (const { part, bits } of cellsOf(sketch)) {
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

const SKIN = '#dccdbf';

const painted = memo2(paint);
const wornOutline = memo((body: Body) => outlineOf(wornFrame(body)));
const outlineBox = memo((outline: FigureOutline) => boxOf([outline.trunk, outline.head, ...outline.arms]));
const sketchBox = memo((sketch: Sketch) => boxOf(sketch.panels.map((panel) => panel.path)));

/** The figure wearing a look, on its shoes, at true scale; floor at y = 0. Pieces are groups by id. */
export function figureDrawing(layers: readonly Layer[], body: Body, skinHex?: string): Drawing {
  const lift = liftOf(layers.map((layer) => layer.worn));
  const outline = wornOutline(body);
  const skin = skinHex ?? SKIN;
  const bare = (path: Path): Item => ({ kind: 'path', path, fill: skin, stroke: '#8d8278', strokeMm: 3 });
  const items: Item[] = [...outline.arms.map(bare), bare(outline.trunk), bare(outline.head)];
  for (const { worn, sketch } of layers)
    items.push({ kind: 'group', id: worn.piece.id, items: painted(worn, sketch) });
  const boxes = [outlineBox(outline), ...layers.map(({ sketch }) => sketchBox(sketch))];
  const left = Math.min(...boxes.map((box) => box.x));
  const right = Math.max(...boxes.map((box) => box.x + box.w));
  const highest = Math.min(...boxes.map((box) => box.y));
  const half = Math.max(430, -left, right) + 20;
  const top = Math.min(-body.heightMm - 30, highest - 10);
  return {
    box: { x: -half, y: top, w: half * 2, h: -top + Math.max(lift, 0) + 30 },
    items: [...floor(half, lift), ...items],
  };
}

const floor = (half: number, lift: number): Item[] => [
  {
    kind: 'path',
    path: [
      ['M', -half + 20, lift + 2],
      ['L', half - 20, lift + 2],
    ],
    stroke: '#6f6c66',
    strokeMm: 3,
  },
];
