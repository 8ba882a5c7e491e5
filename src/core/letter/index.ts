export { type BeneathLine, beneathOf } from './beneath';
export { broughtUp } from './merge';
export { draftLetter, fitForClient, type LetterDraft, type LetterInput, type PieceNote } from './draft';
