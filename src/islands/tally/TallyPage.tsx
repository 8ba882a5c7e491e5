import type { BoxView } from '@contracts/box/box-view';
import { comesBack, hasLeft, isClosed } from '@core/box';
import { money, PAY_WAYS, PAY_WORDS, type PayWay } from '@core/money';
import { Button, Modal, NativeSelect, Textarea } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { BoxPageLink } from '@ui/BoxPageLink';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { Taught, TAUGHT_KEYS } from '@ui/Taught';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { withQueries } from '@ui/withQueries';
import { useState } from 'react';
import { TallyLine } from './TallyLine';
import './tally.css';

/** Step 6: keep or return, line by line; what came back is checked in; the money to the cent. */
export const TallyPage = withQueries(function TallyPage({ initial }: { readonly initial: BoxView }) {
  const box = useBox(initial);
  const { view, busy, run } = box;
  const [notes, setNotes] = useState(view.notesNext);
  const [asking, setAsking] = useState(false);
  const { currency } = view.shop;
  useKeys([
    [
      'a',
      () =>
        hasLeft(view.state) &&
        !isClosed(view.state) &&
        view.lines.some(({ decision, sent }) => sent && decision === 'undecided') &&
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
  const waiting = view.lines.filter(({ sent }) => !sent).length;
  const undecided = view.lines.filter(({ decision, sent }) => sent && decision === 'undecided').length;
  const unchecked = view.lines.filter(({ decision, checkedIn }) => comesBack(decision) && !checkedIn).length;
  const closed = isClosed(view.state);
  return (
    <Providers keys={closed ? TAUGHT_KEYS : [{ keys: 'a', does: 'Keep everything that is not decided yet' }]}>
      <div className="columns columns-side">
        <div className="tally-left">
          {closed && <Taught clientId={view.client.id} firstName={view.client.name.split(' ')[0] ?? ''} />}
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
        </div>
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
            <dt className="tally-due">
              {closed ? `Charged${view.paidWay ? ` ${PAY_WORDS[view.paidWay]}` : ''}` : 'To charge'}
            </dt>
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
              {view.lines.flatMap(({ id, credit }) =>
                credit ? (
                  <Button
                    key={id}
                    variant="default"
                    component="a"
                    href={`/box/${view.id}/credit-${credit.no}.pdf`}
                    target="_blank"
                    rel="noopener"
                  >
                    Credit note {credit.no} as PDF
                  </Button>
                ) : (
                  []
                ),
              )}
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
                disabled={undecided + unchecked + waiting > 0}
                // What is charged is what was decided: nothing may be on its way still.
                loading={busy !== undefined}
                onClick={() => setAsking(true)}
              >
                Close the box…
              </Button>
              {waiting > 0 && (
                <Button component="a" href={`/box/${view.id}/out`} variant="default">
                  Send what is exchanged
                </Button>
              )}
              {undecided + unchecked + waiting > 0 && (
                <p className="small soft" role="status">
                  {waiting > 0 && `${waiting} to send in exchange. `}
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
        onClose={(way) => {
          setAsking(false);
          void run(
            'close-box',
            { boxId: view.id, version: view.version, notesNext: notes, way },
            'The box is closed.',
          );
        }}
      />
    </Providers>
  );
});

interface CloseDialogProps {
  readonly view: BoxView;
  readonly open: boolean;
  /** Something is on its way that may change the sum. */
  readonly waits: boolean;
  readonly onCancel: () => void;
  readonly onClose: (way: PayWay) => void;
}

/** Every line and the sum once more, before anything is charged: a closed box stays closed. */
function CloseDialog({ view, open, waits, onCancel, onClose }: CloseDialogProps) {
  const { currency } = view.shop;
  const kept = view.lines.filter(({ decision }) => decision === 'keep');
  const back = view.lines.filter(({ decision }) => comesBack(decision));
  const [way, setWay] = useState<PayWay>('card');
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
              {back.map(({ id, piece, size, reason, decision }) => (
                <li key={id}>
                  {piece.title}, {size}: {reason ?? 'reason not said'}
                  {decision === 'exchange' && ', exchanged'}
                </li>
              ))}
            </ul>
          </>
        )}
        <p className="tally-due">To charge: {due}</p>
        {(view.total?.dueMinor ?? 0) > 0 && (
          <NativeSelect
            label="Paid"
            value={way}
            data={PAY_WAYS.map((value) => ({ value, label: PAY_WORDS[value] }))}
            onChange={(event) => setWay(event.currentTarget.value as PayWay)}
          />
        )}
        <div className="dialog-end">
          <Button variant="default" onClick={onCancel}>
            Cancel
          </Button>
          <Button onClick={() => onClose(way)} loading={waits} data-autofocus>
            Charge {due} and close
          </Button>
        </div>
      </div>
    </Modal>
  );
}
