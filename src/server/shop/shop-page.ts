import { removePromotionCall } from '@contracts/shop/remove-promotion';
import { saveLocationCall } from '@contracts/shop/save-location';
import { savePromotionCall } from '@contracts/shop/save-promotion';
import { saveShopCall } from '@contracts/shop/save-shop';
import { saveVoiceCall } from '@contracts/shop/save-voice';
import type { PromotionView, ShopPageView } from '@contracts/shop/shop-page-view';
import type { Category } from '@core/piece';
import type { Reader } from '@data/db';
import { hasNothing } from '@data/archive/store';
import { addLocations, changeLocation, isLocationNamed, locationsWithUnits } from '@data/shop/locations';
import { addPromotion, changePromotion, dropPromotion, promotionsOf } from '@data/shop/promotions';
import { changeShop, type ShopRow } from '@data/shop/shops';
import { note } from '../audit';
import type { Actor } from '../context';
import { outboxView } from '../outbox/outbox';
import { peopleView } from '../people/people';
import { forbidden, invalid, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { backupsView } from './backups';
import { practiceShopView } from './practice-shop';
import { dayIn, shopOf } from './settings';
import { voucherViews } from './vouchers';

/** What the screen "Shop" shows; an owner's alone. */
export async function shopPageView(db: Reader, actor: Actor, now: Date): Promise<ShopPageView> {
  if (actor.role !== 'owner') throw forbidden();
  const row = await shopOf(db, actor.shopId);
  return {
    today: dayIn(row.zone, now),
    currency: row.currency,
    terms: termsShown(row),
    voice: voiceShown(row),
    version: row.version,
    people: await peopleView(db, actor, now),
    locations: await locationsWithUnits(db, actor.shopId),
    promotions: await promotionsShown(db, actor.shopId),
    vouchers: await voucherViews(db, actor.shopId),
    isEmpty: await hasNothing(db, actor.shopId),
    outbox: await outboxView(db, actor, now),
    backups: await backupsView(db, now),
    practiceShop: await practiceShopView(),
  };
}

const voiceShown = ({ letterVoice, paper }: ShopRow): ShopPageView['voice'] => ({ ...letterVoice, paper });

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
  remindDays: row.remindDays,
  terminal: row.terminal,
  carrier: row.carrier,
  address: row.address,
  lateReturnDays: row.lateReturnDays,
  lateKeepAll: row.lateKeepAll,
  damageShareBp: row.damageShareBp,
  lostFeeBack: row.lostFeeBack,
  silentKeepDays: row.silentKeepDays,
  keepMeasuresMonths: row.keepMeasuresMonths,
  keepPhotosMonths: row.keepPhotosMonths,
  keepBoxesMonths: row.keepBoxesMonths,
});

async function promotionsShown(db: Reader, shopId: string): Promise<PromotionView[]> {
  const rows = await promotionsOf(db, shopId);
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
    await changeShop(tx, actor.shopId, { ...terms, name: shopName });
    await note(context, 'shop terms', 'shop', actor.shopId);
    return { version: row.version + 1 };
  },
});

export const saveVoice = serve(saveVoiceCall, {
  async run(context, { version, paper, ...letterVoice }) {
    const { tx, actor } = context;
    const row = await shopOf(tx, actor.shopId, true);
    if (row.version !== version)
      throw stale([{ path: 'signature', message: 'the shop was saved elsewhere' }], {
        version: row.version,
        ...voiceShown(row),
      });
    await changeShop(tx, actor.shopId, { letterVoice, paper });
    await note(context, 'letter voice', 'shop', actor.shopId);
    return { version: row.version + 1 };
  },
});

export const saveLocation = serve(saveLocationCall, {
  async run(context, { id, title, kind }) {
    const { tx, actor } = context;
    // One after the other: two of one name are told apart by nobody.
    await shopOf(tx, actor.shopId, true);
    if (await isLocationNamed(tx, actor.shopId, title, id))
      throw invalid([{ path: 'title', message: 'there is a place of this name already' }]);
    if (!id) await addLocations(tx, [{ shopId: actor.shopId, title, kind }]);
    else if (!(await changeLocation(tx, actor.shopId, id, { title, kind }))) throw notFound('That place');
    await note(context, id ? 'change' : 'add', 'location', id ?? title);
    return { locations: await locationsWithUnits(tx, actor.shopId) };
  },
});

export const savePromotion = serve(savePromotionCall, {
  async run(context, { id, categories, ...given }) {
    const { tx, actor } = context;
    const values = { ...given, scope: categories.length > 0 ? { categories } : {} };
    if (!id) await addPromotion(tx, { ...values, shopId: actor.shopId });
    else if (!(await changePromotion(tx, actor.shopId, id, values))) throw notFound('That promotion');
    await note(context, id ? 'change' : 'add', 'promotion', id ?? given.code);
    return { promotions: await promotionsShown(tx, actor.shopId) };
  },
});

export const removePromotion = serve(removePromotionCall, {
  async run(context, { id }) {
    const { tx, actor } = context;
    if (!(await dropPromotion(tx, actor.shopId, id))) throw notFound('That promotion');
    await note(context, 'remove', 'promotion', id);
    return { promotions: await promotionsShown(tx, actor.shopId) };
  },
});
