export { type BeneathLine, beneathOf } from './beneath';
export { draftLetter, fitForClient, type LetterDraft, type LetterInput, type PieceNote } from './draft';
