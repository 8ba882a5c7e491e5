import type { LineView } from '@contracts/box/box-view';
import { type BackTo, comesBack, isClosed, lossWords, type ReturnReason } from '@core/box';
import { sizePhrase } from '@core/fit';
import { Button } from '@mantine/core';
import { dayWords } from '@ui/days';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import type { BoxState } from '@ui/useBox';
import { useState } from 'react';
import { CheckIn } from './CheckIn';
import { ExchangeDialog } from './ExchangeDialog';
import { Reason, type Why } from './Reason';
import { TakeBackDialog } from './TakeBackDialog';

interface Props {
  readonly line: LineView;
  readonly box: BoxState;
  /** Where what comes back is put. */
  readonly backTo: BackTo;
}

/** One piece of a box that is with its client, or was: what was decided, and what may still be done. */
export function TallyLine({ line, box, backTo }: Props) {
  const { view } = box;
  const before = view.lines.find(({ id }) => id === line.exchangeOf);
  return (
    <li className={`tally-line${before ? ' tally-instead' : ''}`}>
      <span className="paper-sketch paper-sketch-small">
        <GarmentSketch piece={line.piece} fit={50} decorative />
      </span>
      <div>
        <span className="serif piece-title">{line.piece.title}</span>
        <div className="small soft">
          {sizePhrase(line.size)};{' '}
          <Money minor={line.netMinor ?? line.priceMinor} currency={view.shop.currency} />
          {before && ` in exchange for ${before.size === line.size ? before.piece.title : before.size}`}
          {line.decidedBy === 'client' && <span className="tally-hers"> said on their page</span>}
        </div>
      </div>
      {isClosed(view.state) ? (
        <Settled line={line} box={box} />
      ) : (
        <Deciding line={line} box={box} backTo={backTo} />
      )}
    </li>
  );
}

/** What became of it; a kept piece may come back all the same. */
function Settled({ line, box }: Omit<Props, 'backTo'>) {
  const [taking, setTaking] = useState(false);
  const { currency } = box.view.shop;
  const { credit } = line;
  return (
    <div className="tally-act">
      <div className="tally-settled">
        {credit ? (
          <>
            Came back on {dayWords(credit.day)}: <Money minor={credit.amountMinor} currency={currency} />{' '}
            given back
            {credit.withheldMinor > 0 && (
              <>
                , <Money minor={credit.withheldMinor} currency={currency} /> withheld
              </>
            )}
          </>
        ) : line.decision === 'keep' ? (
          'Kept'
        ) : (
          (lossWords(line) ??
          `${line.decision === 'exchange' ? 'Exchanged' : 'Back'}: ${line.reason ?? 'reason not said'}`)
        )}
        {line.note && <div className="small soft">{line.note}</div>}
      </div>
      {line.decision === 'keep' && !credit && line.mayReturn && (
        <Button
          size="xs"
          variant="default"
          aria-label={`Take back ${line.piece.title}`}
          onClick={() => setTaking(true)}
        >
          Take back…
        </Button>
      )}
      {taking && <TakeBackDialog line={line} box={box} onClose={() => setTaking(false)} />}
    </div>
  );
}

const NAMES = { keep: 'Keep', return: 'Return' } as const;

function Deciding({ line, box, backTo }: Props) {
  const { view, busy, run } = box;
  const { title } = line.piece;
  const [note, setNote] = useState(line.note);
  const [exchanging, setExchanging] = useState(false);
  const why: Why = { reason: line.reason as ReturnReason | null, fitPoint: line.fitPoint, note };
  // What the buttons show is what is stored; a reason may follow, or stay "not said".
  const decide = (decision: 'undecided' | 'keep' | 'return', said: Why = why): void =>
    void run('decide-line', {
      boxId: view.id,
      lineId: line.id,
      decision,
      reason: decision === 'return' ? said.reason : null,
      fitPoint: decision === 'return' ? said.fitPoint : null,
      note: said.note,
    });
  if (!line.sent)
    return (
      <div className="tally-act">
        <span className="tone tone-note">held, not sent yet</span>
        <Button
          size="xs"
          variant="default"
          aria-label={`Take the exchange back: ${title}, ${line.size}`}
          onClick={() => {
            const before = view.lines.find(({ id }) => id === line.exchangeOf);
            if (!before) return;
            void run(
              'decide-line',
              {
                boxId: view.id,
                lineId: before.id,
                decision: before.checkedIn ? 'return' : 'undecided',
                reason: before.checkedIn ? (before.reason as ReturnReason | null) : null,
                fitPoint: before.checkedIn ? before.fitPoint : null,
                note: before.note,
              },
              `${title} in ${line.size} is back on the shelf.`,
            );
          }}
        >
          Take the exchange back
        </Button>
      </div>
    );
  const lost = lossWords(line);
  if (lost)
    return (
      <div className="tally-act">
        <span className="tone tone-note">{lost}</span>
        {!(line.decision === 'lost' && line.checkedIn) && (
          <Button
            size="xs"
            variant="default"
            loading={busy === 'find-line'}
            aria-label={`It turned up: ${title}`}
            onClick={() =>
              void run('find-line', { boxId: view.id, lineId: line.id }, `${title} is found again.`)
            }
          >
            It turned up
          </Button>
        )}
      </div>
    );
  const blocked = busy === 'decide-line' || line.checkedIn;
  return (
    <div className="tally-act">
      <div className="tally-choice" role="group" aria-label={`${title}: keep, return or exchange`}>
        {(['keep', 'return'] as const).map((choice) => (
          <button
            key={choice}
            aria-pressed={line.decision === choice}
            disabled={blocked || (choice === 'return' && !line.mayReturn)}
            title={choice === 'return' && !line.mayReturn ? 'Altered for this client: it stays' : undefined}
            aria-label={`${NAMES[choice]} ${title}`}
            onClick={() => busy !== 'decide-line' && decide(choice)}
          >
            {NAMES[choice]}
          </button>
        ))}
        <button
          aria-pressed={line.decision === 'exchange'}
          disabled={busy === 'decide-line' || !line.mayReturn || line.decision === 'exchange'}
          aria-label={`${line.decision === 'exchange' ? 'Exchanged' : 'Exchange'} ${title}`}
          onClick={() => setExchanging(true)}
        >
          {line.decision === 'exchange' ? 'Exchanged' : 'Exchange…'}
        </button>
      </div>
      {line.decision === 'return' && (
        <Reason
          title={title}
          why={why}
          disabled={line.checkedIn}
          onChange={(said) => {
            setNote(said.note);
            if (said.note === note) decide('return', said);
          }}
          onWritten={() => note !== line.note && decide('return')}
        />
      )}
      {line.decision === 'exchange' && <span className="small soft">{line.reason ?? 'reason not said'}</span>}
      {comesBack(line.decision) && <CheckIn line={line} box={box} backTo={backTo} />}
      {comesBack(line.decision) && !line.checkedIn && view.returnBy && view.today > view.returnBy && (
        <Button
          size="xs"
          variant="subtle"
          aria-label={`Lost on its way back: ${title}`}
          loading={busy === 'check-in-line'}
          onClick={() =>
            void run(
              'check-in-line',
              { boxId: view.id, lineId: line.id, backTo: 'lost' },
              `${title} is written off. Nobody is charged for it.`,
            )
          }
        >
          Lost on its way back
        </Button>
      )}
      {exchanging && <ExchangeDialog line={line} box={box} onClose={() => setExchanging(false)} />}
    </div>
  );
}
