import { stockListCall } from '@contracts/stock/stock-list';
import { sizeWords } from '@core/stock';
import type { StockPage } from '@contracts/stock/stock-list';
import { pieceOfGarment } from '@data/pieces';
import { photosOf } from '@data/photo/photos';
import { countGarments, garmentPage, sizesByGarment } from '@data/stock/garments';
import { releaseExpired } from '@data/stock/holds';
import type { Database, Reader } from '@data/db';
import type { Parsed } from '@contracts/calls';
import { type Actor, forRole, seesPersons } from '../context';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';

/** Garments a page holds; the screen asks for the next one as it is scrolled to. */
export const PAGE_ROWS = 60;

export const stockList = serve(stockListCall, {
  async run({ tx, actor, now }, input): Promise<StockPage> {
    await releaseExpired(tx, now);
    return stockPage(tx, actor, input);
  },
});

/** A page of the stockroom: five queries however many garments there are. */
async function stockPage(db: Reader, actor: Actor, input: Parsed<'stock-list'>): Promise<StockPage> {
  const { search, category, narrow, archived, sort, down, offset } = input;
  const filter = { shopId: actor.shopId, search, archived, narrow, categories: category ? [category] : [] };
  const { currency } = await shopOf(db, actor.shopId);
  const garments = await garmentPage(db, filter, { sort, down, offset, limit: PAGE_ROWS });
  const ids = garments.map(({ id }) => id);
  const total = await countGarments(db, filter);
  const sizes = await sizesByGarment(db, ids);
  const photos = await photosOf(db, { garment: ids });
  return {
    currency,
    total,
    rows: garments.map((row) => {
      const own = sizes.get(row.id) ?? [];
      return {
        id: row.id,
        label: row.label,
        piece: forRole(actor, pieceOfGarment(row, own[0]?.variant)),
        priceMinor: seesPersons(actor) ? row.priceMinor : null,
        photo: photos.get(row.id),
        sizes: own.map(({ variant, at }) => ({
          variantId: variant.id,
          size: sizeWords(variant),
          sku: variant.sku,
          shelf: at.shelf ?? 0,
          held: at.held ?? 0,
          out: at.out ?? 0,
        })),
      };
    }),
  };
}

/** The first page as the stockroom opens. */
export async function openStockroom(db: Database, actor: Actor, now: Date): Promise<StockPage> {
  await db.transaction((tx) => releaseExpired(tx, now));
  return stockPage(db, actor, stockListCall.input.parse({}));
}
