import type { MyPiece } from '@contracts/tally/my-box';
import { RETURN_REASONS, type ReturnReason } from '@core/box';
import { FIT_POINTS, type FitPoint } from '@core/fit';
import { saysSize } from '@core/learn';
import { money } from '@core/money';
import { Button, NativeSelect, Textarea } from '@mantine/core';
import { Money } from '@ui/Money';
import { spell } from '@ui/tongue';
import { useState } from 'react';
import type { Answers } from './useAnswers';

const LOST = 'Noted as lost, and not charged. If it turns up, please write to us.';

/** What she says of a piece. */
interface Said {
  readonly decision?: 'undecided' | 'keep' | 'return';
  readonly reason?: ReturnReason | null;
  readonly fitPoint?: FitPoint | null;
}

interface Props {
  readonly piece: MyPiece;
  readonly answers: Answers;
}

/** A piece of her box: what the letter says of it, and what she keeps. */
export function Piece({ piece, answers }: Props) {
  const { view } = answers;
  const said = saidOf(piece, view.stage === 'closed');
  return (
    <li className="my-piece" data-decision={piece.decision}>
      <div className="my-sketch" dangerouslySetInnerHTML={{ __html: piece.picture.svg }} />
      <div className="my-words">
        <h2>
          {piece.title}
          {piece.size && `, ${piece.size}`}
        </h2>
        {piece.insteadOf && <p>Instead of {piece.insteadOf}, as you asked.</p>}
        <p>
          <Money minor={piece.priceMinor} currency={view.currency} />
        </p>
        {[piece.why, piece.fit, piece.wear.join(' '), piece.beneath.join(' '), piece.facts, piece.care]
          .filter(Boolean)
          .map((text) => (
            <p key={text}>{text}</p>
          ))}
      </div>
      {said ? <p className="my-said">{said}</p> : <Deciding piece={piece} answers={answers} />}
    </li>
  );
}

/** What stands where nothing is left to decide; undefined while something is. */
function saidOf({ decision, isBack, sent }: MyPiece, isClosed: boolean): string | undefined {
  if (decision === 'lost') return LOST;
  if (isBack) return 'Back with us, thank you.';
  if (isClosed) return decision === 'keep' ? 'Yours.' : 'Not kept.';
  return sent ? undefined : 'It goes out to you soon.';
}

function Deciding({ piece, answers: { view, busy, say } }: Props) {
  const [words, setWords] = useState(piece.words);
  const isExchanged = piece.decision === 'exchange';
  const { lineId, reason, fitPoint } = piece;
  const was = piece.decision;
  const tell = (part: Said): void =>
    void say({ lineId, was, decision: isExchanged ? 'undecided' : was, reason, fitPoint, words, ...part });
  if (isExchanged)
    return (
      <div className="my-act">
        <p>You asked for another one in its place. Please send this one back.</p>
        <Button
          variant="default"
          disabled={busy}
          aria-label={`I do not want to exchange it after all: ${piece.title}`}
          onClick={() => tell({ decision: 'undecided' })}
        >
          I do not want to exchange it after all
        </Button>
      </div>
    );
  if (view.stage !== 'deciding') return null;
  return (
    <div className="my-act">
      <div className="my-choice" role="group" aria-label={`${piece.title}: keep or send back`}>
        {(['keep', 'return'] as const).map((choice) => (
          <button
            key={choice}
            aria-pressed={was === choice}
            disabled={busy || (choice === 'return' && !piece.mayReturn)}
            onClick={() => tell({ decision: was === choice ? 'undecided' : choice })}
            aria-label={`${choice === 'keep' ? 'Keep' : 'Send back'} ${piece.title}`}
          >
            {choice === 'keep' ? 'Keep' : 'Send back'}
          </button>
        ))}
      </div>
      {!piece.mayReturn && <p className="small soft">Altered for you, so it stays with you.</p>}
      {piece.decidedBy === 'shop' && was !== 'undecided' && (
        <p className="small soft">The shop noted this for you.</p>
      )}
      {was === 'return' && (
        <>
          <WhatItWas piece={piece} busy={busy} onSay={tell} />
          <Textarea
            label="In your words"
            autosize
            maxLength={400}
            value={words}
            onChange={(event) => setWords(event.currentTarget.value)}
            onBlur={() => words !== piece.words && tell({})}
          />
        </>
      )}
      {piece.others.length > 0 && (
        <Rather
          piece={piece}
          currency={view.currency}
          busy={busy}
          onAsk={(exchangeFor) => void say({ lineId, was, exchangeFor, reason, fitPoint, words })}
        />
      )}
    </div>
  );
}

interface WhatProps {
  readonly piece: MyPiece;
  readonly busy: boolean;
  readonly onSay: (part: Said) => void;
}

/** Why a piece goes back, and where it did not fit. */
function WhatItWas({ piece: { reason, fitPoint }, busy, onSay }: WhatProps) {
  return (
    <>
      <NativeSelect
        label="What was it, if you like to say"
        value={reason ?? ''}
        data={[{ value: '', label: 'I would rather not say' }, ...RETURN_REASONS]}
        disabled={busy}
        onChange={(event) => onSay({ reason: (event.currentTarget.value || null) as ReturnReason | null })}
      />
      {reason && saysSize(reason) && (
        <NativeSelect
          label="Where"
          value={fitPoint ?? ''}
          data={[{ value: '', label: 'not sure' }, ...FIT_POINTS]}
          disabled={busy}
          onChange={(event) => onSay({ fitPoint: (event.currentTarget.value || null) as FitPoint | null })}
        />
      )}
    </>
  );
}

interface RatherProps {
  readonly piece: MyPiece;
  readonly currency: string;
  readonly busy: boolean;
  readonly onAsk: (variantId: string) => void;
}

/** Another size or colour of a piece: chosen, and then asked for. */
function Rather({ piece, currency, busy, onAsk }: RatherProps) {
  const [chosen, setChosen] = useState('');
  return (
    <div className="my-rather">
      <NativeSelect
        label="Rather another one"
        value={chosen}
        data={[
          { value: '', label: spell('size or colour') },
          ...piece.others.map(({ variantId, words, priceMinor }) => ({
            value: variantId,
            label: priceMinor === piece.priceMinor ? words : `${words}, ${money(priceMinor, currency)}`,
          })),
        ]}
        disabled={busy}
        onChange={(event) => setChosen(event.currentTarget.value)}
      />
      {chosen && (
        <Button variant="default" disabled={busy} onClick={() => onAsk(chosen)}>
          Please send me this one
        </Button>
      )}
    </div>
  );
}
