import type { LedgerRow } from '@contracts/ledger/ledger';
import type { LedgerBy } from '@core/ledger';
import { Modal } from '@mantine/core';
import { Money } from '@ui/Money';
import { useAsked } from '@ui/useAsked';

interface Props {
  readonly by: LedgerBy;
  readonly row: LedgerRow;
  readonly scope: { readonly from?: string };
  readonly currency: string;
  readonly onClose: () => void;
}

/** The pieces behind a bar, the last decided first. */
export function LinesBehind({ by, row, scope, currency, onClose }: Props) {
  const { answer } = useAsked('ledger-lines', { by, key: row.key, ...scope });
  return (
    <Modal opened onClose={onClose} title={`${row.name}: ${row.kept} of ${row.sent} kept`} size="xl">
      {!answer ? (
        <p role="status">Fetching them…</p>
      ) : (
        <table className="plain-table ledger-table">
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">Box</th>
              <th scope="col">Client</th>
              <th scope="col">Piece</th>
              <th scope="col">Price</th>
              <th scope="col">What became of it</th>
            </tr>
          </thead>
          <tbody>
            {answer.lines.map((line, i) => (
              <tr key={`${line.boxId} ${i}`}>
                <td className="num">{line.day}</td>
                <td>
                  <a href={`/box/${line.boxId}/tally`}>{line.number}</a>
                </td>
                <td>{line.client}</td>
                <td>
                  {line.title}, {line.size}
                </td>
                <td>
                  <Money minor={line.priceMinor} currency={currency} />
                </td>
                <td>{line.kept ? 'kept' : `back: ${line.reason ?? 'reason not said'}`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {answer && row.sent > answer.lines.length && (
        <p className="small soft">The last {answer.lines.length} of them.</p>
      )}
    </Modal>
  );
}
