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
import { box, type boxLine, client, garment, receipt, shop, stockBalance, user, variant } from '../schema';
import { type PastPiece, PastRail, pastBox } from './past-box';
import { HABITS, PEOPLE } from './past-habits';
import { PastRows } from './past-rows';

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
    const year = new Year({ own, stylists, people, rail: new PastRail(stock), now }, seed);
    for (let number = 1; number <= BOXES; number++) year.close(number, (newest?.no ?? 0) + number);
    await year.rows.insert(tx);
    return BOXES;
  });
}

interface Shop {
  readonly own: typeof shop.$inferSelect;
  readonly stylists: readonly (typeof user.$inferSelect)[];
  readonly people: readonly { readonly id: string }[];
  readonly rail: PastRail;
  readonly now: Date;
}

/** A line of a past box: what was sent and what became of it. */
type Sent = PastPiece & { readonly id: string; readonly position: number };
/** A past box, and when it was begun, sent and closed. */
interface Past {
  readonly boxId: string;
  readonly openedAt: Date;
  readonly outAt: Date;
  readonly closedAt: Date;
}

/** Boxes as they were closed, one after the other; what is drawn is drawn in one order, so that a seed makes one year. */
class Year {
  readonly rows = new PastRows();
  private readonly draw;
  private readonly asking;

  constructor(
    private readonly shop: Shop,
    seed: number,
  ) {
    this.draw = seeded(seed);
    this.asking = seeded(seed + 1);
  }

  private one<T>(list: readonly T[]): T {
    return list[Math.floor(this.draw() * list.length)] as T;
  }

  close(number: number, receiptNo: number): void {
    const { own, people, rail, now, stylists } = this.shop;
    const { rows, draw, asking } = this;
    const closedAt = new Date(now.getTime() - (370 - number * 3.9) * DAY_MS);
    const outAt = new Date(closedAt.getTime() - (6 + draw() * 6) * DAY_MS);
    const openedAt = new Date(outAt.getTime() - (3 + draw() * 8) * DAY_MS);
    const stylist = this.one(stylists);
    const past = { boxId: randomUUID(), openedAt, outAt, closedAt };
    const { boxId } = past;
    const { pieces, spoke, against } = pastBox(rail, {
      sendsNavy: stylist.role === HABITS.navyRole,
      settings: own.ruleSettings,
      shopSchools: own.schools,
      draw,
    });
    const sent = pieces.map((piece, position): Sent => ({ ...piece, id: randomUUID(), position }));
    const { terms, total } = this.charged(sent);
    rows.boxes.push({
      id: boxId,
      shopId: own.id,
      clientId: this.one(people).id,
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
      rows.asks.push({ boxId, position: ASKED, ask: readAsk(words) });
    }
    rows.looks.push({
      boxId,
      position: 0,
      pieces: sent.map(({ id }) => ({ ref: `line:${id}` })),
      spoke: [...spoke],
      against: [...against],
      createdAt: openedAt,
    });
    for (const line of sent) {
      const sums = total.lines.find(({ id }) => id === line.id);
      this.line(past, line, { netMinor: sums?.netMinor ?? null, taxMinor: sums?.taxMinor ?? null });
      this.walk(past, line);
    }
    const way = PAID[Math.floor(asking() * PAID.length)] ?? 'card';
    rows.payments.push({ boxId, kind: 'fee', way, amountMinor: own.styleFeeMinor, at: outAt });
    if (total.dueMinor > 0)
      rows.payments.push({ boxId, kind: 'charge', way, amountMinor: total.dueMinor, at: closedAt });
    rows.receipts.push({
      shopId: own.id,
      no: receiptNo,
      boxId,
      amountMinor: Math.max(0, total.dueMinor),
      at: closedAt,
    });
  }

  /** What a box came to, by the terms of the shop. */
  private charged(sent: readonly Sent[]) {
    const { own } = this.shop;
    const terms = {
      promotions: [],
      keepAllBp: own.keepAllBp,
      styleFeeMinor: own.styleFeeMinor,
      taxIncluded: own.taxIncluded,
      rounding: own.rounding,
    };
    const total = boxTotal(
      sent.map(({ id, garment: { priceMinor, taxBp }, decision }) => ({
        id,
        priceMinor,
        alterationMinor: 0,
        taxBp: taxBp ?? own.taxBp,
        decision,
      })),
      terms,
    );
    return { terms, total };
  }

  private line(
    { boxId, openedAt, outAt, closedAt }: Past,
    { id, position, variant: size, garment: piece, locationId, decision, reason }: Sent,
    sums: Pick<typeof boxLine.$inferInsert, 'netMinor' | 'taxMinor'>,
  ): void {
    // The first of a box answer what was asked for.
    const askId = position < ASKED ? randomUUID() : null;
    if (askId) this.rows.asks.push({ id: askId, boxId, position, ask: readAsk(wordsFor(piece)) });
    this.rows.lines.push({
      id,
      boxId,
      variantId: size.id,
      locationId,
      position,
      priceMinor: piece.priceMinor,
      taxBp: piece.taxBp ?? this.shop.own.taxBp,
      decision,
      decidedBy: 'shop',
      askId,
      parcelNo: 1,
      reason,
      scannedAt: outAt,
      checkedInAt: decision === 'return' ? closedAt : null,
      ...sums,
      createdAt: openedAt,
    });
  }

  /** The way of a unit through the books. */
  private walk({ openedAt, outAt, closedAt }: Past, { id, variant: size, locationId, decision }: Sent): void {
    const { rows } = this;
    const unit = { variantId: size.id, locationId };
    rows.ship(unit, id, openedAt);
    const line = { boxLineId: id };
    // What was kept had been bought for it: the shelf of today is as it is.
    if (decision === 'keep')
      rows.move(unit, { cause: 'delivery', fromPlace: 'supplier', toPlace: 'shelf', at: openedAt });
    rows.move(
      unit,
      { cause: 'hold', fromPlace: 'shelf', toPlace: 'held', at: openedAt, ...line },
      { cause: 'ship', fromPlace: 'held', toPlace: 'out', at: outAt, ...line },
    );
    if (decision === 'keep') {
      rows.move(unit, { cause: 'keep', fromPlace: 'out', toPlace: 'sold', at: closedAt, ...line });
      rows.sell(unit);
      return;
    }
    rows.move(
      unit,
      { cause: 'come-back', fromPlace: 'out', toPlace: 'returned', at: closedAt, ...line },
      { cause: 'check-in', fromPlace: 'returned', toPlace: 'shelf', at: closedAt, ...line },
    );
  }
}
