export { type Ask, readAsk } from './asks';
export * from './life';
