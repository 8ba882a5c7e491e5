export type { Candidate, PlanAsk, PlanProblem } from './problem';
export { type PlanLook } from './enumerate';
export { modelOf, type PlanModel, worthOf, wrongsOf } from './model';
export { conflictOf, type Must, mustsOf } from './conflict';
export { type LinearModel, linearOf, linearOfAll, type ModelSize } from './linear';
export { search } from './search';
export { type Plan, planOf } from './plan';
export { FAIR_SHARE, type PlansTogether, planTogether } from './together';
export { gramsOf, type Luggage, packFor, type TravelPlan } from './travel';
