import type { FoundBy, Words } from './finding';
import type { Given, Reading } from './reads';
import { COMMON_PRACTICE, type Rule, type Threshold, USUAL_WEIGHT } from './rule';
import type { Scene } from './scene';

/** Thresholds of a rule by their names. */
export type At<N extends string> = Readonly<Record<N, number>>;

/** A rule as its file states it: what most rules share may be left out. */
export interface RuleSpec<N extends string, W extends Words> extends Omit<
  Rule,
  'thresholds' | 'weight' | 'mayOverrule' | 'source' | 'words' | 'find' | 'reads'
> {
  readonly thresholds?: Readonly<Record<N, Threshold>>;
  /** Absent: the usual weight. */
  readonly weight?: Rule['weight'];
  /** Absent: true. */
  readonly mayOverrule?: boolean;
  /** Absent: common practice, no source. */
  readonly source?: string;
  readonly words: W;
  readonly find: (scene: Scene, at: At<N>) => readonly FoundBy<W>[];
  readonly reads?: (given: Given, at: At<N>) => Reading;
}

/** Declares a rule: the names of its thresholds and what its codes want are checked inside, plain outside. */
export const defineRule = <N extends string, W extends Words>(spec: RuleSpec<N, W>): Rule => ({
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  ...(spec as unknown as Omit<Rule, 'thresholds' | 'weight' | 'mayOverrule' | 'source'>),
});
