export { isOneSize, readSize, type SizeContext, sizePhrase } from './read-size';
export { type Interval, midOf, SIZE_SYSTEMS, type SizeMeaning, type SizeSystem } from './system';
