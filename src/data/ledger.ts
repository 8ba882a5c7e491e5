import { type Cause, type Place, ROUTE } from '@core/stock';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { Reader, Writer } from './db';
import { stockBalance, stockMovement } from './schema';

export interface Movement {
  readonly variantId: string;
  readonly locationId: string;
  readonly qty: number;
  readonly cause: Cause;
  readonly boxLineId?: string | undefined;
  readonly actorId?: string | undefined;
  readonly reason?: string | undefined;
  /** Only for causes without a route of their own. */
  readonly from?: Place | undefined;
  readonly to?: Place | undefined;
}

/**
 * Writes one movement and both balances in the transaction it is given. The two rows are locked in one
 * order (by place), so that two movers cannot wait for each other. Throws NothingThere, with nothing
 * written, when the place holds too few; should this code ever be wrong, the constraint of the table
 * still refuses (SQLSTATE 23514).
 */
export async function moveStock(tx: Writer, movement: Movement): Promise<void> {
  const route = ROUTE[movement.cause];
  const fromPlace = movement.from ?? route?.[0];
  const toPlace = movement.to ?? route?.[1];
  if (!fromPlace || !toPlace) throw new TypeError(`${movement.cause}: say from where to where`);
  const { variantId, locationId, qty } = movement;
  const places = [fromPlace, toPlace].sort();
  await tx
    .insert(stockBalance)
    .values(places.map((place) => ({ variantId, locationId, place, qty: 0 })))
    .onConflictDoNothing();
  const rows = and(
    eq(stockBalance.variantId, variantId),
    eq(stockBalance.locationId, locationId),
    inArray(stockBalance.place, places),
  );
  const locked = await tx
    .select()
    .from(stockBalance)
    .where(rows)
    .orderBy(asc(stockBalance.place))
    .for('update');
  const there = locked.find((row) => row.place === fromPlace)?.qty ?? 0;
  if (fromPlace !== 'supplier' && there < qty) throw new NothingThere(fromPlace, there, qty);
  await tx
    .update(stockBalance)
    .set({
      qty: sql`${stockBalance.qty} + case when ${stockBalance.place} = ${toPlace} then ${qty}::int else ${-qty}::int end`,
    })
    .where(rows);
  await tx.insert(stockMovement).values({
    variantId,
    locationId,
    qty,
    fromPlace,
    toPlace,
    cause: movement.cause,
    boxLineId: movement.boxLineId,
    reason: movement.reason,
    actorId: movement.actorId,
  });
}

/** A place cannot give away what it does not hold. */
export class NothingThere extends Error {
  constructor(
    readonly place: Place,
    readonly there: number,
    readonly wanted: number,
  ) {
    super(`${place} holds ${there}, ${wanted} wanted`);
  }
}

export interface Disagreement {
  readonly variantId: string;
  readonly place: string;
  readonly balance: number;
  readonly movements: number;
}

/** Balances against the sums of the movements; an empty list proves that both agree. */
export async function ledgerDisagreements(db: Reader): Promise<Disagreement[]> {
  const result = await db.execute<{
    variant_id: string;
    place: string;
    balance: string;
    movements: string;
  }>(sql`
    with moved as (
      select variant_id, location_id, to_place as place, qty from stock_movement
      union all
      select variant_id, location_id, from_place, -qty from stock_movement
    ), summed as (
      select variant_id, location_id, place, sum(qty) as qty from moved group by 1, 2, 3
    )
    select coalesce(b.variant_id, s.variant_id) as variant_id, coalesce(b.place, s.place) as place,
           coalesce(b.qty, 0) as balance, coalesce(s.qty, 0) as movements
    from stock_balance b full join summed s using (variant_id, location_id, place)
    where coalesce(b.qty, 0) <> coalesce(s.qty, 0)`);
  return result.rows.map((row) => ({
    variantId: row.variant_id,
    place: row.place,
    balance: Number(row.balance),
    movements: Number(row.movements),
  }));
}
