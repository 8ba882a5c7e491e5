import type { Rule } from './rule';

/** Declares a rule; keeps the names of its thresholds checked inside and plain outside. */
export const defineRule = <N extends string>(rule: Rule<N>): Rule => rule as unknown as Rule;
