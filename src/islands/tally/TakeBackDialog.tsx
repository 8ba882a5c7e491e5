import type { LineView } from '@contracts/box/box-view';
import { BACK_TO, BACK_WORDS, type BackTo } from '@core/box';
import { amountText, creditOf, money, paidWords, parseMoney, refundParts, roundMinor } from '@core/money';
import { Button, Modal, NativeSelect, TextInput } from '@mantine/core';
import type { BoxState } from '@ui/useBox';
import { counted } from '@core/words';
import { useState } from 'react';
import { Reason, type Why } from './Reason';

interface Props {
  readonly line: LineView;
  readonly box: BoxState;
  readonly onClose: () => void;
}

/** A kept piece comes back after its box was closed: what is given back, what is withheld, and where the piece goes. */
export function TakeBackDialog({ line, box: { view, busy, run }, onClose }: Props) {
  const { currency } = view.shop;
  const netMinor = line.netMinor ?? 0;
  const [why, setWhy] = useState<Why>({ reason: null, fitPoint: null, note: line.note });
  const [withheld, setWithheld] = useState(amountText(0, currency));
  const [backTo, setBackTo] = useState<BackTo>('shelf');
  const minor = parseMoney(withheld, currency);
  const isRight = minor !== undefined && minor >= 0 && minor <= netMinor;
  const back = isRight ? creditOf({ netMinor, taxMinor: 0 }, minor).amountMinor : netMinor;
  const said = (minor: number): string => money(minor, currency);
  const how = paidWords(refundParts(view.paid, back), said);
  const { returnDays, settledDays = 0, damageShareBp } = view.late;
  const isLate = returnDays !== null && settledDays > returnDays;
  const usual = roundMinor((netMinor * damageShareBp) / 10_000);
  const send = async (): Promise<void> => {
    if (!isRight) return;
    const done = await run(
      'take-back-line',
      {
        boxId: view.id,
        lineId: line.id,
        ...why,
        withheldMinor: minor,
        backTo,
      },
      `${money(back, currency)} is given back for ${line.piece.title}.`,
    );
    if (done) onClose();
  };
  return (
    <Modal opened onClose={onClose} title={`Take ${line.piece.title} back`}>
      <form
        className="tally-money"
        onSubmit={(event) => {
          event.preventDefault();
          void send();
        }}
      >
        <p>
          It came to {money(netMinor, currency)}. The box stays closed and its receipt stands; a credit note
          is written for this piece alone.
        </p>
        {returnDays !== null && (
          <p className={isLate ? 'tone tone-fights' : 'small soft'}>
            {isLate
              ? `The shop takes pieces back within ${counted(returnDays, 'day')}; this box was settled ${counted(settledDays, 'day')} ago. An owner may take it back all the same.`
              : `Within the shop’s ${counted(returnDays, 'day')}: the box was settled ${settledDays === 0 ? 'today' : `${counted(settledDays, 'day')} ago`}.`}
          </p>
        )}
        <div className="tally-why">
          <Reason title={line.piece.title} why={why} onChange={setWhy} />
        </div>
        <TextInput
          label="Withheld for damage"
          inputMode="decimal"
          value={withheld}
          error={isRight ? undefined : `An amount from 0 to ${amountText(netMinor, currency)}`}
          onChange={(event) => setWithheld(event.currentTarget.value)}
        />
        {damageShareBp > 0 && minor !== usual && (
          <button
            type="button"
            className="plain-button small"
            onClick={() => setWithheld(amountText(usual, currency))}
          >
            withhold the usual {damageShareBp / 100} %: {said(usual)}
          </button>
        )}
        <NativeSelect
          label="Where the piece goes"
          value={backTo}
          data={BACK_TO.map((value) => ({ value, label: BACK_WORDS[value] }))}
          onChange={(event) => setBackTo(event.currentTarget.value as BackTo)}
        />
        <div className="dialog-end">
          <Button variant="default" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={!isRight} loading={busy === 'take-back-line'}>
            Give back {money(back, currency)} {how}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
