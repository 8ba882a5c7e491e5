import { findCodeCall } from '@contracts/stock/find-code';
import { ENDED, stepOf } from '@core/box';
import { type Place, shopEan, sizeWords } from '@core/stock';
import type { Reader } from '@data/db';
import { pieceOfGarment } from '@data/pieces';
import { box, boxLine, client, garment, location, stockBalance, variant } from '@data/schema';
import { and, asc, eq, gt, isNull, ne, notInArray, or, sql } from 'drizzle-orm';
import { type Actor, forRole, seesPersons } from '../context';
import { notFound } from '../problem';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { releaseExpired } from './holds';

/** The size a SKU or an EAN stands for; capitals do not matter, as scanners differ. */
export async function variantOfCode(db: Reader, shopId: string, code: string) {
  const read = code.trim();
  const [found] = await db
    .select({ variant, garment })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        eq(variant.shopId, shopId),
        or(eq(sql`upper(${variant.sku})`, read.toUpperCase()), eq(variant.ean, read)),
      ),
    )
    .limit(1);
  if (!found) throw notFound(`A piece with the code ${read}`);
  return found;
}

/** What a scanned code is, where its units are, and which boxes have one. */
export const findCode = serve(findCodeCall, {
  async run({ tx, actor, now }, { code }) {
    const { variant: size, garment: row } = await variantOfCode(tx, actor.shopId, code);
    await releaseExpired(tx, now, [size.id]);
    const { currency } = await shopOf(tx, actor.shopId);
    const places = await tx
      .select({ title: location.title, place: stockBalance.place, qty: stockBalance.qty })
      .from(stockBalance)
      .innerJoin(location, eq(location.id, stockBalance.locationId))
      .where(
        and(eq(stockBalance.variantId, size.id), ne(stockBalance.place, 'supplier'), gt(stockBalance.qty, 0)),
      )
      .orderBy(asc(location.title), asc(stockBalance.place));
    const boxes = await tx
      .select({ id: box.id, number: box.number, state: box.state, client: client.name })
      .from(boxLine)
      .innerJoin(box, eq(box.id, boxLine.boxId))
      .innerJoin(client, eq(client.id, box.clientId))
      .where(
        and(eq(boxLine.variantId, size.id), isNull(boxLine.removedAt), notInArray(box.state, [...ENDED])),
      )
      .orderBy(asc(box.number));
    return {
      garmentId: row.id,
      variantId: size.id,
      title: row.title,
      size: sizeWords(size),
      sku: size.sku,
      ean: size.ean ?? '',
      priceMinor: seesPersons(actor) ? row.priceMinor : null,
      currency,
      archived: row.archivedAt !== null,
      piece: forRole(actor, pieceOfGarment(row, size)),
      places: places.map((each) => ({ ...each, place: each.place as Place })),
      boxes: boxes.map(({ state, ...each }) => ({ ...each, step: stepOf(state) })),
    };
  },
});

const SAMPLES = 10;
/** A number no shop reaches. */
const NOBODYS = 9_999_999_999;

/** Codes to try a scanner with: a size of some styles on the shelf, every other by its EAN, and one that is nobody's. */
export async function sampleCodes(
  db: Reader,
  { shopId }: Actor,
): Promise<{ readonly code: string; readonly words: string }[]> {
  const rows = await db
    .selectDistinctOn([garment.styleId], {
      sku: variant.sku,
      ean: variant.ean,
      size: variant.size,
      title: garment.title,
    })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .innerJoin(
      stockBalance,
      and(eq(stockBalance.variantId, variant.id), eq(stockBalance.place, 'shelf'), gt(stockBalance.qty, 0)),
    )
    .where(eq(variant.shopId, shopId))
    .orderBy(asc(garment.styleId), asc(variant.sku))
    .limit(SAMPLES);
  return [
    ...rows.map(({ sku, ean, size, title }, i) => ({
      code: i % 2 === 0 && ean ? ean : sku,
      words: `${title}, ${size}`,
    })),
    { code: shopEan(NOBODYS), words: 'a tag that is not ours' },
  ];
}
