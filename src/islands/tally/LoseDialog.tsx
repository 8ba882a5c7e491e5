import type { LineView } from '@contracts/box/box-view';
import { type Loss, LOSSES } from '@core/box';
import { sizePhrase } from '@core/fit';
import { money } from '@core/money';
import { Button, Checkbox, Modal, Radio } from '@mantine/core';
import type { BoxState } from '@ui/useBox';
import { useState } from 'react';

interface Props {
  readonly box: BoxState;
  /** What may be given up: sent, and nobody has said a word of it. */
  readonly lines: readonly LineView[];
  readonly loss: Loss;
  readonly onClose: () => void;
}

const WORDS: Readonly<Record<Loss, string>> = {
  'on its way to her': 'They never arrived',
  'no answer': 'They arrived, and nobody answers',
};

/** Gives pieces up: which, why, and what that means, before anything is written off. */
export function LoseDialog({ box: { view, busy, run }, lines, loss: first, onClose }: Props) {
  const [loss, setLoss] = useState<Loss>(first);
  const [lineIds, setLineIds] = useState<string[]>(lines.map(({ id }) => id));
  const said = (minor: number): string => money(minor, view.shop.currency);
  const worthMinor = lines
    .filter(({ id }) => lineIds.includes(id))
    .reduce((sum, { priceMinor }) => sum + priceMinor, 0);
  const isAll = loss === 'on its way to her' && lineIds.length === view.lines.length;
  const count = lineIds.length === 1 ? '1 piece' : `${lineIds.length} pieces`;
  const lose = async (): Promise<void> => {
    const done = await run(
      'lose-lines',
      { boxId: view.id, version: view.version, lineIds, loss },
      `${count} given up. If one turns up, say so on its line.`,
    );
    if (done) onClose();
  };
  return (
    <Modal opened onClose={onClose} title="Which pieces are lost?">
      <form
        className="tally-money"
        onSubmit={(event) => {
          event.preventDefault();
          void lose();
        }}
      >
        <Radio.Group label="What happened" value={loss} onChange={(value) => setLoss(value as Loss)}>
          {LOSSES.map((value) => (
            <Radio key={value} value={value} label={WORDS[value]} mt={6} />
          ))}
        </Radio.Group>
        <Checkbox.Group label="Pieces" value={lineIds} onChange={setLineIds}>
          {lines.map(({ id, piece, size, priceMinor }) => (
            <Checkbox
              key={id}
              value={id}
              mt={6}
              label={`${piece.title}, ${sizePhrase(size)}, ${said(priceMinor)}`}
            />
          ))}
        </Checkbox.Group>
        <p>
          She isn’t charged for them, and they say nothing of her taste. They come off the books:{' '}
          {said(worthMinor)} at the price in the box.
          {isAll &&
            view.styleFeeMinor > 0 &&
            view.late.lostFeeBack &&
            ` Nothing arrived, so the styling fee of ${said(view.styleFeeMinor)} goes back when the box is closed.`}
        </p>
        <div className="dialog-end">
          <Button variant="default" onClick={onClose}>
            Not yet
          </Button>
          <Button type="submit" disabled={lineIds.length === 0} loading={busy !== undefined} data-autofocus>
            Give up {count}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
