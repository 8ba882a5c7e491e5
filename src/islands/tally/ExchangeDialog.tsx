import type { LineView } from '@contracts/box/box-view';
import type { ExchangeOffer } from '@contracts/tally/exchange-line';
import type { ReturnReason } from '@core/box';
import { fitInShort } from '@core/fit';
import { Button, Loader, Modal } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import type { BoxState } from '@ui/useBox';
import { spell } from '@ui/tongue';
import { useEffect, useState } from 'react';
import { Reason, type Why } from './Reason';

interface Props {
  readonly line: LineView;
  readonly box: BoxState;
  readonly onClose: () => void;
}

/** Another size, length or colour of a piece: what is there in each, how it would fit, and what it costs. */
export function ExchangeDialog({ line, box: { view, busy, run }, onClose }: Props) {
  const { title } = line.piece;
  const [offers, setOffers] = useState<readonly ExchangeOffer[]>();
  const [chosen, setChosen] = useState<string>();
  const [why, setWhy] = useState<Why>({
    reason: line.reason as ReturnReason | null,
    fitPoint: line.fitPoint,
    note: line.note,
  });
  useEffect(() => {
    call('exchange-offers', { boxId: view.id, lineId: line.id }).then(setOffers, (error: unknown) => {
      showProblem(error);
      onClose();
    });
    // Asked once, as the dialog opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const pick = offers?.find(({ variantId }) => variantId === chosen);
  const send = async (): Promise<void> => {
    if (!pick) return;
    const done = await run(
      'exchange-line',
      { boxId: view.id, lineId: line.id, variantId: pick.variantId, ...why },
      `${pick.piece.title} in ${pick.size} is held for ${view.client.name}.`,
    );
    if (done) onClose();
  };
  return (
    <Modal opened onClose={onClose} title={`Exchange ${title}, ${line.size}`} size="lg">
      <form
        className="tally-money"
        onSubmit={(event) => {
          event.preventDefault();
          void send();
        }}
      >
        {!offers && <Loader size="sm" aria-label="Looking at the shelf" />}
        {offers?.length === 0 && (
          <p className="empty">
            {spell('There is no other size or colour of it in the shop. Return it, then pull another.')}
          </p>
        )}
        {offers && offers.length > 0 && (
          <div role="radiogroup" aria-label="What for" className="tally-offers">
            {offers.map((offer) => (
              <label key={offer.variantId} className={offer.there === 0 ? 'tally-none' : undefined}>
                <input
                  type="radio"
                  name="offer"
                  value={offer.variantId}
                  disabled={offer.there === 0}
                  checked={chosen === offer.variantId}
                  onChange={() => setChosen(offer.variantId)}
                />
                <span className="paper-sketch paper-sketch-small">
                  <GarmentSketch piece={offer.piece} fit={36} decorative />
                </span>
                <span>
                  {offer.isSameColour ? `Size ${offer.size}` : `${offer.piece.title}, ${offer.size}`}
                  <span className="small soft">
                    {' '}
                    {offer.there === 0 ? 'none on the shelf' : `${offer.there} on the shelf`}
                    {offer.fit && `; ${fitInShort(offer.fit, view.shop.tongue)}`}
                  </span>
                </span>
                <Money minor={offer.priceMinor} currency={view.shop.currency} />
              </label>
            ))}
          </div>
        )}
        <div className="tally-why">
          <Reason title={title} why={why} onChange={setWhy} />
        </div>
        <div className="dialog-end">
          <Button variant="default" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={!pick} loading={busy === 'exchange-line'}>
            {pick ? `Hold ${pick.size} and exchange` : 'Hold and exchange'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
