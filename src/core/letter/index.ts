export { type BeneathLine, beneathOf } from './beneath';
export { draftLetter, type LetterDraft, type LetterInput, type PieceNote } from './draft';
