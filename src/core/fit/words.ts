import { capital, HOUSE_TONGUE, lengthIn, MM_PER_INCH, type Tongue } from '../words';
import type { Fit, FitVerdict, Workaround } from './fit';
import type { PointFit } from './size';
import { isOneSize } from './sizes';

const plain = (mm: number): string => (mm >= 0 ? `${mm}` : `−${Math.abs(mm)}`);
const signed = (mm: number): string => (mm >= 0 ? `+${mm}` : plain(mm));
/** Ease is finer than a hem: millimetres, or eighths of an inch. */
const easeIn = (mm: number, { units }: Tongue): number =>
  units === 'cm' ? mm : Math.round((mm / MM_PER_INCH) * 8) / 8;

/** "+6 mm; 20 to 120 wanted": the ease at a point, and what is wanted there. */
export const easeWords = (
  { easeMm, wantedMm: [least, most] }: Pick<PointFit, 'easeMm' | 'wantedMm'>,
  tongue: Tongue = HOUSE_TONGUE,
): string => {
  const unit = tongue.units === 'cm' ? 'mm' : 'in';
  return `${signed(easeIn(easeMm, tongue))} ${unit}; ${plain(easeIn(least, tongue))} to ${plain(easeIn(most, tongue))} wanted`;
};

/** A point's verdict as one says it: a sleeve is too short, not too small. */
export const pointWords = ({ point, verdict }: Pick<Fit, 'point' | 'verdict'>): string =>
  point === 'sleeve' || point === 'length'
    ? verdict.replace('too small', 'too short').replace('too big', 'too long')
    : verdict;

/** "this label runs small by a third of a size, from 4 decisions". */
const offsetWords = ({ steps, count }: { readonly steps: number; readonly count: number }): string =>
  `this label runs ${steps < 0 ? 'small' : 'large'} by ${Math.abs(steps).toFixed(1)} of a size, from ${count} ${count === 1 ? 'decision' : 'decisions'}`;

const UNMEASURED = 'Fit not measured';

/** How a size fits, in a line: "Close at the hip (+6 mm; 20 to 120 wanted)". */
export function verdictWords(fit: Fit, tongue: Tongue = HOUSE_TONGUE): string {
  const { point, easeMm, wantedMm, meantMm, chart, learned, size } = fit;
  if (point === undefined) return isOneSize(size) ? 'One size' : UNMEASURED;
  const label = learned ? `; ${offsetWords(learned)}` : '';
  if (easeMm !== undefined && wantedMm)
    return `${capital(pointWords(fit))} at the ${point} (${easeWords({ easeMm, wantedMm }, tongue)}${label})`;
  const meant = meantMm
    ? `: ${size} is for a ${point} of ${lengthIn(meantMm[0], tongue)} to ${lengthIn(meantMm[1], tongue)}`
    : '';
  return `${capital(pointWords(fit))} by ${chart ?? 'its label'}${meant}${label}`;
}

const WORKS: Readonly<Record<Workaround, string>> = {
  insole: 'An insole or a heel strip takes up the room.',
  'hat strip': 'A sizer strip takes up the room.',
  'roll the sleeves': 'Roll the sleeves, or have them shortened.',
  'belt notch': 'One more notch of a belt takes it in.',
  'take in the waist': 'It can be taken in at the waist.',
  'belt or open layer': 'A belt or an open layer takes up the room.',
  'take in': 'It can be taken in.',
  'worn open': 'Worn open, or with nothing beneath, it works.',
  'as it is': 'It can be worn, and sits close.',
  none: 'Nothing makes this one work.',
};
export const workaroundWords = (works: Workaround): string => WORKS[works];

const CHOSEN: Readonly<Record<'gives' | 'runs large' | 'to layer', string>> = {
  gives: 'the smaller was chosen, as the cloth gives',
  'runs large': 'the smaller was chosen, as the label runs large',
  'to layer': 'the larger was chosen, to leave room for a layer',
};

function betweenWords({ between }: Fit): string {
  if (!between?.took || !between.why) return '';
  const [smaller, larger] = between.sizes;
  const other = between.took === 'smaller' ? larger : smaller;
  const sits = between.took === 'smaller' ? 'too close' : 'too wide';
  return `Between ${smaller} and ${larger} ${CHOSEN[between.why]}; try ${other} if it sits ${sits}.`;
}

const ON_PURPOSE = {
  closer: 'A size smaller on purpose, to sit closer',
  looser: 'A size larger on purpose, to hang looser',
} as const;

const sentences = (...said: readonly string[]): string =>
  said
    .filter(Boolean)
    .map((one) => (one.endsWith('.') ? one : `${one}.`))
    .join(' ');

/** A verdict with what was decided between two sizes and what makes this one work. */
function decided(verdict: string, fit: Fit): string {
  const { instead } = fit;
  const gone = instead ? `Size ${instead.size} would fit and is gone. ${workaroundWords(instead.works)}` : '';
  const between = betweenWords(fit);
  const effect = fit.effect ? ON_PURPOSE[fit.effect] : '';
  return effect || between || gone ? sentences(effect, verdict, between, gone) : verdict;
}

/** A fit as a stylist reads it: how it sits, what was decided between two sizes, what makes it work. */
export const fitWords = (fit: Fit, tongue: Tongue = HOUSE_TONGUE): string =>
  decided(verdictWords(fit, tongue), fit);

/** The same without its numbers, for a list: "Right at the bust". */
export function fitInShort(fit: Fit, tongue: Tongue = HOUSE_TONGUE): string {
  const { point, easeMm, chart } = fit;
  if (point === undefined) return decided(verdictWords(fit, tongue), fit);
  const by = easeMm === undefined ? `by ${chart ?? 'its label'}` : `at the ${point}`;
  return decided(`${capital(pointWords(fit))} ${by}`, fit);
}

const SITS: Readonly<Record<FitVerdict, string>> = {
  right: 'should fit you well',
  close: 'will sit a little close',
  roomy: 'will sit a little loose',
  'too small': 'will be too small',
  'too big': 'will be too big',
};

/**
 * A fit as one says it to whoever will wear it: no millimetres, nothing where nothing was compared; why one of two sizes
 * was chosen and which to try, and what makes a size work.
 */
export function fitForClient(fit: Fit | null, size: string): string {
  if (isOneSize(size)) return 'One size.';
  if (fit?.effect === 'closer') return `The ${size} is a size smaller on purpose: it is to sit close.`;
  if (fit?.effect === 'looser') return `The ${size} is a size larger on purpose: it is to hang loose.`;
  if (!fit || fit.point === undefined) return `Size ${size}.`;
  const { verdict, point } = fit;
  const isLong = point === 'sleeve' || point === 'length';
  const sits = isLong
    ? SITS[verdict].replace('too small', 'too short').replace('too big', 'too long')
    : SITS[verdict];
  const where = verdict === 'right' ? '' : ` at the ${point}`;
  const works = fit.instead && fit.instead.works !== 'none' ? workaroundWords(fit.instead.works) : '';
  return sentences(`The ${size} ${sits}${where}`, betweenWords(fit), works);
}
