import type { Mend } from '../look';
import type { Occasion } from '../occasion';
import type { Category, Measures, Piece } from '../piece';
import type { Candidate } from '../pull';
import type { Fit, SizeContext } from '../fit';
import { type Facet, FACETS, type Finding, type Settings } from '../rules';
import type { Profile, Schools } from '../client';

/** What is practised. */
export const EXERCISE_KINDS = [
  'which',
  'clash',
  'mend',
  'whites',
  'heel',
  'size',
  'finish',
  'ways',
  'wish',
  'budget',
] as const;
export type ExerciseKind = (typeof EXERCISE_KINDS)[number];

/** What somebody gets better at: the facets of a look, the whole of it, and what a client wishes and spends. */
export const MATTERS = { ...FACETS, L: 'The whole look', A: 'Wishes and money' } as const;
export type Matter = keyof typeof MATTERS;

/** How near a wrong answer is to the right one: from far apart to close by. */
export const LEVELS = [1, 2, 3] as const;
export type Level = (typeof LEVELS)[number];

/** One thing that can be practised: a kind of exercise on one matter. */
export interface Skill {
  readonly kind: ExerciseKind;
  readonly matter: Matter;
}

/** Something to choose. */
export type Option =
  | { readonly is: 'look'; readonly pieces: readonly Piece[] }
  | { readonly is: 'piece'; readonly piece: Piece }
  | { readonly is: 'mend'; readonly mend: Mend; readonly piece?: Piece | undefined }
  | { readonly is: 'size'; readonly size: string; readonly measures: Measures };

/** How an exercise is answered: one option, one of the pieces meant, exactly these, or looks made of the options. */
export type Choosing = 'one' | 'any of' | 'all of' | 'looks';

/** An exercise as whoever practises sees it: nothing of its answer. Lengths in mm, money in minor units. */
export interface Exercise extends Skill {
  readonly level: Level;
  /** For whom: somebody invented, with a figure and now and then something to keep to. */
  readonly client: Profile;
  readonly occasion?: Occasion | undefined;
  /** Worn, where a look is shown. */
  readonly look: readonly Piece[];
  readonly options: readonly Option[];
  readonly choosing: Choosing;
  /** Asked as well: which of these facets tells it. */
  readonly why?: readonly Facet[] | undefined;
  /** In a client's own words. */
  readonly wish?: string | undefined;
  /** Kinds that are asked for, one piece each. */
  readonly asks?: readonly Category[] | undefined;
  readonly limitMinor?: number | undefined;
  /** Around which looks are made, by its id. */
  readonly around?: string | undefined;
}

/** True when two exercises show the same: whoever was wrong is asked of other pieces. */
export const showsTheSame = (a: Exercise, b: Exercise): boolean => shownBy(a) === shownBy(b);

const shownBy = ({ look, options }: Exercise): string =>
  JSON.stringify([look, options.map((option) => JSON.stringify(option)).sort()]);

/** What of a wish a piece misses. */
export type WishMiss = 'kind' | 'colour' | 'price' | 'not wanted';

/** What is right, and what the judge says of each option; kept apart from what is shown. */
export interface Key {
  /** Places of the options that are right. */
  readonly right: readonly number[];
  readonly why?: Facet | undefined;
  /** Looks that are right, as places of options, where looks are made. */
  readonly looks?: readonly (readonly number[])[] | undefined;
  /** By option: what is found that tells it, the strongest first. */
  readonly found: readonly (readonly Finding[])[];
  /** By option: how each size fits, where a size is chosen. */
  readonly fits?: readonly Fit[] | undefined;
  /** By option: what of a wish it misses, where a wish is read. */
  readonly misses?: readonly (readonly WishMiss[])[] | undefined;
  /** How far the right answer stands from the nearest wrong one, in the unit of its kind (`MARGIN`). */
  readonly margin: number;
}

export interface Made {
  readonly exercise: Exercise;
  readonly key: Key;
}

/** An exercise being made: whoever makes it may do something else at every step. */
export type Making = Generator<undefined, Made | undefined>;

/** How far right and wrong are apart at least, by level. Working values of the house, no source. */
const MARGIN = {
  /** Points of the score. */
  which: [20, 12, 8],
  clash: [12, 8, 4],
  mend: [12, 8, 4],
  finish: [24, 14, 8],
  /** ΔE off each bound. */
  whites: [3, 2, 1],
  /** mm that hem and leg may be off, and the answer stays. */
  heel: [4, 3, 2],
  /** mm that every girth may be off, and the size stays. */
  size: [8, 5, 3],
  /** Least distance of two looks (`lookDistance`). */
  ways: [0.15, 0.2, 0.25],
  /** ΔE of a colour that is not the one wished for. */
  wish: [30, 20, 14],
  /** Share of the budget. */
  budget: [0.08, 0.05, 0.025],
} as const satisfies Record<ExerciseKind, readonly [number, number, number]>;

export const marginOf = (kind: ExerciseKind, level: Level): number => MARGIN[kind][level - 1] as number;

/** What exercises are made of: the shop's stock and its own lights. */
export interface PracticeStock {
  readonly candidates: readonly Candidate[];
  readonly schools?: Schools | undefined;
  readonly settings?: Settings | undefined;
  readonly small?: SizeContext['small'];
}
