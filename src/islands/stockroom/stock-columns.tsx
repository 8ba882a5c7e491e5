import type { StockRow } from '@contracts/stock/stock-list';
import type { Piece } from '@core/piece';
import { Checkbox } from '@mantine/core';
import { createColumnHelper } from '@tanstack/react-table';
import { GarmentSketch, type GarmentSketchProps } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { kindCalled } from '@ui/called';
import { useDeferredValue } from 'react';

const column = createColumnHelper<StockRow>();

/** Columns that may be put away, by what they are called. */
export const COLUMNS = {
  label: 'Label',
  category: 'Kind',
  priceMinor: 'Price',
  shelf: 'Shelf',
  sizes: 'Sizes',
};

/** The columns of the stockroom; with a box to tick where rows may be chosen. */
export const columnsOf = (currency: string, isChosen: boolean, onOpen: (id: string) => void) => [
  ...(isChosen
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
    cell: ({ row }) => <Sketch piece={row.original.piece} photo={row.original.photo} />,
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
  column.accessor((row) => kindCalled(row.piece.category), {
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
];

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

/** Drawn a moment after its row: a list that is scrolled fast shows its words at once and never waits for pictures. */
function Sketch({ piece, photo }: Pick<GarmentSketchProps, 'piece' | 'photo'>) {
  const drawn = useDeferredValue<Piece | undefined>(piece, undefined);
  return (
    <span className="stock-sketch">
      {drawn && <GarmentSketch piece={drawn} fit={58} photo={photo} decorative />}
    </span>
  );
}
