import { countedLines, nothingArrived } from '@core/box';
import { boxTotal, type BoxTotal, type MoneyTerms, termsOn } from '@core/money';
import type { Reader } from '@data/db';
import type { BoxRecord } from '@data/box/boxes';
import type { LineRecord } from '@data/box/lines';
import { promotionsOf } from '@data/shop/promotions';
import type { ShopRow } from '@data/shop/shops';
import { alteringOf, priceOf } from './lines';

/** Terms of money of a box on a day: frozen once it is out, the shop's of that day before. */
export async function termsOf(db: Reader, row: BoxRecord, shop: ShopRow, today: string): Promise<MoneyTerms> {
  if (row.terms) return termsOn(row.terms, today);
  const running = await promotionsOf(db, shop.id);
  return {
    promotions: running
      .filter((each) => each.fromDay <= today && today <= each.toDay)
      .map((each) => ({ code: each.code, kind: each.kind, value: each.value })),
    keepAllBp: shop.keepAllBp,
    styleFeeMinor: shop.styleFeeMinor,
    taxIncluded: shop.taxIncluded,
    rounding: shop.rounding,
  };
}

export function totalOf(lines: readonly LineRecord[], terms: MoneyTerms, shop: ShopRow): BoxTotal {
  const counted = countedLines(
    lines.map((record) => ({
      id: record.line.id,
      exchangeOf: record.line.exchangeOf,
      priceMinor: priceOf(record),
      alterationMinor: alteringOf(record),
      taxBp: record.line.taxBp ?? record.garment.taxBp ?? shop.taxBp,
      decision: record.line.decision,
    })),
  );
  return boxTotal(counted, terms, nothingArrived(lines.map(({ line }) => line)));
}
