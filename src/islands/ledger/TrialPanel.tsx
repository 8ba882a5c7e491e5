import type { ProposalView, RuleTried } from '@contracts/ledger/trial';
import { ruleOf } from '@core/rules';
import type { RuleVerdict } from '@core/trial';
import { useAsked } from '@ui/useAsked';
import { useState } from 'react';
import { percent } from './percent';
import { ReplayDialog } from './ReplayDialog';
import { SaveCsv } from './SaveCsv';

const VERDICTS: Readonly<Record<RuleVerdict, string>> = {
  'kept-less': 'warns of what comes back',
  'kept-more': 'kept all the same',
  'no-telling': 'no telling yet',
};
/** What asks for a decision first. */
const FIRST: Readonly<Record<RuleVerdict, number>> = { 'kept-more': 0, 'kept-less': 1, 'no-telling': 2 };

interface Props {
  readonly scope: { readonly from?: string };
  readonly isOwner: boolean;
}

/** Each rule that spoke against looks that went out, and whether these came back any more than the rest. */
export function TrialPanel({ scope, isOwner }: Props) {
  const { answer, again } = useAsked('ledger-rules', scope);
  const { answer: proposed, again: proposedAgain } = useAsked('ledger-proposals', scope);
  const [open, setOpen] = useState<RuleTried>();
  if (!answer) return <p role="status">Counting…</p>;
  const { looks, unknown } = answer;
  const proposals = proposed?.proposals ?? {};
  const order = ({ rule, verdict }: RuleTried): number => (proposals[rule] ? -1 : FIRST[verdict]);
  const rules = [...answer.rules].sort((a, b) => order(a) - order(b));
  if (rules.length === 0)
    return (
      <p className="sheet empty">
        <strong>{looks === 0 ? 'No look has come back yet.' : 'No rule spoke against a look.'}</strong> Once
        boxes with looks are closed, you see here which rules were right about them.
      </p>
    );
  return (
    <section className="sheet" aria-label="Rules on trial">
      <div className="sheet-head">
        <h2>Were they right?</h2>
        <SaveCsv
          name="Rules on trial"
          rows={rules.map(({ rule, title, against, silent, aside, verdict }) => ({
            rule,
            title,
            'spoke against': against.looks,
            'left as is': aside,
            'kept of those': against.rate.toFixed(3),
            low: against.low.toFixed(3),
            high: against.high.toFixed(3),
            'kept of the rest': silent.rate.toFixed(3),
            verdict: VERDICTS[verdict],
          }))}
        />
      </div>
      <p className="small soft">
        {looks} {looks === 1 ? 'look' : 'looks'} went out and came to a decision. Open a rule to hear what
        another threshold would have said of them.
        {unknown > 0 && ` Of ${unknown} older ones it is not known what was said.`}
      </p>
      <div className="ledger-wide">
        <table className="plain-table ledger-table">
          <thead>
            <tr>
              <th scope="col">Rule</th>
              <th scope="col">Spoke against</th>
              <th scope="col">Left as is</th>
              <th scope="col">Kept of those</th>
              <th scope="col">Kept of the rest</th>
              <th scope="col">What that says</th>
            </tr>
          </thead>
          <tbody>
            {rules.map((each) => (
              <tr key={each.rule}>
                <td>
                  <button className="plain-button" onClick={() => setOpen(each)}>
                    {each.rule} {each.title}
                  </button>
                </td>
                <td className="num">
                  {each.against.looks} {each.against.looks === 1 ? 'look' : 'looks'}
                </td>
                <td className="num">{each.aside === 0 ? 'never' : each.aside}</td>
                <td className="num">
                  {percent(each.against.rate)}{' '}
                  <span className="soft">
                    ({percent(each.against.low)} to {percent(each.against.high)})
                  </span>
                </td>
                <td className="num">{percent(each.silent.rate)}</td>
                <td>
                  {proposals[each.rule] ? (
                    <span className="chip">{proposalInShort(each.rule, proposals[each.rule])}</span>
                  ) : (
                    VERDICTS[each.verdict]
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="small soft">
        A look counts once, by the share of it that was kept: its pieces stand or fall together. Rates lean on
        the mean of all looks, and the bounds hold nine times of ten (beta-binomial). Limits, nevers,
        allergies and codes of dress are not on trial.
      </p>
      {open && (
        <ReplayDialog
          rule={open.rule}
          scope={scope}
          isOwner={isOwner}
          onTuned={() => void Promise.all([again(), proposedAgain()])}
          onClose={() => setOpen(undefined)}
        />
      )}
    </section>
  );
}

/** "proposed: 6.5 levels" */
function proposalInShort(id: string, proposal: ProposalView | undefined): string {
  const threshold = proposal?.name === undefined ? undefined : ruleOf(id)?.thresholds[proposal.name];
  return threshold ? `proposed: ${proposal?.value} ${threshold.unit}` : 'proposed: put off';
}
