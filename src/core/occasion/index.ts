export { BLANK_OCCASION, type Budget, EVERYDAY, type Occasion } from './occasion';
export { OCCASION_TEMPLATES, type OccasionTemplate, repeatDays } from './templates';
