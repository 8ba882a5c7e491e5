import { csvOf } from '@contracts/csv';
import { Button } from '@mantine/core';
import { saveFile } from '../client/save-file';

interface Props {
  /** What the file is called, without its ending. */
  readonly name: string;
  readonly rows: readonly Readonly<Record<string, string | number>>[];
}

/** A table of the Ledger as a file; nothing to press where there is nothing in it. */
export function SaveCsv({ name, rows }: Props) {
  if (rows.length === 0) return null;
  const save = (): void =>
    saveFile(
      `${name}.csv`,
      'text/csv',
      csvOf(
        rows.map((row) => Object.fromEntries(Object.entries(row).map(([key, cell]) => [key, String(cell)]))),
      ),
    );
  return (
    <Button
      className="ledger-save no-print"
      size="compact-xs"
      variant="default"
      aria-label={`Save as CSV: ${name}`}
      onClick={save}
    >
      Save as CSV
    </Button>
  );
}
