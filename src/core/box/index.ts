export * from './decision';
export * from './life';
