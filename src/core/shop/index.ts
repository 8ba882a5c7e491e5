export { type Begun, FIRST_STEP_WORDS, type FirstStep, type FirstStepId, firstSteps } from './first-steps';
export { OUTBOX_KINDS, type OutboxKind } from './outbox';
export {
  type LocationKind,
  LOCATION_KINDS,
  type Paper,
  PAPERS,
  type Role,
  ROLE_WORDS,
  ROLES,
  type Terminal,
  TERMINALS,
} from './roles';
