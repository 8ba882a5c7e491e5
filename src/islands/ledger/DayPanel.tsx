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
  const { currency, ways, rates, boxes, feeCreditMinor, receipts, creditNotes } = view;
  const taken = ways.map(({ way, feeMinor, chargeMinor, refundMinor }) => ({
    name: way ? capital(PAY_WORDS[way]) : 'Not said',
    feeMinor,
    chargeMinor,
    refundMinor,
    inAllMinor: feeMinor + chargeMinor - refundMinor,
  }));
  const all = (of: 'feeMinor' | 'chargeMinor' | 'refundMinor' | 'inAllMinor'): number =>
    taken.reduce((sum, row) => sum + row[of], 0);
  return (
    <>
      <div className="sheet-head">
        <h3>Taken</h3>
        <SaveCsv
          name={`Taken on ${view.day}`}
          rows={taken.map((row) => ({
            paid: row.name,
            'styling fees': amountText(row.feeMinor, currency),
            charged: amountText(row.chargeMinor, currency),
            'given back': amountText(row.refundMinor, currency),
            'in all': amountText(row.inAllMinor, currency),
          }))}
        />
      </div>
      <div className="ledger-wide">
        <table className="plain-table ledger-table">
          <thead>
            <tr>
              <th scope="col">Paid</th>
              <th scope="col">Styling fees</th>
              <th scope="col">Charged</th>
              <th scope="col">Given back</th>
              <th scope="col">In all</th>
            </tr>
          </thead>
          <tbody>
            {[
              ...taken,
              {
                name: 'Together',
                feeMinor: all('feeMinor'),
                chargeMinor: all('chargeMinor'),
                refundMinor: all('refundMinor'),
                inAllMinor: all('inAllMinor'),
              },
            ].map((row) => (
              <tr key={row.name} className={row.name === 'Together' ? 'ledger-sum' : undefined}>
                <th scope="row">{row.name}</th>
                <td>
                  <Money minor={row.feeMinor} currency={currency} />
                </td>
                <td>
                  <Money minor={row.chargeMinor} currency={currency} />
                </td>
                <td>
                  <Money minor={row.refundMinor} currency={currency} />
                </td>
                <td>
                  <Money minor={row.inAllMinor} currency={currency} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="sheet-head">
        <h3>Sold, by rate of tax</h3>
        <SaveCsv
          name={`Sold on ${view.day}`}
          rows={rates.map((rate) => ({
            'tax rate': rate.taxBp / 100,
            kept: amountText(rate.netMinor, currency),
            'tax in it': amountText(rate.taxMinor, currency),
            credited: amountText(rate.creditedMinor, currency),
            'tax in that': amountText(rate.creditedTaxMinor, currency),
          }))}
        />
      </div>
      {rates.length === 0 ? (
        <p className="soft">Nothing was kept or credited.</p>
      ) : (
        <div className="ledger-wide">
          <table className="plain-table ledger-table">
            <thead>
              <tr>
                <th scope="col">Rate</th>
                <th scope="col">Kept</th>
                <th scope="col">Tax in it</th>
                <th scope="col">Credited</th>
                <th scope="col">Tax in that</th>
              </tr>
            </thead>
            <tbody>
              {rates.map((rate) => (
                <tr key={rate.taxBp}>
                  <th scope="row">{rate.taxBp / 100} %</th>
                  <td>
                    <Money minor={rate.netMinor} currency={currency} />
                  </td>
                  <td>
                    <Money minor={rate.taxMinor} currency={currency} />
                  </td>
                  <td>
                    <Money minor={rate.creditedMinor} currency={currency} />
                  </td>
                  <td>
                    <Money minor={rate.creditedTaxMinor} currency={currency} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
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

const papers = (one: string, many: string, numbers: Numbers | undefined): string =>
  !numbers
    ? ''
    : numbers.from === numbers.to
      ? `${one} ${numbers.from}.`
      : `${many} ${numbers.from} to ${numbers.to}.`;
