import type { StockPage } from '@contracts/stock/stock-list';
import { CATEGORIES, CATEGORY } from '@core/piece';
import { ActionIcon, Button, Checkbox, Menu, NativeSelect, Popover, TextInput } from '@mantine/core';
import { useDisclosure, useLocalStorage } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import IconColumns3 from '@tabler/icons-react/icons/IconColumns3';
import type { RowSelectionState, VisibilityState } from '@tanstack/react-table';
import { call, showProblem } from '@ui/api';
import { Providers } from '@ui/Providers';
import { useWedge } from '@ui/ScanField';
import { useCallback, useRef, useState } from 'react';
import { saveFile } from '../client/save-file';
import { ChosenBar } from './ChosenBar';
import { GarmentForm } from './GarmentForm';
import { ImportStock } from './ImportStock';
import { Narrow, NarrowedTo } from './Narrow';
import { COLUMNS, StockTable } from './StockTable';
import { type StockAsk, useStock } from './useStock';
import { withQueries } from '@ui/withQueries';
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
        <div className="end">
          <TextInput
            ref={find}
            aria-label="Find a garment or a SKU"
            placeholder="Title, label, SKU, EAN ( / )"
            defaultValue=""
            onChange={(event) => stock.look({ search: event.currentTarget.value.trim() })}
            w={220}
          />
          <NativeSelect
            aria-label="Kind"
            value={ask.category ?? ''}
            onChange={(event) => {
              const { value } = event.currentTarget;
              stock.look({ category: CATEGORIES.find((each) => each === value) });
            }}
            data={[
              { value: '', label: 'Every kind' },
              ...CATEGORIES.map((value) => ({ value, label: CATEGORY[value].label })),
            ]}
          />
          <NativeSelect
            aria-label="Which"
            value={ask.archived ? 'archived' : ''}
            onChange={(event) => {
              setChosen({});
              stock.look({ archived: event.currentTarget.value === 'archived' });
            }}
            data={[
              { value: '', label: 'In stock' },
              { value: 'archived', label: 'Archived' },
            ]}
          />
          <Narrow
            narrow={ask.narrow ?? {}}
            currency={stock.currency}
            onChange={(narrow) => stock.look({ narrow })}
          />
          <Popover position="bottom-end">
            <Popover.Target>
              <ActionIcon variant="default" size={34} aria-label="Columns" title="Columns">
                <IconColumns3 size={18} />
              </ActionIcon>
            </Popover.Target>
            <Popover.Dropdown>
              {Object.entries(COLUMNS).map(([id, words]) => (
                <Checkbox
                  key={id}
                  size="xs"
                  my={4}
                  label={words}
                  checked={hidden[id] !== false}
                  onChange={(event) => setHidden({ ...hidden, [id]: event.currentTarget.checked })}
                />
              ))}
            </Popover.Dropdown>
          </Popover>
          <Button variant="default" component="a" href="/stockroom/scanner">
            Scan
          </Button>
          {mayChange && (
            <>
              <Button variant="default" onClick={importForm.open} title="Import a file (i)">
                Import
              </Button>
              <Menu>
                <Menu.Target>
                  <Button variant="default">Export</Button>
                </Menu.Target>
                <Menu.Dropdown>
                  <Menu.Item onClick={() => void exportStock('csv')}>As CSV</Menu.Item>
                  <Menu.Item onClick={() => void exportStock('json')}>As JSON, with ways and parts</Menu.Item>
                </Menu.Dropdown>
              </Menu>
              <Button onClick={() => setOpen({})} title="New garment (n)">
                New garment
              </Button>
            </>
          )}
        </div>
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
            ? 'Enter a garment, or import a file from your till: any columns will do.'
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

async function exportStock(format: 'csv' | 'json'): Promise<void> {
  try {
    const { fileName, text } = await call('export-stock', { format });
    saveFile(fileName, format === 'csv' ? 'text/csv' : 'application/json', text);
  } catch (error) {
    showProblem(error);
  }
}
