export { money, parseMoney } from './format';
export {
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
