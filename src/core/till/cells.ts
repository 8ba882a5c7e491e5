import { currencyNamed } from '../reading';
import { isEan13 } from '../stock';
import { compositionOf, type Share } from '../substances';

/**
 * Minor units of a price as tills write it ("€ 149,00", "1.149,-", "149 EUR", "1'149.00"); `other` when it stands in another
 * currency than the shop's, undefined when it is no price.
 */
export function priceOf(cell: string, currency: string, decimals: number): number | 'other' | undefined {
  const sign = /[€£$¥]|[a-z]{2,4}/i.exec(cell)?.[0];
  if (sign) {
    const named = currencyNamed(sign.toLowerCase());
    if (!named) return undefined;
    if (named !== currency) return 'other';
  }
  const plain = cell
    .replace(/[€£$¥]|[a-z]{2,4}\.?/gi, '')
    .replace(/[\s'’\u00a0\u202f]/g, '')
    .replace(/[.,](?:-|–|—)+$/, '');
  if (!/^\d[\d.,]*$/.test(plain)) return undefined;
  const last = /[.,](\d+)$/.exec(plain);
  // What stands behind the last sign is cents, but for three figures: those are thousands, "1.149".
  const hasCents = last?.[1] !== undefined && last[1].length <= Math.max(decimals, 2) && last[1].length !== 3;
  const cents = hasCents ? (last[1] ?? '') : '';
  const whole = (hasCents ? plain.slice(0, last.index) : plain).replace(/[.,]/g, '');
  if (whole.length > 9 || (decimals === 0 && Number(cents) > 0)) return undefined;
  return Number(whole) * 10 ** decimals + (decimals === 0 ? 0 : Number(cents.padEnd(decimals, '0') || 0));
}

/** A count: "3", "3.0", "3,00", "3 pcs"; `below` when it stands under nothing, undefined when it is none. */
export function countOf(cell: string): number | 'below' | undefined {
  const found = /^\s*(-?)(\d{1,6})(?:[.,]0+)?\s*(?:pcs?|st(?:ü|ue)?c?k?|pz|uds?|x|units?)?\.?\s*$/i.exec(
    cell,
  );
  if (!found) return undefined;
  return found[1] && Number(found[2]) > 0 ? 'below' : Number(found[2]);
}

/** A barcode cell: an EAN-13 (or a UPC, which is one without its leading zero), `lost`, `odd`, or nothing. */
export function barcodeOf(cell: string): { readonly ean?: string; readonly fault?: 'lost' | 'odd' } {
  const plain = cell.replace(/^'/, '').replace(/[\s-]/g, '').replace(/\.0+$/, '');
  if (plain === '' || /^0+$/.test(plain)) return {};
  // A spreadsheet wrote it as a rounded number; the figures behind the first few are gone.
  if (/^\d(?:[.,]\d+)?E\+?\d+$/i.test(plain)) return { fault: 'lost' };
  const whole = plain.length === 12 ? `0${plain}` : plain;
  return isEan13(whole) ? { ean: whole } : { fault: 'odd' };
}

const LETTER_SIZES = ['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', 'XXXL', '3XL', '4XL', '5XL'];
const WAIST_AND_LEG = /^W?\d{2}\s*\/\s*L?\d{2}$/i;
/** Sizes of one run at most. */
const MOST_SIZES = 24;

/**
 * The sizes of a cell: "S,M,L", "UK 10/12/14", "36 38 40", "8 to 16", "36–42 (2)"; one that means one, as "W32/L34", "S/M" or
 * "one size", comes back alone. A system that is named once holds for all.
 */
export function sizesIn(cell: string): string[] {
  const text = cell.trim();
  if (text === '' || WAIST_AND_LEG.test(text)) return text ? [text] : [];
  const system = /^(UK|US|EU|FR|IT|DE)\b\.?\s*/i.exec(text);
  const rest = text.slice(system?.[0].length ?? 0);
  const named = (size: string): string => (system ? `${system[1]?.toUpperCase() ?? ''} ${size}` : size);
  const run = /^(\d{1,2}|[X]{0,3}[SML]L?)\s*(?:-|–|—|to|bis|à|a)\s*(\d{1,2}|[X]{0,3}[SML]L?)$/i.exec(rest);
  if (run) return between(run[1] ?? '', run[2] ?? '').map(named);
  const commas = rest.split(/\s*[,;|]\s*/).filter(Boolean);
  if (commas.length > 1 && commas.every((part) => part.length <= 8)) return most(commas.map(named));
  const slashes = rest.split(/\s*\/\s*/).filter(Boolean);
  // Two with a slash between are one double size on a label, "S/M"; three are a list.
  if (slashes.length > 2) return most(slashes.map(named));
  const spaces = rest.split(/\s+/);
  if (spaces.length > 1 && spaces.every((part) => /^\d{1,2}(?:[.,]5)?$/.test(part) || isLetterSize(part)))
    return most(spaces.map(named));
  return [text];
}

const isLetterSize = (text: string): boolean => LETTER_SIZES.includes(text.toUpperCase());
const most = (sizes: readonly string[]): string[] => [...new Set(sizes)].slice(0, MOST_SIZES);

/** From one size to another: even numbers by twos, odd and even ones by ones, letters in their order. */
function between(from: string, to: string): string[] {
  const [a, b] = [LETTER_SIZES.indexOf(from.toUpperCase()), LETTER_SIZES.indexOf(to.toUpperCase())];
  if (a >= 0 && b > a) return LETTER_SIZES.slice(a, b + 1);
  const [low, high] = [Number(from), Number(to)];
  if (!(high > low) || high - low > 2 * MOST_SIZES) return [`${from}-${to}`];
  // Shoes go up by whole sizes: "36 to 41"; clothes by twos: "36 to 42".
  const step = low % 2 === 0 && high % 2 === 0 ? 2 : 1;
  return most(Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => String(low + i * step)));
}

/** Fibres of a cell in English words, in small letters; how they were grown says nothing of what they are. */
export const fibresOf = (text: string): Share[] =>
  compositionOf(text).map(({ name, pct }) => ({
    pct,
    name: name.toLowerCase().replace(/^(?:organic|bio)\s+/, ''),
  }));
