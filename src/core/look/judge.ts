import type { Hem } from '../figure';
import { completeness, type Piece } from '../piece';
import { type Finding, ruleOf, RULES, type Scene, type Settings, thresholdsOf } from '../rules';
import { ensembleClo } from '../weather';
import { sceneOf, type Setting } from './scene';
import { type Score, scoreOf } from './score';

/** A finding put aside with a reason; it is kept, shown, and leaves the score. */
export interface Overrule {
  readonly rule: string;
  /** Ids of the pieces the finding spoke of, joined by a bar; empty for the whole look. */
  readonly about: string;
  readonly reason: string;
}

export interface Verdict {
  readonly complete: boolean;
  readonly missing: readonly string[];
  /** Complete, and nothing blocks. */
  readonly sendable: boolean;
  readonly findings: readonly Finding[];
  readonly overruled: readonly Finding[];
  readonly score: Score;
  readonly hems: readonly Hem[];
  readonly areas: Scene['areas'];
  /** Ensemble insulation in clo (ISO 9920: 0.835 × sum + 0.161), undefined without top and bottom. */
  readonly clo?: number | undefined;
}

export const MOST_PIECES = 24;

const ORDER = { blocks: 0, fights: 1, note: 2, works: 3 } as const;

export const aboutOf = (finding: Pick<Finding, 'pieces'>): string => [...finding.pieces].sort().join('|');

/** Judges a look. Pure; the order of the findings does not depend on the order of the pieces. */
export function judge(
  pieces: readonly Piece[],
  setting: Setting = {},
  settings: Settings = {},
  overrules: readonly Overrule[] = [],
): Verdict {
  const scene = sceneOf(
    [...pieces].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)),
    setting,
  );
  const all: Finding[] = RULES.filter((rule) => !settings[rule.id]?.off).flatMap((rule) =>
    rule.find(scene, thresholdsOf(rule, settings[rule.id])).map((found) => ({ rule: rule.id, ...found })),
  );
  all.sort((a, b) => ORDER[a.tone] - ORDER[b.tone]);
  const setAside = (finding: Finding): boolean =>
    finding.tone !== 'works' &&
    mayOverrule(finding) &&
    overrules.some((over) => over.rule === finding.rule && over.about === aboutOf(finding));
  const findings = all.filter((finding) => !setAside(finding));
  const { complete, missing } = completeness(scene.pieces);
  return {
    complete,
    missing,
    sendable: complete && !findings.some((finding) => finding.tone === 'blocks'),
    findings,
    overruled: all.filter(setAside),
    score: scoreOf(findings, settings),
    hems: scene.hems,
    areas: scene.areas,
    clo: ensembleClo(scene.pieces),
  };
}

/** Own nevers and cover, allergies, codes, stock and money stand; everything else may be overruled. */
export function mayOverrule(finding: Finding): boolean {
  return finding.tone !== 'blocks' && (ruleOf(finding.rule)?.mayOverrule ?? false);
}

/** How many findings fight or rule out. */
export const wrongsIn = ({ findings }: Pick<Verdict, 'findings'>): number =>
  findings.filter(({ tone }) => tone === 'fights' || tone === 'blocks').length;

/** It may be sent, and nothing fights. */
export const isRight = (verdict: Pick<Verdict, 'sendable' | 'findings'>): boolean =>
  verdict.sendable && wrongsIn(verdict) === 0;
