import type { PracticeAnswered, PracticeTask } from '@contracts/practice/practice';
import { lookOf, MATTERS, piecesIn, questionWords, type PracticeAnswer, wayFaultWords } from '@core/practice';
import { sentence } from '@core/rules';
import { speaker } from '@core/say';
import { Button } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { dayWords, todayHere } from '@ui/days';
import { Figure } from '@ui/Figure';
import { pageTongue, spell } from '@ui/tongue';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Board } from './Board';
import { ObjectForm } from './ObjectForm';

interface Props {
  readonly task: NonNullable<PracticeTask['task']>;
  readonly currency: string;
  readonly answered: PracticeAnswered;
  readonly given: PracticeAnswer;
  readonly isLast: boolean;
  readonly onNext: () => void;
}

/** What was right, and why: in the judge’s words, option by option. */
export function Answered({ task: { id, exercise }, currency, answered, given, isLast, onNext }: Props) {
  const { key, right, why, looks, dueDay } = answered;
  const [objecting, setObjecting] = useState(false);
  const by = useMemo(() => speaker(piecesIn(exercise), { tongue: pageTongue() }), [exercise]);
  // Enter goes on at once.
  const next = useRef<HTMLButtonElement>(null);
  useEffect(() => next.current?.focus(), []);
  useKeys([['x', () => setObjecting(true)]]);
  return (
    <section className="practice" aria-label="How it went">
      <header className="practice-head">
        <p className="soft">{questionWords(exercise, by, currency)}</p>
        {exercise.wish && <blockquote className="practice-wish">“{exercise.wish}”</blockquote>}
        <div role="status">
          <h2 className={right ? 'practice-right' : 'practice-wrong'}>
            {right ? 'Right.' : 'Not this time.'}
          </h2>
          {key.why && (
            <p>
              {why ? 'You saw what tells it: ' : 'What tells it: '}
              {spell(MATTERS[key.why]).toLowerCase()}.
            </p>
          )}
        </div>
      </header>
      {looks ? (
        <>
          <div className="practice-ways">
            {looks.map(({ fault, found }, i) => (
              <div key={i} className={`stage practice-way ${fault ? 'wrong' : 'right'}`}>
                <Figure
                  pieces={lookOf(exercise, given.looks?.[i] ?? [])}
                  client={exercise.client}
                  height={290}
                  title={`Look ${i + 1}`}
                />
                <span>
                  {fault ? '✗ ' : '✓ '}
                  {wayFaultWords(fault)}{' '}
                  {fault !== 'not whole' && found.map((finding) => sentence(finding, by)).join(' ')}
                </span>
              </div>
            ))}
          </div>
          {!right && (
            <>
              <h3>One way to do it</h3>
              <div className="practice-ways">
                {(key.looks ?? []).map((look, i) => {
                  const pieces = lookOf(exercise, look);
                  const names = pieces.map(({ title }) => title).join(', ');
                  return (
                    <div key={i} className="stage practice-way">
                      <Figure
                        pieces={pieces}
                        client={exercise.client}
                        height={290}
                        title={names}
                        decorative
                      />
                      <span>{names}</span>
                    </div>
                  );
                })}
              </div>
            </>
          )}
        </>
      ) : (
        <Board exercise={exercise} by={by} currency={currency} chosen={given.chosen} told={key} />
      )}
      <footer className="practice-foot">
        <span className="soft">
          Comes back {dueDay === todayHere() ? 'later today' : `on ${dayWords(dueDay)}`}, with other pieces.
        </span>
        <Button variant="default" size="md" onClick={() => setObjecting(true)} title="x">
          I don’t agree
        </Button>
        <Button size="md" ref={next} onClick={onNext} title="Enter">
          {isLast ? 'That was the last: how it went' : 'Next'}
        </Button>
      </footer>
      {objecting && <ObjectForm taskId={id} onDone={() => setObjecting(false)} />}
    </section>
  );
}
