import { type Facet, FACETS, type Finding, ruleOf, RULES, type Settings } from '../rules';

export interface FacetScore {
  readonly facet: Facet;
  readonly title: string;
  /** What its points count; 1 unless the shop says otherwise. */
  readonly share: number;
  /** Rows that add up: each finding, then the cap where praise alone would carry the look. */
  readonly rows: readonly { readonly label: string; readonly points: number }[];
  /** Points of the facet, before its share. Nothing said is nothing. */
  readonly score: number;
}

export interface Score {
  readonly start: number;
  /** Facets that speak. */
  readonly facets: readonly FacetScore[];
  /** Start and facets by their shares, held between 0 and 100; what rounding it to a whole number did. */
  readonly sum: number;
  readonly rounding: number;
  readonly score: number;
}

/**
 * A look on which nothing clashes and two or three things work reads 85 to 95; a clash pulls it below 70, two below 55.
 * Fitted once to our own worked looks (docs/scoring.md).
 */
const START = 80;
/** Praise of one facet counts no more than this: ten things that work do not make up for one that fights. */
export const MOST_PRAISE = 4;
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
  // What cannot be told moves nothing, but for what must be found out before it is sent.
  if (finding.cannotTell && finding.tone !== 'fights') return 0;
  const rule = ruleOf(finding.rule);
  const tone = finding.tone === 'blocks' ? 'fights' : finding.tone;
  return settings[finding.rule]?.weight?.[tone] ?? rule?.weight[tone] ?? 0;
}

/** Score of a look with a breakdown that adds up to the number shown. */
export function scoreOf(findings: readonly Finding[], settings: Settings = {}): Score {
  const shares = sharesOf(settings);
  const all = SCORED.map((facet, i) => facetScore(facet, findings, settings, shares[i] ?? 1));
  const sum = sumOf(
    all.map((facet) => facet.score),
    shares,
  );
  const score = Math.round(sum);
  return {
    start: START,
    facets: all.filter(({ rows }) => rows.length > 0),
    sum,
    rounding: score - sum,
    score,
  };
}

/** What each scored facet counts, 1 by default. All at nothing is 1 again: a score there must be. */
export function sharesOf(settings: Settings): number[] {
  const shares = SCORED.map((facet) => settings[facet]?.share ?? 1);
  return shares.some((share) => share > 0) ? shares : SCORED.map(() => 1);
}

/** Sums of tuned weights come out alike in whatever order they are added. */
const tidy = (sum: number): number => Math.round(sum * 1e6) / 1e6;

function sumOf(points: ArrayLike<number>, shares: readonly number[]): number {
  let sum = START;
  for (let i = 0; i < shares.length; i++) sum += (points[i] as number) * (shares[i] as number);
  return Math.min(100, Math.max(0, tidy(sum)));
}

/**
 * The score of a look from the points of its facets: what `scoreOf` comes to, without the rows. `points` is written over
 * with the scores of the facets.
 */
export function scoreFrom(points: Float64Array, shares: readonly number[]): number {
  for (let i = 0; i < SCORED.length; i++) points[i] = Math.min(MOST_PRAISE, tidy(points[i] as number));
  return Math.round(sumOf(points, shares));
}

function facetScore(
  facet: Facet,
  findings: readonly Finding[],
  settings: Settings,
  share: number,
): FacetScore {
  const rows = findings
    .filter((finding) => ruleOf(finding.rule)?.facet === facet)
    .map((finding) => ({ label: finding.rule, points: pointsOf(finding, settings) }));
  const sum = tidy(rows.reduce((total, row) => total + row.points, 0));
  const score = Math.min(MOST_PRAISE, sum);
  if (score !== sum) rows.push({ label: `At most +${MOST_PRAISE}`, points: score - sum });
  return { facet, title: FACETS[facet], share, rows, score };
}
