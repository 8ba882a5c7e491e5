import { and, asc, desc, eq, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, voucher, voucherMovement } from '../schema';

/** A new voucher with its first movement. @throws what the database says of a code that is there already */
export async function addVoucher(
  tx: Writer,
  {
    amountMinor,
    actorId,
    at,
    ...values
  }: typeof voucher.$inferInsert & {
    readonly amountMinor: number;
    readonly actorId: string;
    readonly at: Date;
  },
): Promise<void> {
  const [row] = await tx
    .insert(voucher)
    .values({ ...values, createdAt: at })
    .returning({ id: voucher.id });
  const { id: voucherId } = row as { id: string };
  await moveVoucher(tx, { voucherId, cause: 'issue', amountMinor, actorId, at });
}

export async function moveVoucher(tx: Writer, values: typeof voucherMovement.$inferInsert): Promise<void> {
  await tx.insert(voucherMovement).values(values);
}

/** A voucher of a shop by its code; with `lock`, whoever spends it waits for who spends it now. */
export async function voucherByCode(
  tx: Reader,
  shopId: string,
  code: string,
  lock = false,
): Promise<{ readonly id: string; readonly balanceMinor: number } | undefined> {
  const found = tx
    .select({ id: voucher.id })
    .from(voucher)
    .where(and(eq(voucher.shopId, shopId), eq(voucher.code, code)));
  const [row] = await (lock ? found.for('update') : found);
  return row && { id: row.id, balanceMinor: await balanceOf(tx, row.id) };
}

async function balanceOf(db: Reader, voucherId: string): Promise<number> {
  const [row] = await db
    .select({ balance: sql<number>`coalesce(sum(${voucherMovement.amountMinor}), 0)::int` })
    .from(voucherMovement)
    .where(eq(voucherMovement.voucherId, voucherId));
  return row?.balance ?? 0;
}

/** Vouchers of a shop, newest first, each with what it was issued for and what is left. */
export const vouchersOf = (db: Reader, shopId: string) =>
  db
    .select({
      id: voucher.id,
      code: voucher.code,
      note: voucher.note,
      at: voucher.createdAt,
      issuedMinor: sql<number>`coalesce(sum(${voucherMovement.amountMinor}) filter (where ${voucherMovement.cause} = 'issue'), 0)::int`,
      balanceMinor: sql<number>`coalesce(sum(${voucherMovement.amountMinor}), 0)::int`,
    })
    .from(voucher)
    .innerJoin(voucherMovement, eq(voucherMovement.voucherId, voucher.id))
    .where(eq(voucher.shopId, shopId))
    .groupBy(voucher.id)
    .orderBy(desc(voucher.createdAt), asc(voucher.code));

/** What moved on vouchers of a shop, in its order, with the number of the box. */
export const voucherMovesOf = (db: Reader, shopId: string) =>
  db
    .select({
      voucherId: voucherMovement.voucherId,
      cause: voucherMovement.cause,
      amountMinor: voucherMovement.amountMinor,
      at: voucherMovement.at,
      box: box.number,
    })
    .from(voucherMovement)
    .innerJoin(voucher, eq(voucher.id, voucherMovement.voucherId))
    .leftJoin(box, eq(box.id, voucherMovement.boxId))
    .where(eq(voucher.shopId, shopId))
    .orderBy(asc(voucherMovement.at), asc(voucherMovement.id));
