import type { Problem } from '@contracts/faults';
import type { MyBoxView, MyPiece } from '@contracts/tally/my-box';
import { RETURN_REASONS, type ReturnReason } from '@core/box';
import { FIT_POINTS, type FitPoint } from '@core/fit';
import { saysSize } from '@core/learn';
import { money } from '@core/money';
import { Button, NativeSelect, Textarea } from '@mantine/core';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { useState } from 'react';
import './my-box.css';

interface Props {
  readonly token: string;
  readonly view: MyBoxView;
}

interface Answers {
  readonly view: MyBoxView;
  readonly busy: boolean;
  readonly problem: string;
  readonly say: (body: object) => Promise<void>;
}

/** Sends what she says; the page shows what is stored, never what was only pressed. */
function useAnswers(token: string, first: MyBoxView): Answers {
  const [view, setView] = useState(first);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const ask = (body: object): Promise<Response | undefined> =>
    fetch(`/api/my-box/${token}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }).catch(() => undefined);
  const say = async (body: object): Promise<void> => {
    setBusy(true);
    setProblem('');
    const response = await ask(body);
    setBusy(false);
    if (!response) return setProblem('No connection just now. Nothing was changed; please try again.');
    if (response.ok) return setView((await response.json()) as MyBoxView);
    setProblem(((await response.json()) as Problem).title);
    // Somebody in the shop may have decided meanwhile: what stands there now is shown.
    if (response.status === 409) setTimeout(() => location.reload(), RELOAD_MS);
  };
  return { view, busy, problem, say };
}
const RELOAD_MS = 4000;

/** A client's box behind her private link: her letter to read, and what she keeps. Made for a phone. */
export function MyBoxPage({ token, view: first }: Props) {
  const answers = useAnswers(token, first);
  const { view } = answers;
  return (
    <Providers>
      <main className="my-box">
        <header>
          <h1 className="serif my-shop">Your box from {view.shopName}</h1>
          <p className="my-greeting">{view.greeting}</p>
          <StageWords view={view} />
        </header>
        <ul className="my-pieces">
          {view.pieces.map((piece) => (
            <Piece key={piece.lineId} piece={piece} answers={answers} />
          ))}
        </ul>
        {view.looks.length > 0 && (
          <section aria-label="Worn together">
            {view.looks.map((look) => (
              <figure key={look.title + look.line} className="my-look">
                <div className="my-figure" dangerouslySetInnerHTML={{ __html: look.picture.svg }} />
                <figcaption>
                  <h2>{look.title}</h2>
                  <p>{look.line}</p>
                  {look.instead && <p>{look.instead}</p>}
                </figcaption>
              </figure>
            ))}
          </section>
        )}
        {view.journey.days.length + view.journey.packing.length > 0 && (
          <section className="my-journey" aria-label="For your journey">
            <h2>For your journey</h2>
            <h3>To pack</h3>
            <ul>
              {view.journey.packing.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            {view.journey.days.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </section>
        )}
        <p className="my-greeting">{view.closing}</p>
        {view.stage !== 'closed' && (
          <p className="small">
            <a href={`/my-box/${token}/dates.ics`}>Put the days of this box into my calendar</a>
          </p>
        )}
        {view.silentKeepFrom && view.stage !== 'closed' && (
          <p>
            Please tell us even if you’re keeping everything: anything we haven’t heard about by{' '}
            {dayWords(view.silentKeepFrom)} counts as kept, and we charge for it.
          </p>
        )}
        {view.returnPolicy && <p className="small soft">{view.returnPolicy}</p>}
        {view.stage !== 'coming' && <Sum answers={answers} />}
      </main>
    </Providers>
  );
}

const LOST = 'Noted as lost, and not charged. If it turns up, please write to us.';

function StageWords({ view }: { readonly view: MyBoxView }) {
  if (view.stage === 'coming')
    return <p className="soft">Your box is on its way to you. Here is your letter.</p>;
  if (view.pieces.length > 0 && view.pieces.every(({ decision }) => decision === 'lost'))
    return <p>We are sorry: nothing of this box is charged. If it turns up, please write to us.</p>;
  if (view.stage === 'closed') return <p className="soft">This box is settled. Thank you.</p>;
  return (
    <p className="soft">
      Try everything on at home, then say here what you keep
      {view.decideBy && <>, by {dayWords(view.decideBy)} if you can</>}. You can change your mind until the
      parcel is back with us.
    </p>
  );
}

function Piece({ piece, answers }: { readonly piece: MyPiece; readonly answers: Answers }) {
  const { view, busy, say } = answers;
  const [words, setWords] = useState(piece.words);
  const isExchanged = piece.decision === 'exchange';
  const tell = (part: {
    decision?: 'undecided' | 'keep' | 'return';
    reason?: ReturnReason | null;
    fitPoint?: FitPoint | null;
  }): void =>
    void say({
      lineId: piece.lineId,
      was: piece.decision,
      decision: isExchanged ? 'undecided' : piece.decision,
      reason: piece.reason,
      fitPoint: piece.fitPoint,
      words,
      ...part,
    });
  const mayDecide = view.stage === 'deciding' && !piece.isBack && piece.sent && !isExchanged;
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
      {view.stage === 'closed' || piece.isBack || piece.decision === 'lost' ? (
        <p className="my-said">
          {piece.decision === 'lost'
            ? LOST
            : piece.isBack
              ? 'Back with us, thank you.'
              : piece.decision === 'keep'
                ? 'Yours.'
                : 'Not kept.'}
        </p>
      ) : !piece.sent ? (
        <p className="my-said">It goes out to you soon.</p>
      ) : isExchanged ? (
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
      ) : (
        mayDecide && (
          <div className="my-act">
            <div className="my-choice" role="group" aria-label={`${piece.title}: keep or send back`}>
              {(['keep', 'return'] as const).map((choice) => (
                <button
                  key={choice}
                  aria-pressed={piece.decision === choice}
                  disabled={busy || (choice === 'return' && !piece.mayReturn)}
                  onClick={() => tell({ decision: piece.decision === choice ? 'undecided' : choice })}
                  aria-label={`${choice === 'keep' ? 'Keep' : 'Send back'} ${piece.title}`}
                >
                  {choice === 'keep' ? 'Keep' : 'Send back'}
                </button>
              ))}
            </div>
            {!piece.mayReturn && <p className="small soft">Altered for you, so it stays with you.</p>}
            {piece.decidedBy === 'shop' && piece.decision !== 'undecided' && (
              <p className="small soft">The shop noted this for you.</p>
            )}
            {piece.decision === 'return' && (
              <>
                <NativeSelect
                  label="What was it, if you like to say"
                  value={piece.reason ?? ''}
                  data={[{ value: '', label: 'I would rather not say' }, ...RETURN_REASONS]}
                  disabled={busy}
                  onChange={(event) =>
                    tell({ reason: (event.currentTarget.value || null) as ReturnReason | null })
                  }
                />
                {piece.reason && saysSize(piece.reason) && (
                  <NativeSelect
                    label="Where"
                    value={piece.fitPoint ?? ''}
                    data={[{ value: '', label: 'not sure' }, ...FIT_POINTS]}
                    disabled={busy}
                    onChange={(event) =>
                      tell({ fitPoint: (event.currentTarget.value || null) as FitPoint | null })
                    }
                  />
                )}
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
                onAsk={(exchangeFor) =>
                  void say({
                    lineId: piece.lineId,
                    was: piece.decision,
                    exchangeFor,
                    reason: piece.reason,
                    fitPoint: piece.fitPoint,
                    words,
                  })
                }
              />
            )}
          </div>
        )
      )}
    </li>
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
          { value: '', label: 'size or colour' },
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

const dueLabel = ({ stage, money: { dueMinor } }: MyBoxView): string => {
  const settled = stage === 'closed';
  return dueMinor < 0 ? (settled ? 'Given back' : 'You get back') : settled ? 'Charged' : 'To pay';
};

/** What it comes to, and what keeping the rest would change. */
function Sum({ answers: { view, busy, problem, say } }: { readonly answers: Answers }) {
  const { currency } = view;
  const { dueMinor, allDueMinor, steps, feeMinor } = view.money;
  const open = view.pieces.filter(({ decision, sent }) => sent && decision === 'undecided').length;
  const isAll = view.pieces.every(({ decision }) => decision === 'keep' || decision === 'lost');
  const kept = view.pieces.filter(({ decision }) => decision === 'keep').length;
  return (
    <section className="my-sum" aria-label="What it comes to">
      <dl>
        {steps.map(({ label, minor }) => (
          <div key={label}>
            <dt>{label}</dt>
            <dd>
              <Money minor={minor} currency={currency} />
            </dd>
          </div>
        ))}
        <div className="my-due">
          <dt>{dueLabel(view)}</dt>
          <dd>
            <Money minor={Math.abs(dueMinor)} currency={currency} />
          </dd>
        </div>
      </dl>
      {feeMinor > 0 && (
        <p className="small soft">
          You paid {money(feeMinor, currency)} for the styling; it counts towards what you keep.
        </p>
      )}
      {view.stage === 'deciding' && (
        <>
          {!isAll && kept > 0 && (
            <p>
              Keep everything and it comes to {money(allDueMinor, currency)}
              {allDueMinor <= dueMinor && ', which is no more than what you keep now'}.
            </p>
          )}
          {problem && (
            <p role="alert" className="tone tone-blocks">
              {problem}
            </p>
          )}
          <div className="my-end">
            {open > 0 && (
              <Button variant="default" disabled={busy} onClick={() => void say({ keepAll: true })}>
                {open === view.pieces.length ? 'I keep everything' : 'I keep the rest'}
              </Button>
            )}
            {view.answered ? (
              <p role="status">
                Thank you, {view.firstName}. We have your answer; change it here if you change your mind.
              </p>
            ) : (
              <Button disabled={busy || open > 0} onClick={() => void say({ done: true })}>
                That is my answer
              </Button>
            )}
          </div>
          {open > 0 && (
            <p className="small soft" role="status">
              {open === 1 ? 'One piece is' : `${open} pieces are`} still open. What you said is kept.
            </p>
          )}
        </>
      )}
    </section>
  );
}
