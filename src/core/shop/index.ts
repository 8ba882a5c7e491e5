export { OUTBOX_KINDS, type OutboxKind } from './outbox';
export { type LocationKind, LOCATION_KINDS, type Role, ROLE_WORDS, ROLES } from './roles';
