import type { StockPage } from '@contracts/stock/stock-list';
import { useDisclosure, useLocalStorage } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import type { RowSelectionState, VisibilityState } from '@tanstack/react-table';
import { call, showProblem } from '@ui/api';
import { Providers } from '@ui/Providers';
import { useWedge } from '@ui/ScanField';
import { useCallback, useRef, useState } from 'react';
import { ChosenBar } from './ChosenBar';
import { GarmentForm } from './GarmentForm';
import { ImportStock } from './ImportStock';
import { NarrowedTo } from './Narrow';
import { StockHead } from './StockHead';
import { StockTable } from './StockTable';
import { type StockAsk, useStock } from './useStock';
import { withQueries } from '@ui/withQueries';
import { spell } from '@ui/tongue';
import './stockroom.css';

/** What the shop has, size by size: on the shelf, held, and out with clients. */
export const StockroomPage = withQueries(function StockroomPage({
  first,
  garment,
  mayChange,
}: {
  readonly first: StockPage;
  /** Opened with the page, by its id. */
  readonly garment?: string | undefined;
  readonly mayChange: boolean;
}) {
  const stock = useStock(first);
  const { ask, rows, total } = stock;
  const [importing, importForm] = useDisclosure(false);
  const [open, setOpen] = useState<{ readonly id?: string } | undefined>(
    garment ? { id: garment } : undefined,
  );
  const [chosen, setChosen] = useState<RowSelectionState>({});
  const [hidden, setHidden] = useLocalStorage<VisibilityState>({
    key: 'stockroom-columns',
    defaultValue: { label: false },
  });
  const find = useRef<HTMLInputElement>(null);
  useKeys([
    ['/', () => find.current?.focus()],
    ['i', () => mayChange && importForm.open()],
    ['n', () => mayChange && setOpen({})],
  ]);
  useWedge((code) => {
    call('find-code', { code }).then(({ garmentId }) => setOpen({ id: garmentId }), showProblem);
  });
  const openGarment = useCallback((id: string) => setOpen({ id }), []);
  const ids = Object.keys(chosen).filter((id) => chosen[id]);
  return (
    <Providers
      keys={[
        { keys: '/', does: 'Find a garment, a label, a SKU or an EAN' },
        { keys: 'any code', does: 'A scanner’s reading opens its garment' },
        ...(mayChange
          ? [
              { keys: 'n', does: 'New garment' },
              { keys: 'i', does: 'Import a file' },
            ]
          : []),
      ]}
    >
      <div className="place-head">
        <h1>Stockroom</h1>
        <span className="soft" role="status">
          {total} {total === 1 ? 'garment' : 'garments'}
          {stock.loading ? ', looking…' : ''}
        </span>
        <StockHead
          stock={stock}
          find={find}
          hidden={hidden}
          onHidden={setHidden}
          onArchived={(archived) => {
            setChosen({});
            stock.look({ archived });
          }}
          onImport={mayChange ? importForm.open : undefined}
          onNew={mayChange ? () => setOpen({}) : undefined}
        />
      </div>
      <NarrowedTo
        narrow={ask.narrow ?? {}}
        currency={stock.currency}
        onChange={(narrow) => stock.look({ narrow })}
      />
      {ids.length > 0 && (
        <ChosenBar
          ids={ids}
          currency={stock.currency}
          archived={ask.archived === true}
          onDone={() => {
            setChosen({});
            stock.refresh();
          }}
          onNone={() => setChosen({})}
        />
      )}
      {rows.length === 0 && !stock.loading ? (
        <p className="sheet empty">
          <strong>{first.total === 0 ? 'The stockroom is empty.' : 'Nothing by that name.'}</strong>
          {first.total === 0
            ? mayChange
              ? spell('Enter a garment, or import a file from your till: any columns will do.')
              : 'What a colleague enters stands here.'
            : 'Look for a part of the name, another kind, or among the archived.'}
        </p>
      ) : (
        <StockTable
          rows={rows}
          total={total}
          currency={stock.currency}
          sorting={ask.sort ? [{ id: ask.sort, desc: ask.down === true }] : []}
          onSorting={([by]) => stock.look({ sort: by?.id as StockAsk['sort'], down: by?.desc })}
          hidden={hidden}
          chosen={chosen}
          onChosen={mayChange ? setChosen : undefined}
          stale={stock.stale}
          onOpen={openGarment}
          onEnd={stock.more}
        />
      )}
      {open && (
        <GarmentForm
          key={open.id ?? 'new'}
          id={open.id}
          mayChange={mayChange}
          onClose={() => setOpen(undefined)}
          onSaved={stock.refresh}
        />
      )}
      {mayChange && importing && (
        <ImportStock
          currency={stock.currency}
          onClose={importForm.close}
          onTaken={stock.refresh}
          onComplete={() => {
            importForm.close();
            stock.look({ narrow: { missing: 'any' }, sort: 'worth', down: true });
          }}
        />
      )}
    </Providers>
  );
});
