import type { GarmentSheet } from '@contracts/stock/garment-sheet';
import { sizeWords } from '@core/stock';
import { StockLedger } from './StockLedger';

/** Stock and movements of one garment, size by size. */
export function GarmentLedger({
  sheet,
  onBooked,
}: {
  readonly sheet: GarmentSheet;
  readonly onBooked: () => void;
}) {
  return (
    <StockLedger
      sizes={sheet.sizes.map(({ id, size, length }) => ({ id, words: sizeWords({ size, length }) }))}
      locations={sheet.locations}
      onBooked={onBooked}
    />
  );
}
