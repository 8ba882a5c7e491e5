import { type Kept, keepRate, type KeepRate, type Prior } from '../ledger';
import { sceneOf, type Setting } from '../look';
import type { Piece } from '../piece';
import { type Finding, type Rule, type Scene, thresholdsOf, type Tone, type Tuning } from '../rules';

/** A look that went out, and what became of its pieces. */
export interface TriedLook {
  readonly id: string;
  readonly pieces: readonly Piece[];
  readonly setting: Setting;
  /** Pieces of the box in it that were decided, and those of them that were kept. */
  readonly sent: number;
  readonly kept: number;
}

/** How a number of looks fared: each counts once, by the share of it that was kept. */
export interface Fares {
  readonly looks: number;
  /** Sum over the looks of the share kept, 0 to `looks`. */
  readonly share: number;
}

/** The pieces of one look stand or fall together: a look counts as one case, never as its pieces. */
export const caseOf = ({ looks, share }: Fares): Kept => ({ sent: looks, kept: share });

export const faresOf = (looks: readonly Pick<TriedLook, 'sent' | 'kept'>[]): Fares => ({
  looks: looks.length,
  share: looks.reduce((sum, { sent, kept }) => sum + kept / sent, 0),
});

export const named = (looks: readonly TriedLook[]) => ({ ...faresOf(looks), ids: looks.map(({ id }) => id) });

export const without = (all: Fares, some: Fares): Fares => ({
  looks: all.looks - some.looks,
  share: all.share - some.share,
});

/** `kept-less`: what it speaks against comes back more; `kept-more`: it is kept more than the rest all the same. */
export type RuleVerdict = 'kept-less' | 'kept-more' | 'no-telling';

/** A rule's record: the looks it spoke against beside those it left alone. */
export interface RuleRecord {
  readonly against: KeepRate & { readonly looks: number };
  readonly silent: KeepRate & { readonly looks: number };
  readonly verdict: RuleVerdict;
}

/** Looks that the mean of all is worth beside a group's own: a handful says little. */
const LEANS_ON = 8;

/** What is believed of any looks before they are told apart; of a shop that has sent none: one kept, one back. */
export const priorFrom = (all: Fares): Prior => ({
  mean: (all.share + 1) / (all.looks + 2),
  pieces: LEANS_ON,
});

/**
 * Sets the looks a rule spoke against beside the rest. Both lean on the mean of all looks (beta-binomial, as the Ledger's
 * rates do); they differ where the interval of the first, nine times of ten, leaves the rate of the second out.
 */
export function ruleRecord(all: Fares, against: Fares): RuleRecord {
  const rest = without(all, against);
  const [spoke, silent] = [against, rest].map((each) => keepRate(caseOf(each), priorFrom(all))) as [
    KeepRate,
    KeepRate,
  ];
  const isTold = against.looks > 0 && rest.looks > 0;
  const verdict =
    spoke.high < silent.rate ? 'kept-less' : spoke.low > silent.rate ? 'kept-more' : 'no-telling';
  return {
    against: { ...spoke, looks: against.looks },
    silent: { ...silent, looks: rest.looks },
    verdict: isTold ? verdict : 'no-telling',
  };
}

/** Praise is no word against a look. */
const isAgainst = (tone: Tone): boolean => tone !== 'works';

/** Rules that spoke of a look, and those with a word against it, each once: what is kept with it when it is saved. */
export function spokenOf(findings: readonly Finding[]): {
  readonly spoke: string[];
  readonly against: string[];
} {
  const rules = (of: readonly Finding[]): string[] => [...new Set(of.map(({ rule }) => rule))].sort();
  return { spoke: rules(findings), against: rules(findings.filter(({ tone }) => isAgainst(tone))) };
}

/** Looks with what the rules see in them, which is the dear part: once for as many thresholds as are tried. */
export interface TriedScene {
  readonly look: TriedLook;
  readonly scene: Scene;
}
export const sceneOfTried = (look: TriedLook): TriedScene => ({
  look,
  scene: sceneOf(
    [...look.pieces].sort((a, b) => (a.id < b.id ? -1 : 1)),
    look.setting,
  ),
});

/** True when a rule, so tuned, speaks against a look. */
export const speaksAgainst = (rule: Rule, tuning: Tuning | undefined, scene: Scene): boolean =>
  !tuning?.off && rule.find(scene, thresholdsOf(rule, tuning)).some(({ tone }) => isAgainst(tone));

/** What another tuning of a rule would have said of the same looks. */
export interface Replay {
  readonly before: RuleRecord;
  readonly after: RuleRecord;
  /** Looks it spoke against and would leave alone, and the other way round. */
  readonly fallsSilent: Fares & { readonly ids: readonly string[] };
  readonly speaksUp: Fares & { readonly ids: readonly string[] };
}

export function replay(
  rule: Rule,
  scenes: readonly TriedScene[],
  now: Tuning | undefined,
  then: Tuning | undefined,
): Replay {
  const all = faresOf(scenes.map(({ look }) => look));
  const heard = scenes.map(({ look, scene }) => ({
    look,
    now: speaksAgainst(rule, now, scene),
    then: speaksAgainst(rule, then, scene),
  }));
  const those = (is: (each: (typeof heard)[number]) => boolean): TriedLook[] =>
    heard.filter(is).map(({ look }) => look);
  const before = faresOf(those((each) => each.now));
  const after = faresOf(those((each) => each.then));
  return {
    before: ruleRecord(all, before),
    after: ruleRecord(all, after),
    fallsSilent: named(those((each) => each.now && !each.then)),
    speaksUp: named(those((each) => !each.now && each.then)),
  };
}
