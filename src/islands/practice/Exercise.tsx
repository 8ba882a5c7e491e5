import type { Facet } from '@core/rules';
import {
  type Exercise as Asked,
  givenWords,
  KIND_WORDS,
  piecesIn,
  type PracticeAnswer,
  questionWords,
} from '@core/practice';
import { MATTERS } from '@core/practice';
import { speaker } from '@core/say';
import { Button } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { toggled } from '@ui/choosing';
import { pageTongue, spell } from '@ui/tongue';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Board } from './Board';
import { WaysBoard } from './WaysBoard';

interface Props {
  readonly exercise: Asked;
  readonly currency: string;
  readonly busy: boolean;
  readonly onAnswer: (answer: PracticeAnswer) => void;
}

const WHY_KEYS = ['a', 's', 'd'] as const;

/** One exercise: what is asked, what is shown, what can be chosen. */
export function Exercise({ exercise, currency, busy, onAnswer }: Props) {
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [why, setWhy] = useState<Facet>();
  const by = useMemo(() => speaker(piecesIn(exercise), { tongue: pageTongue() }), [exercise]);
  const { options, choosing } = exercise;
  const choose = (place: number): void => {
    if (place >= options.length) return;
    setChosen((now) => (choosing === 'all of' ? [...toggled(new Set(now), place)] : [place]));
  };
  const isWhole = chosen.length > 0 && (!exercise.why || why !== undefined);
  const answer = (): void => {
    if (isWhole && !busy) onAnswer({ chosen, why });
  };
  useKeys([
    ...(choosing === 'looks'
      ? []
      : Array.from({ length: 9 }, (_, i): [string, () => void] => [String(i + 1), () => choose(i)])),
    [
      'Enter',
      ({ target }) => {
        // On a button that is not a chosen one Enter presses that button.
        const on = target instanceof HTMLElement ? target.closest('button') : null;
        if (!on || on.ariaPressed === 'true') answer();
      },
      { preventDefault: false },
    ],
    ...WHY_KEYS.map((key, i): [string, () => void] => [key, () => setWhy(exercise.why?.[i] ?? why)]),
  ]);
  // Whoever hears the page is told what is asked.
  const question = useRef<HTMLHeadingElement>(null);
  useEffect(() => question.current?.focus(), []);
  return (
    <section className="practice" aria-labelledby="practice-question">
      <header className="practice-head">
        <p className="soft">{KIND_WORDS[exercise.kind]}</p>
        <h2 id="practice-question" ref={question} tabIndex={-1}>
          {questionWords(exercise, by, currency)}
        </h2>
        {exercise.wish && <blockquote className="practice-wish">“{exercise.wish}”</blockquote>}
        <p className="practice-given">
          {givenWords(exercise, by).map((words) => (
            <span key={words} className="chip">
              {words}
            </span>
          ))}
        </p>
      </header>
      {choosing === 'looks' ? (
        <WaysBoard exercise={exercise} by={by} busy={busy} onAnswer={onAnswer} />
      ) : (
        <Board exercise={exercise} by={by} currency={currency} chosen={chosen} onChoose={choose} />
      )}
      {choosing !== 'looks' && (
        <footer className="practice-foot">
          {exercise.why && (
            <div role="group" aria-label="What tells it" className="practice-why">
              <span>What tells it?</span>
              {exercise.why.map((facet, i) => (
                <Button
                  key={facet}
                  size="sm"
                  variant={why === facet ? 'filled' : 'default'}
                  aria-pressed={why === facet}
                  onClick={() => setWhy(facet)}
                  title={WHY_KEYS[i]}
                >
                  {spell(MATTERS[facet])}
                </Button>
              ))}
            </div>
          )}
          <Button
            size="md"
            disabled={!isWhole}
            loading={busy}
            onClick={answer}
            id="practice-answer"
            title="Enter"
          >
            Answer
          </Button>
        </footer>
      )}
    </section>
  );
}
