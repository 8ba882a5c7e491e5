export { PROPOSED_FROM, type TrialProposal, trialProposals } from './propose';
export {
  type Fares,
  type Replay,
  replay,
  type RuleRecord,
  ruleRecord,
  type RuleVerdict,
  sceneOfTried,
  speaksAgainst,
  spokenOf,
  type TriedLook,
  type TriedScene,
} from './trial';
