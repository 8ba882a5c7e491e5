export { type Ask, type CarriedAsk, carriedAsks, kindsWanted, readAsk } from './asks';
export { type AskPart, askParts, careWords, lineWords } from './parts';
export { countOfLine, type ReadLine, readList } from './lines';
export { lengthWordOf, pieceOfReading } from './pieces';
export { read, type ReadOptions } from './read';
export {
  CARE_WORDS,
  type CareWord,
  type Join,
  type LengthWord,
  LENGTHS as LENGTH_WORDS,
  type NamedColour,
  READ_AS,
  type ReadAs,
  type Reading,
  type SizeWords,
} from './reading';
export { currencyNamed, lengthAt } from './numbers';
export { fold } from './tokens';
export { zonesNamed } from './zones';
export { heightDoubtIn, type LengthAsk, lengthText, notALength, readLength } from './length';
