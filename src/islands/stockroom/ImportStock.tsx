import type { ImportAnswer } from '@contracts/stock/import-stock';
import { textOf } from '@contracts/csv';
import { CSV_MOST_BYTES, CSV_REQUIRED } from '@contracts/stock-csv';
import { Button, FileInput, Modal, ScrollArea } from '@mantine/core';
import { ApiProblem, call, showDone, showProblem } from '@ui/api';
import { useState } from 'react';

const MOST_SHOWN = 60;

interface Props {
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onTaken: () => void;
}

/** A stock file: looked at first, every faulty row with its reason; then the good rows or none. */
export function ImportStock({ opened, onClose, onTaken }: Props) {
  const [csv, setCsv] = useState('');
  const [name, setName] = useState('');
  const [answer, setAnswer] = useState<ImportAnswer>();
  const [refusal, setRefusal] = useState('');
  const [busy, setBusy] = useState(false);

  const look = async (file: File | null): Promise<void> => {
    setAnswer(undefined);
    setRefusal('');
    if (!file) return;
    setName(file.name);
    if (file.size === 0) return setRefusal(`${file.name} is empty: 0 bytes.`);
    if (file.size > CSV_MOST_BYTES)
      return setRefusal(
        `${file.name} is larger than ${CSV_MOST_BYTES / 1_000_000} MB. Split it into smaller files.`,
      );
    const text = textOf(new Uint8Array(await file.arrayBuffer()));
    if (text === undefined)
      return setRefusal(
        `${file.name} is neither UTF-8 nor UTF-16. Save it as “CSV UTF-8” and choose it again.`,
      );
    setCsv(text);
    setBusy(true);
    try {
      setAnswer(await call('import-stock', { csv: text, take: 'check' }));
    } catch (error) {
      setRefusal(error instanceof ApiProblem ? error.message : 'The file could not be read.');
    } finally {
      setBusy(false);
    }
  };
  const take = async (how: 'good' | 'all'): Promise<void> => {
    setBusy(true);
    try {
      const { taken } = await call('import-stock', { csv, take: how });
      showDone(`${taken} sizes came in.`);
      setAnswer(undefined);
      onTaken();
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal opened={opened} onClose={onClose} title="Import stock" size="xl">
      <div style={{ display: 'grid', gap: 12 }}>
        <p className="small">
          CSV with one row per size, comma or semicolon; or JSON as the export writes it. Wanted columns:{' '}
          <b>{CSV_REQUIRED.join(', ')}</b>. More are welcome under the names of a piece, as{' '}
          <code>cut.neckline</code>, <code>measures.bust</code> (mm), <code>fabric.texture</code>,{' '}
          <code>pattern.repeatMm</code>. Colours read <code>navy:0.6 ivory:0.4</code> or <code>#1f2a44</code>.
        </p>
        <FileInput
          label="CSV or JSON file"
          placeholder="Choose a file"
          accept=".csv,.json,text/csv,text/plain,application/json"
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
            {answer.faults.length > 0 && (
              <ScrollArea.Autosize mah={190}>
                <table className="import-table">
                  <thead>
                    <tr>
                      <th scope="col">Row</th>
                      <th scope="col">Field</th>
                      <th scope="col">What is wrong</th>
                    </tr>
                  </thead>
                  <tbody>
                    {answer.faults.slice(0, MOST_SHOWN).map((fault, i) => (
                      <tr key={i}>
                        <td className="num">{fault.row}</td>
                        <td>{fault.path}</td>
                        <td>{fault.message}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
                {answer.faults.length > MOST_SHOWN && (
                  <p className="small soft">and {answer.faults.length - MOST_SHOWN} more</p>
                )}
              </ScrollArea.Autosize>
            )}
            {answer.good.length > 0 && (
              <ScrollArea.Autosize mah={170}>
                <table className="import-table">
                  <thead>
                    <tr>
                      <th scope="col">Row</th>
                      <th scope="col">Garment</th>
                      <th scope="col">Size</th>
                      <th scope="col">SKU</th>
                      <th scope="col">Pieces</th>
                    </tr>
                  </thead>
                  <tbody>
                    {answer.good.slice(0, MOST_SHOWN).map((row) => (
                      <tr key={row.row}>
                        <td className="num">{row.row}</td>
                        <td>{row.title}</td>
                        <td>{row.size}</td>
                        <td>{row.sku}</td>
                        <td className="num">{row.qty}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </ScrollArea.Autosize>
            )}
            <div style={{ display: 'flex', gap: 8 }}>
              {answer.faults.length === 0 ? (
                <Button disabled={answer.good.length === 0} loading={busy} onClick={() => void take('all')}>
                  Take all {answer.good.length} rows
                </Button>
              ) : (
                <Button disabled={answer.good.length === 0} loading={busy} onClick={() => void take('good')}>
                  Take the {answer.good.length} good rows
                </Button>
              )}
              <Button variant="default" onClick={onClose}>
                Take none
              </Button>
            </div>
          </>
        )}
      </div>
    </Modal>
  );
}
