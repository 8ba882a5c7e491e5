export { type BeneathLine, beneathOf } from './beneath';
export { taughtIn } from './taught';
export { draftedWith, draftLetter, type Wordings } from './draft';
export type { LetterInput } from './input';
export {
  asDrafted,
  type JourneySheet,
  keysOf,
  type LetterDraft,
  type LineKey,
  lineIn,
  lineKey,
  type LookNote,
  moved,
  ownLines,
  type PieceNote,
  rewritten,
  withLook,
} from './letter';
export { lookPicture } from './picture';
export { possibleWays } from './possible';
export { redrafted } from './redraft';
export { insteadLine, type StandIn, standInsOf } from './stand-in';
export {
  LETTER_LENGTHS,
  type LetterStyle,
  type LetterVoice,
  PICTURES,
  type Tone,
  TONES,
  USUAL_STYLE,
  USUAL_VOICE,
} from './style';
