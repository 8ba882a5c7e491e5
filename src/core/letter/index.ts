export { type BeneathLine, beneathOf } from './beneath';
export { taughtIn } from './taught';
export { broughtUp } from './merge';
export { draftLetter, type JourneySheet, type LetterDraft, type LetterInput, type PieceNote } from './draft';
export { possibleWays } from './possible';
