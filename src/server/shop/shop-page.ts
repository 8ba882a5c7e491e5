import { removePromotionCall } from '@contracts/shop/remove-promotion';
import { saveLocationCall } from '@contracts/shop/save-location';
import { savePromotionCall } from '@contracts/shop/save-promotion';
import { saveShopCall } from '@contracts/shop/save-shop';
import type { LocationView, PromotionView, ShopPageView } from '@contracts/shop/shop-page-view';
import type { Category } from '@core/piece';
import type { Reader } from '@data/db';
import { location, promotion, shop, stockBalance } from '@data/schema';
import { and, asc, desc, eq, ne, sql } from 'drizzle-orm';
import { note } from '../audit';
import { type Actor, type Context } from '../context';
import { hasNothing } from '../archive/bring-in';
import { outboxView } from '../outbox/outbox';
import { peopleView } from '../people/people';
import { forbidden, invalid, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { backupsView } from './backups';
import { dayIn, type ShopRow, shopOf } from './settings';

/** What the screen "Shop" shows; an owner's alone. */
export async function shopPageView(db: Reader, actor: Actor, now: Date): Promise<ShopPageView> {
  if (actor.role !== 'owner') throw forbidden();
  const row = await shopOf(db, actor.shopId);
  return {
    today: dayIn(row.zone, now),
    currency: row.currency,
    terms: termsShown(row),
    version: row.version,
    people: await peopleView(db, actor, now),
    locations: await locationsOf(db, actor.shopId),
    promotions: await promotionsOf(db, actor.shopId),
    isEmpty: await hasNothing(db, actor.shopId),
    outbox: await outboxView(db, actor, now),
    backups: await backupsView(db, now),
  };
}

const termsShown = (row: ShopRow): ShopPageView['terms'] => ({
  shopName: row.name,
  town: row.town,
  zone: row.zone,
  taxIncluded: row.taxIncluded,
  taxBp: row.taxBp,
  rounding: row.rounding,
  styleFeeMinor: row.styleFeeMinor,
  keepAllBp: row.keepAllBp,
  holdDays: row.holdDays,
  styleDays: row.styleDays,
  packDays: row.packDays,
  transitDays: row.transitDays,
  tryOnDays: row.tryOnDays,
  exchangeDays: row.exchangeDays,
  closedWeekdays: row.closedWeekdays,
  holidays: row.holidays,
  returnPolicy: row.returnPolicy,
  keepMeasuresMonths: row.keepMeasuresMonths,
  keepPhotosMonths: row.keepPhotosMonths,
  keepBoxesMonths: row.keepBoxesMonths,
});

async function locationsOf(db: Reader, shopId: string): Promise<LocationView[]> {
  const units = sql<number>`coalesce(sum(${stockBalance.qty}) filter (where ${stockBalance.place} <> 'supplier'), 0)::int`;
  return db
    .select({ id: location.id, title: location.title, kind: location.kind, units })
    .from(location)
    .leftJoin(stockBalance, eq(stockBalance.locationId, location.id))
    .where(eq(location.shopId, shopId))
    .groupBy(location.id)
    .orderBy(asc(location.title));
}

async function promotionsOf(db: Reader, shopId: string): Promise<PromotionView[]> {
  const rows = await db
    .select()
    .from(promotion)
    .where(eq(promotion.shopId, shopId))
    .orderBy(desc(promotion.fromDay), asc(promotion.code));
  return rows.map(({ id, code, kind, value, fromDay, toDay, scope }) => ({
    id,
    code,
    kind,
    value,
    fromDay,
    toDay,
    categories: (scope.categories ?? []) as Category[],
  }));
}

export const saveShop = serve(saveShopCall, {
  async run(context, { version, shopName, ...terms }) {
    const { tx, actor } = context;
    const row = await shopOf(tx, actor.shopId, true);
    if (row.version !== version)
      throw stale([{ path: 'shopName', message: 'the shop was saved elsewhere' }], {
        version: row.version,
        ...termsShown(row),
      });
    await tx
      .update(shop)
      .set({ ...terms, name: shopName, version: sql`${shop.version} + 1` })
      .where(eq(shop.id, actor.shopId));
    await note(context, 'shop terms', 'shop', actor.shopId);
    return { version: row.version + 1 };
  },
});

export const saveLocation = serve(saveLocationCall, {
  async run(context, { id, title, kind }) {
    const { tx, actor } = context;
    // One after the other: two of one name are told apart by nobody.
    await shopOf(tx, actor.shopId, true);
    const [same] = await tx
      .select({ id: location.id })
      .from(location)
      .where(
        and(
          eq(location.shopId, actor.shopId),
          sql`lower(${location.title}) = lower(${title})`,
          id ? ne(location.id, id) : undefined,
        ),
      );
    if (same) throw invalid([{ path: 'title', message: 'there is a place of this name already' }]);
    if (id) {
      const changed = await tx
        .update(location)
        .set({ title, kind })
        .where(and(eq(location.id, id), eq(location.shopId, actor.shopId)))
        .returning({ id: location.id });
      if (changed.length === 0) throw notFound('That place');
    } else await tx.insert(location).values({ shopId: actor.shopId, title, kind });
    await note(context, id ? 'change' : 'add', 'location', id ?? title);
    return { locations: await locationsOf(tx, actor.shopId) };
  },
});

export const savePromotion = serve(savePromotionCall, {
  async run(context, { id, categories, ...given }) {
    const { tx, actor } = context;
    const values = { ...given, scope: categories.length > 0 ? { categories } : {} };
    if (id) {
      const changed = await tx
        .update(promotion)
        .set(values)
        .where(ownPromotion(context, id))
        .returning({ id: promotion.id });
      if (changed.length === 0) throw notFound('That promotion');
    } else await tx.insert(promotion).values({ ...values, shopId: actor.shopId });
    await note(context, id ? 'change' : 'add', 'promotion', id ?? given.code);
    return { promotions: await promotionsOf(tx, actor.shopId) };
  },
});

export const removePromotion = serve(removePromotionCall, {
  async run(context, { id }) {
    const { tx, actor } = context;
    const gone = await tx.delete(promotion).where(ownPromotion(context, id)).returning({ id: promotion.id });
    if (gone.length === 0) throw notFound('That promotion');
    await note(context, 'remove', 'promotion', id);
    return { promotions: await promotionsOf(tx, actor.shopId) };
  },
});

const ownPromotion = ({ actor }: Context, id: string) =>
  and(eq(promotion.id, id), eq(promotion.shopId, actor.shopId));
