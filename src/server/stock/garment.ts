import { saveGarmentCall } from '@contracts/stock/save-garment';
import { garmentSheetCall } from '@contracts/stock/garment-sheet';
import { lab } from '@core/colour';
import { type Category, pieceFrom, type Swatch } from '@core/piece';
import { styleIdOf } from '@core/stock';
import type { GarmentSheet, SizeSheet } from '@contracts/stock/garment-sheet';
import type { Reader } from '@data/db';
import { photosOf } from '@data/photo/photos';
import { splitMeasures } from '@data/pieces';
import { locationsOf } from '@data/shop/locations';
import { addGarment, changeGarment, findGarment, type GarmentRow } from '@data/stock/garments';
import { type SizeOfGarment, sizesOf, sizesWithHistory } from '@data/stock/sizes';
import { note } from '../audit';
import { seesPersons } from '../context';
import { isId, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { saveSizes } from './size-run';

/** The columns that follow from what a garment is: its usual formality unless said, its first colour in CIELAB. */
export function garmentFacts(given: {
  readonly category: Category;
  readonly colours: readonly Swatch[];
  readonly formality?: number | undefined;
}) {
  const { category, colours, formality } = given;
  const main = lab(colours[0]?.hex ?? '#808080');
  return {
    formality: formality ?? pieceFrom({ id: 'new', category, colours }).formality,
    mainL: main.l,
    mainA: main.a,
    mainB: main.b,
  };
}

async function garmentOf(db: Reader, shopId: string, id: string, lock = false) {
  if (!isId(id)) throw notFound('That garment');
  const row = await findGarment(db, shopId, id, lock);
  if (!row) throw notFound('That garment');
  return row;
}

/** What a garment is, without its sizes. */
export const sheetOf = (row: GarmentRow) => ({
  id: row.id,
  title: row.title,
  label: row.label,
  styleId: row.styleId,
  setId: row.setId ?? '',
  category: row.category as Category,
  formality: row.formality,
  colours: row.colours,
  attributes: row.attributes,
  priceMinor: row.priceMinor,
  costMinor: row.costMinor,
});

export const sizeSheet = (size: SizeOfGarment, moved = true): SizeSheet => ({
  id: size.id,
  size: size.size,
  length: size.length,
  sku: size.sku,
  ean: size.ean ?? '',
  measures: splitMeasures(size.measures).measures,
  moved,
});

export const garmentSheet = serve(garmentSheetCall, {
  async run({ tx, actor }, { id }): Promise<GarmentSheet> {
    const row = await garmentOf(tx, actor.shopId, id);
    const sizes = await sizesWithHistory(tx, id);
    return {
      ...sheetOf(row),
      // What it costs, and what the shop paid, is nothing a parcel needs.
      priceMinor: seesPersons(actor) ? row.priceMinor : null,
      costMinor: seesPersons(actor) ? row.costMinor : null,
      version: row.version,
      photo: (await photosOf(tx, { garment: [id] })).get(id),
      archived: row.archivedAt !== null,
      sizes: sizes.map(({ variant: size, moved }) => sizeSheet(size, moved)),
      locations: (await locationsOf(tx, actor.shopId)).map(({ id: at, title }) => ({ id: at, title })),
    };
  },
});

export const saveGarment = serve(saveGarmentCall, {
  async run(context, input) {
    const { tx, actor, now } = context;
    const { sizes, numberEans, id: known, version: seen, ...given } = input;
    const values = {
      ...given,
      ...garmentFacts(given),
      styleId: given.styleId || styleIdOf(given.title),
      setId: given.setId || null,
    };
    let id = known;
    let version = 1;
    if (id) {
      const row = await garmentOf(tx, actor.shopId, id, true);
      if (row.version !== seen)
        throw stale([{ path: 'garment', message: `${row.title} was saved elsewhere` }], {
          ...sheetOf(row),
          version: row.version,
          sizes: (await sizesOf(tx, id)).map((size) => {
            const { moved: _moved, ...sheet } = sizeSheet(size);
            return { ...sheet, qty: 0 };
          }),
        });
      version = row.version + 1;
      await changeGarment(tx, id, { ...values, version });
    } else id = await addGarment(tx, { ...values, shopId: actor.shopId, createdAt: now });
    await saveSizes(context, id, sizes, numberEans);
    await note(context, known ? 'change' : 'add', 'garment', id, { sizes: sizes.length });
    return { id, version };
  },
});
