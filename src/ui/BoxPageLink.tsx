import type { BoxLinkView } from '@contracts/tally/box-link';
import { Button, CopyButton, TextInput } from '@mantine/core';
import { useState } from 'react';
import { call, showProblem } from './api';
import { dayWords } from './days';
import { useAsked } from './useAsked';
import { withQueries } from './withQueries';

interface Props {
  readonly boxId: string;
  readonly firstName: string;
}

/** The private page of a box: her letter to read on a phone, where she says what she keeps. */
export const BoxPageLink = withQueries(function BoxPageLink({ boxId, firstName }: Props) {
  const asked = useAsked('box-link', { boxId });
  const [made, setMade] = useState<{
    readonly view: BoxLinkView;
    readonly address?: string;
    readonly posted?: boolean;
  }>();
  const [busy, setBusy] = useState(false);
  const { link } = made?.view ?? asked.answer ?? {};
  const during = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    try {
      await work();
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  const make = (): Promise<void> =>
    during(async () => {
      const { path, posted, ...view } = await call('make-box-link', { boxId });
      setMade({ view, posted, address: new URL(path, location.origin).href });
    });
  const revoke = (): Promise<void> =>
    during(async () => setMade({ view: await call('revoke-box-link', { boxId }) }));
  const isOpen = link?.state === 'open';
  return (
    <section className="box-page-link" aria-label={`${firstName}’s page`}>
      <h3>{firstName}’s page</h3>
      <p className="small soft" role="status">
        {isOpen ? stateWords(link) : 'A private page with the letter, where each piece is kept or sent back.'}
      </p>
      {made?.address && (
        <div style={{ display: 'flex', gap: 8, alignItems: 'end' }}>
          <TextInput label="Shown once" readOnly value={made.address} style={{ flex: 1 }} />
          <CopyButton value={made.address}>
            {({ copied, copy }) => (
              <Button variant="default" onClick={copy}>
                {copied ? 'Copied' : 'Copy'}
              </Button>
            )}
          </CopyButton>
        </div>
      )}
      {made?.posted && <p className="small soft">It lies in the outbox too, ready to be mailed.</p>}
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        <Button size="xs" variant="default" loading={busy} onClick={() => void make()}>
          {isOpen ? 'Make a new link' : 'Make the link'}
        </Button>
        {isOpen && (
          <Button size="xs" variant="subtle" disabled={busy} onClick={() => void revoke()}>
            Stop it
          </Button>
        )}
      </div>
    </section>
  );
});

function stateWords({ openedOn, answeredOn, expiresOn }: NonNullable<BoxLinkView['link']>): string {
  if (answeredOn) return `Answered ${dayWords(answeredOn)}.`;
  if (openedOn) return `Opened ${dayWords(openedOn)}, not answered yet.`;
  return `Not opened yet; it works until ${dayWords(expiresOn)}.`;
}
