import type { BoxView, LineView } from '@contracts/box/box-view';
import { comesBack } from '@core/box';
import { money, PAY_WAYS, PAY_WORDS, payByVoucher, type PayWay } from '@core/money';
import { Button, Modal, NativeSelect, TextInput } from '@mantine/core';
import { ApiProblem, call, showProblem } from '@ui/api';
import { Money } from '@ui/Money';
import type { BoxState } from '@ui/useBox';
import { useState } from 'react';
import { CardTerminal, openCard } from './CardTerminal';

interface Props {
  readonly box: BoxState;
  /** What is left for next time, and goes along. */
  readonly notesNext: string;
  readonly onClose: () => void;
}

interface Voucher {
  readonly code: string;
  readonly balanceMinor: number;
}

/** Every line and the sum once more, and how it is paid, before anything is charged: a closed box stays closed. */
export function CloseDialog({ box: { view, busy, run }, notesNext, onClose }: Props) {
  const { currency } = view.shop;
  const [way, setWay] = useState<PayWay>('card');
  const [voucher, setVoucher] = useState<Voucher>();
  const dueMinor = Math.max(0, view.total?.dueMinor ?? 0);
  const backMinor = Math.max(0, -(view.total?.dueMinor ?? 0));
  const { byVoucher, rest } = payByVoucher(dueMinor, voucher?.balanceMinor ?? 0);
  const said = (minor: number): string => money(minor, currency);
  const waits = busy !== undefined;
  const byTerminal = rest > 0 && way === 'card' && view.late.terminal !== 'none';
  const card = openCard(view);
  const close = async (): Promise<void> => {
    const paid = rest > 0 ? way : byVoucher > 0 ? 'voucher' : way;
    const done = await run(
      'close-box',
      {
        boxId: view.id,
        version: view.version,
        notesNext,
        way: card ? 'card' : paid,
        voucher: card ? (card.voucher ?? '') : (voucher?.code ?? ''),
      },
      'The box is closed.',
    );
    if (done) onClose();
  };
  const ask = (): void =>
    void run('ask-card', { boxId: view.id, version: view.version, voucher: voucher?.code ?? '' });
  return (
    <Modal
      opened
      onClose={onClose}
      title={`Close box ${view.number} and ${backMinor > 0 ? `give back ${said(backMinor)}` : `charge ${said(dueMinor)}`}?`}
    >
      <div className="tally-money">
        <Lines view={view} />
        <p className="tally-due">
          {backMinor > 0 ? `To give back: ${said(backMinor)}` : `To charge: ${said(dueMinor)}`}
        </p>
        {backMinor > 0 && <p>It goes back the way it was paid, since nothing of this box arrived.</p>}
        {dueMinor > 0 && !card && (
          <>
            <VoucherField voucher={voucher} onVoucher={setVoucher} />
            {voucher && (
              <p role="status">
                {said(byVoucher)} by voucher
                {voucher.balanceMinor > byVoucher
                  ? `; ${said(voucher.balanceMinor - byVoucher)} stays on it.`
                  : rest > 0
                    ? `; ${said(rest)} is left to pay.`
                    : '.'}
              </p>
            )}
            {rest > 0 && (
              <NativeSelect
                label={byVoucher > 0 ? 'The rest, paid' : 'Paid'}
                value={way}
                data={PAY_WAYS.filter((each) => each !== 'voucher').map((value) => ({
                  value,
                  label: PAY_WORDS[value],
                }))}
                onChange={(event) => setWay(event.currentTarget.value as PayWay)}
              />
            )}
          </>
        )}
        {view.card?.state === 'declined' && byTerminal && (
          <p className="tone tone-fights" role="alert">
            The card was declined; nothing was charged. Ask again, or take it another way.
          </p>
        )}
        {card?.voucher && (
          <p>
            {said(dueMinor - card.amountMinor)} by voucher <span className="num">{card.voucher}</span>.
          </p>
        )}
        {card ? (
          <CardTerminal box={{ view, busy, run }} card={card} onCharged={() => void close()} />
        ) : (
          <div className="dialog-end">
            <Button variant="default" onClick={onClose}>
              Cancel
            </Button>
            {byTerminal ? (
              <Button onClick={ask} loading={waits} data-autofocus>
                Ask the terminal for {said(rest)}
              </Button>
            ) : (
              <Button onClick={() => void close()} loading={waits} data-autofocus>
                {backMinor > 0 ? `Give back ${said(backMinor)}` : `Charge ${said(dueMinor)}`} and close
              </Button>
            )}
          </div>
        )}
      </div>
    </Modal>
  );
}

function Lines({ view }: { readonly view: BoxView }) {
  const kept = view.lines.filter(({ decision }) => decision === 'keep');
  const back = view.lines.filter(({ decision }) => comesBack(decision));
  const lost = view.lines.filter(({ decision }) => decision === 'lost');
  return (
    <>
      <h3>{kept.length === 0 ? 'Nothing is kept' : 'Kept'}</h3>
      <ul className="plain-list">
        {kept.map(({ id, piece, size, priceMinor }) => (
          <li key={id}>
            {piece.title}, {size}: <Money minor={priceMinor} currency={view.shop.currency} />
          </li>
        ))}
      </ul>
      <NotCharged title="Back, and not charged" lines={back} />
      <NotCharged title="Lost, and not charged" lines={lost} />
    </>
  );
}

function NotCharged({ title, lines }: { readonly title: string; readonly lines: readonly LineView[] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h3>{title}</h3>
      <ul className="plain-list">
        {lines.map(({ id, piece, size, reason, decision }) => (
          <li key={id}>
            {piece.title}, {size}: {reason ?? 'reason not said'}
            {decision === 'exchange' && ', exchanged'}
          </li>
        ))}
      </ul>
    </>
  );
}

interface VoucherFieldProps {
  readonly voucher: Voucher | undefined;
  readonly onVoucher: (voucher: Voucher | undefined) => void;
}

/** A voucher's code, looked up before it pays. */
function VoucherField({ voucher, onVoucher }: VoucherFieldProps) {
  const [code, setCode] = useState('');
  const [fault, setFault] = useState('');
  const look = async (): Promise<void> => {
    if (code.trim() === '') return onVoucher(undefined);
    try {
      const found = await call('voucher', { code });
      setFault(found.balanceMinor > 0 ? '' : 'Nothing is left on it.');
      onVoucher(found.balanceMinor > 0 ? found : undefined);
    } catch (error) {
      onVoucher(undefined);
      if (error instanceof ApiProblem && error.status === 404) setFault('There is no voucher of this code.');
      else showProblem(error);
    }
  };
  return (
    <div className="tally-voucher">
      <TextInput
        label="Voucher, if there is one"
        value={voucher?.code ?? code}
        error={fault}
        maxLength={20}
        onChange={(event) => {
          setCode(event.currentTarget.value);
          setFault('');
          onVoucher(undefined);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          void look();
        }}
      />
      <Button variant="default" onClick={() => void look()} disabled={code.trim() === ''}>
        Look it up
      </Button>
    </div>
  );
}
