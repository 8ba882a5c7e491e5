export { type BoxFinding, type BoxInput, type BoxRule } from './box-rule';
export { BOX_RULES, boxSentence, boxSpeaker, judgeBox } from './judge-box';
export { GOOD_LOOK, Reach } from './reach';
export { nextSeason } from './u8-season-bridge';
