import type { StockRow } from '@contracts/views';
import { CATEGORIES, CATEGORY } from '@core/piece';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { useMemo, useRef, useState } from 'react';
import { ImportStock } from './ImportStock';
import './stockroom.css';

const column = createColumnHelper<StockRow>();

/** What the shop has, size by size: on the shelf, held, and out with clients. */
export function StockroomPage({
  rows,
  currency,
  mayImport,
}: {
  readonly rows: readonly StockRow[];
  readonly currency: string;
  readonly mayImport: boolean;
}) {
  const [search, setSearch] = useState('');
  const [category, setCategory] = useState('');
  const [sorting, setSorting] = useState<SortingState>([]);
  const [importing, { open, close }] = useDisclosure(false);
  const find = useRef<HTMLInputElement>(null);
  useHotkeys([
    ['/', () => find.current?.focus()],
    ['i', () => mayImport && open()],
  ]);
  const columns = useMemo(
    () => [
      column.display({
        id: 'sketch',
        header: '',
        cell: ({ row }) => (
          <span className="stock-sketch">
            <GarmentSketch piece={row.original.piece} fit={58} decorative />
          </span>
        ),
      }),
      column.accessor((row) => row.piece.title, {
        id: 'title',
        header: 'Garment',
        cell: ({ row }) => (
          <>
            <span className="serif stock-title">{row.original.piece.title}</span>
            <div className="small soft">{row.original.label}</div>
          </>
        ),
      }),
      column.accessor((row) => CATEGORY[row.piece.category].label, { id: 'category', header: 'Kind' }),
      column.accessor('priceMinor', {
        header: 'Price',
        cell: ({ getValue }) => <Money minor={getValue()} currency={currency} />,
      }),
      column.accessor((row) => row.sizes.reduce((sum, size) => sum + size.shelf, 0), {
        id: 'shelf',
        header: 'Shelf',
        cell: ({ getValue }) => <span className="num">{getValue()}</span>,
      }),
      column.display({
        id: 'sizes',
        header: 'Sizes: on the shelf, held, out',
        cell: ({ row }) => <Sizes row={row.original} />,
      }),
    ],
    [currency],
  );
  const data = useMemo(
    () =>
      rows.filter(
        (row) =>
          (category === '' || row.piece.category === category) &&
          `${row.piece.title} ${row.label} ${row.sizes.map((size) => size.sku).join(' ')}`
            .toLowerCase()
            .includes(search.toLowerCase()),
      ),
    [rows, category, search],
  );
  const table = useReactTable({
    data,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  return (
    <Providers
      keys={[
        { keys: '/', does: 'Find a garment or a SKU' },
        { keys: 'i', does: 'Import a file' },
      ]}
    >
      <div className="place-head">
        <h1>Stockroom</h1>
        <span className="soft">
          {data.length} of {rows.length} garments
        </span>
        <div className="end">
          <TextInput
            ref={find}
            aria-label="Find a garment or a SKU"
            placeholder="Find a garment or a SKU ( / )"
            value={search}
            onChange={(event) => setSearch(event.currentTarget.value)}
            w={240}
          />
          <NativeSelect
            aria-label="Kind"
            value={category}
            onChange={(event) => setCategory(event.currentTarget.value)}
            data={[
              { value: '', label: 'Every kind' },
              ...CATEGORIES.map((value) => ({ value, label: CATEGORY[value].label })),
            ]}
          />
          {mayImport && (
            <Button onClick={open} title="Import a CSV file (i)">
              Import
            </Button>
          )}
        </div>
      </div>
      {data.length === 0 ? (
        <p className="sheet empty">
          <strong>{rows.length === 0 ? 'The stockroom is empty.' : 'Nothing by that name.'}</strong>
          {rows.length === 0
            ? 'Import a CSV file with one row a size; the form says which columns.'
            : 'Look for a part of the name, or another kind.'}
        </p>
      ) : (
        <table className="stock">
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
                      scope="col"
                      aria-sort={
                        sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined
                      }
                    >
                      {header.column.getCanSort() ? (
                        <button className="stock-sort" onClick={header.column.getToggleSortingHandler()}>
                          {flexRender(header.column.columnDef.header, header.getContext())}{' '}
                          {sorted === 'asc' ? '↑' : sorted === 'desc' ? '↓' : ''}
                        </button>
                      ) : header.id === 'sketch' ? (
                        <span className="visually-hidden">Sketch</span>
                      ) : (
                        flexRender(header.column.columnDef.header, header.getContext())
                      )}
                    </th>
                  );
                })}
              </tr>
            ))}
          </thead>
          <tbody>
            {table.getRowModel().rows.map((row) => (
              <tr key={row.id}>
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id}>{flexRender(cell.column.columnDef.cell, cell.getContext())}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {mayImport && <ImportStock opened={importing} onClose={close} />}
    </Providers>
  );
}

function Sizes({ row }: { readonly row: StockRow }) {
  return (
    <ul className="stock-sizes">
      {row.sizes.map((size) => {
        const words = `${size.size}: ${size.shelf} on the shelf${size.held ? `, ${size.held} held` : ''}${size.out ? `, ${size.out} out` : ''}; ${size.sku}`;
        return (
          <li key={size.variantId} className={size.shelf === 0 ? 'gone' : undefined} title={words}>
            <span className="visually-hidden">{words}</span>
            <span aria-hidden>
              <b>{size.size}</b> <span className="num">{size.shelf}</span>
              {size.held > 0 && <span className="num stock-held"> +{size.held}h</span>}
              {size.out > 0 && <span className="num stock-out"> +{size.out}o</span>}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
