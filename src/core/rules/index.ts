import { echo } from './colour/c1-echo';
import { nearMiss } from './colour/c2-near-miss';
import { allergy } from './cover/k5-allergy';
import { cover } from './cover/k1-cover';
import { limits } from './cover/k4-limits';
import { statements } from './focus/f1-budget';
import { band } from './formality/r1-band';
import { mix } from './pattern/n1-mix';
import type { Rule } from './rule';
import { price } from './use/u6-price';
import { possible } from './ways/m1-possible';
import { effect } from './ways/m2-effect';

/** Every rule in force. Adding one touches its file and this list. */
export const RULES: readonly Rule[] = [
  echo,
  nearMiss,
  mix,
  statements,
  band,
  cover,
  limits,
  allergy,
  possible,
  effect,
  price,
];

export * from './rule';
