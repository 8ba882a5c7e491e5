import { type GivenPiece, pieceFrom } from '@core/piece';
import { amountText } from '@core/money';
import { isEan13, styleIdOf } from '@core/stock';
import { z } from 'zod';
import { csvOf } from './csv';
import type { ImportFault } from './import-fault';
import { jsonList } from './json-list';
import { measuresSchema, minorSchema, pieceSchema, type StoredAttributes } from './piece';
import { cellsOfPiece } from './piece-cells';
import { garmentKeyOf, readStockCsv, type StockCsv, type StockCsvRow } from './stock-csv';
import { unkeepable } from './text';
import type { GarmentSheet } from './stock/garment-sheet';

export const STOCK_FORMAT = 'ivory-rail/stock@1';

const garmentFileSchema = z.strictObject({
  piece: pieceSchema,
  label: z.string().max(80).default(''),
  setId: z.string().max(80).default(''),
  priceMinor: minorSchema,
  costMinor: minorSchema.optional(),
  sizes: z
    .array(
      z.strictObject({
        size: z.string().trim().min(1, 'missing').max(20),
        length: z.string().max(20).default(''),
        sku: z.string().trim().min(1, 'missing').max(60),
        ean: z
          .string()
          .refine((ean) => ean === '' || isEan13(ean), { error: 'not an EAN-13' })
          .default(''),
        qty: z.number().int().min(0, 'not below 0').max(100_000).default(0),
        /** Row of the file it was read from, where that is another one. */
        row: z.number().int().min(1).optional(),
        measures: measuresSchema.default({}),
      }),
    )
    .min(1, 'a garment has at least one size'),
});

/** Reads a stock file, CSV or JSON; amounts of a CSV are in the shop's currency. Every faulty row is told with its reason; the others come back ready to import. */
export function readStock(text: string, currency: string): StockCsv {
  const start = text.replace(/^\uFEFF/, '').trimStart();
  const { rows, faults } =
    start.startsWith('{') || start.startsWith('[') ? readStockJson(start) : readStockCsv(text, currency);
  const odd = rows.flatMap((each) =>
    unkeepable(each)
      .slice(0, 1)
      .map(({ path, message }): ImportFault => ({
        row: each.row,
        path,
        code: 'refused',
        params: { why: message },
      })),
  );
  const bad = new Set(odd.map(({ row }) => row));
  return { rows: rows.filter(({ row }) => !bad.has(row)), faults: [...faults, ...odd] };
}

function readStockJson(text: string): StockCsv {
  const { items, faults } = jsonList(text, 'garments', STOCK_FORMAT, garmentFileSchema);
  const rows: StockCsvRow[] = [];
  const skus = new Set<string>();
  for (const { row, item } of items) {
    const { piece, label, setId, priceMinor, costMinor, sizes } = item;
    const { id: _id, title: given, category, colours, formality, styleId: style, set, ...rest } = piece;
    const title = given ?? pieceFrom(piece as GivenPiece).title;
    const styleId = style ?? styleIdOf(title);
    for (const { measures, ean, row: ofFile = row, ...size } of sizes) {
      if (skus.has(size.sku))
        faults.push({ row: ofFile, path: 'sku', code: 'in-file-twice', params: { said: size.sku } });
      else
        rows.push({
          ...size,
          row: ofFile,
          ean: ean || undefined,
          measures: measures as Record<string, number>,
          garmentKey: garmentKeyOf(styleId, title, colours),
          styleId,
          setId: setId || set,
          title,
          label,
          category,
          colours,
          formality,
          priceMinor,
          costMinor,
          attributes: attributesOf(rest),
        });
      skus.add(size.sku);
    }
  }
  return { rows, faults };
}

/** What is stored of a piece besides its columns. */
function attributesOf(
  piece: Partial<Pick<z.infer<typeof pieceSchema>, 'owned' | 'assumed' | 'origins' | 'mode' | 'priceMinor'>>,
): StoredAttributes {
  const { owned: _o, assumed: _a, origins: _g, mode: _m, priceMinor: _p, ...attributes } = piece;
  return attributes as StoredAttributes;
}

/** A garment to be written out, with the units on the shelf of each size by its id. */
export type StockExport = Omit<
  GarmentSheet,
  'version' | 'locations' | 'photo' | 'archived' | 'priceMinor'
> & {
  readonly priceMinor: number;
  readonly shelf: ReadonlyMap<string, number>;
};

/** The stock as CSV, one row per size; it reads back in with `readStock`, and then changes nothing. */
export function stockCsv(garments: readonly StockExport[], currency: string): string {
  const rows = garments.flatMap((each) => {
    const { priceMinor, costMinor, label, styleId, setId } = each;
    const piece = cellsOfPiece(pieceFrom(givenOfExport(each)));
    return each.sizes.map(({ id, size, length, sku, ean, measures }) => ({
      ...piece,
      styleId,
      set: setId,
      label,
      size,
      length,
      sku,
      ean,
      price: amountText(priceMinor, currency),
      cost: costMinor === null ? '' : amountText(costMinor, currency),
      qty: String(each.shelf.get(id) ?? 0),
      ...Object.fromEntries(
        Object.entries(measures).map(([name, mm]) => [`measures.${name}`, String(mm ?? '')]),
      ),
    }));
  });
  return csvOf(rows);
}

/** The stock as JSON, all that is known of it. */
export const stockJson = (garments: readonly StockExport[]): string =>
  JSON.stringify(
    {
      format: STOCK_FORMAT,
      garments: garments.map((each) => ({
        piece: givenOfExport(each),
        label: each.label,
        setId: each.setId,
        priceMinor: each.priceMinor,
        costMinor: each.costMinor ?? undefined,
        sizes: each.sizes.map(({ id, moved: _moved, ...size }) => ({
          ...size,
          qty: each.shelf.get(id) ?? 0,
        })),
      })),
    },
    null,
    1,
  );

const givenOfExport = ({
  id,
  title,
  category,
  colours,
  formality,
  styleId,
  attributes,
}: StockExport): GivenPiece =>
  ({ ...attributes, id, title, category, colours, formality, styleId }) as GivenPiece;
