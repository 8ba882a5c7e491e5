import { findCodeCall } from '@contracts/stock/find-code';
import { stepOf } from '@core/box';
import { type Place, shopEan, sizeWords } from '@core/stock';
import type { Reader } from '@data/db';
import { pieceOfGarment } from '@data/pieces';
import { openBoxesHaving } from '@data/box/boxes';
import { placesOf } from '@data/stock/books';
import { releaseExpired } from '@data/stock/holds';
import { sampleSizes, sizeOfCode } from '@data/stock/sizes';
import { type Actor, forRole, seesPersons } from '../context';
import { notFound } from '../problem';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';

/** The size a SKU or an EAN stands for; capitals do not matter, as scanners differ. */
export async function variantOfCode(db: Reader, shopId: string, code: string) {
  const read = code.trim();
  const found = await sizeOfCode(db, shopId, read);
  if (!found) throw notFound(`A piece with the code ${read}`);
  return found;
}

/** What a scanned code is, where its units are, and which boxes have one. */
export const findCode = serve(findCodeCall, {
  async run({ tx, actor, now }, { code }) {
    const { variant: size, garment: row } = await variantOfCode(tx, actor.shopId, code);
    await releaseExpired(tx, now, [size.id]);
    const { currency } = await shopOf(tx, actor.shopId);
    const places = await placesOf(tx, size.id);
    const boxes = await openBoxesHaving(tx, size.id);
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
  const rows = await sampleSizes(db, shopId, SAMPLES);
  return [
    ...rows.map(({ sku, ean, size, title }, i) => ({
      code: i % 2 === 0 && ean ? ean : sku,
      words: `${title}, ${size}`,
    })),
    { code: shopEan(NOBODYS), words: 'a tag that is not ours' },
  ];
}
