export {
  type Alternatives,
  alternativesTo,
  type Objection,
  objectionsTo,
  objectionWords,
  type Swap,
} from './alternatives';
export { answersAsk, answerTo, isAsColoured, isInColour, isOtherRail, otherRail, refusedByAsk } from './ask';
export {
  CRITERIA,
  CRITERION_WORDS,
  type Criterion,
  mayServe,
  type PullSettings,
  USUAL_PULL_WEIGHTS,
} from './criteria';
export { type ForClient, forHer, type ForHer, type ForWhy, forWhyWords, sizeForHer } from './for-whom';
export { leftOutWords, type WhyLeftOut } from './left-out';
export { reasonWords, type Said } from './reasons';
export { apartFrom, type Shared, sharedBy } from './shared';
export { type Candidate, rankPull, type Ranked, type RankSetting, type Reason } from './rank';
export { fastensToNothing } from './parts';
export { narrowRack, RACK_COLOURS, RACK_PLACES, type RackFilter, type RackPlace } from './narrow';
