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
export { labelFit } from './by-label';
export {
  chooseSize,
  type Choosing,
  fitOf,
  inSize,
  type OfferFit,
  type SizeChoice,
  type SizeOffer,
  workaroundOf,
} from './choose';
export { type FitEffect, type SizesForEffect, sizesForEffect } from './effect';
export { FIT_POINTS, type FitPoint, hangsBy, isCutToBody, type LabelPoint } from './ease';
export { asFit, type Fit, type FitVerdict, wearable, type Workaround } from './fit';
export { type FitMark, fitMarks } from './marks';
export { type PointFit, type SizeFit, sizeFit } from './size';
export {
  isOneSize,
  readSize,
  SIZE_SYSTEMS,
  type SizeContext,
  type SizeMeaning,
  sizePhrase,
  type SizeSystem,
} from './sizes';
export { fitForClient, fitInShort, fitWords, pointWords, verdictWords, workaroundWords } from './words';
export { type LabelOffset, offsetWords } from './label-offset';
