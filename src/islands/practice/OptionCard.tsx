import { girthsOf } from './girths';
import { lookOf, type Exercise, type Option, optionWords } from '@core/practice';
import type { Speaker } from '@core/say';
import { lengthIn } from '@core/words';
import { Figure } from '@ui/Figure';
import { GarmentSketch } from '@ui/GarmentSketch';
import type { ReactNode } from 'react';

interface Props {
  readonly exercise: Exercise;
  readonly option: Option;
  readonly place: number;
  readonly by: Speaker;
  readonly currency?: string | undefined;
  readonly chosen?: boolean;
  readonly onChoose?: (() => void) | undefined;
  /** Once it is answered. */
  readonly mark?: 'right' | 'wrong' | undefined;
  readonly children?: ReactNode;
}

/** Something to choose, drawn; after the answer with what is said of it. */
export function OptionCard({
  exercise,
  option,
  place,
  by,
  currency,
  chosen = false,
  onChoose,
  mark,
  children,
}: Props) {
  const name = optionWords(option, place, by, currency);
  const inside = (
    <>
      <span className="practice-key num" aria-hidden="true">
        {place + 1}
      </span>
      <OptionDrawing exercise={exercise} option={option} place={place} by={by} />
      <span className="practice-name">
        {mark && <b className="practice-mark">{mark === 'right' ? '✓ Right: ' : '✗ Your answer: '}</b>}
        {name}
      </span>
      {children}
    </>
  );
  const classes = `practice-option${chosen ? ' chosen' : ''}${mark ? ` ${mark}` : ''}`;
  return onChoose ? (
    <button type="button" className={classes} aria-pressed={chosen} onClick={onChoose}>
      {inside}
    </button>
  ) : (
    <div className={classes}>{inside}</div>
  );
}

function OptionDrawing({ exercise, option, place, by }: Pick<Props, 'exercise' | 'option' | 'place' | 'by'>) {
  switch (option.is) {
    case 'look':
      return (
        <Figure
          pieces={option.pieces}
          client={exercise.client}
          height={380}
          title={`Look ${place + 1}`}
          decorative
        />
      );
    case 'mend':
      return option.piece ? <GarmentSketch piece={option.piece} fit={84} decorative /> : null;
    case 'size':
      return (
        <dl className="practice-measures num">
          {girthsOf(option.measures).map(([label, mm]) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>{lengthIn(mm, by.tongue)}</dd>
            </div>
          ))}
        </dl>
      );
    case 'piece':
      if (exercise.kind === 'heel')
        return (
          // What counts is a finger’s breadth off the floor: the legs alone, large.
          <span className="practice-hem">
            <Figure
              pieces={lookOf(exercise, [place])}
              client={exercise.client}
              height={1000}
              title={option.piece.title}
              decorative
            />
          </span>
        );
      return exercise.kind === 'whites' || exercise.kind === 'finish' ? (
        <Figure
          pieces={lookOf(exercise, [place])}
          client={exercise.client}
          height={exercise.kind === 'whites' ? 400 : 330}
          title={option.piece.title}
          decorative
        />
      ) : (
        <GarmentSketch piece={option.piece} fit={exercise.kind === 'clash' ? 92 : 130} decorative />
      );
  }
}
