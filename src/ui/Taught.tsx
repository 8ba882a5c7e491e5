import { Button } from '@mantine/core';
import { useKeys } from './useKeys';
import type { ProposalAnswer } from '@core/learn';
import { useState } from 'react';
import { call, showDone, showProblem } from './api';
import { Swatches } from './Swatches';
import { useAsked } from './useAsked';
import './taught.css';

interface Props {
  readonly clientId: string;
  readonly firstName: string;
  /** After one is taken over: the page of the client says it now. */
  readonly onAccepted?: () => void;
}

const DONE: Readonly<Record<ProposalAnswer, string>> = {
  accepted: 'Noted on the client’s page.',
  refused: 'Left as it is, until more speaks for it.',
  muted: 'This is not asked again.',
};

/** Keys that answer the first proposal, and what they do; for the help of a page that shows them. */
export const TAUGHT_KEYS = [
  { keys: 'y', does: 'Take the first proposal over' },
  { keys: 'n', does: 'Leave it' },
  { keys: 'm', does: 'Never ask it again' },
] as const;

/**
 * What a client's decisions would change on her page, each with the pieces that say so: taken over, left, or never asked
 * again. Nothing is shown where there is nothing. Stands under a root with `withQueries`.
 */
export function Taught({ clientId, firstName, onAccepted }: Props) {
  const { answer: proposals = [], again } = useAsked('client-proposals', { clientId }, { quiet: true });
  const [busy, setBusy] = useState<string>();
  const say = async (key: string | undefined, answer: ProposalAnswer): Promise<void> => {
    if (key === undefined || busy !== undefined) return;
    setBusy(key);
    try {
      await call('answer-proposal', { clientId, key, answer });
      showDone(DONE[answer]);
      await again();
      if (answer === 'accepted') onAccepted?.();
    } catch (error) {
      showProblem(error);
      await again();
    } finally {
      setBusy(undefined);
    }
  };
  const first = proposals[0]?.key;
  useKeys([
    ['y', () => void say(first, 'accepted')],
    ['n', () => void say(first, 'refused')],
    ['m', () => void say(first, 'muted')],
  ]);
  if (proposals.length === 0) return null;
  return (
    <section className="sheet" aria-label="What the boxes taught">
      <h2>What {firstName}’s boxes taught</h2>
      <ul className="rows">
        {proposals.map(({ key, words, hex, evidence }, i) => (
          <li key={key} className="proposal">
            <div>
              <div className="proposal-words">
                {hex && <Swatches hexes={[hex]} />} {words}
              </div>
              <ul className="plain-list small soft">
                {evidence.map((each) => (
                  <li key={each}>{each}</li>
                ))}
              </ul>
            </div>
            <div className="proposal-act">
              <Button
                size="xs"
                loading={busy === key}
                title={i === 0 ? 'y' : undefined}
                aria-label={`Yes, note it: ${words}`}
                onClick={() => void say(key, 'accepted')}
              >
                Yes, note it
              </Button>
              <Button
                size="xs"
                variant="default"
                disabled={busy !== undefined}
                title={i === 0 ? 'n' : undefined}
                aria-label={`No: ${words}`}
                onClick={() => void say(key, 'refused')}
              >
                No
              </Button>
              <Button
                size="xs"
                variant="default"
                disabled={busy !== undefined}
                title={i === 0 ? 'm' : undefined}
                aria-label={`Never ask again: ${words}`}
                onClick={() => void say(key, 'muted')}
              >
                Never ask again
              </Button>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
