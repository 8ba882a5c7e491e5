export { airLayer, CLOTHES_MOST_CLO, minutesWarm, requiredClo } from './cold';
export { ensembleClo } from './ensemble';
export { heatIndex } from './heat-index';
export { type Climate, holdsPmv, pmv } from './pmv';
