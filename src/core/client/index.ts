export { type Address, addressLines, readAddress } from './address';
export { CONSENT_WAYS, CONSENT_WORDS, type ConsentAbout, CONSENTS, type ConsentWay } from './consent';
export { type ClientFact, clientFacts } from './in-a-line';
export { type Learned, learnedWords } from './learned';
export {
  HOUSE_SCHOOLS,
  type Limits,
  NOBODY,
  type Profile,
  type Schools,
  schoolsFor,
  type SettledSchools,
} from './profile';
