export { PROPOSED_FROM, type TrialProposal, trialProposals } from './propose';
export {
  type Fares,
  isAgainst,
  type Replay,
  replay,
  type RuleRecord,
  ruleRecord,
  type RuleVerdict,
  sceneOfTried,
  speaksAgainst,
  type TriedLook,
  type TriedScene,
} from './trial';
