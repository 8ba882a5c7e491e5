import type { LedgerRow, LedgerView } from '@contracts/ledger/ledger';
import type { ReturnReason } from '@core/box';
import { LEDGER_BY, type LedgerBy } from '@core/ledger';
import { amountText } from '@core/money';
import { NativeSelect, Tabs } from '@mantine/core';
import { todayHere } from '@ui/days';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { useAsked } from '@ui/useAsked';
import { withQueries } from '@ui/withQueries';
import { spell } from '@ui/tongue';
import { lazy, Suspense, useEffect, useState } from 'react';
import { BuyerPanel } from './BuyerPanel';
import { ChancePanel } from './ChancePanel';
import { DayPanel } from './DayPanel';
import { LinesBehind, type Opened } from './LinesBehind';
import { percent } from './percent';
import { SaveCsv } from './SaveCsv';
import { SizesPanel } from './SizesPanel';
import { TrialPanel } from './TrialPanel';
import './ledger.css';

const KeepChart = lazy(() => import('./KeepChart'));

const BY_WORDS: Readonly<Record<LedgerBy, string>> = {
  kind: 'Kind',
  label: 'Label',
  size: 'Size',
  price: 'Price',
  colour: 'Colour',
  cut: 'Cut',
  occasion: 'Occasion',
  client: 'Client',
  stylist: 'Stylist',
  month: 'Month',
  year: 'Year',
};

const SINCE = { all: 'since the beginning', year: 'in twelve months', quarter: 'in three months' } as const;
type Since = keyof typeof SINCE;
const DAYS: Readonly<Record<Since, number | undefined>> = { all: undefined, year: 365, quarter: 91 };

/** The day so many days before today where the person sits. */
function dayBefore(days: number): string {
  const day = new Date(`${todayHere()}T00:00:00Z`);
  day.setUTCDate(day.getUTCDate() - days);
  return day.toISOString().slice(0, 10);
}

interface Props {
  readonly first: LedgerView;
  readonly isOwner: boolean;
}

/** What the shop has learned from all that came back. */
export const LedgerPage = withQueries(function LedgerPage({ first, isOwner }: Props) {
  const [by, setBy] = useState<LedgerBy>('kind');
  const [since, setSince] = useState<Since>('all');
  const [opened, setOpened] = useState<Opened>();
  // A chart is drawn on a canvas: there is none on the server.
  const [isHere, setHere] = useState(false);
  useEffect(() => setHere(true), []);
  const days = DAYS[since];
  const scope = days === undefined ? {} : { from: dayBefore(days) };
  const isFirst = by === 'kind' && since === 'all';
  const { answer: view = first, isOlder } = useAsked(
    'ledger',
    { by, ...scope },
    isFirst ? { initial: first } : {},
  );
  const open = (key: string): void => {
    const row = view.rows.find((each) => each.key === key);
    if (row) setOpened({ by, key, count: row.sent, title: `${row.name}: ${row.kept} of ${row.sent} kept` });
  };
  return (
    <Providers>
      <div className="place-head">
        <h1>Ledger</h1>
        <span className="soft" role="status">
          {saidOf(view, since)}
          {isOlder && ' Counting…'}
        </span>
        <div className="end">
          <NativeSelect
            aria-label="When"
            value={since}
            data={Object.entries(SINCE).map(([value, label]) => ({ value, label }))}
            onChange={(event) => setSince(event.currentTarget.value as Since)}
          />
        </div>
      </div>
      <Tabs defaultValue="kept" keepMounted={false}>
        <Tabs.List className="no-print">
          <Tabs.Tab value="kept">What is kept</Tabs.Tab>
          <Tabs.Tab value="buyer">For the buyer</Tabs.Tab>
          <Tabs.Tab value="sizes">Sizes of labels</Tabs.Tab>
          <Tabs.Tab value="chance">Chance to be kept</Tabs.Tab>
          <Tabs.Tab value="rules">Rules on trial</Tabs.Tab>
          <Tabs.Tab value="day">Day’s close</Tabs.Tab>
        </Tabs.List>
        <Tabs.Panel value="day" pt="sm">
          <DayPanel />
        </Tabs.Panel>
        <Tabs.Panel value="sizes" pt="sm">
          <SizesPanel />
        </Tabs.Panel>
        <Tabs.Panel value="rules" pt="sm">
          <TrialPanel scope={scope} isOwner={isOwner} />
        </Tabs.Panel>
        <Tabs.Panel value="chance" pt="sm">
          <ChancePanel />
        </Tabs.Panel>
        <Tabs.Panel value="kept" pt="sm">
          {first.all.sent === 0 && view.all.sent === 0 ? (
            <p className="sheet empty">
              <strong>Nothing has been decided yet.</strong>
              Close a box at the tally, and what was kept and what came back stands here.
            </p>
          ) : (
            <div className="columns columns-side">
              <section className="sheet" aria-label="Keep rate">
                <div className="sheet-head">
                  <h2>Kept, by</h2>
                  <NativeSelect
                    aria-label="By"
                    value={by}
                    data={LEDGER_BY.map((value) => ({ value, label: spell(BY_WORDS[value]) }))}
                    onChange={(event) => {
                      setBy(event.currentTarget.value as LedgerBy);
                    }}
                  />
                  <SaveCsv name={`Kept by ${by}`} rows={csvRows(view)} />
                </div>
                {by === 'stylist' && !isOwner && (
                  <p className="small soft">Yours alone; the owner sees everybody’s.</p>
                )}
                {isHere && (
                  <Suspense fallback={<p role="status">Drawing…</p>}>
                    <KeepChart rows={view.rows} mean={view.mean} onOpen={open} />
                  </Suspense>
                )}
                <div className="ledger-wide">
                  <RateTable view={view} by={by} onOpen={open} />
                </div>
                <p className="small soft">
                  Each rate leans on the shop’s {percent(view.mean)} as if {view.pieces} more pieces had been
                  seen, so that few pieces are not believed too soon. The bar holds the true rate nine times
                  of ten (beta-binomial).
                </p>
              </section>
              <Around view={view} onOpen={setOpened} />
            </div>
          )}
        </Tabs.Panel>
        <Tabs.Panel value="buyer" pt="sm">
          <BuyerPanel scope={scope} />
        </Tabs.Panel>
      </Tabs>
      {opened && (
        <LinesBehind
          opened={opened}
          scope={scope}
          currency={view.currency}
          onClose={() => setOpened(undefined)}
        />
      )}
    </Providers>
  );
});

