import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import type { ParcelView } from '@contracts/box/parcel-view';
import { hasLeft, isPacked } from '@core/box';
import { money, PAY_WAYS, PAY_WORDS, type PayWay } from '@core/money';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { BoxPageLink } from '@ui/BoxPageLink';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { SpareScanner } from '@ui/ScannerPad';
import { pageTongue } from '@ui/tongue';
import { cartonWords } from '@core/parcel';
import { Fragment, useState } from 'react';
import { Appointment } from './Appointment';

export type ParcelMove = 'packed' | 'out' | 'written';
export interface Sent {
  readonly parcel: string;
  readonly feeWay: PayWay;
}

interface Props {
  readonly view: BoxView | PackView;
  readonly busy: string | undefined;
  readonly ticked: ReadonlySet<string>;
  readonly onMove: (to: ParcelMove, done: string, how?: Sent) => void;
  readonly onAppointment: (at: string | null) => void;
}

const NOT_OURS = 'NOT-OURS-1';
const kilos = (grams: number): string => `${(grams / 1000).toFixed(1)} kg`;

/** Where a box goes, what it weighs, and each step of its way out. */
export function ParcelPanel({ view, busy, ticked, onMove, onAppointment }: Props) {
  const whole = view.sees === 'all' ? view : undefined;
  const gone = hasLeft(view.state);
  const packed = isPacked(view.state);
  return (
    <aside className="sheet out-panel" aria-label="Parcel">
      <h2>{view.packing.appointment ? 'Fitting' : 'Parcel'}</h2>
      <Facts view={view} />
      {whole && !gone && (
        <Appointment
          at={view.packing.appointment}
          busy={busy === 'save-appointment'}
          onSave={onAppointment}
        />
      )}
      {!gone && !packed && <Packing view={view} busy={busy} ticked={ticked} onMove={onMove} />}
      {packed && <Sending view={view} busy={busy} onMove={onMove} />}
      <Papers view={view} />
      {whole?.letter && <BoxPageLink boxId={view.id} firstName={view.client.name.split(' ')[0] ?? ''} />}
      {gone && (
        <Button component="a" href={`/box/${view.id}/tally`}>
          Tally
        </Button>
      )}
    </aside>
  );
}

function Facts({ view }: { readonly view: BoxView | PackView }) {
  const whole = view.sees === 'all' ? view : undefined;
  const gone = hasLeft(view.state);
  const { to, size, appointment } = view.packing;
  return (
    <dl className="facts">
      <dt>To</dt>
      <dd>
        {view.client.name}
        {!appointment && (
          <span className="out-address">
            {to.length > 0 ? to.map((line) => <span key={line}>{line}</span>) : 'no postal address yet'}
          </span>
        )}
      </dd>
      {view.due && !gone && (
        <>
          <dt>Send by</dt>
          <dd className="num">{dayWords(view.due.shipBy)}</dd>
        </>
      )}
      <dt>Letter</dt>
      <dd>{view.letter ? 'written' : 'not written yet'}</dd>
      {!gone && !appointment && view.lines.length > 0 && (
        <>
          <dt>Weighs</dt>
          <dd>
            <span className="num">{kilos(size.grams)}</span>
            {size.guessed > 0 && ', about'};{' '}
            {size.carton ? cartonWords(size.carton, pageTongue()) : 'more than one parcel'}
          </dd>
        </>
      )}
      {whole && (
        <>
          <dt>Styling fee</dt>
          <dd>
            <Money minor={whole.styleFeeMinor} currency={view.shop.currency} />{' '}
            <span className="small soft">charged when it goes out, given back against what is kept</span>
          </dd>
        </>
      )}
      {gone && (
        <>
          <dt>Went out</dt>
          <dd className="num">{view.outDay && dayWords(view.outDay)}</dd>
          {view.parcels.map((parcel) => (
            <Fragment key={parcel.no}>
              <dt>{parcel.no === 1 ? 'Parcel' : `Parcel ${parcel.no}`}</dt>
              <dd>
                <Stands parcel={parcel} />
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
  );
}

/** A parcel that went out: its number, and where it is. */
function Stands({ parcel: { no, tracking, day, stands } }: { readonly parcel: ParcelView }) {
  return (
    <>
      {tracking ?? 'no number'}
      {no > 1 && `, sent ${dayWords(day)}`}
      {stands && (
        <span className="small soft">
          {' '}
          {stands.state === 'at the door'
            ? `at the door ${dayWords(stands.arrives)}`
            : `${stands.state}, due ${dayWords(stands.arrives)}`}{' '}
          (simulated carrier)
        </span>
      )}
    </>
  );
}

function Packing({ view, busy, ticked, onMove }: Omit<Props, 'onAppointment'>) {
  const all = view.lines.length > 0 && view.lines.every(({ id }) => ticked.has(id));
  const left = view.lines.filter(({ id }) => !ticked.has(id)).length;
  return (
    <>
      <Button disabled={!all} loading={busy === 'move-box'} onClick={() => onMove('packed', 'Packed.')}>
        Mark as packed
      </Button>
      {!all && view.lines.length > 0 && (
        <p className="small soft">{left === 1 ? 'One piece is' : `${left} pieces are`} not ticked yet.</p>
      )}
      <SpareScanner
        codes={[
          ...view.lines.map(({ sku, size, piece }) => ({ code: sku, words: `${piece.title}, ${size}` })),
          { code: NOT_OURS, words: 'a tag that is not ours' },
        ]}
      />
    </>
  );
}

function Sending({ view, busy, onMove }: Omit<Props, 'ticked' | 'onAppointment'>) {
  const whole = view.sees === 'all' ? view : undefined;
  const { carrier, appointment } = view.packing;
  const [parcel, setParcel] = useState('');
  const [feeWay, setFeeWay] = useState<PayWay>('card');
  return (
    <>
      {!appointment && (
        <TextInput
          label="Parcel number"
          description={
            carrier === 'simulated'
              ? 'Leave it empty: the simulated carrier gives one.'
              : 'Leave it empty for a pick-up in the shop.'
          }
          value={parcel}
          onChange={(event) => setParcel(event.currentTarget.value)}
        />
      )}
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
        onClick={() =>
          onMove(
            'out',
            appointment ? 'The pieces are with the client.' : 'It is out. The pieces are with the client.',
            { parcel, feeWay },
          )
        }
      >
        {appointment ? 'Hand it over' : 'Send it out'}
      </Button>
      {whole && (
        <Button variant="default" onClick={() => onMove('written', 'Unpacked again.')}>
          Unpack
        </Button>
      )}
    </>
  );
}

/** What is printed for a box, and its days for a calendar. */
function Papers({ view }: { readonly view: BoxView | PackView }) {
  const { to, appointment } = view.packing;
  const whole = view.sees === 'all';
  return (
    <p className="out-papers small">
      {appointment
        ? whole && (
            <a href={`/box/${view.id}/fitting-room.pdf`} target="_blank" rel="noopener">
              List for the fitting room
            </a>
          )
        : to.length > 0 && (
            <a href={`/box/${view.id}/parcel-labels.pdf`} target="_blank" rel="noopener">
              Labels, out and back
            </a>
          )}
      {whole && <a href={`/box/${view.id}/dates.ics`}>Days for a calendar</a>}
    </p>
  );
}
