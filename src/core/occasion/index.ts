export { BLANK_OCCASION, type Budget, type Occasion } from './occasion';
export { OCCASION_TEMPLATES, type OccasionTemplate, repeatDays } from './templates';
