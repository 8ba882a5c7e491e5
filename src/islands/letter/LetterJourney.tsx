import type { BoxView } from '@contracts/box/box-view';
import { piecesOf } from '@contracts/look-pieces';
import type { JourneySheet } from '@core/letter';
import { Figure } from '@ui/Figure';
import { Lines } from './Lines';

interface Props {
  readonly journey: JourneySheet;
  readonly view: BoxView;
  readonly onChange: (journey: JourneySheet) => void;
  readonly onLeaveOut: (() => void) | undefined;
}

/** What to pack for a journey, a line each, and what to wear day by day, on her figure. */
export function LetterJourney({ journey, view, onChange, onLeaveOut }: Props) {
  const gone = journey.days.some(({ pieces }) => piecesOf(view, pieces).length < pieces.length);
  return (
    <section className="letter-journey" aria-label="Journey">
      <h2>
        For your journey{' '}
        {onLeaveOut && (
          <button className="plain-button small no-print" onClick={onLeaveOut}>
            leave it out
          </button>
        )}
      </h2>
      {gone && (
        <p className="tone tone-note no-print">
          A piece of this has left the box or the closet: <a href={`/box/${view.id}/journey`}>pack anew</a>.
        </p>
      )}
      <h3>To pack</h3>
      <Lines
        label="To pack"
        value={journey.packing.join('\n')}
        onChange={(text) => onChange({ ...journey, packing: text === '' ? [] : text.split('\n') })}
      />
      <ol>
        {journey.days.map(({ line, pieces }, i) => (
          <li key={i} className={line === '' ? 'no-print' : undefined}>
            <span className="stage letter-day">
              <Figure
                pieces={piecesOf(view, pieces)}
                client={view.client.profile}
                height={150}
                title={line}
                decorative
              />
            </span>
            <Lines
              label={`Day ${i + 1}`}
              value={line}
              onChange={(text) =>
                onChange({
                  ...journey,
                  days: journey.days.map((day, at) => (at === i ? { ...day, line: text } : day)),
                })
              }
            />
          </li>
        ))}
      </ol>
    </section>
  );
}
