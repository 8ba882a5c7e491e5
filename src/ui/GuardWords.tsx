import { type GuardFinding, guardWords, isRefused } from '@core/guard';
import './guard.css';

/** What stands between a piece and its client, a line each: what is ruled out in madder, what is asked about in ink. */
export function GuardWords({ findings }: { readonly findings: readonly GuardFinding[] }) {
  return findings.map((finding) => (
    <div
      key={`${finding.code} ${finding.about}`}
      className={isRefused(finding) ? 'guard-words guard-refused' : 'guard-words'}
    >
      {guardWords(finding)}
    </div>
  ));
}
