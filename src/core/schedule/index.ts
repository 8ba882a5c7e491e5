export * from './due';
export { type DeskAction, deskActions, type DeskBox, type Urgency } from './desk';
export { clockWords, deedWords, deskWhatWords, stakeWords } from './desk-words';
export { KEPT_THINGS, keptUntil, type KeptThing, type Keeping } from './kept';
export { addMonths, dayAfter, type Pace, PACES, type Rhythm, rhythmWords } from './rhythm';
export { dayInWords } from './day-words';
export { reminderDue, type ReminderKind, reminderWords } from './reminder';
