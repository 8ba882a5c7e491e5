import type { BuyerView } from '@contracts/ledger/ledger';
import { UNMET_BY, type UnmetBy } from '@core/ledger';
import { amountText } from '@core/money';
import { NativeSelect } from '@mantine/core';
import { Money } from '@ui/Money';
import { useAsked } from '@ui/useAsked';
import { spell } from '@ui/tongue';
import { counted } from '@core/words';
import { type ReactNode, useState } from 'react';
import { SaveCsv } from './SaveCsv';

const UNMET_WORDS: Readonly<Record<UnmetBy, string>> = {
  words: 'in words',
  kind: 'by kind',
  colour: 'by colour',
  size: 'by size',
  price: 'by price',
};

/** What was asked for and not there, which sizes go, what is pulled in vain, what is kept whenever it is sent, and what lies. */
export function BuyerPanel({ scope }: { readonly scope: { readonly from?: string } }) {
  const [unmetBy, setUnmetBy] = useState<UnmetBy>('words');
  const { answer } = useAsked('ledger-buyer', { ...scope, unmetBy });
  if (!answer) return <p role="status">Counting…</p>;
  const { unmet, never, always, sizes, ages, currency } = answer;
  return (
    <div className="ledger-buyer">
      <Part
        title="Asked for, and not sent"
        none="Every ask of a box that has left was answered."
        rows={unmet.map(({ name, count, worthMinor }) => ({
          ask: name,
          count,
          worth: worthMinor === null ? '' : amountText(worthMinor, currency),
        }))}
        beside={
          <NativeSelect
            size="xs"
            aria-label="Asks, sorted"
            value={unmetBy}
            data={UNMET_BY.map((value) => ({ value, label: spell(UNMET_WORDS[value]) }))}
            onChange={(event) => setUnmetBy(event.currentTarget.value as UnmetBy)}
          />
        }
      >
        {unmet.map(({ key, name, count, worthMinor }) => (
          <tr key={key}>
            <td>{name}</td>
            <td className="num">{count === 1 ? 'once' : `${count} times`}</td>
            <td>
              {worthMinor !== null && (
                <>
                  about <Money minor={worthMinor} currency={currency} />
                </>
              )}
            </td>
          </tr>
        ))}
      </Part>
      <Sent
        title="Kept whenever it is sent"
        none="Nothing was sent three times and kept each time."
        rows={always}
      />
      <Sent title="Sent often, never kept" none="Nothing was sent three times and never kept." rows={never} />
      <Part title="Sizes sent, and sizes here" none="No size was sent yet." rows={sizes}>
        {sizes.map(({ size, sent, shelf }) => (
          <tr key={size}>
            <td>{size}</td>
            <td className="num">{sent} sent</td>
            <td className="num">{shelf === 0 ? 'none here' : `${shelf} here`}</td>
          </tr>
        ))}
      </Part>
      <Part
        title="Lying here since"
        none="The shelf is empty."
        rows={ages.map(({ days, units, worthMinor }) => ({
          since: days,
          units,
          worth: amountText(worthMinor, currency),
        }))}
      >
        {ages.map(({ days, units, worthMinor }) => (
          <tr key={days}>
            <td>{days}</td>
            <td className="num">{counted(units, 'piece')}</td>
            <td>
              <Money minor={worthMinor} currency={currency} />
            </td>
          </tr>
        ))}
      </Part>
      <NobodysSize />
    </div>
  );
}

/** What hangs here and fits nobody who is known; worked out by itself, for it looks at every garment. */
function NobodysSize() {
  const { answer } = useAsked('ledger-fits-nobody', {});
  if (!answer) return <p role="status">Holding every garment against everybody…</p>;
  const { garments, clients, currency } = answer;
  return (
    <Part
      title="Fits nobody on the books"
      none={
        clients === 0
          ? 'Nobody’s measures or sizes are known yet.'
          : 'Everything here fits somebody whose measures or sizes are known.'
      }
      rows={garments.map(({ title, sizes, units, worthMinor }) => ({
        garment: title,
        sizes,
        units,
        worth: amountText(worthMinor, currency),
      }))}
    >
      {garments.map(({ garmentId, title, sizes, units, worthMinor }) => (
        <tr key={garmentId}>
          <td>
            <a href={`/stockroom?garment=${garmentId}`}>{title}</a>{' '}
            <span className="soft">
              in {sizes}, {units} {units === 1 ? 'piece' : 'pieces'}
            </span>
          </td>
          <td>
            <Money minor={worthMinor} currency={currency} />
          </td>
        </tr>
      ))}
    </Part>
  );
}

interface PartProps {
  readonly title: string;
  readonly none: string;
  /** As they leave in a file. */
  readonly rows: readonly Readonly<Record<string, string | number>>[];
  readonly beside?: ReactNode;
  readonly children: ReactNode;
}

function Part({ title, none, rows, beside, children }: PartProps) {
  return (
    <section className="sheet" aria-label={title}>
      <div className="sheet-head">
        <h2>{title}</h2>
        {beside}
        <SaveCsv name={title} rows={rows} />
      </div>
      {rows.length === 0 ? (
        <p className="soft">{none}</p>
      ) : (
        <table className="plain-table ledger-table">
          <tbody>{children}</tbody>
        </table>
      )}
    </section>
  );
}

interface SentProps {
  readonly title: string;
  readonly none: string;
  readonly rows: BuyerView['never'];
}

const Sent = ({ title, none, rows }: SentProps) => (
  <Part
    title={title}
    none={none}
    rows={rows.map(({ title: garment, sent, kept, shelf }) => ({ garment, sent, kept, 'here now': shelf }))}
  >
    {rows.map(({ garmentId, title: name, sent, shelf }) => (
      <tr key={garmentId}>
        <td>
          <a href={`/stockroom?garment=${garmentId}`}>{name}</a>
        </td>
        <td className="num">{sent} times</td>
        <td className="num">{shelf === 0 ? 'none here' : `${shelf} here`}</td>
      </tr>
    ))}
  </Part>
);
