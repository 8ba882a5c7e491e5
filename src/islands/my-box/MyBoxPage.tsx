import type { MyBoxView } from '@contracts/tally/my-box';
import { money } from '@core/money';
import { Button } from '@mantine/core';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { Piece } from './Piece';
import { type Answers, useAnswers } from './useAnswers';
import './my-box.css';

interface Props {
  readonly token: string;
  readonly view: MyBoxView;
}

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
