import { type Facet, FACETS, type Finding, ruleOf } from '../rules';
import type { Verdict } from './judge';

/** What is said of two looks in one facet. */
export interface FacetPair {
  readonly facet: Facet;
  readonly title: string;
  /** Of either look, the gravest first. */
  readonly findings: readonly [readonly Finding[], readonly Finding[]];
  /** The one that comes off better here: its place, 0 or 1; undefined where they are level. */
  readonly better: 0 | 1 | undefined;
}

/** Two verdicts facet by facet, in the order of the facets; where neither says anything there is no row. */
export function sideBySide(a: Verdict, b: Verdict): FacetPair[] {
  return (Object.keys(FACETS) as Facet[]).flatMap((facet): FacetPair[] => {
    const of = ({ findings }: Verdict): Finding[] =>
      findings.filter(({ rule }) => ruleOf(rule)?.facet === facet);
    const findings = [of(a), of(b)] as const;
    if (findings.every((each) => each.length === 0)) return [];
    const points = ({ score }: Verdict): number =>
      score.facets.find((each) => each.facet === facet)?.score ?? 0;
    const apart = points(a) - points(b);
    return [{ facet, title: FACETS[facet], findings, better: apart > 0 ? 0 : apart < 0 ? 1 : undefined }];
  });
}
