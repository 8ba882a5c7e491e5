export { type Rail, railOf } from './looks';
export { type LookFacts, lookDistance } from './distance';
export { type Way, type Ways, type WaysInput, waysOf, WITHIN } from './ways';
export { wayWords } from './says';
