import { money, PAY_WAYS, PAY_WORDS, type PayWay } from '@core/money';
import { hasLeft, isPacked } from '@core/box';
import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { toggled } from '@ui/choosing';
import { BoxPageLink } from '@ui/BoxPageLink';
import { dayWords } from '@ui/days';
import { GuardList } from '@ui/GuardList';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { ScanField } from '@ui/ScanField';
import { type BoxState, useBox } from '@ui/useBox';
import { ScannerPad } from '@ui/ScannerPad';
import { Fragment, useState } from 'react';
import { ExchangeParcel } from './ExchangeParcel';
import { PackRow } from './PackRow';

const NOT_OURS = 'NOT-OURS-1';

/** Step 5: pack what is held, then send it; held becomes out with the client. */
export function OutPage({ initial }: { readonly initial: BoxView | PackView }) {
  const { view, busy, run, show } = useBox(initial);
  const whole = view.sees === 'all' ? view : undefined;
  // What was scanned in is kept by the server; a tick by hand is for whoever has no scanner.
  const [byHand, setByHand] = useState<ReadonlySet<string>>(new Set());
  const ticked = new Set([...byHand, ...view.lines.filter(({ scanned }) => scanned).map(({ id }) => id)]);
  const [pad, setPad] = useState(false);
  const [lastId, setLastId] = useState<string>();
  const [parcel, setParcel] = useState('');
  const [feeWay, setFeeWay] = useState<PayWay>('card');
  const all = view.lines.length > 0 && view.lines.every((line) => ticked.has(line.id));
  const move = (to: 'packed' | 'out' | 'written', done: string): void =>
    void run(
      'move-box',
      { boxId: view.id, version: view.version, to, ...(to === 'out' ? { parcel, feeWay } : {}) },
      done,
    );
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
          </section>
        </div>
        <aside className="sheet" aria-label="Parcel" style={{ display: 'grid', gap: 12 }}>
          <h2>Parcel</h2>
          <dl className="facts">
            <dt>To</dt>
            <dd>{view.client.name}</dd>
            {view.due && !gone && (
              <>
                <dt>Send by</dt>
                <dd className="num">{dayWords(view.due.shipBy)}</dd>
              </>
            )}
            <dt>Letter</dt>
            <dd>{view.letter ? 'written' : 'not written yet'}</dd>
            {whole && (
              <>
                <dt>Styling fee</dt>
                <dd>
                  <Money minor={whole.styleFeeMinor} currency={view.shop.currency} />{' '}
                  <span className="small soft">
                    charged when it goes out, given back against what is kept
                  </span>
                </dd>
              </>
            )}
            {gone && (
              <>
                <dt>Went out</dt>
                <dd className="num">{view.outDay && dayWords(view.outDay)}</dd>
                {view.parcels.map(({ no, tracking, day }) => (
                  <Fragment key={no}>
                    <dt>{no === 1 ? 'Parcel' : `Parcel ${no}`}</dt>
                    <dd>
                      {tracking ?? 'no number'}
                      {no > 1 && `, sent ${dayWords(day)}`}
                    </dd>
                  </Fragment>
                ))}
                {whole && (
                  <>
                    <dt>Decide by</dt>
                    <dd className="num">{whole.decideBy && dayWords(whole.decideBy)}</dd>
                  </>
                )}
                <dt>Back by</dt>
                <dd className="num">{view.returnBy && dayWords(view.returnBy)}</dd>
              </>
            )}
          </dl>
          {!gone && !isPacked(view.state) && (
            <>
              <Button disabled={!all} loading={busy === 'move-box'} onClick={() => move('packed', 'Packed.')}>
                Mark as packed
              </Button>
              {!all && view.lines.length > 0 && (
                <p className="small soft">{view.lines.length - ticked.size} pieces are not ticked yet.</p>
              )}
              <button
                className="plain-button small"
                style={{ justifySelf: 'start' }}
                aria-expanded={pad}
                onClick={() => setPad(!pad)}
              >
                {pad ? 'put the simulated scanner away' : 'no scanner at hand? try a simulated one'}
              </button>
              {pad && (
                <ScannerPad
                  codes={[
                    ...view.lines.map(({ sku, size, piece }) => ({
                      code: sku,
                      words: `${piece.title}, ${size}`,
                    })),
                    { code: NOT_OURS, words: 'a tag that is not ours' },
                  ]}
                />
              )}
            </>
          )}
          {isPacked(view.state) && (
            <>
              <TextInput
                label="Parcel number"
                description="Leave it empty for a pick-up in the shop."
                value={parcel}
                onChange={(event) => setParcel(event.currentTarget.value)}
              />
              {whole && whole.styleFeeMinor > 0 && (
                <NativeSelect
                  label={`Styling fee of ${money(whole.styleFeeMinor, whole.shop.currency)}, paid`}
                  value={feeWay}
                  data={PAY_WAYS.map((value) => ({ value, label: PAY_WORDS[value] }))}
                  onChange={(event) => setFeeWay(event.currentTarget.value as PayWay)}
                />
              )}
              <Button
                loading={busy === 'move-box'}
                onClick={() => move('out', 'It is out. The pieces are with the client.')}
              >
                Send it out
              </Button>
              {whole && (
                <Button variant="default" onClick={() => move('written', 'Unpacked again.')}>
                  Unpack
                </Button>
              )}
            </>
          )}
          {whole?.letter && <BoxPageLink boxId={view.id} firstName={view.client.name.split(' ')[0] ?? ''} />}
          {gone && (
            <Button component="a" href={`/box/${view.id}/tally`}>
              Tally
            </Button>
          )}
        </aside>
      </div>
    </Providers>
  );
}
