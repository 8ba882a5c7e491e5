export { type Credit, creditOf, type SettledLine } from './credit';
export { amountText, decimalsOf, money, parseMoney } from './format';
export { PAY_WAYS, PAY_WORDS, type PayWay } from './ways';
export {
  PROMOTION_KINDS,
  type PromotionKind,
  ROUNDINGS,
  type BoxTotal,
  boxTotal,
  type LineTotal,
  type Minor,
  type MoneyLine,
  type MoneyTerms,
  type Promotion,
  type Rounding,
  roundMinor,
  spread,
} from './totals';
