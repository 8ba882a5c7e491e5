import { Button } from '@mantine/core';
import { dayWords } from '@ui/days';
import type { BoxState } from '@ui/useBox';

interface Props {
  readonly box: BoxState;
  readonly onGiveUp: () => void;
}

/** The day to send back has gone by, and nobody said a word: what the shop's rule is, and what may be done. */
export function Silence({ box: { view, busy, run }, onGiveUp }: Props) {
  const { silentKeepFrom } = view.late;
  const firstName = view.client.name.split(' ')[0] ?? '';
  const isHers = silentKeepFrom !== undefined && view.today >= silentKeepFrom;
  return (
    <div className="tally-silence" role="note" aria-label="No answer">
      <p>
        <strong>No answer from {firstName} yet.</strong> Whatever isn’t staying was due back by{' '}
        {view.returnBy && dayWords(view.returnBy)}.{' '}
        {isHers
          ? `Anything she hasn’t answered counts as kept since ${dayWords(silentKeepFrom)}; her page told her so. Ring her first if you can.`
          : silentKeepFrom !== undefined
            ? `Anything she hasn’t answered counts as kept from ${dayWords(silentKeepFrom)} on.`
            : 'Silence isn’t a yes in this shop: write or ring first.'}
      </p>
      <div className="tally-act">
        {isHers && (
          <Button
            size="xs"
            loading={busy === 'keep-all'}
            onClick={() =>
              void run(
                'keep-all',
                { boxId: view.id, silent: true },
                'Noted as kept. Nothing is charged before you close the box.',
              )
            }
          >
            Keep the rest, nobody answered
          </Button>
        )}
        <Button size="xs" variant="default" onClick={onGiveUp}>
          Give them up…
        </Button>
      </div>
    </div>
  );
}
