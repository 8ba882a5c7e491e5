import type { ChangedLook, RuleReplayView } from '@contracts/ledger/trial';
import { ownTuning, type Rule, ruleOf, thresholdsOf, type Tuning } from '@core/rules';
import type { Fares } from '@core/trial';
import { Button, Modal, Switch } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { call, showDone, showProblem } from '@ui/api';
import { Figure } from '@ui/Figure';
import { useAsked } from '@ui/useAsked';
import { spell } from '@ui/tongue';
import { useState } from 'react';
import { Thresholds } from '../house-rules/Thresholds';
import { percent } from './percent';

interface Props {
  readonly rule: string;
  readonly scope: { readonly from?: string };
  readonly isOwner: boolean;
  readonly onTuned: () => void;
  readonly onClose: () => void;
}

/** Typing comes to rest before the looks are gone through again, ms. */
const REST_MS = 300;

/** One rule over the looks that went out: what another threshold would have said of them, and a change made on that. */
export function ReplayDialog({ rule: id, scope, isOwner, onTuned, onClose }: Props) {
  const rule = ruleOf(id);
  const [tried, setTried] = useState<Tuning>();
  const [asked] = useDebouncedValue(tried, REST_MS);
  // Counted up with each change of the house rules: what was heard before it is asked anew.
  const [tunings, setTunings] = useState(0);
  const { answer, isOlder } = useAsked(
    'ledger-replay',
    {
      rule: id,
      ...scope,
      ...(asked ? { then: { rule: id, off: asked.off, thresholds: asked.thresholds } } : {}),
    },
    { since: tunings },
  );
  if (!rule) return null;
  return (
    <Modal opened onClose={onClose} title={`${rule.id} ${rule.title}`} size="xl">
      <p>{spell(rule.question)}</p>
      {!answer ? (
        <p role="status">Going through the looks again…</p>
      ) : (
        <Replayed
          rule={rule}
          view={answer}
          tried={tried ?? answer.then}
          isOlder={isOlder || tried !== asked}
          isOwner={isOwner}
          scope={scope}
          onTry={setTried}
          onTuned={() => {
            setTried(undefined);
            setTunings((before) => before + 1);
            onTuned();
          }}
        />
      )}
    </Modal>
  );
}

interface ReplayedProps extends Pick<Props, 'scope' | 'isOwner' | 'onTuned'> {
  readonly rule: Rule;
  readonly view: RuleReplayView;
  readonly tried: Tuning;
  readonly isOlder: boolean;
  readonly onTry: (tuning: Tuning) => void;
}

function Replayed({ rule, view, tried, isOlder, isOwner, scope, onTry, onTuned }: ReplayedProps) {
  const [busy, setBusy] = useState(false);
  const isSame = JSON.stringify(tried) === JSON.stringify(view.now);
  const change = (part: Tuning): void => onTry(ownTuning(rule, { ...tried, ...part }) ?? {});
  const tune = async (): Promise<void> => {
    setBusy(true);
    try {
      const { off, thresholds } = tried;
      await call('tune-by-trial', {
        version: view.version,
        ...scope,
        then: { rule: rule.id, off, thresholds },
      });
      showDone(`${rule.id} is tuned. New looks are judged by it from now on.`);
      onTuned();
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      {view.proposal && (
        <p className="trial-proposal">
          <strong>{proposalWords(rule, view)}</strong>{' '}
          {JSON.stringify(tried) !== JSON.stringify(view.proposal.tuning) && (
            <Button size="compact-xs" variant="default" onClick={() => onTry(view.proposal?.tuning ?? {})}>
              Try that
            </Button>
          )}
        </p>
      )}
      <div className="trial-tuning">
        <Thresholds of={rule} tuning={tried} mayTune onChange={change} />
        <Switch
          label="put off altogether"
          checked={tried.off === true}
          onChange={(event) => change({ off: event.currentTarget.checked || undefined })}
        />
      </div>
      <div className="ledger-wide">
        <table className="plain-table ledger-table">
          <thead>
            <tr>
              <th scope="col">Over {view.looks} looks</th>
              <th scope="col">Spoke against</th>
              <th scope="col">Kept of those</th>
              <th scope="col">Kept of the rest</th>
            </tr>
          </thead>
          <tbody>
            {(['before', 'after'] as const).map((when) => (
              <tr key={when}>
                <th scope="row">{when === 'before' ? 'As it is now' : 'As tried'}</th>
                <td className="num">{view[when].against.looks}</td>
                <td className="num">
                  {view[when].against.looks > 0 ? percent(view[when].against.rate) : '–'}
                </td>
                <td className="num">{view[when].silent.looks > 0 ? percent(view[when].silent.rate) : '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p role="status" aria-live="polite">
        {isOlder ? 'Going through the looks again…' : changedWords(view)}
      </p>
      <ul className="trial-looks">
        {view.changed.map((look) => (
          <Changed key={look.id} look={look} />
        ))}
      </ul>
      {view.fallsSilent.looks + view.speaksUp.looks > view.changed.length && view.changed.length > 0 && (
        <p className="small soft">The newest {view.changed.length} of them.</p>
      )}
      {isOwner ? (
        <Button disabled={isSame || isOlder} loading={busy} onClick={() => void tune()}>
          Tune the house rule so
        </Button>
      ) : (
        <p className="small soft">The owner tunes the house rules.</p>
      )}
    </>
  );
}

const share = ({ looks, share: kept }: Fares): string => percent(looks === 0 ? 0 : kept / looks);
const looksWords = (count: number): string => `${count} ${count === 1 ? 'look' : 'looks'}`;

function proposalWords(rule: Rule, { proposal, now }: RuleReplayView): string {
  if (!proposal) return '';
  const { name, value, silenced } = proposal;
  const kept = `Of ${looksWords(silenced.looks)} it speaks against, ${share(silenced)} was kept.`;
  const threshold = name === undefined ? undefined : rule.thresholds[name];
  if (!threshold || name === undefined)
    return `${kept} No threshold tells them apart: the rule could be put off.`;
  const from = thresholdsOf(rule, now)[name];
  return `${kept} Proposed: ${value} ${threshold.unit} in place of ${from}. ${spell(threshold.says)}`;
}

function changedWords({ fallsSilent, speaksUp }: RuleReplayView): string {
  if (fallsSilent.looks + speaksUp.looks === 0) return 'It would have said the same of every look.';
  return [
    fallsSilent.looks > 0 &&
      `It would leave ${looksWords(fallsSilent.looks)} alone, of which ${share(fallsSilent)} was kept.`,
    speaksUp.looks > 0 &&
      `It would speak against ${looksWords(speaksUp.looks)} more, of which ${share(speaksUp)} was kept.`,
  ]
    .filter(Boolean)
    .join(' ');
}

function Changed({ look }: { readonly look: ChangedLook }) {
  const { boxId, number, title, isSilenced, kept, sent, pieces, client } = look;
  return (
    <li>
      <a href={`/box/${boxId}/tally`} aria-label={`Box ${number}, ${title || 'a look'}`}>
        <Figure pieces={pieces} client={client} height={150} title={title || 'A look'} decorative />
      </a>
      <span className="small">
        Box {number}: {kept} of {sent} kept
      </span>
      <span className="small soft">{isSilenced ? 'left alone' : 'spoken against'}</span>
    </li>
  );
}
