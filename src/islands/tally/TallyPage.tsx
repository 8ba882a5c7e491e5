import type { BoxView, LineView } from '@contracts/box/box-view';
import { hasLeft, isClosed, type ReturnReason, RETURN_REASONS } from '@core/box';
import { saysSize } from '@core/learn';
import { FIT_POINTS, type FitPoint } from '@core/fit';
import { money } from '@core/money';
import { Button, Modal, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { BoxPageLink } from '@ui/BoxPageLink';
import { dayWords } from '@ui/days';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { type BoxState, useBox } from '@ui/useBox';
import { useState } from 'react';
import { CheckIn } from './CheckIn';
import './tally.css';

/** Step 6: keep or return, line by line; what came back is checked in; the money to the cent. */
export function TallyPage({ initial }: { readonly initial: BoxView }) {
  const box = useBox(initial);
  const { view, busy, run } = box;
  const [notes, setNotes] = useState(view.notesNext);
  const [asking, setAsking] = useState(false);
  const { currency } = view.shop;
  useHotkeys([
    [
      'a',
      () =>
        hasLeft(view.state) &&
        !isClosed(view.state) &&
        view.lines.some(({ decision }) => decision === 'undecided') &&
        busy === undefined &&
        void run('keep-all', { boxId: view.id }),
    ],
  ]);
  if (!hasLeft(view.state)) {
    return (
      <Providers>
        <p className="sheet empty">
          <strong>This box has not gone out yet.</strong>
          <a href={`/box/${view.id}/${view.step}`}>Go on where it stands.</a>
        </p>
      </Providers>
    );
  }
  const undecided = view.lines.filter((line) => line.decision === 'undecided').length;
  const unchecked = view.lines.filter((line) => line.decision === 'return' && !line.checkedIn).length;
  const closed = isClosed(view.state);
  return (
    <Providers keys={closed ? [] : [{ keys: 'a', does: 'Keep everything that is not decided yet' }]}>
      <div className="columns columns-side">
        <section className="sheet" aria-label="Decisions">
          <div className="sheet-head">
            <h2>{closed ? 'Decided' : 'Keep or return'}</h2>
            {view.decideBy && !closed && (
              <span className="soft small">decision due {dayWords(view.decideBy)}</span>
            )}
            {undecided > 0 && !closed && (
              <Button
                size="xs"
                variant="default"
                loading={busy === 'keep-all'}
                title="a"
                onClick={() => void run('keep-all', { boxId: view.id })}
              >
                {undecided === view.lines.length ? 'All kept' : 'Keep the rest'}
              </Button>
            )}
          </div>
          <ul className="rows">
            {view.lines.map((line) => (
              <TallyLine key={line.id} line={line} box={box} />
            ))}
          </ul>
        </section>
        <aside className="sheet tally-money" aria-label="Money">
          <h2>{closed ? 'Came to' : 'Comes to'}</h2>
          <dl className="tally-steps">
            {view.total?.steps.map((step) => (
              <div key={step.label} style={{ display: 'contents' }}>
                <dt>{step.label}</dt>
                <dd>
                  <Money minor={step.minor} currency={currency} />
                </dd>
              </div>
            ))}
            <dt className="tally-due">{closed ? 'Charged' : 'To charge'}</dt>
            <dd className="tally-due">
              <Money minor={view.total?.dueMinor ?? 0} currency={currency} />
            </dd>
          </dl>
          <p className="small soft">
            Tax included: <Money minor={view.total?.taxMinor ?? 0} currency={currency} />. The styling fee of{' '}
            <Money minor={view.styleFeeMinor} currency={currency} /> was charged when the box went out
            {view.total && view.total.feeKeptMinor > 0 && (
              <>
                ; <Money minor={view.total.feeKeptMinor} currency={currency} /> of it stays with the shop
              </>
            )}
            . {view.keepAllBp > 0 && `All kept: ${view.keepAllBp / 100} % off.`}
          </p>
          {closed ? (
            <>
              <Button
                variant="default"
                component="a"
                href={`/box/${view.id}/receipt.pdf`}
                target="_blank"
                rel="noopener"
              >
                Receipt as PDF
              </Button>
              {view.notesNext && (
                <>
                  <h3>For next time</h3>
                  <p>{view.notesNext}</p>
                </>
              )}
            </>
          ) : (
            <>
              <Textarea
                label="For next time"
                autosize
                minRows={2}
                value={notes}
                onChange={(event) => setNotes(event.currentTarget.value)}
              />
              <Button
                disabled={undecided > 0 || unchecked > 0}
                // What is charged is what was decided: nothing may be on its way still.
                loading={busy !== undefined}
                onClick={() => setAsking(true)}
              >
                Close the box…
              </Button>
              {undecided + unchecked > 0 && (
                <p className="small soft" role="status">
                  {undecided > 0 && `${undecided} undecided. `}
                  {unchecked > 0 && `${unchecked} not checked in yet.`}
                </p>
              )}
            </>
          )}
          {!closed && view.letter && (
            <BoxPageLink boxId={view.id} firstName={view.client.name.split(' ')[0] ?? ''} />
          )}
        </aside>
      </div>
      <CloseDialog
        view={view}
        open={asking}
        waits={busy !== undefined}
        onCancel={() => setAsking(false)}
        onClose={() => {
          setAsking(false);
          void run(
            'close-box',
            { boxId: view.id, version: view.version, notesNext: notes },
            'The box is closed.',
          );
        }}
      />
    </Providers>
  );
}

interface CloseDialogProps {
  readonly view: BoxView;
  readonly open: boolean;
  /** Something is on its way that may change the sum. */
  readonly waits: boolean;
  readonly onCancel: () => void;
  readonly onClose: () => void;
}

/** Every line and the sum once more, before anything is charged: a closed box stays closed. */
function CloseDialog({ view, open, waits, onCancel, onClose }: CloseDialogProps) {
  const { currency } = view.shop;
  const kept = view.lines.filter(({ decision }) => decision === 'keep');
  const back = view.lines.filter(({ decision }) => decision === 'return');
  const due = money(view.total?.dueMinor ?? 0, currency);
  return (
    <Modal opened={open} onClose={onCancel} title={`Close box ${view.number} and charge ${due}?`}>
      <div className="tally-money">
        <h3>{kept.length === 0 ? 'Nothing is kept' : 'Kept'}</h3>
        <ul className="plain-list">
          {kept.map(({ id, piece, size, priceMinor }) => (
            <li key={id}>
              {piece.title}, {size}: <Money minor={priceMinor} currency={currency} />
            </li>
          ))}
        </ul>
        {back.length > 0 && (
          <>
            <h3>Back, and not charged</h3>
            <ul className="plain-list">
              {back.map(({ id, piece, size, reason }) => (
                <li key={id}>
                  {piece.title}, {size}: {reason ?? 'reason not said'}
                </li>
              ))}
            </ul>
          </>
        )}
        <p className="tally-due">To charge: {due}</p>
        <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
          <Button variant="default" onClick={onCancel}>
            Cancel
          </Button>
          <Button onClick={onClose} loading={waits} data-autofocus>
            Charge {due} and close
          </Button>
        </div>
      </div>
    </Modal>
  );
}

function TallyLine({ line, box }: { readonly line: LineView; readonly box: BoxState }) {
  const { view, busy, run } = box;
  const [note, setNote] = useState(line.note);
  const closed = isClosed(view.state);
  // What the buttons show is what is stored; a reason may follow, or stay "not said".
  const decide = (
    decision: 'keep' | 'return',
    reason: string | null = line.reason,
    fitPoint: FitPoint | null = line.fitPoint,
  ): void =>
    void run('decide-line', {
      boxId: view.id,
      lineId: line.id,
      decision,
      reason: decision === 'return' ? ((reason || null) as ReturnReason | null) : null,
      fitPoint: decision === 'return' ? fitPoint : null,
      note,
    });
  const reason = line.reason ?? '';
  return (
    <li className="tally-line">
      <span className="paper-sketch paper-sketch-small">
        <GarmentSketch piece={line.piece} fit={50} decorative />
      </span>
      <div>
        <span className="serif piece-title">{line.piece.title}</span>
        <div className="small soft">
          size {line.size}; <Money minor={line.netMinor ?? line.priceMinor} currency={view.shop.currency} />
          {line.decidedBy === 'client' && <span className="tally-hers"> said on their page</span>}
        </div>
      </div>
      {closed ? (
        <div>
          {line.decision === 'keep' ? 'Kept' : `Back: ${line.reason ?? 'reason not said'}`}
          {line.note && <div className="small soft">{line.note}</div>}
        </div>
      ) : (
        <div className="tally-act">
          <div className="tally-choice" role="group" aria-label={`${line.piece.title}: keep or return`}>
            {(['keep', 'return'] as const).map((choice) => (
              <button
                key={choice}
                aria-pressed={line.decision === choice}
                disabled={
                  busy === 'decide-line' || line.checkedIn || (choice === 'return' && !line.mayReturn)
                }
                title={
                  choice === 'return' && !line.mayReturn ? 'Altered for this client: it stays' : undefined
                }
                aria-label={`${choice === 'keep' ? 'Keep' : 'Return'} ${line.piece.title}`}
                onClick={() => busy !== 'decide-line' && decide(choice)}
              >
                {choice === 'keep' ? 'Keep' : 'Return'}
              </button>
            ))}
          </div>
          {line.decision === 'return' && (
            <>
              <NativeSelect
                size="xs"
                aria-label={`Why ${line.piece.title} came back`}
                data={[{ value: '', label: 'reason not said' }, ...RETURN_REASONS]}
                value={reason}
                disabled={line.checkedIn}
                onChange={(event) => decide('return', event.currentTarget.value)}
              />
              {saysSize(reason) && (
                <NativeSelect
                  size="xs"
                  aria-label={`Where ${line.piece.title} was ${reason}`}
                  data={[{ value: '', label: 'where?' }, ...FIT_POINTS]}
                  value={line.fitPoint ?? ''}
                  disabled={line.checkedIn}
                  onChange={(event) =>
                    decide('return', reason, (event.currentTarget.value || null) as FitPoint | null)
                  }
                />
              )}
              <TextInput
                size="xs"
                aria-label={`Note on ${line.piece.title}`}
                placeholder="in the client’s words"
                value={note}
                disabled={line.checkedIn}
                onChange={(event) => setNote(event.currentTarget.value)}
                onBlur={() => note !== line.note && decide('return')}
              />
              <CheckIn line={line} box={box} />
            </>
          )}
        </div>
      )}
    </li>
  );
}
