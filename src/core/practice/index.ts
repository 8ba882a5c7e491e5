export {
  EXERCISE_KINDS,
  type Exercise,
  type ExerciseKind,
  type Key,
  type Level,
  type Made,
  marginOf,
  type Matter,
  MATTERS,
  type Option,
  type PracticeStock,
  type Skill,
  showsTheSame,
} from './exercise';
export { answerFault, graded, type Graded, lookOf, type PracticeAnswer, type WayFault } from './grade';
export { makeExercise, makingOf, skillKey, SKILLS } from './make';
export { inTurn, type Known, levelOf, type MatterProgress, progressOf, type Try } from './turn';
export { WAYS } from './kinds/ways';
export {
  givenWords,
  KIND_WORDS,
  optionWords,
  piecesIn,
  questionWords,
  wayFaultWords,
  whyWords,
} from './words';
export { type OldBoxOutcome, oldBoxOutcome, type OldBoxPiece, type SentPiece } from './old-box';
