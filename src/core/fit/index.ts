export {
  type Alteration,
  ALTERATION_JOBS,
  ALTERATION_USUAL,
  ALTERATION_WORDS,
  alterationFault,
  alterationWords,
  type AlterationJob,
  altered,
  jobsFor,
  suggestedAlterations,
} from './alteration';
export { chartFit, LETTER_CHART } from './chart';
export {
  chooseSize,
  choiceWords,
  fitOf,
  makesItWork,
  type OfferFit,
  type SizeChoice,
  type SizeOffer,
  wearable,
} from './choose';
export { FIT_POINTS, type FitPoint, hangsBy, SIZE_STEP, wantedEase } from './ease';
export { type FitMark, fitMarks } from './marks';
export { euShoeSize, hatFit, hatSize, shoeFit, ukShoeSize, usShoeSize } from './shoes';
export {
  type FitVerdict,
  fitWords,
  offsetWords,
  type PointFit,
  pointWords,
  type SizeFit,
  sizeFit,
} from './size';
export type { LabelOffset } from './label-offset';
