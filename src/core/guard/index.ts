export {
  baredBy,
  GUARD_CODES,
  type GuardCode,
  type GuardFinding,
  type GuardGround,
  guardPiece,
  isRefused,
  type Passed,
  unanswered,
} from './guard';
export { guardWords, packerWords } from './words';
export { allergyWords, uncheckedCode, uncheckedWords } from './unchecked';
