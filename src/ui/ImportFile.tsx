import { type ImportFault, importFaultWords } from '@contracts/import-fault';
import type { ImportAnswer, ImportTake } from '@contracts/import-file';
import { textOf } from '@contracts/csv';
import { Button, FileInput, Modal, ScrollArea } from '@mantine/core';
import { pageTongue } from './tongue';
import { type ReactNode, useState } from 'react';
import { ApiProblem, showDone, showProblem } from './api';

const MOST_SHOWN = 60;
const MB = 1_000_000;

interface Row {
  readonly row: number;
}

interface Props<R extends Row> {
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onTaken: () => void;
  readonly title: string;
  /** What the file should hold. */
  readonly hint: ReactNode;
  readonly accept: string;
  readonly label: string;
  readonly mostBytes: number;
  readonly bring: (csv: string, take: ImportTake) => Promise<ImportAnswer<R>>;
  /** "3 sizes came in." */
  readonly done: (taken: number) => string;
  /** What is shown of a good row, column by column. */
  readonly columns: readonly { readonly title: string; readonly of: (row: R) => ReactNode }[];
}

/** A file looked at first, every faulty row with its reason; then the good rows or none. */
export function ImportFile<R extends Row>(props: Props<R>) {
  const { opened, onClose, onTaken, title, hint, accept, label, mostBytes, bring, done, columns } = props;
  const [csv, setCsv] = useState('');
  const [name, setName] = useState('');
  const [answer, setAnswer] = useState<ImportAnswer<R>>();
  const [refusal, setRefusal] = useState('');
  const [busy, setBusy] = useState(false);

  const look = async (file: File | null): Promise<void> => {
    setAnswer(undefined);
    setRefusal('');
    if (!file) return;
    setName(file.name);
    if (file.size === 0) return setRefusal(`${file.name} is empty: 0 bytes.`);
    if (file.size > mostBytes)
      return setRefusal(`${file.name} is larger than ${mostBytes / MB} MB. Split it into smaller files.`);
    const text = textOf(new Uint8Array(await file.arrayBuffer()));
    if (text === undefined)
      return setRefusal(
        `${file.name} is neither UTF-8 nor UTF-16. Save it as “CSV UTF-8” and choose it again.`,
      );
    setCsv(text);
    setBusy(true);
    try {
      setAnswer(await bring(text, 'check'));
    } catch (error) {
      setRefusal(error instanceof ApiProblem ? error.message : 'The file could not be read.');
    } finally {
      setBusy(false);
    }
  };
  const take = async (how: 'good' | 'all'): Promise<void> => {
    setBusy(true);
    try {
      const { taken } = await bring(csv, how);
      showDone(done(taken));
      setAnswer(undefined);
      onTaken();
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal opened={opened} onClose={onClose} title={title} size="xl">
      <div style={{ display: 'grid', gap: 12 }}>
        <div className="small">{hint}</div>
        <FileInput
          label={label}
          placeholder="Choose a file"
          accept={accept}
          onChange={(file) => void look(file)}
          disabled={busy}
        />
        {refusal && (
          <p role="alert" className="tone tone-blocks">
            {refusal}
          </p>
        )}
        {busy && <p role="status">Reading {name}…</p>}
        {answer && (
          <>
            <p role="status">
              <b className="num">{answer.good.length}</b> new rows are good
              {answer.known > 0 && (
                <>
                  , <b className="num">{answer.known}</b> are here already
                </>
              )}
              , <b className="num">{answer.faults.length}</b> faults.
            </p>
            {answer.faults.length > 0 && <Faults faults={answer.faults} />}
            {answer.good.length > 0 && (
              <ScrollArea.Autosize mah={170}>
                <table className="plain-table">
                  <thead>
                    <tr>
                      <th scope="col">Row</th>
                      {columns.map((column) => (
                        <th key={column.title} scope="col">
                          {column.title}
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    {answer.good.slice(0, MOST_SHOWN).map((row) => (
                      <tr key={row.row}>
                        <td className="num">{row.row}</td>
                        {columns.map((column) => (
                          <td key={column.title}>{column.of(row)}</td>
                        ))}
                      </tr>
                    ))}
                  </tbody>
                </table>
              </ScrollArea.Autosize>
            )}
            <div style={{ display: 'flex', gap: 8 }}>
              {answer.faults.length === 0 ? (
                <Button disabled={answer.good.length === 0} loading={busy} onClick={() => void take('all')}>
                  Import {answer.good.length === 1 ? '1 row' : `all ${answer.good.length} rows`}
                </Button>
              ) : (
                <Button disabled={answer.good.length === 0} loading={busy} onClick={() => void take('good')}>
                  Import the {answer.good.length === 1 ? 'good row' : `${answer.good.length} good rows`}
                </Button>
              )}
              <Button variant="default" onClick={onClose}>
                Cancel
              </Button>
            </div>
          </>
        )}
      </div>
    </Modal>
  );
}

function Faults({ faults }: { readonly faults: readonly ImportFault[] }) {
  return (
    <ScrollArea.Autosize mah={190}>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Row</th>
            <th scope="col">Field</th>
            <th scope="col">What is wrong</th>
          </tr>
        </thead>
        <tbody>
          {faults.slice(0, MOST_SHOWN).map((fault, i) => (
            <tr key={i}>
              <td className="num">{fault.row}</td>
              <td>{fault.path}</td>
              <td>{importFaultWords(fault, pageTongue())}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {faults.length > MOST_SHOWN && <p className="small soft">and {faults.length - MOST_SHOWN} more</p>}
    </ScrollArea.Autosize>
  );
}
