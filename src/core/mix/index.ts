export { type MixInput, type MixLook, mixOf, type MixSheet, type PieceReach, reachIn, sharedIn } from './mix';
export { looksApart } from './apart';
