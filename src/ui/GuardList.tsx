import { isOpen } from '@core/box';
import { type GuardFinding, isRefused } from '@core/guard';
import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { GuardWords } from './GuardWords';
import type { BoxState } from './useBox';
import './guard.css';

interface Asked {
  readonly lineId: string;
  readonly title: string;
  readonly finding: GuardFinding;
}

/** Questions that are one for the whole box: what nobody has entered, by the allergy it matters for. */
const groupOf = ({ lineId, finding: { code, about } }: Asked): string =>
  code === 'content' ? `content ${about}` : `${lineId} ${code} ${about}`;

/**
 * What stands between the pieces of a box and its client: what is ruled out, and what is asked about by name. Nothing is
 * shown where nothing does.
 */
export function GuardList({ view, run }: Pick<BoxState, 'view' | 'run'>) {
  const all: Asked[] = view.lines.flatMap(({ id, piece, guard }) =>
    guard.map((finding) => ({ lineId: id, title: piece.title, finding })),
  );
  if (all.length === 0) return null;
  const refused = all.filter(({ finding }) => isRefused(finding));
  const groups = new Map<string, Asked[]>();
  for (const each of all.filter(({ finding }) => !isRefused(finding)))
    groups.set(groupOf(each), [...(groups.get(groupOf(each)) ?? []), each]);
  return (
    <section className="sheet guard no-print" aria-label="Before it is packed">
      <h2>Before it is packed</h2>
      <ul className="rows">
        {refused.map(({ lineId, title, finding }) => (
          <li key={`${lineId} ${finding.code} ${finding.about}`} className="guard-row">
            <div>
              <strong>{title}</strong>
              <GuardWords findings={[finding]} />
            </div>
            {isOpen(view.state) && (
              <Button
                size="xs"
                variant="default"
                onClick={() =>
                  void run('release-line', { boxId: view.id, lineId }, `${title} is back on the shelf.`)
                }
              >
                Release {title}
              </Button>
            )}
          </li>
        ))}
        {[...groups].map(([key, asked]) => (
          <Question key={key} asked={asked} view={view} run={run} />
        ))}
      </ul>
    </section>
  );
}

function Question({
  asked,
  view,
  run,
}: Pick<BoxState, 'view' | 'run'> & { readonly asked: readonly Asked[] }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const [first] = asked;
  if (!first) return null;
  const titles = asked.map(({ title }) => title).join('; ');
  const isContent = first.finding.code === 'content' || first.finding.code === 'care-unknown';
  const pass = (): void =>
    void run(
      'pass-limits',
      {
        boxId: view.id,
        passes: asked.map(({ lineId, finding: { code, about } }) => ({ lineId, code, about })),
        reason,
      },
      'Noted, with your name.',
    );
  return (
    <li className="guard-row">
      <div>
        <strong>{titles}</strong>
        <GuardWords findings={[first.finding]} />
        {open && (
          <form
            className="guard-form"
            onSubmit={(event) => {
              event.preventDefault();
              if (reason.trim() !== '') pass();
            }}
          >
            <TextInput
              size="xs"
              label={isContent ? 'What the label says' : 'Why it may go all the same'}
              placeholder={isContent ? 'e.g. 100 % cotton, read today' : 'e.g. she asked for it by phone'}
              value={reason}
              maxLength={300}
              data-autofocus
              onChange={(event) => setReason(event.currentTarget.value)}
            />
            <Button size="xs" type="submit" disabled={reason.trim() === ''}>
              {isContent ? 'The label is read' : 'Let it go'}
            </Button>
            <Button size="xs" variant="default" onClick={() => setOpen(false)}>
              Cancel
            </Button>
          </form>
        )}
      </div>
      {!open && (
        <Button
          size="xs"
          variant="default"
          aria-label={`${isContent ? 'Answer for' : 'Let it go all the same:'} ${titles}`}
          onClick={() => setOpen(true)}
        >
          {isContent ? 'Answer…' : 'Let it go all the same…'}
        </Button>
      )}
    </li>
  );
}
