import type { Profile } from '@core/client';
import type { Piece } from '@core/piece';
import { RULES, type Tuning } from '@core/rules';
import type { Fares, Replay, RuleRecord, TrialProposal } from '@core/trial';
import { z } from 'zod';
import { OWNER, STYLING, answers, defineCall } from '../call';
import { version } from '../fields';
import { ruleSettingsSchema } from '../rule-settings';
import { days } from './days';

/** What guards a person is not on trial. */
const TRIABLE = RULES.filter(({ mayOverrule }) => mayOverrule).map(({ id }) => id);
const rule = z.enum(TRIABLE as [string, ...string[]], { error: 'not a rule that can be tried' });
/** One rule as the shop would have it; checked as all of them are. */
const tuned = z
  .strictObject({
    rule,
    off: z.boolean().optional(),
    thresholds: z.record(z.string(), z.number()).optional(),
  })
  .superRefine(({ rule: id, ...tuning }, context) => {
    for (const issue of ruleSettingsSchema.safeParse({ [id]: tuning }).error?.issues ?? [])
      context.addIssue({ code: 'custom', path: issue.path.slice(1), message: issue.message });
  });

/** A rule that spoke against looks that went out, and how they fared beside the rest. */
export interface RuleTried extends RuleRecord {
  readonly rule: string;
  readonly title: string;
  /** Looks in which what it said was set aside. */
  readonly aside: number;
}

export interface RulesTriedView {
  /** Looks it is known of what was said, and others from before that was noted. */
  readonly looks: number;
  readonly unknown: number;
  readonly rules: readonly RuleTried[];
}

export const ledgerRulesCall = defineCall({
  name: 'ledger-rules',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ ...days }),
  answer: answers<RulesTriedView>(),
});

export type ProposalView = Omit<TrialProposal, 'gain' | 'silenced'> & { readonly silenced: Fares };

/** Rules that would tell better with another threshold, or silent, with what they would leave alone then. */
export const ledgerProposalsCall = defineCall({
  name: 'ledger-proposals',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ ...days }),
  answer: answers<{ readonly proposals: Readonly<Record<string, ProposalView>> }>(),
});

/** A look that another tuning would have spoken of otherwise. */
export interface ChangedLook {
  readonly id: string;
  readonly boxId: string;
  readonly number: number;
  readonly title: string;
  /** It would be left alone; false: it would be spoken against. */
  readonly isSilenced: boolean;
  readonly sent: number;
  readonly kept: number;
  readonly pieces: readonly Piece[];
  readonly client: Profile;
}

/** One rule over the looks that went out: as it is tuned now, and as it might be. */
export interface RuleReplayView extends Omit<Replay, 'fallsSilent' | 'speaksUp'> {
  /** Of the house rules, for a change. */
  readonly version: number;
  readonly looks: number;
  readonly now: Tuning;
  readonly then: Tuning;
  readonly fallsSilent: Omit<Replay['fallsSilent'], 'ids'>;
  readonly speaksUp: Omit<Replay['speaksUp'], 'ids'>;
  readonly changed: readonly ChangedLook[];
  readonly proposal?: ProposalView | undefined;
}

/** Without a tuning, what is proposed is replayed; where nothing is, the rule as it stands. */
export const ledgerReplayCall = defineCall({
  name: 'ledger-replay',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ rule, ...days, then: tuned.optional() }),
  answer: answers<RuleReplayView>(),
});

/** Tunes one rule on what its looks said; the audit keeps how many would have changed and how they fared. */
export const tuneByTrialCall = defineCall({
  name: 'tune-by-trial',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ version, ...days, then: tuned }),
  answer: answers<{ readonly version: number }>(),
});
