import type { OldBox as Opened } from '@contracts/practice/old-box';
import { money } from '@core/money';
import type { OldBoxOutcome } from '@core/practice';
import { Button } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { toggled } from '@ui/choosing';
import { GarmentSketch } from '@ui/GarmentSketch';
import { useState } from 'react';

interface Props {
  readonly box: Opened;
  readonly onAnother: () => void;
}

/** The brief of a box that is closed: choose what you would have sent, then see what was kept. */
export function OldBox({ box, onAnother }: Props) {
  const { boxId, pieces, asks, occasions, budgetMinor, currency, season } = box;
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [outcome, setOutcome] = useState<OldBoxOutcome>();
  const [busy, setBusy] = useState(false);
  const total = pieces
    .filter(({ garmentId }) => chosen.has(garmentId))
    .reduce((sum, { priceMinor }) => sum + priceMinor, 0);
  const turn = (id: string): void => setChosen((all) => toggled(all, id));
  async function send(): Promise<void> {
    setBusy(true);
    try {
      setOutcome(await call('old-box-outcome', { boxId, chosen: [...chosen] }));
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  }
  return (
    <section className="practice" aria-labelledby="old-box">
      <header className="practice-head">
        <p className="soft">A box from last {season || 'year'}</p>
        <h2 id="old-box">{outcome ? saidOf(outcome, currency) : 'What would you have sent?'}</h2>
        <p className="practice-given">
          {asks.map((ask) => (
            <span key={ask} className="chip">
              Asked: {ask}
            </span>
          ))}
          {occasions.map((words) => (
            <span key={words} className="chip">
              For: {words}
            </span>
          ))}
          {budgetMinor !== null && <span className="chip">Budget: {money(budgetMinor, currency)}</span>}
          {asks.length + occasions.length === 0 && (
            <span className="chip">Nothing in particular was asked for</span>
          )}
        </p>
      </header>
      <div className="practice-options" role="group" aria-label="Choose">
        {pieces.map(({ garmentId, piece, priceMinor }) => {
          const isChosen = chosen.has(garmentId);
          const told = outcome?.pieces.find((each) => each.garmentId === garmentId);
          const mark = !told ? '' : !told.sent ? '' : told.kept ? ' right' : ' wrong';
          return (
            <button
              key={garmentId}
              type="button"
              className={`practice-option${isChosen ? ' chosen' : ''}${mark}`}
              aria-pressed={isChosen}
              disabled={outcome !== undefined}
              onClick={() => turn(garmentId)}
            >
              <GarmentSketch piece={piece} fit={110} decorative />
              <span className="practice-name">
                {piece.title}, {money(priceMinor, currency)}
              </span>
              {outcome && <span className="practice-because">{wentOf(told)}</span>}
            </button>
          );
        })}
      </div>
      <footer className="practice-foot">
        {!outcome && (
          <span className="soft num" role="status">
            {chosen.size === 0 ? 'Nothing chosen yet' : `${chosen.size} chosen, ${money(total, currency)}`}
          </span>
        )}
        {outcome ? (
          <Button size="md" onClick={onAnother}>
            Another old box
          </Button>
        ) : (
          <Button size="md" loading={busy} disabled={chosen.size === 0} onClick={() => void send()}>
            See what was kept
          </Button>
        )}
      </footer>
    </section>
  );
}

const saidOf = ({ yours, box, unknown }: OldBoxOutcome, currency: string): string =>
  `Of your ${yours.known + unknown}, ${yours.known} went out and ${yours.kept} ${yours.kept === 1 ? 'was' : 'were'} kept: ${money(yours.keptMinor, currency)}. The box as it went: ${box.kept} of ${box.sent}, ${money(box.keptMinor, currency)}.`;

function wentOf(told: OldBoxOutcome['pieces'][number] | undefined): string {
  if (!told) return '';
  if (!told.sent) return 'Never went out: nobody knows.';
  return told.kept ? '✓ Kept' : `✗ Came back: ${told.reason ?? 'not said why'}`;
}
