import type { Ask } from '../box';
import type { Profile, Schools } from '../client';
import type { Occasion } from '../occasion';
import type { Piece } from '../piece';
import type { Settings, Threshold, Tone } from '../rules';
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

export interface BoxFinding {
  readonly rule: string;
  readonly tone: Exclude<Tone, 'blocks'>;
  readonly pieces: readonly string[];
  readonly text: string;
  readonly measured?: string | undefined;
}
export type BoxSaid = Omit<BoxFinding, 'rule'>;

export interface Ground extends BoxInput {
  readonly reach: Reach;
  /** Looks counted for one occasion alone. */
  readonly reachAt: (occasion: Occasion) => Reach;
}

/** A rule that speaks of a box as a whole. */
export interface BoxRule<N extends string = string> {
  readonly id: string;
  readonly title: string;
  readonly question: string;
  readonly says: string;
  readonly thresholds: Readonly<Record<N, Threshold>>;
  readonly evaluate: (ground: Ground, at: Readonly<Record<N, number>>) => readonly BoxSaid[];
}

/** Declares a rule; keeps the names of its thresholds checked inside and plain outside. */
export const defineBoxRule = <N extends string>(rule: BoxRule<N>): BoxRule => rule as unknown as BoxRule;
