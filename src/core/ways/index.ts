export { type Rail, railOf } from './looks';
export { factsOf, type LookFacts, lookDistance } from './distance';
export { type Way, type Ways, type WaysInput, waysOf, WITHIN } from './ways';
export { wayWords } from './says';
export {
  type Carried,
  carriedFor,
  carriedWords,
  type Change,
  type Turn,
  type TurnInput,
  turnsOf,
  turnWords,
} from './turn';
