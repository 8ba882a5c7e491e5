export { cardOf, type CardColour } from './colour-card';
export { nextStaple, STAPLE_NEAR } from './ladder';
export { STAPLES, staplesOf } from './staples';
export { cutsApart, isSister, isTwin, TWIN_DELTA_E, twinsIn } from './twins';
