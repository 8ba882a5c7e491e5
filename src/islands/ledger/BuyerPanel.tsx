import type { BuyerView } from '@contracts/ledger/ledger';
import { Money } from '@ui/Money';
import { useAsked } from '@ui/useAsked';
import type { ReactNode } from 'react';

/** What was asked for and not there, which sizes go, what is pulled in vain, what is kept whenever it is sent, and what lies. */
export function BuyerPanel({ scope }: { readonly scope: { readonly from?: string } }) {
  const { answer } = useAsked('ledger-buyer', scope);
  if (!answer) return <p role="status">Counting…</p>;
  const { unmet, never, always, sizes, ages, currency } = answer;
  return (
    <div className="ledger-buyer">
      <Part
        title="Asked for, and not sent"
        none="Every ask of a box that has left was answered."
        rows={unmet}
      >
        {unmet.map(({ words, count, worthMinor }) => (
          <tr key={words}>
            <td>{words}</td>
            <td className="num">{count === 1 ? 'once' : `${count} times`}</td>
            <td>
              {worthMinor !== null && (
                <>
                  up to <Money minor={worthMinor} currency={currency} />
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
      <Part title="Lying here since" none="The shelf is empty." rows={ages}>
        {ages.map(({ days, units, worthMinor }) => (
          <tr key={days}>
            <td>{days}</td>
            <td className="num">{units} pieces</td>
            <td>
              <Money minor={worthMinor} currency={currency} />
            </td>
          </tr>
        ))}
      </Part>
    </div>
  );
}

interface PartProps {
  readonly title: string;
  readonly none: string;
  readonly rows: readonly unknown[];
  readonly children: ReactNode;
}

function Part({ title, none, rows, children }: PartProps) {
  return (
    <section className="sheet" aria-label={title}>
      <h2>{title}</h2>
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
  <Part title={title} none={none} rows={rows}>
    {rows.map(({ garmentId, title: name, sent, shelf }) => (
      <tr key={garmentId}>
        <td>{name}</td>
        <td className="num">{sent} times</td>
        <td className="num">{shelf === 0 ? 'none here' : `${shelf} here`}</td>
      </tr>
    ))}
  </Part>
);
