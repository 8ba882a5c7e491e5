import type { StockRow } from '@contracts/stock/stock-list';
import { CATEGORY } from '@core/piece';
import { Checkbox } from '@mantine/core';
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  type RowSelectionState,
  type SortingState,
  useReactTable,
  type VisibilityState,
} from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';

const column = createColumnHelper<StockRow>();

/** Columns that may be put away, by what they are called. */
export const COLUMNS = {
  label: 'Label',
  category: 'Kind',
  priceMinor: 'Price',
  shelf: 'Shelf',
  sizes: 'Sizes',
};

interface Props {
  readonly rows: readonly StockRow[];
  readonly total: number;
  readonly currency: string;
  readonly sorting: SortingState;
  readonly onSorting: (sorting: SortingState) => void;
  readonly hidden: VisibilityState;
  readonly chosen: RowSelectionState;
  /** Absent: rows cannot be chosen. */
  readonly onChosen?: ((chosen: RowSelectionState) => void) | undefined;
  /** The rows answer an older question than the one that was asked: nothing of them is chosen. */
  readonly stale: boolean;
  readonly onOpen: (id: string) => void;
  readonly onEnd: () => void;
}

const ROW_PX = 77;

/** The garments of the stockroom. Only the rows near the window are in the page. */
export function StockTable(props: Props) {
  const { rows, total, currency, sorting, onSorting, hidden, chosen, onChosen, onOpen, onEnd } = props;
  const columns = useMemo(
    () => [
      ...(onChosen
        ? [
            column.display({
              id: 'choose',
              header: ({ table }) => (
                <Checkbox
                  size="xs"
                  aria-label="Choose all that are shown"
                  checked={table.getIsAllRowsSelected()}
                  indeterminate={table.getIsSomeRowsSelected()}
                  disabled={table.options.enableRowSelection === false}
                  onChange={table.getToggleAllRowsSelectedHandler()}
                />
              ),
              cell: ({ row }) => (
                <Checkbox
                  size="xs"
                  aria-label={`Choose ${row.original.piece.title}`}
                  checked={row.getIsSelected()}
                  disabled={!row.getCanSelect()}
                  onChange={row.getToggleSelectedHandler()}
                />
              ),
            }),
          ]
        : []),
      column.display({
        id: 'sketch',
        header: () => <span className="visually-hidden">Picture</span>,
        cell: ({ row }) => (
          <span className="stock-sketch">
            <GarmentSketch piece={row.original.piece} fit={58} photo={row.original.photo} decorative />
          </span>
        ),
      }),
      column.accessor((row) => row.piece.title, {
        id: 'title',
        header: 'Garment',
        cell: ({ row }) => (
          <button className="stock-title serif" onClick={() => onOpen(row.original.id)}>
            {row.original.piece.title}
          </button>
        ),
      }),
      column.accessor('label', { header: COLUMNS.label }),
      column.accessor((row) => CATEGORY[row.piece.category].label, {
        id: 'category',
        header: COLUMNS.category,
      }),
      column.accessor('priceMinor', {
        header: COLUMNS.priceMinor,
        cell: ({ getValue }) => {
          const minor = getValue();
          return minor === null ? null : <Money minor={minor} currency={currency} />;
        },
      }),
      column.accessor((row) => row.sizes.reduce((sum, size) => sum + size.shelf, 0), {
        id: 'shelf',
        header: COLUMNS.shelf,
        cell: ({ getValue }) => <span className="num">{getValue()}</span>,
      }),
      column.display({
        id: 'sizes',
        header: 'Sizes: on the shelf, held, out',
        cell: ({ row }) => <Sizes row={row.original} />,
      }),
    ],
    [currency, onChosen, onOpen],
  );
  const table = useReactTable({
    enableRowSelection: !props.stale,
    data: rows as StockRow[],
    columns,
    getRowId: (row) => row.id,
    state: { sorting, columnVisibility: hidden, rowSelection: chosen },
    manualSorting: true,
    enableMultiSort: false,
    onSortingChange: (next) => onSorting(typeof next === 'function' ? next(sorting) : next),
    onRowSelectionChange: (next) => onChosen?.(typeof next === 'function' ? next(chosen) : next),
    getCoreRowModel: getCoreRowModel(),
  });
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY), []);
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => ROW_PX,
    overscan: 6,
    scrollMargin: top,
    getItemKey: (i) => rows[i]?.id ?? i,
  });
  const seen = virtual.getVirtualItems();
  const last = seen[seen.length - 1];
  useEffect(() => {
    if (last && last.index >= rows.length - 10 && rows.length < total) onEnd();
  }, [last, rows.length, total, onEnd]);
  const above = (seen[0]?.start ?? top) - top;
  const below = virtual.getTotalSize() - ((last?.end ?? top) - top);
  const model = table.getRowModel().rows;
  return (
    <table className="stock" aria-rowcount={total + 1}>
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} aria-rowindex={1}>
            {group.headers.map((header) => {
              const sorted = header.column.getIsSorted();
              const head = flexRender(header.column.columnDef.header, header.getContext());
              return (
                <th
                  key={header.id}
                  scope="col"
                  aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
                >
                  {header.column.getCanSort() ? (
                    <button className="stock-sort" onClick={header.column.getToggleSortingHandler()}>
                      {head} {sorted === 'asc' ? '↑' : sorted === 'desc' ? '↓' : ''}
                    </button>
                  ) : (
                    head
                  )}
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody ref={body}>
        {above > 0 && <tr aria-hidden style={{ height: above }} />}
        {seen.map(({ index }) => {
          const row = model[index];
          return (
            row && (
              <tr key={row.id} data-index={index} ref={virtual.measureElement} aria-rowindex={index + 2}>
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id}>{flexRender(cell.column.columnDef.cell, cell.getContext())}</td>
                ))}
              </tr>
            )
          );
        })}
        {below > 0 && <tr aria-hidden style={{ height: below }} />}
      </tbody>
    </table>
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
