import { randomUUID } from 'node:crypto';
import { seeded } from '@core/chance';
import { NOBODY } from '@core/client';
import { colourName } from '@core/colour';
import { boxTotal, type PayWay } from '@core/money';
import type { Category } from '@core/piece';
import { readAsk } from '@core/reading';
import { nounOf } from '@core/say';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Database } from '../db';
import {
  box,
  boxAsk,
  boxLine,
  client,
  garment,
  hold,
  look,
  parcel,
  payment,
  receipt,
  shop,
  stockBalance,
  stockMovement,
  user,
  variant,
} from '../schema';
import { PastRail, pastBox } from './past-box';
import { HABITS, PEOPLE } from './past-habits';

const BOXES = 90;
const ASKED = 3;
/** Ways people pay, as often as they stand here. */
const PAID: readonly PayWay[] = ['card', 'card', 'card', 'card', 'cash', 'transfer', 'voucher'];
const DAY_MS = 86_400_000;

/** What somebody would have asked for who was sent this. */
const wordsFor = ({ category, colours }: typeof garment.$inferSelect): string =>
  `${colourName(colours[0]?.hex ?? '#808080')} ${nounOf(category as Category, 'british')}`;

/**
 * A year of closed boxes before today, as the screens would have left them: sent, decided, charged, receipted, with their
 * units on the books; what is on the shelf stays as it was. Does nothing when there are boxes of such numbers already.
 */
