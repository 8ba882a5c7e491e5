export { cardOf, type CardColour } from './colour-card';
export { readList, type Guess, type ReadLine } from './read-list';
export { STAPLES } from './staples';
export { isTwin, twinsIn } from './twins';
