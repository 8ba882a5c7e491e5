export { type FitDecision, type LabelOffset, labelOffset, saysSize } from './label-offset';
