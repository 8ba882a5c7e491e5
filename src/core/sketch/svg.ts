import { memo } from '../memo';
import { type Box, boxOf, type Path, svgPath } from '../path';
import type { Drawing, Gradient, Item } from './display';

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** Of a line that says nothing of its breadth, mm. */
const LINE = 2;

/** A path is written once, however often it is filled, clipped to and drawn along. */
const written = memo(svgPath);

type PathItem = Extract<Item, { kind: 'path' }>;

/** A shape in one colour, or a line. */
const isFlat = (item: Item | undefined): item is PathItem =>
  item?.kind === 'path' && typeof item.fill !== 'object';

const isDrawnAlike = (one: PathItem, other: PathItem): boolean =>
  one.fill === other.fill &&
  one.stroke === other.stroke &&
  one.strokeMm === other.strokeMm &&
  one.opacity === other.opacity &&
  (one.dash ?? []).join() === (other.dash ?? []).join();

/** Lines that nothing is seen through look the same one by one and as one, wherever they lie. */
const mayCross = ({ fill, opacity }: PathItem): boolean => fill === undefined && opacity === undefined;

const extentOf = memo((path: Path) => boxOf([path]));
function reachOf({ path, stroke, strokeMm = LINE }: PathItem): Box {
  const { x, y, w, h } = extentOf(path);
  const out = stroke ? strokeMm / 2 : 0;
  return { x: x - out, y: y - out, w: w + 2 * out, h: h + 2 * out };
}

const isApart = (a: Box, b: Box): boolean =>
  a.x + a.w < b.x || b.x + b.w < a.x || a.y + a.h < b.y || b.y + b.h < a.y;

/** The shapes and lines from a place on that may be drawn as one path. */
function runFrom(items: readonly Item[], at: number, first: PathItem): readonly PathItem[] {
  const run = [first];
  const reaches = mayCross(first) ? [] : [reachOf(first)];
  for (let next = items[at + 1]; isFlat(next) && isDrawnAlike(first, next); next = items[at + run.length]) {
    if (reaches.length > 0) {
      const reach = reachOf(next);
      if (!reaches.every((each) => isApart(each, reach))) break;
      reaches.push(reach);
    }
    run.push(next);
  }
  return run;
}

/**
 * Display items as SVG elements, in text. `id` keeps clip names apart where several drawings stand in one
 * page. Pure: no DOM.
 *
 * A browser's time goes with the elements it has to style: what is drawn alike, one after the other, is one path where that
 * looks the same, and gradients with the same stops name them once.
 */
export function svgItems(items: readonly Item[], id: string, shared?: SharedClip): string {
  return new Painter(id, shared).items(items);
}

/** A clip that stands once in the page, for several texts of one drawing. */
export interface SharedClip {
  readonly path: Path;
  /** What it is named there. */
  readonly name: string;
}

/** The outline that more than one item of a drawing is clipped to: the person whom shadows fall on. */
export function sharedClip(items: readonly Item[]): Path | undefined {
  const seen = new Set<Path>();
  for (const item of items)
    if (item.kind === 'clip') {
      if (seen.has(item.path)) return item.path;
      seen.add(item.path);
    }
  return undefined;
}

class Painter {
  private fills = 0;
  /** Names of what is clipped to, by the outline. */
  private readonly clips = new Map<Path, string>();
  /** Names of the gradients that hold stops, by these. */
  private readonly stops = new Map<string, string>();

  constructor(
    private readonly id: string,
    shared: SharedClip | undefined,
  ) {
    if (shared) this.clips.set(shared.path, shared.name);
  }

  items(items: readonly Item[]): string {
    let text = '';
    for (let at = 0; at < items.length; at++) {
      const item = items[at] as Item;
      if (item.kind === 'group') text += `<g data-piece="${escape(item.id)}">${this.items(item.items)}</g>`;
      else if (item.kind === 'clip') text += this.clip(item);
      else if (typeof item.fill === 'object') {
        const name = `${this.id}-f${this.fills++}`;
        text += this.gradient(name, item.fill) + pathOf([item], `url(#${name})`);
      } else {
        const run = runFrom(items, at, item);
        at += run.length - 1;
        text += pathOf(run, item.fill ?? 'none');
      }
    }
    return text;
  }

  private clip({ path, items, opacity }: Extract<Item, { kind: 'clip' }>): string {
    const seen = opacity === undefined ? '' : ` opacity="${opacity}"`;
    const known = this.clips.get(path);
    const name = known ?? `${this.id}-${this.clips.size}`;
    this.clips.set(path, name);
    const outline = known ? '' : `<clipPath id="${name}"><path d="${written(path)}"/></clipPath>`;
    return `${outline}<g clip-path="url(#${name})"${seen}>${this.items(items)}</g>`;
  }

  private gradient(name: string, { from, to, stops }: Gradient): string {
    const line = `gradientUnits="userSpaceOnUse" x1="${tenth(from[0])}" y1="${tenth(from[1])}" x2="${tenth(to[0])}" y2="${tenth(to[1])}"`;
    const text = stops
      .map(
        ([at, hex, opacity]) =>
          `<stop offset="${Math.round(at * 1000) / 1000}" stop-color="${hex}"${opacity === 1 ? '' : ` stop-opacity="${Math.round(opacity * 1000) / 1000}"`}/>`,
      )
      .join('');
    const known = this.stops.get(text);
    if (known) return `<linearGradient id="${name}" href="#${known}" ${line}/>`;
    this.stops.set(text, name);
    return `<linearGradient id="${name}" ${line}>${text}</linearGradient>`;
  }
}

/** Shapes or lines that are drawn alike, as one element. */
function pathOf(run: readonly PathItem[], fill: string): string {
  const [first] = run as readonly [PathItem, ...PathItem[]];
  return `<path d="${run.map(({ path }) => written(path)).join(' ')}" fill="${fill}"${strokeOf(first)}${opacityOf(first)}/>`;
}

/** A fill alone, or a line alone, is let through by its own paint: a browser makes a layer of whatever has an opacity of its own. */
function opacityOf({ opacity, fill, stroke }: PathItem): string {
  if (opacity === undefined) return '';
  const paint = stroke === undefined ? 'fill-' : fill === undefined ? 'stroke-' : '';
  return ` ${paint}opacity="${opacity}"`;
}

const strokeOf = ({ stroke, strokeMm, dash }: PathItem): string =>
  stroke
    ? ` stroke="${stroke}" stroke-width="${strokeMm ?? LINE}" stroke-linejoin="round" stroke-linecap="round"${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`
    : '';

/** An SVG document of a drawing. `title` is what a screen reader says. */
export function svgOf(drawing: Drawing, title: string, id = 'd'): string {
  const { x, y, w, h } = drawing.box;
  const box = [x, y, w, h].map(tenth).join(' ');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" role="img" aria-label="${escape(title)}">${svgItems(drawing.items, id)}</svg>`;
}

const escape = (text: string): string =>
  text.replace(
    /[&<>"]/g,
    (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign,
  );
