import { type Exercise, type Key, whyWords } from '@core/practice';
import type { Speaker } from '@core/say';
import { OptionCard } from './OptionCard';
import { Shown } from './Shown';

interface Props {
  readonly exercise: Exercise;
  readonly by: Speaker;
  readonly currency: string;
  readonly chosen: readonly number[];
  /** While it is asked. */
  readonly onChoose?: ((place: number) => void) | undefined;
  /** Once it is answered. */
  readonly told?: Key | undefined;
}

/** What is shown and what can be chosen; once it is answered, with what was right and why. */
export function Board({ exercise, by, currency, chosen, onChoose, told }: Props) {
  const { options, kind } = exercise;
  const markOf = (place: number): 'right' | 'wrong' | undefined => {
    if (told?.right.includes(place)) return 'right';
    return told && chosen.includes(place) ? 'wrong' : undefined;
  };
  return (
    <div className="practice-body">
      <Shown exercise={exercise} by={by} />
      <div
        className={`practice-options of-${options[0]?.is ?? 'piece'} for-${kind}`}
        role="group"
        aria-label={told ? 'What was right' : 'Choose'}
      >
        {options.map((option, place) => (
          <OptionCard
            key={place}
            exercise={exercise}
            option={option}
            place={place}
            by={by}
            currency={kind === 'budget' || kind === 'wish' ? currency : undefined}
            chosen={!told && chosen.includes(place)}
            onChoose={onChoose && (() => onChoose(place))}
            mark={markOf(place)}
          >
            {told && <span className="practice-because">{whyWords(told, place, by)}</span>}
          </OptionCard>
        ))}
      </div>
    </div>
  );
}
