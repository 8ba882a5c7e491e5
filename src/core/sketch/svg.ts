import { svgPath } from '../path';
import type { Drawing, Gradient, Item } from './display';

const tenth = (value: number): number => Math.round(value * 10) / 10;

type PathItem = Extract<Item, { kind: 'path' }>;

/** A line that lies on what is beneath it alike, whether it is drawn by itself or with its neighbour. */
const isLine = (item: Item | undefined): item is PathItem =>
  item?.kind === 'path' && item.fill === undefined && item.stroke !== undefined && item.opacity === undefined;

const isDrawnAlike = (one: PathItem, other: PathItem): boolean =>
  one.stroke === other.stroke &&
  one.strokeMm === other.strokeMm &&
  (one.dash ?? []).join() === (other.dash ?? []).join();

/**
 * Display items as SVG elements, in text. `id` keeps clip names apart where several drawings stand in one
 * page. Pure: no DOM.
 *
 * A browser's time goes with the elements it has to style: lines that are drawn alike, one after the other, are one path,
 * and gradients with the same stops name them once.
 */
export function svgItems(items: readonly Item[], id: string): string {
  return new Painter(id).items(items);
}

class Painter {
  private clips = 0;
  private fills = 0;
  /** Names of the gradients that hold stops, by these. */
  private readonly stops = new Map<string, string>();

  constructor(private readonly id: string) {}

  items(items: readonly Item[]): string {
    let text = '';
    for (let at = 0; at < items.length; at++) {
      const item = items[at] as Item;
      if (!isLine(item)) {
        text += this.item(item);
        continue;
      }
      let data = svgPath(item.path);
      for (let next = items[at + 1]; isLine(next) && isDrawnAlike(item, next); next = items[++at + 1])
        data += ` ${svgPath(next.path)}`;
      text += `<path d="${data}" fill="none"${strokeOf(item)}/>`;
    }
    return text;
  }

  private item(item: Item): string {
    if (item.kind === 'group') return `<g data-piece="${escape(item.id)}">${this.items(item.items)}</g>`;
    const opacity = item.opacity === undefined ? '' : ` opacity="${item.opacity}"`;
    if (item.kind === 'clip') {
      const clip = `${this.id}-${this.clips++}`;
      return `<clipPath id="${clip}"><path d="${svgPath(item.path)}"/></clipPath><g clip-path="url(#${clip})"${opacity}>${this.items(item.items)}</g>`;
    }
    if (typeof item.fill === 'object') {
      const name = `${this.id}-f${this.fills++}`;
      return `${this.gradient(name, item.fill)}<path d="${svgPath(item.path)}" fill="url(#${name})"${opacity}/>`;
    }
    return `<path d="${svgPath(item.path)}" fill="${item.fill ?? 'none'}"${strokeOf(item)}${opacity}/>`;
  }

  private gradient(name: string, { from, to, stops }: Gradient): string {
    const line = `gradientUnits="userSpaceOnUse" x1="${tenth(from[0])}" y1="${tenth(from[1])}" x2="${tenth(to[0])}" y2="${tenth(to[1])}"`;
    const text = stops
      .map(
        ([at, hex, opacity]) =>
          `<stop offset="${at}" stop-color="${hex}" stop-opacity="${Math.round(opacity * 1000) / 1000}"/>`,
      )
      .join('');
    const known = this.stops.get(text);
    if (known) return `<linearGradient id="${name}" href="#${known}" ${line}/>`;
    this.stops.set(text, name);
    return `<linearGradient id="${name}" ${line}>${text}</linearGradient>`;
  }
}

const strokeOf = ({ stroke, strokeMm, dash }: PathItem): string =>
  stroke
    ? ` stroke="${stroke}" stroke-width="${strokeMm ?? 2}" stroke-linejoin="round" stroke-linecap="round"${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`
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
