import { type Facet, FACETS, type Finding, ruleOf, RULES, type Settings } from '../rules';

export interface FacetScore {
  readonly facet: Facet;
  readonly title: string;
  /** What it counts in the mean; 1 unless the shop says otherwise. */
  readonly share: number;
  /** Rows that add up: the start, each finding, then the clamp where one was needed. */
  readonly rows: readonly { readonly label: string; readonly points: number }[];
  readonly score: number;
}

export interface Score {
  readonly facets: readonly FacetScore[];
  /** Mean of the facets, and what rounding it to a whole number did. */
  readonly mean: number;
  readonly rounding: number;
  readonly score: number;
}

export const START = 70;
/** Ways of wearing and use are shown, and stay out of a look's score. */
const OUTSIDE: readonly Facet[] = ['M', 'U'];

/** Facets that count for a look's score. */
export const SCORED = (Object.keys(FACETS) as Facet[]).filter(
  (facet) => !OUTSIDE.includes(facet) && RULES.some((rule) => rule.facet === facet),
);

/** Points of a finding: its rule's weight, or the shop's. A block counts as a fight; it stops the look by itself. */
export function pointsOf(
  finding: Pick<Finding, 'rule' | 'tone' | 'cannotTell'>,
  settings: Settings = {},
): number {
  // What cannot be told moves nothing.
  if (finding.cannotTell) return 0;
  const rule = ruleOf(finding.rule);
  const tone = finding.tone === 'blocks' ? 'fights' : finding.tone;
  return settings[finding.rule]?.weight?.[tone] ?? rule?.weight[tone] ?? 0;
}

/** Score of a look with a breakdown that adds up to the number shown. */
export function scoreOf(findings: readonly Finding[], settings: Settings = {}): Score {
  const shares = sharesOf(settings);
  const facets = SCORED.map((facet, i) => facetScore(facet, findings, settings, shares[i] ?? 1));
  const mean = meanOf(
    facets.map((facet) => facet.score),
    shares,
  );
  const score = Math.round(mean);
  return { facets, mean, rounding: score - mean, score };
}

/** What each scored facet counts, equal by default. All at nothing is equal again: a score there must be. */
export function sharesOf(settings: Settings): number[] {
  const shares = SCORED.map((facet) => settings[facet]?.share ?? 1);
  return shares.some((share) => share > 0) ? shares : SCORED.map(() => 1);
}

function meanOf(scores: ArrayLike<number>, shares: readonly number[]): number {
  let sum = 0;
  let all = 0;
  for (let i = 0; i < shares.length; i++) {
    const share = shares[i] as number;
    sum += (scores[i] as number) * share;
    all += share;
  }
  return sum / Math.max(1e-9, all);
}

/** Sums of tuned weights come out alike in whatever order they are added. */
const tidy = (sum: number): number => Math.round(sum * 1e6) / 1e6;
const clamped = (sum: number): number => Math.min(100, Math.max(0, sum));

/**
 * The score of a look from the points of its facets: what `scoreOf` comes to, without the rows. `points` is written over
 * with the scores of the facets.
 */
export function scoreFrom(points: Float64Array, shares: readonly number[]): number {
  for (let i = 0; i < SCORED.length; i++) points[i] = clamped(tidy(START + (points[i] as number)));
  return Math.round(meanOf(points, shares));
}

function facetScore(
  facet: Facet,
  findings: readonly Finding[],
  settings: Settings,
  share: number,
): FacetScore {
  const rows = [{ label: 'Start', points: START }];
  for (const finding of findings) {
    if (ruleOf(finding.rule)?.facet !== facet) continue;
    rows.push({ label: finding.rule, points: pointsOf(finding, settings) });
  }
  const sum = tidy(rows.reduce((total, row) => total + row.points, 0));
  const score = clamped(sum);
  if (score !== sum) rows.push({ label: sum > 100 ? 'At most 100' : 'At least 0', points: score - sum });
  return { facet, title: FACETS[facet], share, rows, score };
}
