import { type Body, type Frame, frameOf } from '../figure';
import { memo, memo2 } from '../memo';
import { boxOf, type Path } from '../path';
import { isTucked, type Piece, wear, type Worn } from '../piece';
import type { Drawing, Item, Sketch } from './display';
import { sketchOf } from './garment';
import { framed, paint, SHEER } from './paint/paint';
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

export const wornFrame = memo((body: Body) => frameOf(body, false));
export const wornSketch = memo2((worn: Worn, body: Body) => sketchOf(wornFrame(body), worn));

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
