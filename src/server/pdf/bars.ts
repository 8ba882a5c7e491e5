import bwip from 'bwip-js/node';
import type { Doc } from './document';

/** Widths of the bars of a code and the spaces between them, in modules, a bar first. */
export function barsOf(kind: 'ean13' | 'code128', text: string): readonly number[] {
  const [code] = bwip.raw({ bcid: kind, text }) as unknown as readonly { sbs: number[] }[];
  return code?.sbs ?? [];
}

interface Bars {
  readonly x: number;
  readonly y: number;
  /** Width of one module, points. */
  readonly module: number;
  readonly height: number;
}

/** Paints bars from left to right. */
export function paintBars(doc: Doc, modules: readonly number[], { x, y, module, height }: Bars): void {
  let at = x;
  modules.forEach((width, i) => {
    if (i % 2 === 0) doc.rect(at, y, width * module, height);
    at += width * module;
  });
  doc.fill('#000000');
}
