import type { BoxView } from '@contracts/box/box-view';
import { type BackTo, comesBack, hasLeft, isClosed, type Loss } from '@core/box';
import { Button } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { dayWords } from '@ui/days';
import { Taught, TAUGHT_KEYS } from '@ui/Taught';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { withQueries } from '@ui/withQueries';
import { useState } from 'react';
import { CloseDialog } from './CloseDialog';
import { LoseDialog } from './LoseDialog';
import { ScanBack } from './ScanBack';
import { Silence } from './Silence';
import { TallyLine } from './TallyLine';
import { TallyMoney } from './TallyMoney';
import './tally.css';

/** Step 6: keep or return, line by line; what came back is checked in; the money to the cent. */
export const TallyPage = withQueries(function TallyPage({ initial }: { readonly initial: BoxView }) {
  const box = useBox(initial);
  const { view, busy, run } = box;
  const [notes, setNotes] = useState(view.notesNext);
  const [asking, setAsking] = useState(false);
  const [backTo, setBackTo] = useState<BackTo>('shelf');
  const [losing, setLosing] = useState<Loss>();
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
  const open = view.lines.filter(({ decision, sent }) => sent && decision === 'undecided');
  const undecided = open.length;
  const silent = undecided > 0 && view.returnBy !== undefined && view.today > view.returnBy;
  const unchecked = view.lines.filter(({ decision, checkedIn }) => comesBack(decision) && !checkedIn).length;
  const closed = isClosed(view.state);
  const waits = [
    waiting > 0 && `${waiting} to send in exchange.`,
    undecided > 0 && `${undecided} undecided.`,
    unchecked > 0 && `${unchecked} not checked in yet.`,
  ]
    .filter(Boolean)
    .join(' ');
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
              {open.length > 0 && !closed && (
                <Button size="xs" variant="subtle" onClick={() => setLosing('on its way to her')}>
                  Lost in the post…
                </Button>
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
            {!closed && silent && <Silence box={box} onGiveUp={() => setLosing('no answer')} />}
            {!closed && <ScanBack box={box} backTo={backTo} onBackTo={setBackTo} />}
            <ul className="rows">
              {view.lines.map((line) => (
                <TallyLine key={line.id} line={line} box={box} backTo={backTo} />
              ))}
            </ul>
          </section>
        </div>
        <TallyMoney
          view={view}
          busy={busy}
          notes={notes}
          onNotes={setNotes}
          waits={waits}
          hasExchange={waiting > 0}
          onClose={() => setAsking(true)}
        />
      </div>
      {losing && <LoseDialog box={box} lines={open} loss={losing} onClose={() => setLosing(undefined)} />}
      {asking && <CloseDialog box={box} notesNext={notes} onClose={() => setAsking(false)} />}
    </Providers>
  );
});
