export { type Rail, railOf } from './looks';
export { type LookFacts, lookDistance, PARTS as DISTANCE_PARTS } from './distance';
export { type Way, type Ways, type WaysInput, waysOf, WITHIN } from './ways';
export { wayWords } from './says';
