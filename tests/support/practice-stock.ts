import { grouped } from '@core/grouped';
import { pieceFrom } from '@core/piece';
import type { PracticeStock } from '@core/practice';
import { stockRows } from '@server/demo/load-demo';

/** The demo shop's stock as exercises are made of it. */
export function practiceStock(): PracticeStock {
  const garments = [...grouped(stockRows(), ({ garmentKey }) => garmentKey).values()];
  return {
    candidates: garments.map((rows, i) => {
      const [row] = rows as [(typeof rows)[number], ...typeof rows];
      const { title, category, colours, formality, priceMinor, attributes } = row;
      return {
        piece: pieceFrom({
          ...attributes,
          id: `g${i}`,
          title,
          category,
          colours,
          formality,
          set: row.setId,
          priceMinor,
        } as Parameters<typeof pieceFrom>[0]),
        label: row.label,
        sizes: rows.map(({ size, measures = {} }, j) => ({
          variantId: `${i}-${j}`,
          size,
          measures,
          origins: Object.fromEntries(Object.keys(measures).map((name) => [name, 'given'])),
          free: 1,
        })),
      };
    }),
  };
}
