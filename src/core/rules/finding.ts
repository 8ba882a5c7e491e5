import { type Say, sayOf, type Speaker } from '../say';
import type { Zone } from '../piece';
import { capital, type CodedBy, type CodedWords, saidOf } from '../words';

export type Tone = 'works' | 'note' | 'fights' | 'blocks';

/** What a finding says besides whom it speaks of: numbers, ids and words of our data; never a sentence. */
export type Params = Readonly<Record<string, unknown>>;

export type Unit =
  | 'ΔE'
  | 'ΔL*'
  | '°'
  | 'mm'
  | 'share'
  | 'pieces'
  | 'points'
  | 'levels'
  | 'g'
  | 'clo'
  | 'PMV'
  | '°C'
  | '×'
  | 'money'
  | 'hours'
  | 'minutes'
  | 'looks';

/** The number behind a finding, and what it is held against: at most, at least, or between the two. */
export interface Measured {
  readonly value: number;
  readonly unit: Unit;
  readonly most?: number | undefined;
  readonly least?: number | undefined;
}

/** One statement of a rule: what was seen. `pieces` are ids, in the order the words name them. */
export interface Found {
  readonly code: string;
  readonly tone: Tone;
  readonly pieces: readonly string[];
  readonly params?: Params | undefined;
  readonly measured?: Measured | undefined;
  readonly zone?: Zone | undefined;
  readonly cannotTell?: boolean | undefined;
}

export interface Finding extends Found {
  readonly rule: string;
}

/** How each code of a rule is said; every code has parameters of its own. */
export type Words = CodedWords<Say>;

/** What a rule with these words may find: a code of theirs, with the parameters its words want. */
export type FoundBy<W extends Words> = Omit<Found, 'code' | 'params'> & CodedBy<W>;

/** Declares the words of a rule; keeps what each code wants in the type. */
export const wording = <W extends Words>(words: W): W => words;

/** What a finding says, as a sentence for one reader. @throws RangeError for a code without words */
export const sentenceOf = (words: Words, found: Found, by: Speaker): string =>
  capital(saidOf(words, found, sayOf(by, found.pieces)));

const rounded = (value: number, digits: number): string => value.toFixed(digits).replace('-', '−');

function amount(value: number, unit: Unit): string {
  switch (unit) {
    case 'ΔE':
      return `ΔE ${rounded(value, 1)}`;
    case 'ΔL*':
      return `ΔL* ${rounded(value, 0)}`;
    case '°':
      return `${rounded(value, 0)}°`;
    case 'share':
      return `${rounded(value * 100, 0)} %`;
    case 'money':
      return rounded(value / 100, 2);
    case 'levels':
    case 'clo':
    case 'PMV':
    case '×':
      return `${unit === 'PMV' ? 'PMV ' : ''}${rounded(value, 1)}${unit === 'PMV' ? '' : unit === '×' ? ' ×' : ` ${unit}`}`;
    default:
      return `${rounded(value, 0)} ${unit}`;
  }
}

const bare = (value: number, unit: Unit): string =>
  amount(value, unit)
    .replace(/^(ΔE|ΔL\*|PMV) /, '')
    .trim();

/** "ΔE 5.2; up to 12": the number behind a finding with what it is held against; files and "why" show it. */
export function measuredWords({ value, unit, most, least }: Measured): string {
  const held =
    most !== undefined && least !== undefined
      ? `; ${bare(least, unit)} to ${bare(most, unit)}`
      : most !== undefined
        ? `; up to ${bare(most, unit)}`
        : least !== undefined
          ? `; at least ${bare(least, unit)}`
          : '';
  return amount(value, unit) + held;
}