export async function loadPast(db: Database, now: Date, seed = 7): Promise<number> {
  return db.transaction(async (tx) => {
    const [own] = await tx.select().from(shop).limit(1);
    if (!own) return 0;
    const [first] = await tx.select({ id: box.id }).from(box).where(eq(box.number, 1)).limit(1);
    if (first) return 0;
    const draw = seeded(seed);
    const asking = seeded(seed + 1);
    const one = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T;
    const stylists = (
      await tx.select().from(user).where(eq(user.shopId, own.id)).orderBy(asc(user.role))
    ).filter(({ role }) => role === 'owner' || role === 'stylist');
    const stock = await tx
      .select({ variant, garment, locationId: stockBalance.locationId })
      .from(variant)
      .innerJoin(garment, and(eq(garment.id, variant.garmentId), isNull(garment.archivedAt)))
      .innerJoin(
        stockBalance,
        and(
          eq(stockBalance.variantId, variant.id),
          eq(stockBalance.place, 'shelf'),
          sql`${stockBalance.qty} > 0`,
        ),
      )
      .orderBy(asc(variant.sku), asc(stockBalance.locationId));
    const rail = new PastRail(stock);
    const { measures: _measures, ...profile } = NOBODY;
    const people = await tx
      .insert(client)
      .values(
        PEOPLE.map((name) => ({
          shopId: own.id,
          name,
          about: 'A client of last year’s.',
          profile: profile as typeof client.$inferInsert.profile,
          createdAt: new Date(now.getTime() - 400 * DAY_MS),
        })),
      )
      .returning({ id: client.id });
    const [newest] = await tx
      .select({ no: sql<number>`coalesce(max(${receipt.no}), 0)::int` })
      .from(receipt)
      .where(eq(receipt.shopId, own.id));
    const boxes: (typeof box.$inferInsert)[] = [];
    const lines: (typeof boxLine.$inferInsert)[] = [];
    const asks: (typeof boxAsk.$inferInsert)[] = [];
    const looks: (typeof look.$inferInsert)[] = [];
    const holds: (typeof hold.$inferInsert)[] = [];
    const moves: (typeof stockMovement.$inferInsert)[] = [];
    const payments: (typeof payment.$inferInsert)[] = [];
    const receipts: (typeof receipt.$inferInsert)[] = [];
    const sold = new Map<string, { variantId: string; locationId: string; qty: number }>();
    for (let number = 1; number <= BOXES; number++) {
      const closedAt = new Date(now.getTime() - (370 - number * 3.9) * DAY_MS);
      const outAt = new Date(closedAt.getTime() - (6 + draw() * 6) * DAY_MS);
      const openedAt = new Date(outAt.getTime() - (3 + draw() * 8) * DAY_MS);
      const stylist = one(stylists);
      const boxId = randomUUID();
      const { pieces, spoke, against } = pastBox(rail, {
        sendsNavy: stylist.role === HABITS.navyRole,
        settings: own.ruleSettings,
        shopSchools: own.schools,
        draw,
      });
      const sent = pieces.map(({ decision, reason, ...piece }, position) => ({
        id: randomUUID(),
        position,
        piece,
        decision,
        reason,
      }));
      const terms = {
        promotions: [],
        keepAllBp: own.keepAllBp,
        styleFeeMinor: own.styleFeeMinor,
        taxIncluded: own.taxIncluded,
        rounding: own.rounding,
      };
      const total = boxTotal(
        sent.map(({ id, piece: { garment: g }, decision }) => ({
          id,
          priceMinor: g.priceMinor,
          alterationMinor: 0,
          taxBp: g.taxBp ?? own.taxBp,
          decision,
        })),
        terms,
      );
      boxes.push({
        id: boxId,
        shopId: own.id,
        clientId: one(people).id,
        number,
        state: 'closed',
        stylistId: stylist.id,
        terms,
        total,
        outAt,
        closedAt,
        createdAt: openedAt,
      });
      if (asking() < HABITS.missingShare) {
        const words = HABITS.missing[Math.floor(asking() * HABITS.missing.length)] ?? '';
        asks.push({ boxId, position: ASKED, ask: readAsk(words) });
      }
      looks.push({
        boxId,
        position: 0,
        pieces: sent.map(({ id }) => ({ ref: `line:${id}` })),
        spoke: [...spoke],
        against: [...against],
        createdAt: openedAt,
      });
      for (const { id, position, piece, decision, reason } of sent) {
        const { variant: v, garment: g, locationId } = piece;
        const sums = total.lines.find((each) => each.id === id);
        // The first of a box answer what was asked for.
        const askId = position < ASKED ? randomUUID() : null;
        if (askId) asks.push({ id: askId, boxId, position, ask: readAsk(wordsFor(g)) });
        lines.push({
          id,
          boxId,
          variantId: v.id,
          locationId,
          position,
          priceMinor: g.priceMinor,
          taxBp: g.taxBp ?? own.taxBp,
          decision,
          decidedBy: 'shop',
          askId,
          parcelNo: 1,
          reason,
          scannedAt: outAt,
          checkedInAt: decision === 'return' ? closedAt : null,
          netMinor: sums?.netMinor ?? null,
          taxMinor: sums?.taxMinor ?? null,
          createdAt: openedAt,
        });
        holds.push({ boxLineId: id, variantId: v.id, locationId, state: 'shipped', createdAt: openedAt });
        const unit = { variantId: v.id, locationId, qty: 1 };
        const step = (
          cause: 'delivery' | 'hold' | 'ship' | 'keep' | 'come-back' | 'check-in',
          fromPlace: 'supplier' | 'shelf' | 'held' | 'out' | 'returned',
          toPlace: 'shelf' | 'held' | 'out' | 'sold' | 'returned',
          at: Date,
        ): void =>
          void moves.push({
            ...unit,
            cause,
            fromPlace,
            toPlace,
            at,
            boxLineId: cause === 'delivery' ? null : id,
          });
        // What was kept had been bought for it: the shelf of today is as it is.
        if (decision === 'keep') step('delivery', 'supplier', 'shelf', openedAt);
        step('hold', 'shelf', 'held', openedAt);
        step('ship', 'held', 'out', outAt);
        if (decision === 'keep') {
          step('keep', 'out', 'sold', closedAt);
          const key = `${v.id} ${locationId}`;
          const before = sold.get(key);
          if (before) before.qty++;
          else sold.set(key, { ...unit });
        } else {
          step('come-back', 'out', 'returned', closedAt);
          step('check-in', 'returned', 'shelf', closedAt);
        }
      }
      const paid = PAID[Math.floor(asking() * PAID.length)] ?? 'card';
      payments.push({ boxId, kind: 'fee', way: paid, amountMinor: own.styleFeeMinor, at: outAt });
      if (total.dueMinor > 0)
        payments.push({ boxId, kind: 'charge', way: paid, amountMinor: total.dueMinor, at: closedAt });
      receipts.push({
        shopId: own.id,
        no: (newest?.no ?? 0) + number,
        boxId,
        amountMinor: Math.max(0, total.dueMinor),
        at: closedAt,
      });
    }
    await tx.insert(box).values(boxes);
    await tx
      .insert(parcel)
      .values(boxes.map(({ id, outAt }) => ({ boxId: id ?? '', no: 1, sentAt: outAt ?? now })));
    await tx.insert(boxAsk).values(asks);
    await tx.insert(boxLine).values(lines);
    await tx.insert(look).values(looks);
    await tx.insert(hold).values(holds);
    await tx.insert(stockMovement).values(moves);
    for (const { qty, ...at } of sold.values())
      for (const [place, change] of [
        ['supplier', -qty],
        ['sold', qty],
      ] as const)
        await tx
          .insert(stockBalance)
          .values({ ...at, place, qty: change })
          .onConflictDoUpdate({
            target: [stockBalance.variantId, stockBalance.locationId, stockBalance.place],
            set: { qty: sql`${stockBalance.qty} + ${change}` },
          });
    await tx.insert(payment).values(payments);
    await tx.insert(receipt).values(receipts);
    return BOXES;
  });
}
