import type { LedgerView, ProposalView } from '@contracts/stock/ledger-view';
import { type Cause, CAUSE_WORDS } from '@core/stock';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { call, showDone, showProblem } from './api';
import { dayWords } from './days';
import './guard.css';

interface Props {
  readonly proposals: readonly ProposalView[];
  readonly onSettled: (ledger: LedgerView, id: string) => void;
  /** Only an owner confirms; to others it is shown that it waits. */
  readonly mayConfirm?: boolean;
}

/** What is asked for, as somebody asks it. */
const ASKS: Partial<Record<Cause, string>> = { 'write-off': 'write off', sample: 'take as a sample' };

/** Movements that somebody proposed and that wait for the owner. Nothing is shown where none does. */
export function Proposals({ proposals, onSettled, mayConfirm = false }: Props) {
  const [busy, setBusy] = useState<string>();
  if (proposals.length === 0) return null;
  const settle = async (id: string, accept: boolean): Promise<void> => {
    setBusy(id);
    try {
      onSettled(await call('settle-proposal', { id, accept }), id);
      showDone(accept ? 'Booked.' : 'Left as it was.');
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(undefined);
    }
  };
  return (
    <section className="sheet proposals" aria-label="Proposed">
      <h2>{mayConfirm ? 'Waiting for your word' : 'Waiting for the owner'}</h2>
      <ul className="rows">
        {proposals.map(({ id, title, size, location, cause, qty, reason, by, day }) => (
          <li key={id} className="proposal">
            <div>
              {title}, {size}: {ASKS[cause] ?? CAUSE_WORDS[cause]} {qty} from the {location.toLowerCase()}
              <div className="small soft">
                {by}, {dayWords(day)}: {reason}
              </div>
            </div>
            {mayConfirm && (
              <div style={{ display: 'flex', gap: 8 }}>
                <Button size="xs" loading={busy === id} onClick={() => void settle(id, true)}>
                  Confirm
                </Button>
                <Button
                  size="xs"
                  variant="default"
                  disabled={busy === id}
                  onClick={() => void settle(id, false)}
                >
                  Leave as it is
                </Button>
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
