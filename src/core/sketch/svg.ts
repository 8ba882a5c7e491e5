import { svgPath } from '../path';
import type { Drawing, Item } from './display';

/**
 * Display items as SVG elements, in text. `id` keeps clip names apart where several drawings stand in one
 * page. Pure: no DOM.
 */
export function svgItems(items: readonly Item[], id: string): string {
  let clips = 0;
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
    return `<path d="${svgPath(item.path)}" fill="${item.fill ?? 'none'}"${stroke}${item.opacity === undefined ? '' : ` opacity="${item.opacity}"`}/>`;
  };
  return items.map(paintItem).join('');
}

/** An SVG document of a drawing. `title` is what a screen reader says. */
export function svgOf(drawing: Drawing, title: string, id = 'd'): string {
  const { x, y, w, h } = drawing.box;
  const box = [x, y, w, h].map((value) => Math.round(value * 10) / 10).join(' ');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" role="img" aria-label="${escape(title)}">${svgItems(drawing.items, id)}</svg>`;
}

const escape = (text: string): string =>
  text.replace(
    /[&<>"]/g,
    (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign,
  );
