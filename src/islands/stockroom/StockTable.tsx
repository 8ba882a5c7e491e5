import type { StockRow } from '@contracts/stock/stock-list';
import {
  flexRender,
  getCoreRowModel,
  type Header,
  type Row,
  type RowSelectionState,
  type SortingState,
  useReactTable,
  type VisibilityState,
} from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { columnsOf } from './stock-columns';

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
  const isChosen = onChosen !== undefined;
  const columns = useMemo(() => columnsOf(currency, isChosen, onOpen), [currency, isChosen, onOpen]);
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
  const { body, seen, above, below, measure } = useWindow(rows, total, onEnd);
  const model = table.getRowModel().rows;
  return (
    <table className="stock" aria-rowcount={total + 1}>
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} aria-rowindex={1}>
            {group.headers.map((header) => (
              <Head key={header.id} header={header} />
            ))}
          </tr>
        ))}
      </thead>
      <tbody ref={body}>
        {above > 0 && <tr aria-hidden style={{ height: above }} />}
        {seen.map(({ index }) => {
          const row = model[index];
          return (
            row && (
              <Garment
                key={row.id}
                row={row}
                index={index}
                measure={measure}
                columns={columns}
                hidden={hidden}
                chosen={row.getIsSelected()}
                stale={props.stale}
              />
            )
          );
        })}
        {below > 0 && <tr aria-hidden style={{ height: below }} />}
      </tbody>
    </table>
  );
}

interface GarmentProps {
  readonly row: Row<StockRow>;
  readonly index: number;
  readonly measure: (row: HTMLTableRowElement | null) => void;
  /** Not read, and all that a row shows besides itself: while they stay, it is not drawn anew. */
  readonly columns: ReturnType<typeof columnsOf>;
  readonly hidden: VisibilityState;
  readonly chosen: boolean;
  readonly stale: boolean;
}

/** One garment: rows that stay are left alone while others are scrolled into sight. */
const Garment = memo(function Garment({ row, index, measure }: GarmentProps) {
  return (
    <tr data-index={index} ref={measure} aria-rowindex={index + 2}>
      {row.getVisibleCells().map((cell) => (
        <td key={cell.id}>{flexRender(cell.column.columnDef.cell, cell.getContext())}</td>
      ))}
    </tr>
  );
});

function Head({ header }: { readonly header: Header<StockRow, unknown> }) {
  const sorted = header.column.getIsSorted();
  const head = flexRender(header.column.columnDef.header, header.getContext());
  return (
    <th scope="col" aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}>
      {header.column.getCanSort() ? (
        <button className="stock-sort" onClick={header.column.getToggleSortingHandler()}>
          {head} {sorted === 'asc' ? '↑' : sorted === 'desc' ? '↓' : ''}
        </button>
      ) : (
        head
      )}
    </th>
  );
}

/** The rows near the window, and how much of the page is above and below them, px; the next are asked for near the end. */
function useWindow(rows: readonly StockRow[], total: number, onEnd: () => void) {
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY), []);
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => ROW_PX,
    overscan: 6,
    // Rows are made ahead of the window: the scrolling need not wait for them.
    useFlushSync: false,
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
  return { body, seen, above, below, measure: virtual.measureElement };
}
