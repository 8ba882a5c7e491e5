import { keepRate, type KeepRate } from '../ledger';
import { type Rule, type Settings, thresholdsOf, type Tuning } from '../rules';
import {
  caseOf,
  type Fares,
  faresOf,
  named,
  priorFrom,
  ruleRecord,
  speaksAgainst,
  type TriedScene,
  without,
} from './trial';

/** Another threshold, or silence, that the looks speak for. */
export interface TrialProposal {
  readonly tuning: Tuning;
  /** The threshold that moves, and where to; absent: the rule is put off. */
  readonly name?: string | undefined;
  readonly value?: number | undefined;
  /** Looks it would leave alone then. */
  readonly silenced: Fares & { readonly ids: readonly string[] };
  /** By how much likelier it makes what became of the looks, in logarithms. */
  readonly gain: number;
}

/** Looks that have to fall silent before anything is proposed. */
export const PROPOSED_FROM = 8;
/** Values tried between the bounds of a threshold. */
const STEPS = 24;

/** A tuning that may be proposed. */
type Change = Pick<TrialProposal, 'tuning' | 'name' | 'value'>;

/**
 * The change of one rule under which it tells best which looks are kept: of all thresholds, one moved at a time, and of
 * putting it off, the one under which the looks spoken against and those left alone differ most, the right way round (by
 * the likelihood of two rates). It may only fall silent, on looks that were kept more than those it leaves alone today.
 */
function* proposalOf(
  rule: Rule,
  scenes: readonly TriedScene[],
  now: Tuning | undefined,
): Generator<void, TrialProposal | undefined> {
  if (!rule.mayOverrule || now?.off) return undefined;
  const looks = scenes.map(({ look }) => look);
  const all = faresOf(looks);
  const heard = (tuning: Tuning | undefined): boolean[] =>
    scenes.map(({ scene }) => speaksAgainst(rule, tuning, scene));
  const spoke = heard(now);
  const before = faresOf(looks.filter((_, i) => spoke[i]));
  if (before.looks < PROPOSED_FROM) return undefined;
  const today = ruleRecord(all, before);
  const weighed = (change: Change): TrialProposal | undefined => {
    const then = heard(change.tuning);
    if (then.some((speaks, i) => speaks && !spoke[i])) return undefined;
    const silenced = named(looks.filter((_, i) => spoke[i] && !then[i]));
    if (silenced.looks < PROPOSED_FROM) return undefined;
    if (keepRate(caseOf(silenced), priorFrom(all)).low <= today.silent.rate) return undefined;
    const after = faresOf(looks.filter((_, i) => then[i]));
    const { against, silent } = ruleRecord(all, after);
    if (against.looks > 0 && against.rate >= silent.rate) return undefined;
    return { ...change, silenced, gain: fitOf(all, after) - fitOf(all, before) };
  };
  let best: TrialProposal | undefined;
  for (const change of changesOf(rule, now, (tuning) => heard(tuning).some((says, i) => says !== spoke[i]))) {
    yield;
    const proposal = weighed(change);
    if (proposal && (!best || proposal.gain > best.gain)) best = proposal;
  }
  return best;
}

/**
 * Values of each threshold, and silence last: of changes that say the same the first is taken, so the nearest to today's
 * come first. A threshold whose bounds change no word is not gone through.
 */
function changesOf(rule: Rule, now: Tuning | undefined, changes: (tuning: Tuning) => boolean): Change[] {
  const at = thresholdsOf(rule, now);
  const moves = Object.entries(rule.thresholds).flatMap(([name, { min, max }]) => {
    const from = at[name] as number;
    const tuned = (value: number): Tuning => ({ ...now, thresholds: { ...now?.thresholds, [name]: value } });
    if (![min, max].some((bound) => changes(tuned(bound)))) return [];
    return Array.from({ length: STEPS + 1 }, (_, step) =>
      Math.min(max, Number((min + ((max - min) * step) / STEPS).toPrecision(3))),
    )
      .filter((value) => value !== from)
      .sort((a, b) => Math.abs(a - from) - Math.abs(b - from))
      .map((value) => ({ tuning: tuned(value), name, value }));
  });
  return [...moves, { tuning: { ...now, off: true } }];
}

/**
 * What the looks propose, rule by rule, the best founded first. A look that one change accounts for says nothing for
 * another: two rules that spoke of the same looks are not both wrong for it. Step by step, for whoever has others to serve
 * meanwhile.
 * @returns proposals by rule id
 */
export function* trialProposals(
  rules: readonly Rule[],
  scenes: readonly TriedScene[],
  settings: Settings,
): Generator<void, ReadonlyMap<string, TrialProposal>> {
  const found = new Map<string, TrialProposal>();
  let left = scenes;
  for (;;) {
    let best: { readonly rule: string; readonly proposal: TrialProposal } | undefined;
    for (const rule of rules) {
      const proposal = found.has(rule.id) ? undefined : yield* proposalOf(rule, left, settings[rule.id]);
      if (proposal && (!best || proposal.gain > best.proposal.gain)) best = { rule: rule.id, proposal };
    }
    if (!best) return found;
    found.set(best.rule, best.proposal);
    const told = new Set(best.proposal.silenced.ids);
    left = left.filter(({ look }) => !told.has(look.id));
  }
}

/** How likely what became of the looks is under two rates, one for those spoken against and one for the rest. */
function fitOf(all: Fares, against: Fares): number {
  const record = ruleRecord(all, against);
  const likelihood = ({ looks, share }: Fares, { rate }: KeepRate): number =>
    share * Math.log(rate) + (looks - share) * Math.log(1 - rate);
  return likelihood(against, record.against) + likelihood(without(all, against), record.silent);
}
