import { type Cause, type Place, ROUTE } from '@core/stock';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { Writer } from '../db';
import { stockBalance, stockMovement } from '../schema';

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

/**
 * Units that come from a supplier with sizes made in this very transaction: nobody else can be at their balances, so
 * that all are written at once. @throws the driver's error (23505) for a size that has a balance already
 */
export async function moveFirstUnits(
  tx: Writer,
  units: readonly Pick<Movement, 'variantId' | 'locationId' | 'qty'>[],
  cause: 'delivery' | 'import',
  actorId: string | undefined,
): Promise<void> {
  const some = units.filter(({ qty }) => qty > 0);
  if (some.length === 0) return;
  await tx.insert(stockBalance).values(
    some.flatMap(({ variantId, locationId, qty }) => [
      { variantId, locationId, place: 'shelf' as const, qty },
      { variantId, locationId, place: 'supplier' as const, qty: -qty },
    ]),
  );
  await tx.insert(stockMovement).values(
    some.map((unit) => ({
      ...unit,
      fromPlace: 'supplier' as const,
      toPlace: 'shelf' as const,
      cause,
      actorId,
    })),
  );
}

/** Locks the balances of several sizes in one order, before a write that moves more than one of them. */
export async function lockStock(tx: Writer, variantIds: readonly string[]): Promise<void> {
  await tx
    .select({ place: stockBalance.place })
    .from(stockBalance)
    .where(inArray(stockBalance.variantId, [...new Set(variantIds)]))
    .orderBy(asc(stockBalance.variantId), asc(stockBalance.locationId), asc(stockBalance.place))
    .for('update');
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
