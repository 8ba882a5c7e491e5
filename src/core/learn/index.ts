export { type FitDecision, labelOffset, saysSize } from './label-offset';
