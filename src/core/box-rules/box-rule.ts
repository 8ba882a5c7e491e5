import type { Ask } from '../reading';
import type { Profile, Schools } from '../client';
import type { Occasion } from '../occasion';
import type { Piece } from '../piece';
import type { Found, FoundBy, Settings, Threshold, Tone, Words } from '../rules';
import type { Reach } from './reach';

/** A box as a whole, with the closet it goes to. */
export interface BoxInput {
  readonly lines: readonly { readonly piece: Piece; readonly askId: string | null }[];
  readonly closet: readonly Piece[];
  /** Ids of pieces the client loves. */
  readonly loved: readonly string[];
  readonly asks: readonly { readonly id: string; readonly ask: Ask }[];
  readonly occasions: readonly { readonly id: string; readonly occasion: Occasion }[];
  /** Looks of the box, and for which occasion each is meant. */
  readonly looks: readonly { readonly occasionId: string | null; readonly pieces: readonly Piece[] }[];
  readonly client: Profile;
  readonly schools: Schools;
  readonly settings: Settings;
  /** What the stock has in the client's size of the kinds in the box; absent while it is looked for. */
  readonly stock?: readonly Piece[] | undefined;
}

type BoxTone = Exclude<Tone, 'blocks'>;

/** What a rule found of a box: data, put into words by `boxSentence`. */
export interface BoxFinding extends Found {
  readonly rule: string;
  readonly tone: BoxTone;
}
export type BoxFoundBy<W extends Words> = FoundBy<W> & { readonly tone: BoxTone };

export interface Ground extends BoxInput {
  readonly reach: Reach;
  /** Looks counted for one occasion alone. */
  readonly reachAt: (occasion: Occasion) => Reach;
}

/** A rule that speaks of a box as a whole. */
export interface BoxRule {
  readonly id: string;
  readonly title: string;
  readonly question: string;
  readonly says: string;
  readonly thresholds: Readonly<Record<string, Threshold>>;
  readonly words: Words;
  readonly find: (
    ground: Ground,
    at: Readonly<Record<string, number>>,
  ) => readonly (Found & { readonly tone: BoxTone })[];
}

interface BoxRuleSpec<N extends string, W extends Words> extends Omit<
  BoxRule,
  'thresholds' | 'words' | 'find'
> {
  readonly thresholds?: Readonly<Record<N, Threshold>>;
  readonly words: W;
  readonly find: (ground: Ground, at: Readonly<Record<N, number>>) => readonly BoxFoundBy<W>[];
}

/** Declares a rule: the names of its thresholds and what its codes want are checked inside, plain outside. */
export const defineBoxRule = <N extends string, W extends Words>(spec: BoxRuleSpec<N, W>): BoxRule => ({
  thresholds: {},
  ...(spec as unknown as Omit<BoxRule, 'thresholds'>),
});
