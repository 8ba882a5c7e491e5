import type { Body } from '../figure';
import { CATEGORY, type Category } from '../piece';
import { capital } from '../words';
import { hangsBy } from './ease';
import type { FitVerdict } from './size';

type Interval = readonly [from: number, below: number];
interface ChartRow {
  readonly bust: Interval;
  readonly waist: Interval;
  readonly hip: Interval;
}

/**
 * Body girths a letter size is meant for, mm: EN 13402-3, women, letter codes; the table was typed from memory, and
 * the hips of the two largest follow its steps.
 */
export const LETTER_CHART: Readonly<Record<string, ChartRow>> = {
  XS: { bust: [740, 820], waist: [580, 660], hip: [820, 900] },
  S: { bust: [820, 900], waist: [660, 740], hip: [900, 970] },
  M: { bust: [900, 980], waist: [740, 820], hip: [970, 1040] },
  L: { bust: [980, 1070], waist: [820, 910], hip: [1040, 1120] },
  XL: { bust: [1070, 1190], waist: [910, 1030], hip: [1120, 1230] },
  XXL: { bust: [1190, 1310], waist: [1030, 1150], hip: [1230, 1350] },
};

/** A body this far outside of an interval is between two sizes still. */
const NEAR = 20;

/**
 * How a size fits by the letter it bears, where nobody measured the garment: the body against the interval the letter
 * is meant for. Undefined for a size that is no letter, and for kinds that girths say nothing of.
 */
export function chartFit(
  category: Category,
  size: string,
  body: Body,
): { readonly verdict: FitVerdict; readonly fit: string; readonly off: number } | undefined {
  const row = LETTER_CHART[size.trim().toUpperCase()];
  const { shape } = CATEGORY[category];
  if (!row || (shape !== 'upper' && shape !== 'whole' && shape !== 'lower')) return undefined;
  const point = hangsBy(category);
  const [from, below] = row[point];
  const girth = body[point];
  const verdict = verdictOf(girth, from, below);
  return {
    verdict,
    fit: `${capital(verdict)} by the letter chart: ${size} is for a ${point} of ${from / 10} to ${below / 10} cm; the garment is not measured`,
    off: (from + below) / 2 - girth,
  };
}

function verdictOf(girth: number, from: number, below: number): FitVerdict {
  if (girth >= below + NEAR) return 'too small';
  if (girth >= below) return 'close';
  if (girth >= from) return 'right';
  return girth >= from - NEAR ? 'roomy' : 'too big';
}
