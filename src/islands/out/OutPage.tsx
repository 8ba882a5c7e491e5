import { hasLeft, isPacked } from '@core/box';
import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { call, showDone, showProblem } from '@ui/api';
import { toggled } from '@ui/choosing';
import { GuardList } from '@ui/GuardList';
import { Providers } from '@ui/Providers';
import { ScanField } from '@ui/ScanField';
import { type BoxState, useBox } from '@ui/useBox';
import { useState } from 'react';
import { ExchangeParcel } from './ExchangeParcel';
import { Enclosures } from './Enclosures';
import { PackRow } from './PackRow';
import { type ParcelMove, ParcelPanel, type Sent } from './ParcelPanel';

/** Step 5: pack what is held, then send it; held becomes out with the client. */
export function OutPage({ initial }: { readonly initial: BoxView | PackView }) {
  const box = useBox(initial);
  const { view, busy, run, show } = box;
  const whole = view.sees === 'all' ? view : undefined;
  // What was scanned in is kept by the server; a tick by hand is for whoever has no scanner.
  const [byHand, setByHand] = useState<ReadonlySet<string>>(new Set());
  const ticked = new Set([...byHand, ...view.lines.filter(({ scanned }) => scanned).map(({ id }) => id)]);
  const [lastId, setLastId] = useState<string>();
  const move = (to: ParcelMove, done: string, how?: Sent): void =>
    void run('move-box', { boxId: view.id, version: view.version, to, ...how }, done);
  const gone = hasLeft(view.state);
  // What was exchanged goes out in a parcel of its own, below.
  const listed = gone ? view.lines.filter(({ sent }) => sent) : view.lines;
  const waiting = gone ? view.lines.filter(({ sent }) => !sent) : [];
  const toggle = (id: string): void => setByHand((now) => toggled(now, id));
  const packing = !gone && !isPacked(view.state);
  const scan = async (code: string): Promise<boolean> => {
    try {
      const answer = await call('scan-line', { boxId: view.id, code });
      show(answer.view);
      setLastId(answer.lineId);
      const title = answer.view.lines.find(({ id }) => id === answer.lineId)?.piece.title ?? code;
      showDone(answer.fresh ? `${title} is in.` : `${title} was scanned in before.`);
      return true;
    } catch (error) {
      showProblem(error);
      return false;
    }
  };
  return (
    <Providers keys={packing ? [{ keys: 'any code', does: 'A scanner’s reading ticks its piece' }] : []}>
      {whole && <GuardList view={whole} run={run as BoxState['run']} />}
      <div className="columns columns-side">
        <div className="out-parcels">
          {waiting.length > 0 && (
            <ExchangeParcel
              view={view}
              waiting={waiting}
              ticked={ticked}
              lastId={lastId}
              busy={busy === 'send-parcel'}
              onTick={toggle}
              onCode={scan}
              onSend={(tracking) =>
                void run(
                  'send-parcel',
                  { boxId: view.id, version: view.version, tracking },
                  'The exchange is on its way.',
                )
              }
            />
          )}
          <section className="sheet" aria-label="Pack list">
            <h2>{gone ? 'Sent' : 'Pack list'}</h2>
            {packing && view.lines.length > 0 && (
              <ScanField label="Scan each piece as it goes in, or tick it" onCode={scan} />
            )}
            {view.lines.length === 0 && <p className="empty">The box is empty.</p>}
            <ul className="rows">
              {listed.map((line) => (
                <PackRow
                  key={line.id}
                  line={line}
                  currency={view.shop.currency}
                  ticked={gone || isPacked(view.state) || ticked.has(line.id)}
                  packing={packing}
                  isLast={line.id === lastId}
                  onTick={() => toggle(line.id)}
                />
              ))}
            </ul>
            {!gone && <Enclosures enclosed={view.packing.enclosed} box={box} />}
          </section>
        </div>
        <ParcelPanel
          view={view}
          busy={busy}
          ticked={ticked}
          onMove={move}
          onAppointment={(at) =>
            void run(
              'save-appointment',
              { boxId: view.id, version: view.version, at },
              at ? 'The appointment is noted.' : 'It is sent after all.',
            )
          }
        />
      </div>
    </Providers>
  );
}
