export { bestWays } from './best-way';
export { LookPool, type PoolVerdict } from './pool/pool';
export { HOUSE_SCHOOLS, type Limits, NOBODY, type Profile, type Schools, schoolsFor } from './client';
export { completeness } from './complete';
export { aboutOf, judge, mayOverrule, MOST_PIECES, type Overrule, type Verdict } from './judge';
export { applyMend, findingKey, type Mend, mendsFor, type MendInput } from './mends';
export { BLANK_OCCASION, type Budget, type Occasion } from './occasion';
export {
  atStage,
  OCCASION_TEMPLATES,
  type OccasionTemplate,
  repeatDays,
  type Stage,
} from './occasion-templates';
export { sceneOf, type Setting } from './scene';
export { type Finding, type FacetScore, pointsOf, type Score, scoreOf } from './score';
export { SCHOOLS_WHY } from './schools-why';
