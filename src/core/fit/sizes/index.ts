export { isOneSize, readSize, type SizeContext } from './read-size';
export { type Interval, midOf, SIZE_SYSTEMS, type SizeMeaning, type SizeSystem } from './system';