function saidOf({ all, boxes }: LedgerView, since: Since): string {
  if (all.sent === 0) return `Nothing decided ${SINCE[since]}.`;
  return `${all.kept} of ${all.sent} pieces kept ${SINCE[since]}, out of ${boxes} ${boxes === 1 ? 'box' : 'boxes'}.`;
}

const csvRows = ({ rows, by, currency }: LedgerView) =>
  rows.map((row) => ({
    [by]: row.name,
    sent: row.sent,
    kept: row.kept,
    rate: row.rate.toFixed(3),
    low: row.low.toFixed(3),
    high: row.high.toFixed(3),
    'value sent': amountText(row.sentMinor, currency),
    'value kept': amountText(row.keptMinor, currency),
  }));

interface TableProps {
  readonly view: LedgerView;
  readonly by: LedgerBy;
  readonly onOpen: (key: string) => void;
}

/** The same in figures, to be read without colour. */
function RateTable({ view, by, onOpen }: TableProps) {
  return (
    <table className="plain-table ledger-table">
      <thead>
        <tr>
          <th scope="col">{spell(BY_WORDS[by])}</th>
          <th scope="col">Kept of sent</th>
          <th scope="col">Keep rate</th>
          <th scope="col">Kept, in money</th>
          <th scope="col">Against the shop</th>
        </tr>
      </thead>
      <tbody>
        {view.rows.map((row) => (
          <tr key={row.key}>
            <td>
              <button className="plain-button" onClick={() => onOpen(row.key)}>
                {row.name}
              </button>
            </td>
            <td className="num">
              {row.kept} of {row.sent}
            </td>
            <td className="num">
              {percent(row.rate)}{' '}
              <span className="soft">
                ({percent(row.low)} to {percent(row.high)})
              </span>
            </td>
            <td>
              <Money minor={row.keptMinor} currency={view.currency} />
            </td>
            <td>{against(row, view.mean)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const against = ({ low, high }: LedgerRow, mean: number): string =>
  high < mean ? 'kept less' : low > mean ? 'kept more' : 'no telling yet';

interface AroundProps {
  readonly view: LedgerView;
  readonly onOpen: (opened: Opened) => void;
}

function Around({ view, onOpen }: AroundProps) {
  const back = view.reasons.reduce((sum, { count }) => sum + count, 0);
  return (
    <aside className="sheet ledger-around" aria-label="Around it">
      <h2>Why things came back</h2>
      {back === 0 ? (
        <p className="soft">Nothing came back.</p>
      ) : (
        <ol className="ledger-reasons">
          {view.reasons.map(({ reason, count }) => (
            <li key={reason ?? ''}>
              <button
                className="plain-button"
                onClick={() =>
                  onOpen({
                    reason: reason as ReturnReason | null,
                    count,
                    title: `Back, ${reason ?? 'reason not said'}: ${count}`,
                  })
                }
              >
                {reason ?? 'not said'}
              </button>
              <span className="ledger-bar" style={{ width: `${(count / back) * 100}%` }} aria-hidden />
              <span className="num">{count}</span>
            </li>
          ))}
        </ol>
      )}
      <SaveCsv
        name="Why things came back"
        rows={view.reasons.map(({ reason, count }) => ({ reason: reason ?? 'not said', count }))}
      />
      <h2>In money</h2>
      <dl className="facts">
        <dt>Sent</dt>
        <dd>
          <Money minor={view.all.sentMinor} currency={view.currency} />
        </dd>
        <dt>Kept</dt>
        <dd>
          <Money minor={view.all.keptMinor} currency={view.currency} />
        </dd>
        <dt>With clients now</dt>
        <dd>
          <Money minor={view.money.outMinor} currency={view.currency} />
        </dd>
        <dt>Of that, late</dt>
        <dd>
          <Money minor={view.money.lateMinor} currency={view.currency} />
        </dd>
        {view.money.costed > 0 && (
          <>
            <dt>Beyond cost</dt>
            <dd>
              <Money minor={view.money.marginMinor} currency={view.currency} />
              {view.money.costed < view.money.kept && (
                <span className="soft"> on the {view.money.costed} kept pieces whose cost is known</span>
              )}
            </dd>
          </>
        )}
      </dl>
      <h2>Half of all boxes take</h2>
      <dl className="facts">
        <dt>Brief to parcel</dt>
        <dd className="num">{daysSaid(view.daysToOut)}</dd>
        <dt>Parcel to tally</dt>
        <dd className="num">{daysSaid(view.daysToTally)}</dd>
      </dl>
    </aside>
  );
}

const daysSaid = (days: number | null): string =>
  days === null ? 'nothing yet' : `${days} ${days === 1 ? 'day' : 'days'} or less`;
