import type { LedgerLine } from '@contracts/ledger/ledger';
import type { ReturnReason } from '@core/box';
import type { LedgerBy } from '@core/ledger';
import { amountText } from '@core/money';
import { Modal } from '@mantine/core';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { useAsked } from '@ui/useAsked';
import { SaveCsv } from './SaveCsv';

/** What was opened: a group that pieces are sorted by, or a reason they came back for. */
export type Opened = { readonly title: string; readonly count: number } & (
  | { readonly by: LedgerBy; readonly key: string }
  | { readonly reason: ReturnReason | null }
);

interface Props {
  readonly opened: Opened;
  readonly scope: { readonly from?: string };
  readonly currency: string;
  readonly onClose: () => void;
}

/** The pieces behind a bar, the last decided first. */
export function LinesBehind({ opened, scope, currency, onClose }: Props) {
  const group = useAsked(
    'ledger-lines',
    'by' in opened ? { by: opened.by, key: opened.key, ...scope } : undefined,
  );
  const back = useAsked('ledger-back', 'reason' in opened ? { reason: opened.reason, ...scope } : undefined);
  const lines = (group.answer ?? back.answer)?.lines;
  return (
    <Modal opened onClose={onClose} title={opened.title} size="xl">
      {!lines ? (
        <p role="status">Fetching them…</p>
      ) : (
        <div className="ledger-wide">
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
              {lines.map((line, i) => (
                <tr key={`${line.boxId} ${i}`}>
                  <td className="num">{dayWords(line.day)}</td>
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
                  <td>{becameOf(line)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {lines && opened.count > lines.length && <p className="small soft">The last {lines.length} of them.</p>}
      {lines && (
        <SaveCsv
          name={opened.title.split(':')[0] ?? ''}
          rows={lines.map((line) => ({
            day: line.day,
            box: line.number,
            client: line.client,
            piece: line.title,
            size: line.size,
            price: amountText(line.priceMinor, currency),
            'what became of it': becameOf(line),
          }))}
        />
      )}
    </Modal>
  );
}

const becameOf = ({ kept, reason }: LedgerLine): string =>
  kept ? 'kept' : `back: ${reason ?? 'reason not said'}`;
