export type { DecidedPiece } from './decided';
export { type FitDecision, labelOffset, saysSize } from './label-offset';
export {
  applied,
  PROPOSAL_ANSWERS,
  type Proposal,
  type ProposalAnswer,
  type ProposalChange,
  proposalsFrom,
  type Taught,
} from './proposals';
export { evidenceWords, proposalWords } from './proposal-words';
