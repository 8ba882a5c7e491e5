export { BOX_RULES, type BoxFinding, type BoxInput, type BoxRule, judgeBox } from './box-rules';
export { GOOD_LOOK, Reach } from './reach';
