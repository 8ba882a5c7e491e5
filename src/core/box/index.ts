export * from './decision';
export * from './exchange';
export * from './life';
