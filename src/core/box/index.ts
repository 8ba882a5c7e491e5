export { type Ask, type CarriedAsk, carriedAsks, needsNoIron, readAsk } from './asks';
export * from './decision';
export * from './life';
