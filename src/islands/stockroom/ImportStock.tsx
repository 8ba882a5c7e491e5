import { Button, FileInput, Modal, Progress } from '@mantine/core';
import { spell } from '@ui/tongue';
import { useState } from 'react';
import { saveFile } from '../client/save-file';
import { counted } from '@core/words';
import { Differences } from './Differences';
import { FileColumns } from './FileColumns';
import { FileGarments, FileNotes } from './FileGarments';
import { MendRows } from './MendRows';
import { type StockFile, useStockFile } from './useStockFile';
import './stock-file.css';

interface Props {
  readonly currency: string;
  readonly onClose: () => void;
  /** Something came in. */
  readonly onTaken: () => void;
  /** What was not in the file is wanted now, what is worth most first. */
  readonly onComplete: () => void;
}

const NOTHING: ReadonlySet<string> = new Set();

/** Stock out of a file of any till: what its columns say, what cannot come in yet, what is here otherwise; then all of it. */
export function ImportStock({ currency, onClose, onTaken, onComplete }: Props) {
  const file = useStockFile(currency);
  const { opened, summary, looked, brought, progress, settled } = file;
  const [counts, setCounts] = useState(NOTHING);
  const [prices, setPrices] = useState(NOTHING);
  const bring = async (): Promise<void> => {
    await file.bring(counts, prices);
    onTaken();
  };
  const leave = (): void => {
    if (progress?.what !== 'bringing' || window.confirm('Stop here? What came in stays.')) {
      file.stop();
      onClose();
    }
  };
  return (
    <Modal opened onClose={leave} title="Bring stock in" size={1180}>
      <div className="stock-file">
        <FileInput
          label={spell('A file of your till, a spreadsheet, or our own export')}
          placeholder="Choose a file"
          accept=".csv,.tsv,.txt,.json,.xlsx,text/csv,text/plain,application/json"
          onChange={(chosen) => {
            setCounts(NOTHING);
            setPrices(NOTHING);
            void file.open(chosen);
          }}
          disabled={progress?.what === 'bringing'}
          data-autofocus
        />
        {file.refusal && (
          <p role="alert" className="tone tone-blocks">
            {file.refusal}
          </p>
        )}
        {!opened && !progress && !file.refusal && (
          <p className="soft">
            Any columns will do, in any order and in six languages: a name, a price and a count are enough to
            begin with. You see what each was taken for before anything comes in.
          </p>
        )}
        {opened?.isOldPage && (
          <p className="tone tone-refines">
            This file is in an old encoding. If letters such as é or ü look wrong below, save it as “CSV
            UTF-8” and choose it again.
          </p>
        )}
        {opened?.sheet && !brought && (
          <FileColumns
            sheet={opened.sheet}
            columns={settled.columns}
            onChange={(columns) => void file.settle({ columns })}
          />
        )}
        <Status file={file} />
        {summary && !brought && (
          <>
            <MendRows
              faults={[...summary.faults, ...(looked?.faults ?? [])]}
              rows={summary.faultyRows}
              onKind={
                opened?.sheet &&
                ((said, kind) => void file.settle({ kinds: { ...settled.kinds, [said]: kind } }))
              }
              onMend={(change) =>
                void file.settle({
                  changes: [
                    ...settled.changes.filter(
                      (each) => each.row !== change.row || each.field !== change.field,
                    ),
                    change,
                  ],
                })
              }
            />
            {looked && looked.differs.length > 0 && (
              <Differences
                differs={looked.differs}
                currency={currency}
                counts={counts}
                prices={prices}
                onCounts={setCounts}
                onPrices={setPrices}
              />
            )}
            <FileNotes notes={summary.notes} noted={summary.noted} />
            <FileGarments rows={summary.first} garments={summary.garments} currency={currency} />
          </>
        )}
        <End
          file={file}
          booked={counts.size + prices.size}
          onBring={bring}
          onComplete={onComplete}
          onClose={leave}
        />
      </div>
    </Modal>
  );
}

interface EndProps extends Pick<Props, 'onComplete' | 'onClose'> {
  readonly file: StockFile;
  /** Counts and prices that are chosen to be booked. */
  readonly booked: number;
  readonly onBring: () => Promise<void>;
}

/** What can be done next with the file. */
function End({ file, booked, onBring, onComplete, onClose }: EndProps) {
  const { summary, looked, brought, progress } = file;
  return (
    <div className="stock-file-end">
      {progress && (
        <Button variant="default" onClick={file.stop}>
          Stop
        </Button>
      )}
      {summary && looked && !brought && (
        <Button
          onClick={() => void onBring()}
          disabled={progress !== undefined || looked.fresh + booked === 0}
        >
          {bringWords(looked.fresh, booked)}
        </Button>
      )}
      {summary && summary.faultyRows + (looked?.faults.length ?? 0) > 0 && !progress && (
        <Button
          variant="default"
          onClick={() =>
            void file.left().then((text) => saveFile(`left out of ${file.name}.csv`, 'text/csv', text))
          }
        >
          Save the rows that are left
        </Button>
      )}
      {brought && brought.taken > 0 && (
        <Button
          variant="default"
          onClick={onComplete}
          title="What the file did not say, what is worth most first"
        >
          Complete what is missing
        </Button>
      )}
      <Button variant={brought ? 'filled' : 'subtle'} onClick={onClose}>
        {brought ? 'Done' : 'Close'}
      </Button>
    </div>
  );
}

const bringWords = (fresh: number, booked: number): string =>
  [
    fresh > 0 ? `Bring in ${counted(fresh, 'size')}` : '',
    booked > 0 ? `${fresh > 0 ? 'book' : 'Book'} ${counted(booked, 'change')}` : '',
  ]
    .filter(Boolean)
    .join(', ') || 'Nothing new to bring in';

const DOING = {
  reading: 'Reading the file…',
  looking: 'Looking through the stockroom…',
  bringing: 'Bringing it in…',
} as const;

/** Where the file stands, in one sentence. */
function Status({ file: { summary, looked, brought, progress, name } }: { readonly file: StockFile }) {
  const stuck = (summary?.faultyRows ?? 0) + new Set(looked?.faults.map(({ row }) => row)).size;
  return (
    <div role="status">
      {progress && (
        <>
          <p>{DOING[progress.what]}</p>
          {progress.done > 0 && (
            <Progress value={progress.done * 100} aria-label={DOING[progress.what]} mt={4} />
          )}
        </>
      )}
      {brought ? (
        <p className="stock-file-said">
          {counted(brought.taken, 'size')} came in from {name}
          {brought.booked > 0 && <>, {counted(brought.booked, 'change')} booked</>}.
          {brought.left > 0 && (
            <> {counted(brought.left, 'row')} stayed out: save them, mend them, and bring that file in.</>
          )}
        </p>
      ) : (
        summary && (
          <p className="stock-file-said">
            <b className="num">{counted(summary.sizes, 'size')}</b> of {counted(summary.garments, 'garment')},{' '}
            {counted(summary.pieces, 'piece')} in all.
            {stuck > 0 && <> {counted(stuck, 'row')} cannot come in yet.</>}
            {looked && looked.known > 0 && <> {looked.known} are here already, just as the file says.</>}
            {looked && looked.differs.length > 0 && (
              <>
                {' '}
                {looked.differs.length} {looked.differs.length === 1 ? 'is' : 'are'} here otherwise.
              </>
            )}
          </p>
        )
      )}
    </div>
  );
}
