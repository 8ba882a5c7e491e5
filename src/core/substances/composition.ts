import { lookup } from '../words';

/** What a cloth is made of: the name of each fibre, and its share in percent. */
export interface Share {
  readonly name: string;
  readonly pct: number;
}

/** Short signs of fibres, as suppliers write them on care labels and delivery notes. DIN 60001-4, from memory. */
const SIGNS: Readonly<Record<string, string>> = {
  wo: 'wool',
  wv: 'virgin wool',
  ws: 'cashmere',
  wm: 'mohair',
  wa: 'angora',
  wp: 'alpaca',
  wk: 'camel hair',
  wy: 'yak',
  se: 'silk',
  st: 'tussah silk',
  co: 'cotton',
  li: 'linen',
  ha: 'hemp',
  ju: 'jute',
  ra: 'ramie',
  cv: 'viscose',
  cmd: 'modal',
  cly: 'lyocell',
  cu: 'cupro',
  ca: 'acetate',
  cta: 'triacetate',
  pes: 'polyester',
  pl: 'polyester',
  pa: 'polyamide',
  pan: 'acrylic',
  pc: 'acrylic',
  pu: 'polyurethane',
  pur: 'polyurethane',
  pp: 'polypropylene',
  ea: 'elastane',
  el: 'elastane',
  ed: 'elastodiene',
  la: 'rubber',
  me: 'metallised fibre',
};
const sign = lookup(SIGNS);
const signOf = (name: string): string | undefined => sign(name.trim().toLowerCase());
/** A name as it was written, or what a short sign stands for. */
const named = (name: string): string => signOf(name) ?? name.trim();

const NUMBER = '\\d{1,3}(?:[.,]\\d+)?';
const BEFORE = new RegExp(`^\\s*(${NUMBER})\\s*%?\\s*(.*\\p{L}.*?)\\s*$`, 'u');
const BEHIND = new RegExp(`^\\s*(.*\\p{L}.*?)\\s*:?\\s*(${NUMBER})\\s*%?\\s*$`, 'u');

/** Signs between two fibres; in "33,3" the comma is none. */
const BETWEEN = /[\n/+&]|\s+and\s+|(?<=[\p{L})%])\s*,|,(?=\s|\p{L})/u;
/** A number that stands alone, and so is a share: "316L" has none. */
const ALONE = new RegExp(`(?<![\\p{L}\\d.,])${NUMBER}(?:\\s*%|(?![\\p{L}\\d]))`, 'gu');

/** "97% cotton 3% elastane", "wool 80 nylon 20": a piece of text parted before or behind each share in it. */
function parted(text: string): string[] {
  const shares = [...text.matchAll(ALONE)];
  if (shares.length < 2) return [text];
  const isBefore = /^\s*\d/.test(text);
  const cuts = shares.map(({ index, 0: share }) => (isBefore ? index : index + share.length));
  const edges = isBefore ? [...cuts, text.length] : [0, ...cuts];
  return edges.slice(1).map((to, i) => text.slice(edges[i], to));
}

const shareOf = (text: string): number => Number(text.replace(',', '.'));

function partOf(text: string): { readonly name: string; readonly pct?: number } {
  const before = BEFORE.exec(text);
  if (before?.[1]) return { pct: shareOf(before[1]), name: named(before[2] ?? '') };
  const behind = BEHIND.exec(text);
  return behind?.[2] ? { pct: shareOf(behind[2]), name: named(behind[1] ?? '') } : { name: named(text) };
}

/** True for a text of short signs and shares alone: "WO 70 PA 30". */
export function isInSigns(text: string): boolean {
  const names = text.match(/\p{L}+/gu) ?? [];
  return /\d/.test(text) && names.length > 0 && names.every((name) => signOf(name) !== undefined);
}

/**
 * What a cloth is made of, as people and tills write it: "80 wool; 20 nylon", "80% wool, 20% nylon", "Wool 80 Nylon 20", "WO 70
 * PA 30", "cotton". Where nobody said a share, what is left is shared out evenly, in whole percent, and is never nothing: what
 * is named is there.
 */
export function compositionOf(text: string): Share[] {
  // Our own cells part fibres by this alone: a name keeps whatever else is in it.
  const own = text.split(/[;|]/);
  const parts = (own.length > 1 ? own : text.split(BETWEEN).flatMap(parted))
    .filter((part) => part.trim() !== '')
    .map(partOf);
  const silent = parts.filter(({ pct }) => pct === undefined).length;
  const left = Math.max(silent, 100 - parts.reduce((sum, { pct = 0 }) => sum + pct, 0));
  let nth = 0;
  return parts.map(({ name, pct }) => ({
    name,
    pct: pct ?? Math.floor(left / silent) + (nth++ < Math.floor(left) % silent ? 1 : 0),
  }));
}
