import type { PracticeProgress } from '@contracts/practice/practice';
import { Button } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { Providers } from '@ui/Providers';
import { useAsked } from '@ui/useAsked';
import { withQueries } from '@ui/withQueries';
import { spell } from '@ui/tongue';
import { Answered } from './Answered';
import { Exercise } from './Exercise';
import { Objections } from './Objections';
import { OldBox } from './OldBox';
import { Progress } from './Progress';
import { useOldBox } from './useOldBox';
import { usePractice } from './usePractice';
import './practice.css';

const KEYS = [
  { keys: 'b', does: 'Begin, or go on' },
  { keys: 'o', does: 'Open an old box' },
  { keys: '1 … 9', does: 'Choose' },
  { keys: 'a, s, d', does: 'What tells it' },
  { keys: 'Enter', does: 'Answer; then the next one' },
  { keys: 'x', does: 'I don’t agree' },
] as const;

/** Ten short exercises a day out of the shop’s own stock, judged by its own rules. */
export const PracticePage = withQueries(function PracticePage({
  first,
}: {
  readonly first: PracticeProgress;
}) {
  const { answer: progress = first, again } = useAsked('practice-progress', {}, { initial: first });
  const practice = usePractice(first.day);
  const { day, task, answered, state, session } = practice;
  const old = useOldBox();
  useKeys([
    ['b', () => state === 'resting' && old.state !== 'open' && void practice.next()],
    ['o', () => state === 'resting' && old.state !== 'open' && void old.open()],
  ]);
  const rest = (): void => {
    old.close();
    practice.rest();
    void again();
  };
  return (
    <Providers keys={KEYS}>
      <div className="place-head">
        <h1>Practice</h1>
        <span className="soft" role="status">
          {saidOf(day.done, day.of, progress.due)}
        </span>
        {(state !== 'resting' || old.state !== 'closed') && (
          <div className="end">
            <Button variant="default" onClick={rest}>
              Leave it for now
            </Button>
          </div>
        )}
      </div>
      {old.box && old.state === 'open' && (
        <OldBox key={old.box.boxId} box={old.box} onAnother={() => void old.open()} />
      )}
      {old.state === 'none' && (
        <p className="sheet" role="status">
          {old.seen > 0
            ? 'You have seen every old box there is.'
            : 'There is no old box yet. Close a box of three pieces or more, and it comes up here.'}
        </p>
      )}
      {state === 'resting' && old.state !== 'open' && (
        <>
          {session.length > 0 && (
            <section className="sheet practice-done">
              <h2>
                {session.filter(Boolean).length} of {session.length} right
              </h2>
              <p className="soft">What went wrong comes back soon, with other pieces.</p>
            </section>
          )}
          <section className="sheet practice-begin">
            <p>
              Which of two looks goes out, what is wrong with one, which heel for this hem: short exercises
              out of your own stock. No client of yours is in them.
            </p>
            <Button size="md" onClick={() => void practice.next()} title="b">
              {day.done === 0 ? 'Begin today’s ten' : day.done < day.of ? 'Go on' : 'A few more'}
            </Button>
          </section>
          <section className="sheet practice-begin">
            <p>
              An old box: a past brief with the name taken off. Choose what you would have sent, then see what
              was kept, what it came to, and why the rest came back.
            </p>
            <Button size="md" variant="default" onClick={() => void old.open()} title="o">
              Open an old box
            </Button>
          </section>
          <Progress progress={progress} />
          {progress.objections && progress.objections.length > 0 && (
            <Objections objections={progress.objections} onRead={again} />
          )}
        </>
      )}
      {state === 'looking' && (
        <p className="sheet" role="status">
          Choosing pieces…
        </p>
      )}
      {state === 'nothing' && (
        <section className="sheet">
          <h2>{spell('There is too little on the shelf to practise with.')}</h2>
          <p>
            {spell('An exercise needs tops, trousers or skirts, and shoes.')}{' '}
            <a href="/stockroom">Bring in some pieces</a>, and come back.
          </p>
        </section>
      )}
      {task && state === 'asked' && (
        <Exercise
          key={task.id}
          exercise={task.exercise}
          currency={practice.currency}
          busy={practice.busy}
          onAnswer={practice.answer}
        />
      )}
      {task && answered && state === 'told' && (
        <Answered
          key={task.id}
          task={task}
          currency={practice.currency}
          answered={answered}
          given={practice.given}
          isLast={day.done % day.of === 0}
          onNext={() => void (day.done % day.of === 0 ? rest() : practice.next())}
        />
      )}
    </Providers>
  );
});

function saidOf(done: number, of: number, due: number): string {
  const today = done >= of ? 'Today’s ten are done' : `${done} of today’s ${of} done`;
  return due > 0 ? `${today}; ${due} due again.` : `${today}.`;
}
