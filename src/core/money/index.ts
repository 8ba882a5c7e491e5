export { CARD_OPEN, CARD_STATES, type CardState, cardNext, cardStopped, isCardOpen } from './card';
export { type Credit, creditOf, type SettledLine } from './credit';
export { amountText, decimalsOf, money, parseMoney } from './format';
export { type Paid, type RefundPart, refundParts } from './refund';
export { payByVoucher, readVoucherCode, VOUCHER_CAUSES, type VoucherCause, voucherCode } from './voucher';
export { chargedWords, PAY_WAYS, PAY_WORDS, paidWords, type PayWay } from './ways';
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
  termsOn,
  type Promotion,
  type Rounding,
  roundMinor,
  spread,
} from './totals';
