import { heightDoubt } from '../figure';
import { type LengthUnit, MM_PER_INCH } from '../words';
import { bareAt, lengthAt } from './numbers';

/** A foot and what is over it: `5 ft 4`, `5'4"`, `5' 4 1/2`. */
const FEET = /^(\d{1,2})\s*(?:'|’|′|ft\.?|feet|foot)\s*(.*?)\s*(?:"|”|″|''|ins?\.?|inch(?:es)?)?$/iu;
/** A height without a unit that can only be metres, or only millimetres. */
const METRES = [1.2, 2.3] as const;
const MILLIMETRES = [1200, 2300] as const;

export interface LengthAsk {
  /** What a bare number counts. */
  readonly unit: LengthUnit;
  /** The height of a person: a bare 1.63 is metres, 1630 millimetres. */
  readonly isHeight?: boolean | undefined;
}

/**
 * Whole millimetres of a length as somebody writes it into a field: "163", "1.63 m", "5 ft 4", "15 1/4", "2 in". Undefined for
 * what is no length, and for nothing.
 */
export function readLength(text: string, { unit, isHeight = false }: LengthAsk): number | undefined {
  const plain = text.trim().replace(',', '.');
  if (plain === '') return undefined;
  const feet = FEET.exec(plain);
  if (feet) {
    const over = feet[2] === '' ? 0 : bareAt(feet[2] ?? '');
    return over === undefined || over >= 12
      ? undefined
      : Math.round((Number(feet[1]) * 12 + over) * MM_PER_INCH);
  }
  const said = lengthAt(plain);
  if (said) return said.length === plain.length ? said.value : undefined;
  const bare = bareAt(plain);
  if (bare === undefined) return undefined;
  if (isHeight && unit === 'cm' && bare >= METRES[0] && bare <= METRES[1]) return Math.round(bare * 1000);
  if (isHeight && bare >= MILLIMETRES[0] && bare <= MILLIMETRES[1]) return Math.round(bare);
  return Math.round(bare * (unit === 'cm' ? 10 : MM_PER_INCH));
}

/** What to say of a text that is no length. */
export const notALength = ({ unit, isHeight }: LengthAsk): string =>
  isHeight
    ? 'a height is wanted, as 163, 1.63 m or 5 ft 4'
    : unit === 'cm'
      ? 'a length is wanted, as 4.5, 45 mm or 2 in'
      : 'a length is wanted, as 1 3/4, 1.75 or 4 cm';

/** Says so when a bare height seems to have been typed in the other unit; undefined when it stands. */
export function heightDoubtIn(text: string, unit: LengthUnit): string | undefined {
  const bare = bareAt(text.trim().replace(',', '.'));
  const isPlain = readLength(text, { unit, isHeight: true }) === readLength(text, { unit });
  return bare === undefined || !isPlain ? undefined : heightDoubt(bare, unit);
}

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** A length as a field of a unit shows it: tenths of a centimetre, eighths of an inch; "162.5", "15¼". */
export function lengthText(mm: number, unit: LengthUnit): string {
  if (unit === 'cm') return String(Math.round(mm) / 10);
  const eighths = Math.round((mm / MM_PER_INCH) * 8);
  const [whole, part] = [Math.floor(eighths / 8), EIGHTHS[eighths % 8] ?? ''];
  return `${whole === 0 && part !== '' ? '' : whole}${part}`;
}
