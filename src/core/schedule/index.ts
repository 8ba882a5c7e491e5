export * from './due';
export { type DeskAction, deskActions, type DeskBox, type Urgency } from './desk';
