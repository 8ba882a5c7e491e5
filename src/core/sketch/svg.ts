import { svgPath } from '../path';
import type { Drawing, Gradient, Item } from './display';

const tenth = (value: number): number => Math.round(value * 10) / 10;

/**
 * Display items as SVG elements, in text. `id` keeps clip names apart where several drawings stand in one
 * page. Pure: no DOM.
 */
export function svgItems(items: readonly Item[], id: string): string {
  let [clips, fills] = [0, 0];
  const gradient = (name: string, { from, to, stops }: Gradient): string =>
    `<linearGradient id="${name}" gradientUnits="userSpaceOnUse" x1="${tenth(from[0])}" y1="${tenth(from[1])}" x2="${tenth(to[0])}" y2="${tenth(to[1])}">${stops.map(([at, hex, opacity]) => `<stop offset="${at}" stop-color="${hex}" stop-opacity="${Math.round(opacity * 1000) / 1000}"/>`).join('')}</linearGradient>`;
  const paintItem = (item: Item): string => {
    if (item.kind === 'group')
      return `<g data-piece="${escape(item.id)}">${item.items.map(paintItem).join('')}</g>`;
    if (item.kind === 'clip') {
      const clip = `${id}-${clips++}`;
      const opacity = item.opacity === undefined ? '' : ` opacity="${item.opacity}"`;
      return `<clipPath id="${clip}"><path d="${svgPath(item.path)}"/></clipPath><g clip-path="url(#${clip})"${opacity}>${item.items.map(paintItem).join('')}</g>`;
    }
    const stroke = item.stroke
      ? ` stroke="${item.stroke}" stroke-width="${item.strokeMm ?? 2}" stroke-linejoin="round" stroke-linecap="round"${item.dash ? ` stroke-dasharray="${item.dash.join(' ')}"` : ''}`
      : '';
    if (typeof item.fill === 'object') {
      const name = `${id}-f${fills++}`;
      return `${gradient(name, item.fill)}<path d="${svgPath(item.path)}" fill="url(#${name})"${item.opacity === undefined ? '' : ` opacity="${item.opacity}"`}/>`;
    }
    return `<path d="${svgPath(item.path)}" fill="${item.fill ?? 'none'}"${stroke}${item.opacity === undefined ? '' : ` opacity="${item.opacity}"`}/>`;
  };
  return items.map(paintItem).join('');
}

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
