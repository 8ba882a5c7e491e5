export {
  type Chance,
  CHANCE_FEATURES,
  CHANCE_LEAST,
  type ChanceCase,
  type ChanceFeature,
  chanceModel,
  type ChanceModel,
  chanceWords,
  type DecidedCase,
  featureWords,
  type Reliability,
} from './chance';
export { betaBelow, betaQuantile } from './beta';
export { type Kept, keepRate, type KeepRate, type Prior, priorOf } from './keep-rate';

/** What decisions may be sorted by. */
export const LEDGER_BY = [
  'kind',
  'label',
  'size',
  'price',
  'colour',
  'cut',
  'occasion',
  'client',
  'stylist',
  'month',
  'year',
] as const;
export type LedgerBy = (typeof LEDGER_BY)[number];

/** What asks that were not met may be sorted by. */
export const UNMET_BY = ['words', 'kind', 'colour', 'size', 'price'] as const;
export type UnmetBy = (typeof UNMET_BY)[number];

/** Lower ends of the price bands, minor units; below the first is a band too. */
export const PRICE_BANDS = [3000, 6000, 10_000, 15_000, 25_000] as const;
