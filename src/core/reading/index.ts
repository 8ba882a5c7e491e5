export { read, type ReadOptions } from './read';
export {
  CARE_WORDS,
  type CareWord,
  type Join,
  type LengthWord,
  type NamedColour,
  READ_AS,
  type ReadAs,
  type Reading,
  type SizeWords,
} from './reading';
