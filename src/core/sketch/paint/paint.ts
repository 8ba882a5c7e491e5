import { average, lab, labToHex } from '../../colour';
import { boxOf, circle, type Path } from '../../path';
import type { Worn } from '../../piece';
import { type Drawing, type Item, LINE_MM, type LineKind, type Panel, type Sketch } from '../display';
import { lightOver, litFill, litOf } from './light';
import { patternOver } from './pattern';
import { textureOver } from './texture';

const INK = '#2b2622';
const METAL: Readonly<Record<string, string>> = {
  yellow: '#c9a24a',
  white: '#c2c6ca',
  rose: '#cf9a86',
  dark: '#4a4a4e',
  mixed: '#c6b184',
  none: '#b9b3a6',
};

/** A colour moved in lightness by `by` L*, for the inside of a garment or a line on dark cloth. */
export function shade(hex: string, by: number): string {
  const colour = lab(hex);
  return labToHex({ ...colour, l: Math.min(97, Math.max(3, colour.l + by)) });
}

/** A colour in its own shadow by `by` L*: all light shrinks alike, so (L* + 16, a*, b*) shrinks to the origin. */
function shadowed(hex: string, by: number): string {
  const { l, a, b } = lab(hex);
  const left = Math.max(0.2, (l + 16 - by) / (l + 16));
  return labToHex({ l: Math.max(3, (l + 16) * left - 16), a: a * left, b: b * left });
}

/** How much of itself a cloth shows; painted so, and counted so. Undefined: all. */
export const SHEER = { opaque: undefined, semi: 0.72, sheer: 0.42 } as const;

const SHEER_EDGE = 0.55;

type Cloth = Pick<Worn['piece'], 'colours' | 'fabric' | 'pattern'>;

/** Cloth, colours and pattern of a panel: the part's own where it has one. */
function clothOf({ piece }: Worn, index: number | undefined): Cloth {
  const part = index === undefined ? undefined : piece.parts[index];
  if (!part) return piece;
  const plain = { kind: 'solid', repeatMm: 10, contrast: 0 } as const;
  return {
    colours: part.colours ?? piece.colours,
    fabric: part.fabric ?? piece.fabric,
    pattern: part.colours ? plain : piece.pattern,
  };
}

/** The sketch of a worn piece in its colours, pattern and cloth: display items in mm, bottom first. */
export function paint(worn: Worn, sketch: Sketch): Item[] {
  const { piece } = worn;
  const ground = average(piece.colours);
  const dark = lab(ground).l < 42;
  const inner = dark ? shade(ground, 30) : shade(ground, -34);
  const fine = fineness(sketch);
  const crease = shadowed(ground, dark ? 12 : 16);
  const stroke = (kind: LineKind): string => (kind === 'edge' ? INK : kind === 'fold' ? crease : inner);
  const items: Item[] = [];
  const lay = (panel: Panel): void => {
    const fill = toneOf(panel.tone, worn, ground);
    if (panel.inside)
      items.push({
        kind: 'path',
        path: panel.path,
        fill: shadowed(ground, dark ? 8 : 22),
        stroke: INK,
        strokeMm: LINE_MM.seam * fine,
      });
    else if (fill)
      items.push({ kind: 'path', path: panel.path, fill, stroke: INK, strokeMm: LINE_MM.seam * fine });
    else items.push(...clothOn(panel, clothOf(worn, panel.part), inner, LINE_MM.edge * fine));
  };
  const draw = ({ kind, path }: Sketch['lines'][number]): void => {
    items.push({
      kind: 'path',
      path,
      stroke: stroke(kind),
      strokeMm: LINE_MM[kind] * fine,
      dash: kind === 'stitch' ? [7, 5] : undefined,
      opacity: kind === 'fold' ? 0.5 : undefined,
    });
  };
  sketch.panels.filter((panel) => panel.under).forEach(lay);
  sketch.lines.filter((line) => line.under).forEach(draw);
  sketch.panels.filter((panel) => !panel.under).forEach(lay);
  for (const path of sketch.falls ?? []) items.push(fallOf(path, crease));
  sketch.lines.filter((line) => !line.under).forEach(draw);
  for (const dot of sketch.dots) {
    items.push({
      kind: 'path',
      path: circle([dot.x, dot.y], dot.r),
      fill: toneOf(dot.tone ?? 'second', worn, ground) ?? ground,
      stroke: INK,
      strokeMm: 1.6 * fine,
    });
  }
  return items;
}

/** A fold's own shade: nothing where it begins, deepest at its foot. */
function fallOf(path: Path, hex: string): Item {
  const { x, y, h } = boxOf([path]);
  return {
    kind: 'path',
    path,
    fill: {
      from: [x, y],
      to: [x, y + h],
      stops: [
        [0, hex, 0],
        [0.35, hex, 0.22],
        [1, hex, 0.62],
      ],
    },
  };
}

/** Lines of small things are thinner: a ring is not drawn with the pen of a coat. */
function fineness({ panels }: Sketch): number {
  const { w, h } = boxOf(panels.map(({ path }) => path));
  return Math.min(1, Math.max(0.3, Math.hypot(w, h) / 320));
}

/** A panel in its cloth, under its light, with its edge; `line` is the colour of a line on this cloth. */
function clothOn({ path, turn, light }: Panel, cloth: Cloth, line: string, edgeMm: number): Item[] {
  const box = boxOf([path]);
  const lit = litOf(average(cloth.colours), cloth.fabric);
  const on = [...patternOver(cloth, box, turn), ...textureOver(cloth.fabric, box, line)];
  const opacity = SHEER[cloth.fabric.sheer];
  const edge = { kind: 'path', path, stroke: INK, strokeMm: edgeMm } as const;
  const plain = on.length === 1 ? fillOf(on[0]) : undefined;
  const fill = plain && litFill(plain, lit, box, light);
  if (fill && opacity === undefined) return [{ ...edge, fill }];
  return [
    fill
      ? { kind: 'path', path, fill, opacity }
      : { kind: 'clip', path, items: [...on, ...lightOver(lit, box, light)], opacity },
    // Cloth that shows what is beneath has no edge of ink.
    cloth.fabric.sheer === 'sheer' ? { ...edge, stroke: line, opacity: SHEER_EDGE } : edge,
  ];
}

const fillOf = (item: Item | undefined): string | undefined =>
  item?.kind === 'path' && typeof item.fill === 'string' ? item.fill : undefined;

function toneOf(tone: Panel['tone'], worn: Worn, ground: string): string | undefined {
  const { piece } = worn;
  if (tone === 'metal') return METAL[piece.metal === 'none' ? 'mixed' : piece.metal];
  if (tone === 'second') return piece.colours[1]?.hex ?? shade(ground, lab(ground).l > 50 ? -26 : 26);
  if (tone === 'sole') return worn.facts.sporty ? '#efece4' : shade(ground, lab(ground).l > 45 ? -26 : -12);
  return undefined;
}

/** A drawing around items, with a margin for the line width. */
export function framed(items: readonly Item[], paths: readonly Path[], margin = 6): Drawing {
  const { x, y, w, h } = boxOf(paths);
  return { box: { x: x - margin, y: y - margin, w: w + 2 * margin, h: h + 2 * margin }, items };
}
