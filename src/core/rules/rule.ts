import { memo, memo2 } from '../memo';
import type { Budget, Occasion } from '../occasion';
import type { Profile, Schools } from '../client';
import type { GivenPiece, Worn } from '../piece';
import type { Found, Tone, Words } from './finding';
import type { Given, Reading } from './reads';
import type { Scene } from './scene';

export const FACETS = {
  C: 'Colour',
  N: 'Pattern',
  S: 'Surface',
  F: 'Focus',
  R: 'Formality',
  P: 'Proportion',
  K: 'Fit and cover',
  W: 'Weather',
  M: 'Ways of wearing',
  U: 'Use',
} as const;
export type Facet = keyof typeof FACETS;

export interface Threshold {
  readonly value: number;
  readonly unit: string;
  readonly says: string;
  readonly min: number;
  readonly max: number;
}

/** A look with one change that flips the verdict: a rule's tests and its entry in House rules. */
export interface Example {
  readonly title: string;
  readonly look: readonly GivenPiece[];
  readonly client?: Partial<Profile> | undefined;
  readonly occasion?: Partial<Occasion> | undefined;
  readonly schools?: Partial<Schools> | undefined;
  readonly budget?: Budget | undefined;
  /** The strongest tone expected; `silent` when the rule has nothing to say. */
  readonly expect: Tone | 'silent';
}

export interface Rule {
  readonly id: string;
  readonly facet: Facet;
  readonly title: string;
  /** The question the rule asks, as a stylist would. */
  readonly question: string;
  readonly thresholds: Readonly<Record<string, Threshold>>;
  /** Points per tone; `blocks` stops a look whatever its points. */
  readonly weight: Readonly<Record<'works' | 'note' | 'fights', number>>;
  /** False: a finding stands; one changes the client or the occasion instead. */
  readonly mayOverrule: boolean;
  readonly source: string;
  /** What it says of each code it finds. */
  readonly words: Words;
  readonly find: (scene: Scene, at: Readonly<Record<string, number>>) => readonly Found[];
  /** What `find` reads of a look, for judging many looks out of one pool; absent: everything. */
  readonly reads?: ((given: Given, at: Readonly<Record<string, number>>) => Reading) | undefined;
  /** Pairs: the second of each differs from the first by one change. */
  readonly examples: readonly (readonly [Example, Example])[];
}

export const USUAL_WEIGHT = { works: 2, note: -4, fights: -32 } as const;
/** Of a rule whose note names something a stylist would change before it goes out. */
export const TELLING_WEIGHT = { works: 2, note: -12, fights: -32 } as const;
export const COMMON_PRACTICE = 'Common practice, no source.';

/** A shop's own settings of a rule; under the letter of a facet, what it counts in the score of a look. */
export interface Tuning {
  /** Only of a facet: 1 is the usual. */
  readonly share?: number | undefined;
  readonly off?: boolean | undefined;
  readonly weight?: Partial<Rule['weight']> | undefined;
  readonly thresholds?: Readonly<Record<string, number>> | undefined;
}
export type Settings = Readonly<Record<string, Tuning>>;

/** What a shop may tune of a rule, whether it speaks of a look or of a box. */
type Tunable = Pick<Rule, 'thresholds'>;

const defaultsOf = memo((rule: Tunable): Record<string, number> =>
  Object.fromEntries(Object.entries(rule.thresholds).map(([name, { value }]) => [name, value])),
);

const tunedOf = memo2(
  (rule: Tunable, thresholds: NonNullable<Tuning['thresholds']>): Record<string, number> => ({
    ...defaultsOf(rule),
    ...thresholds,
  }),
);

/**
 * Thresholds in force: the rule's defaults with the shop's changes over them. One object for one tuning, so that
 * what a rule keeps by it is found again.
 */
export function thresholdsOf(rule: Tunable, tuning: Tuning | undefined): Record<string, number> {
  return tuning?.thresholds ? tunedOf(rule, tuning.thresholds) : defaultsOf(rule);
}

/** Ids of pieces, in the order the words name them. */
export const ids = (...pieces: readonly Worn[]): string[] => pieces.map(({ piece }) => piece.id);

/** A tuning without what is the rule's own default anyway; nothing where nothing is left of it. */
export function ownTuning(
  rule: Tunable,
  { off, thresholds = {}, weight, ...rest }: Tuning,
): Tuning | undefined {
  const own = Object.entries(thresholds).filter(([name, value]) => value !== rule.thresholds[name]?.value);
  const left: Tuning = {
    ...rest,
    ...(off ? { off } : {}),
    ...(own.length > 0 ? { thresholds: Object.fromEntries(own) } : {}),
    ...(weight && Object.keys(weight).length > 0 ? { weight } : {}),
  };
  return Object.keys(left).length > 0 ? left : undefined;
}
