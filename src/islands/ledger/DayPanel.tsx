import type { DayView, Numbers } from '@contracts/ledger/day';
import { amountText, PAY_WORDS } from '@core/money';
import { capital } from '@core/words';
import { TextInput } from '@mantine/core';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { useAsked } from '@ui/useAsked';
import { useState } from 'react';
import { SaveCsv } from './SaveCsv';

/** The money of one day: what was taken and given back, by way and by rate of tax, and what is still out. */
export function DayPanel() {
  const [day, setDay] = useState<string>();
  const { answer } = useAsked('day-close', day ? { day } : {});
  if (!answer) return <p role="status">Adding up the day…</p>;
  return (
    <section className="sheet" aria-label="Day’s close">
      <div className="sheet-head">
        <h2>{dayWords(answer.day)}</h2>
        <TextInput
          type="date"
          size="xs"
          className="no-print"
          aria-label="Day"
          value={day ?? answer.day}
          onChange={(event) => setDay(event.currentTarget.value || undefined)}
        />
      </div>
      {answer.ways.length === 0 && answer.rates.length === 0 ? (
        <p className="soft">No money moved on this day.</p>
      ) : (
        <Figures view={answer} />
      )}
      <p>
        With clients now: <Money minor={answer.outMinor} currency={answer.currency} />
        {answer.lateMinor > 0 && (
          <>
            , of it late: <Money minor={answer.lateMinor} currency={answer.currency} />
          </>
        )}
        .
      </p>
    </section>
  );
}

function Figures({ view }: { readonly view: DayView }) {
  const { day, currency, ways, rates, boxes, feeCreditMinor, receipts, creditNotes } = view;
  const taken = ways.map(({ way, feeMinor, chargeMinor, refundMinor }): MoneyRow => ({
    name: way ? capital(PAY_WORDS[way]) : 'Not said',
    minors: [feeMinor, chargeMinor, refundMinor, feeMinor + chargeMinor - refundMinor],
  }));
  return (
    <>
      <MoneyTable
        title="Taken"
        file={`Taken on ${day}`}
        heads={['Paid', 'Styling fees', 'Charged', 'Given back', 'In all']}
        rows={taken}
        sum="Together"
        currency={currency}
      />
      <MoneyTable
        title="Sold, by rate of tax"
        file={`Sold on ${day}`}
        heads={['Rate', 'Kept', 'Tax in it', 'Credited', 'Tax in that']}
        rows={rates.map(({ taxBp, netMinor, taxMinor, creditedMinor, creditedTaxMinor }) => ({
          name: `${taxBp / 100} %`,
          minors: [netMinor, taxMinor, creditedMinor, creditedTaxMinor],
        }))}
        currency={currency}
      />
      <p>
        {boxes === 1 ? '1 box was closed' : `${boxes} boxes were closed`}
        {feeCreditMinor > 0 && (
          <>
            ; <Money minor={feeCreditMinor} currency={currency} /> of what was kept had been paid before, as
            styling fees
          </>
        )}
        . {papers('Receipt', 'Receipts', receipts)} {papers('Credit note', 'Credit notes', creditNotes)}
      </p>
    </>
  );
}

interface MoneyRow {
  readonly name: string;
  readonly minors: readonly number[];
}

interface MoneyTableProps {
  readonly title: string;
  /** What its file is called. */
  readonly file: string;
  /** The first is over the names. */
  readonly heads: readonly string[];
  readonly rows: readonly MoneyRow[];
  /** Name of a last row that adds up the others. */
  readonly sum?: string;
  readonly currency: string;
}

/** Amounts by name, to be read and to be saved. */
function MoneyTable({ title, file, heads, rows, sum, currency }: MoneyTableProps) {
  const [over, ...columns] = heads;
  const together: MoneyRow | undefined =
    sum === undefined || rows.length === 0
      ? undefined
      : {
          name: sum,
          minors: columns.map((_, i) => rows.reduce((total, { minors }) => total + (minors[i] ?? 0), 0)),
        };
  return (
    <>
      <div className="sheet-head">
        <h3>{title}</h3>
        <SaveCsv
          name={file}
          rows={rows.map(({ name, minors }) => ({
            [over ?? '']: name,
            ...Object.fromEntries(columns.map((head, i) => [head, amountText(minors[i] ?? 0, currency)])),
          }))}
        />
      </div>
      {rows.length === 0 ? (
        <p className="soft">Nothing that day.</p>
      ) : (
        <div className="ledger-wide">
          <table className="plain-table ledger-table">
            <thead>
              <tr>
                {heads.map((head) => (
                  <th key={head} scope="col">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {[...rows, ...(together ? [together] : [])].map((row) => (
                <tr key={row.name} className={row === together ? 'ledger-sum' : undefined}>
                  <th scope="row">{row.name}</th>
                  {row.minors.map((minor, i) => (
                    <td key={heads[i + 1]}>
                      <Money minor={minor} currency={currency} />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}

const papers = (one: string, many: string, numbers: Numbers | undefined): string =>
  !numbers
    ? ''
    : numbers.from === numbers.to
      ? `${one} ${numbers.from}.`
      : `${many} ${numbers.from} to ${numbers.to}.`;
