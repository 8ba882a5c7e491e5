import { type Exercise, lookOf, optionWords, type PracticeAnswer, WAYS } from '@core/practice';
import type { Speaker } from '@core/say';
import { Button } from '@mantine/core';
import { useInterval } from '@mantine/hooks';
import { Figure } from '@ui/Figure';
import { toggled } from '@ui/choosing';
import { GarmentSketch } from '@ui/GarmentSketch';
import { useState } from 'react';

const SECONDS = 180;

interface Props {
  readonly exercise: Exercise;
  readonly by: Speaker;
  readonly busy: boolean;
  readonly onAnswer: (answer: PracticeAnswer) => void;
}

/** Three looks made of one piece and a small rack; what is pressed is put on the look in hand, or taken off it. */
export function WaysBoard({ exercise, by, busy, onAnswer }: Props) {
  const [looks, setLooks] = useState<readonly (readonly number[])[]>(() =>
    Array.from({ length: WAYS }, () => []),
  );
  const [at, setAt] = useState(0);
  const [left, setLeft] = useState(SECONDS);
  useInterval(() => setLeft((now) => Math.max(0, now - 1)), 1000, { autoInvoke: true });
  const worn = looks[at] ?? [];
  const turn = (place: number): void =>
    setLooks((all) => all.map((look, i) => (i === at ? [...toggled(new Set(look), place)] : look)));
  return (
    <>
      <div className="practice-ways">
        {looks.map((look, i) => (
          <button
            key={i}
            type="button"
            className={`stage practice-way${i === at ? ' chosen' : ''}`}
            aria-pressed={i === at}
            onClick={() => setAt(i)}
          >
            <Figure
              pieces={lookOf(exercise, look)}
              client={exercise.client}
              height={360}
              title={`Look ${i + 1}`}
              decorative
            />
            <span>Look {i + 1}</span>
          </button>
        ))}
        <div className="practice-rack" role="group" aria-label={`Pieces for look ${at + 1}`}>
          {exercise.options.map((option, place) => (
            <button
              key={place}
              type="button"
              className={`practice-option${worn.includes(place) ? ' chosen' : ''}`}
              aria-pressed={worn.includes(place)}
              onClick={() => turn(place)}
            >
              {option.is === 'piece' && <GarmentSketch piece={option.piece} fit={52} decorative />}
              <span className="practice-name">{optionWords(option, place, by)}</span>
            </button>
          ))}
        </div>
      </div>
      <footer className="practice-foot">
        <span className="soft num" role="timer">
          {left > 0
            ? `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')} left`
            : 'Time is up. Finish it anyway.'}
        </span>
        <Button
          size="md"
          loading={busy}
          disabled={looks.some((look) => look.length === 0)}
          onClick={() => onAnswer({ chosen: [], looks })}
        >
          Answer
        </Button>
      </footer>
    </>
  );
}
