import type { LineView } from '@contracts/box/box-view';
import { alterationWords } from '@core/fit';
import { dayWords } from '@ui/days';
import { GarmentSketch } from '@ui/GarmentSketch';
import { GuardWords } from '@ui/GuardWords';
import { Money } from '@ui/Money';
import type { BoxState } from '@ui/useBox';
import { pageTongue } from '@ui/tongue';

interface Props {
  readonly box: BoxState;
  readonly open: boolean;
  readonly onOpen: (line: LineView) => void;
  readonly onRelease: (line: LineView) => void;
}

/** What is held for the box; each piece may be released, altered or swapped. */
export function BoxLines({ box: { view, run }, open, onOpen, onRelease }: Props) {
  const { currency } = view.shop;
  if (view.lines.length === 0)
    return (
      <p className="empty">
        Nothing is held yet. Hold what answers the brief; a hold keeps it for this client for some days.
      </p>
    );
  return (
    <ul className="rows">
      {view.lines.map((line) => (
        <li key={line.id} className="piece-line">
          <span className="paper-sketch paper-sketch-small">
            <GarmentSketch piece={line.piece} fit={48} decorative />
          </span>
          <div>
            {line.piece.title} <span className="soft small">{line.size}</span>
            <div className="small soft">
              {line.held ? (
                line.holdUntil && `held until ${dayWords(line.holdUntil)}`
              ) : (
                <span className="tone tone-blocks">no longer held</span>
              )}
              {line.alterations.map((job) => (
                <div key={job.id}>{alterationWords(job, pageTongue())}</div>
              ))}
              <GuardWords findings={line.guard} />
            </div>
          </div>
          <div style={{ textAlign: 'right' }}>
            <Money
              minor={line.priceMinor + line.alterations.reduce((sum, { priceMinor }) => sum + priceMinor, 0)}
              currency={currency}
            />
            {open && (
              <div className="small">
                {!line.held && (
                  <button
                    className="plain-button"
                    onClick={() => void run('renew-hold', { boxId: view.id, lineId: line.id })}
                    aria-label={`Hold ${line.piece.title} again`}
                  >
                    hold again
                  </button>
                )}{' '}
                <button
                  className="plain-button"
                  data-line={line.id}
                  onClick={() => onOpen(line)}
                  aria-label={`Swap, alter ${line.piece.title}`}
                >
                  swap, alter
                </button>{' '}
                <button
                  className="plain-button"
                  onClick={() => onRelease(line)}
                  aria-label={`Release ${line.piece.title}`}
                >
                  release
                </button>
              </div>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}
