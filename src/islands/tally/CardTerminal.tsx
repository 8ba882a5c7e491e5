import type { BoxView, CardView } from '@contracts/box/box-view';
import { isCardOpen, money } from '@core/money';
import { Button } from '@mantine/core';
import type { BoxState } from '@ui/useBox';
import { useEffect, useRef, useState } from 'react';

/** After so long without an answer a person is told what to do, ms. */
const SILENCE_MS = 45_000;

/** The sum a box has at the terminal: asked for, or charged and not used. */
export const openCard = ({ card }: Pick<BoxView, 'card'>): CardView | undefined =>
  card && isCardOpen(card.state) ? card : undefined;

interface Props {
  readonly box: Pick<BoxState, 'view' | 'busy' | 'run'>;
  readonly card: CardView;
  readonly onCharged: () => void;
}

/** A sum the terminal was asked for: what it waits for, what the card did, and how it is stopped. */
export function CardTerminal({ box: { view, busy, run }, card, onCharged }: Props) {
  const [isSilent, setSilent] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSilent(true), SILENCE_MS);
    return () => clearTimeout(timer);
  }, [card.id]);
  // The next thing to press stands in hand, once it may be pressed.
  const next = useRef<HTMLButtonElement>(null);
  const mayPress = busy === undefined;
  useEffect(() => {
    if (mayPress) next.current?.focus();
  }, [mayPress, card.state]);
  const sum = money(card.amountMinor, view.shop.currency);
  const isCharged = card.state === 'approved';
  const play = (as: 'approved' | 'declined'): void =>
    void run('play-terminal', { boxId: view.id, cardId: card.id, as });
  const stop = (): void =>
    void run(
      'stop-card',
      { boxId: view.id, cardId: card.id },
      isCharged ? `${sum} went back to the card.` : 'Stopped. Nothing was charged.',
    );
  return (
    <section className="tally-terminal" aria-label="Simulated card terminal">
      <h3>Simulated terminal</h3>
      <p role="status">
        {isCharged
          ? `The card was charged ${sum}. The box is not closed yet.`
          : isSilent
            ? `The terminal has not answered. Ask the client what their card said; stopping it makes sure nothing is charged.`
            : `Waiting for the card: ${sum}.`}
      </p>
      <div className="dialog-end">
        {isCharged ? (
          <>
            <Button variant="default" disabled={!mayPress} onClick={stop}>
              Give the money back
            </Button>
            <Button loading={!mayPress} onClick={onCharged} ref={next}>
              Close the box
            </Button>
          </>
        ) : (
          <>
            <Button variant="default" disabled={!mayPress} onClick={stop}>
              Stop
            </Button>
            <Button variant="default" disabled={!mayPress} onClick={() => play('declined')}>
              Card is declined
            </Button>
            <Button disabled={!mayPress} onClick={() => play('approved')} ref={next}>
              Card is accepted
            </Button>
          </>
        )}
      </div>
    </section>
  );
}
