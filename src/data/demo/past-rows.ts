import { sql } from 'drizzle-orm';
import type { Writer } from '../db';
import {
  box,
  boxAsk,
  boxLine,
  hold,
  look,
  parcel,
  payment,
  receipt,
  stockBalance,
  stockMovement,
} from '../schema';

interface Unit {
  readonly variantId: string;
  readonly locationId: string;
}
type Move = Pick<typeof stockMovement.$inferInsert, 'cause' | 'fromPlace' | 'toPlace' | 'at' | 'boxLineId'>;

/** The rows of past boxes, gathered so that each table is written once. */
export class PastRows {
  readonly boxes: (typeof box.$inferInsert & { readonly id: string; readonly outAt: Date })[] = [];
  readonly asks: (typeof boxAsk.$inferInsert)[] = [];
  readonly lines: (typeof boxLine.$inferInsert)[] = [];
  readonly looks: (typeof look.$inferInsert)[] = [];
  readonly payments: (typeof payment.$inferInsert)[] = [];
  readonly receipts: (typeof receipt.$inferInsert)[] = [];
  private readonly holds: (typeof hold.$inferInsert)[] = [];
  private readonly moves: (typeof stockMovement.$inferInsert)[] = [];
  private readonly sold = new Map<string, Unit & { qty: number }>();

  /** A unit that was held and went out, by a line. */
  ship(unit: Unit, boxLineId: string, openedAt: Date): void {
    this.holds.push({ ...unit, boxLineId, state: 'shipped', createdAt: openedAt });
  }

  move(unit: Unit, ...moves: readonly Move[]): void {
    this.moves.push(...moves.map((each) => ({ ...unit, qty: 1, ...each })));
  }

  sell({ variantId, locationId }: Unit): void {
    const key = `${variantId} ${locationId}`;
    const before = this.sold.get(key);
    if (before) before.qty++;
    else this.sold.set(key, { variantId, locationId, qty: 1 });
  }

  async insert(tx: Writer): Promise<void> {
    await tx.insert(box).values(this.boxes);
    await tx.insert(parcel).values(this.boxes.map(({ id, outAt }) => ({ boxId: id, no: 1, sentAt: outAt })));
    await tx.insert(boxAsk).values(this.asks);
    await tx.insert(boxLine).values(this.lines);
    await tx.insert(look).values(this.looks);
    await tx.insert(hold).values(this.holds);
    await tx.insert(stockMovement).values(this.moves);
    for (const { qty, ...at } of this.sold.values())
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
    await tx.insert(payment).values(this.payments);
    await tx.insert(receipt).values(this.receipts);
  }
}
