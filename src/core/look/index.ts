export { bestWays } from './best-way';
export { LookPool, type PoolVerdict } from './pool/pool';
export {
  aboutOf,
  isRight,
  judge,
  mayOverrule,
  MOST_PIECES,
  type Overrule,
  type Verdict,
  wrongsIn,
} from './judge';
export {
  applyMend,
  findingKey,
  type LookMend,
  lookMends,
  type Mend,
  mendKey,
  type MendInput,
  mendWords,
} from './mends';
export { type Keeping, keepsLook, oneOff } from './less';
export { atStage, judgeStages, piecesAt, type Stage, type StageOff, type StageVerdict } from './stages';
export { type FacetPair, sideBySide } from './side-by-side';
export { sceneOf, type Setting } from './scene';
export { type FacetScore, MOST_PRAISE, pointsOf, type Score, SCORED } from './score';
export { SCHOOLS_WHY } from './schools-why';
export { lookWords } from './said';
export { goesBest, inTheWay, putOn } from './put-on';
