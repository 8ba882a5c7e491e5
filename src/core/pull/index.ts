export {
  type Alternatives,
  alternativesTo,
  AXIS_WORDS,
  type Objection,
  objectionsTo,
  type Swap,
} from './alternatives';
export { answersAsk, isAsColoured, isInColour, isOtherRail, nearestTo, refusedByAsk } from './ask';
export {
  CRITERIA,
  CRITERION_WORDS,
  type Criterion,
  mayServe,
  type PastLine,
  type PullSettings,
  USUAL_PULL_WEIGHTS,
} from './criteria';
export { type Shared, sharedBy } from './shared';
export { type Candidate, rankPull, type Ranked, type RankSetting, type Reason } from './rank';
