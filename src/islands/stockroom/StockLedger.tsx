import type { LedgerView } from '@contracts/stock/ledger-view';
import { BY_HAND, CAUSE_WORDS, PLACES } from '@core/stock';
import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { Proposals } from '@ui/Proposals';
import { useCallback, useEffect, useState } from 'react';

interface Props {
  readonly sizes: readonly { readonly id: string; readonly words: string }[];
  readonly locations: readonly { readonly id: string; readonly title: string }[];
  readonly onBooked: () => void;
}

/** Where the units of a size are, counting and moving them by hand, and every movement so far. */
export function StockLedger({ sizes, locations, onBooked }: Props) {
  const [variantId, setVariantId] = useState(sizes[0]?.id ?? '');
  const [locationId, setLocationId] = useState(locations[0]?.id ?? '');
  const [ledger, setLedger] = useState<LedgerView>();
  const load = useCallback(async (id: string): Promise<void> => {
    try {
      setLedger(await call('stock-ledger', { variantId: id }));
    } catch (error) {
      showProblem(error);
    }
  }, []);
  useEffect(() => {
    if (variantId) void load(variantId);
  }, [variantId, load]);
  const at = (place: string): number =>
    ledger?.balances.find((each) => each.locationId === locationId && each.place === place)?.qty ?? 0;
  return (
    <div className="ledger">
      <div className="ledger-pick">
        <div className="ledger-sizes" role="group" aria-label="Size">
          {sizes.map(({ id, words }) => (
            <button
              key={id}
              type="button"
              className="ledger-size"
              aria-pressed={id === variantId}
              onClick={() => setVariantId(id)}
            >
              {words}
            </button>
          ))}
        </div>
        {locations.length > 1 && (
          <NativeSelect
            aria-label="Location"
            value={locationId}
            onChange={(event) => setLocationId(event.currentTarget.value)}
            data={locations.map(({ id, title }) => ({ value: id, label: title }))}
          />
        )}
      </div>
      {!ledger || ledger.variantId !== variantId ? (
        <p role="status" className="soft">
          Reading the ledger…
        </p>
      ) : (
        <>
          <dl className="ledger-places">
            {PLACES.filter((place) => place !== 'supplier' && (place === 'shelf' || at(place) > 0)).map(
              (place) => (
                <div key={place}>
                  <dt>{place}</dt>
                  <dd className="serif num">{at(place)}</dd>
                </div>
              ),
            )}
          </dl>
          <Book
            key={`${variantId} ${locationId} ${at('shelf')}`}
            variantId={variantId}
            locationId={locationId}
            shelf={at('shelf')}
            onBooked={(booked) => {
              setLedger(booked);
              onBooked();
            }}
            onStale={() => void load(variantId)}
          />
          <Proposals
            proposals={ledger.proposals}
            onSettled={(settled) => {
              setLedger(settled);
              onBooked();
            }}
          />
          <Movements ledger={ledger} />
        </>
      )}
    </div>
  );
}

interface BookProps {
  readonly variantId: string;
  readonly locationId: string;
  readonly shelf: number;
  readonly onBooked: (ledger: LedgerView) => void;
  readonly onStale: () => void;
}

/** Books a count or a movement by hand. */
function Book({ variantId, locationId, shelf, onBooked, onStale }: BookProps) {
  const [what, setWhat] = useState<string>('count');
  const [qty, setQty] = useState<number | string>('');
  const [reason, setReason] = useState('');
  const [busy, setBusy] = useState(false);
  const cause = BY_HAND.find((each) => each === what);
  const difference = cause || qty === '' ? 0 : Number(qty) - shelf;
  const book = async (): Promise<void> => {
    setBusy(true);
    try {
      const where = { variantId, locationId };
      onBooked(
        cause
          ? await call('move-stock', { ...where, cause, qty: Number(qty), reason })
          : await call('count-stock', { ...where, counted: Number(qty), expected: shelf, reason }),
      );
      showDone('Noted.');
    } catch (error) {
      showProblem(error);
      onStale();
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="ledger-book"
      onSubmit={(event) => {
        event.preventDefault();
        void book();
      }}
    >
      <NativeSelect
        label="Book"
        value={what}
        onChange={(event) => setWhat(event.currentTarget.value)}
        data={[
          { value: 'count', label: 'a count of the shelf' },
          ...BY_HAND.map((value) => ({ value, label: CAUSE_WORDS[value] })),
        ]}
      />
      <NumberInput
        label={cause ? 'Pieces' : 'Counted'}
        required
        min={cause ? 1 : 0}
        max={100_000}
        allowDecimal={false}
        allowNegative={false}
        w={96}
        value={qty}
        onChange={setQty}
      />
      <TextInput
        label={cause ? 'Why (may stay empty)' : 'Why'}
        placeholder={cause ? '' : 'monthly count'}
        required={!cause}
        value={reason}
        onChange={(event) => setReason(event.currentTarget.value)}
      />
      <Button type="submit" loading={busy} disabled={qty === ''}>
        Book
      </Button>
      <span className="small soft" role="status">
        {difference > 0 && `${difference} more than the books say`}
        {difference < 0 && `${-difference} fewer than the books say: written off`}
        {!cause && qty !== '' && difference === 0 && 'The books are right.'}
      </span>
    </form>
  );
}

function Movements({ ledger }: { readonly ledger: LedgerView }) {
  if (ledger.movements.length === 0)
    return (
      <p className="empty">
        <strong>Nothing has moved yet.</strong>Book a delivery above.
      </p>
    );
  return (
    <div className="ledger-scroll">
      <table className="plain-table">
        <caption className="visually-hidden">Every movement of this size, newest first</caption>
        <thead>
          <tr>
            {['Day', 'What', 'From', 'To', 'Pieces', 'Shelf after', 'For', 'By'].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ledger.movements.map((each) => (
            <tr key={each.id}>
              <td className="num">{dayWords(each.day)}</td>
              <td>
                {CAUSE_WORDS[each.cause]}
                {each.reason && <span className="soft">: {each.reason}</span>}
              </td>
              <td>{each.from}</td>
              <td>{each.to}</td>
              <td className="num">{each.qty}</td>
              <td className="num">{each.shelfAfter}</td>
              <td>{each.box && <a href={`/box/${each.box.id}`}>box {each.box.number}</a>}</td>
              <td className="soft">{each.by}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
