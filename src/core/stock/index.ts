export { eanCheckDigit, isEan13, shopEan } from './ean';
export {
  BY_HAND,
  type ByHand,
  type Cause,
  CAUSES,
  CAUSE_WORDS,
  countDifference,
  type Place,
  PLACES,
  PROPOSED,
  ROUTE,
} from './places';
export { runMeasures, sizesOf, sizeWords, styleIdOf, usualSku } from './size-run';
