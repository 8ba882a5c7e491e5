export { type BoxFinding, type BoxInput, type BoxRule } from './box-rule';
export { BOX_RULES, boxSentence, boxSpeaker, judgeBox } from './judge-box';
export { type Opened, Reach } from './reach';
