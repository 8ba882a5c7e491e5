export * from './rank';
