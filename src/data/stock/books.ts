import { and, asc, desc, eq, gt, isNull, ne, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { grouped } from '@core/grouped';
import {
  box,
  boxLine,
  client,
  garment,
  hold,
  location,
  stockBalance,
  stockMovement,
  stockProposal,
  user,
  variant,
} from '../schema';

/** Units of a size by location and place. */
export const balancesOf = (db: Reader, variantId: string) =>
  db
    .select({ locationId: stockBalance.locationId, place: stockBalance.place, qty: stockBalance.qty })
    .from(stockBalance)
    .where(eq(stockBalance.variantId, variantId));

/** The same in words: where its units are, but for those that came from a supplier. */
export const placesOf = (db: Reader, variantId: string) =>
  db
    .select({ title: location.title, place: stockBalance.place, qty: stockBalance.qty })
    .from(stockBalance)
    .innerJoin(location, eq(location.id, stockBalance.locationId))
    .where(
      and(eq(stockBalance.variantId, variantId), ne(stockBalance.place, 'supplier'), gt(stockBalance.qty, 0)),
    )
    .orderBy(asc(location.title), asc(stockBalance.place));

/** Units of a size on a shelf, locked: a shelf that never held it has no row to lock yet, and is given one. */
export async function lockedShelf(tx: Writer, variantId: string, locationId: string): Promise<number> {
  await tx
    .insert(stockBalance)
    .values({ variantId, locationId, place: 'shelf', qty: 0 })
    .onConflictDoNothing();
  const [row] = await tx
    .select({ qty: stockBalance.qty })
    .from(stockBalance)
    .where(
      and(
        eq(stockBalance.variantId, variantId),
        eq(stockBalance.locationId, locationId),
        eq(stockBalance.place, 'shelf'),
      ),
    )
    .for('update');
  return row?.qty ?? 0;
}

/** Units of sizes in the shop, on a shelf or held, and the box and client of each that is held. */
export async function unitsInShop(
  db: Reader,
  variantIds: readonly string[],
): Promise<
  ReadonlyMap<
    string,
    {
      readonly shelf: number;
      readonly held: number;
      readonly boxes: readonly { readonly boxId: string; readonly number: number; readonly client: string }[];
    }
  >
> {
  const ids = sql`any(${sql.param(variantIds)}::uuid[])`;
  const rows = await db
    .select({
      variantId: stockBalance.variantId,
      shelf: sql<number>`coalesce(sum(${stockBalance.qty}) filter (where ${stockBalance.place} = 'shelf'), 0)::int`,
      held: sql<number>`coalesce(sum(${stockBalance.qty}) filter (where ${stockBalance.place} = 'held'), 0)::int`,
    })
    .from(stockBalance)
    .where(sql`${stockBalance.variantId} = ${ids}`)
    .groupBy(stockBalance.variantId);
  const holders = await db
    .select({ variantId: hold.variantId, boxId: box.id, number: box.number, client: client.name })
    .from(hold)
    .innerJoin(boxLine, eq(boxLine.id, hold.boxLineId))
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(client, eq(client.id, box.clientId))
    .where(and(sql`${hold.variantId} = ${ids}`, eq(hold.state, 'active')))
    .orderBy(asc(box.number));
  const bySize = grouped(holders, ({ variantId }) => variantId);
  return new Map(
    rows.map(({ variantId, shelf, held }) => [
      variantId,
      {
        shelf,
        held,
        boxes: (bySize.get(variantId) ?? []).map(({ variantId: _id, ...rest }) => rest),
      },
    ]),
  );
}

/** Every movement of a size, the last first, with where, by whom and for which box. */
export const movementsOf = (db: Reader, variantId: string) =>
  db
    .select({ movement: stockMovement, location: location.title, by: user.name, box })
    .from(stockMovement)
    .innerJoin(location, eq(location.id, stockMovement.locationId))
    .leftJoin(user, eq(user.id, stockMovement.actorId))
    .leftJoin(boxLine, eq(boxLine.id, stockMovement.boxLineId))
    .leftJoin(box, eq(box.id, boxLine.boxId))
    .where(eq(stockMovement.variantId, variantId))
    .orderBy(desc(stockMovement.no));

export type ProposalRow = typeof stockProposal.$inferSelect;

export async function addProposal(tx: Writer, values: typeof stockProposal.$inferInsert): Promise<void> {
  await tx.insert(stockProposal).values(values);
}

/** A proposal of a shop, locked. */
export async function findProposal(tx: Writer, shopId: string, id: string): Promise<ProposalRow | undefined> {
  const [row] = await tx
    .select()
    .from(stockProposal)
    .where(and(eq(stockProposal.id, id), eq(stockProposal.shopId, shopId)))
    .for('update');
  return row;
}

export async function settleProposalRow(
  tx: Writer,
  id: string,
  settled: { readonly settledAt: Date; readonly settledBy: string; readonly accepted: boolean },
): Promise<void> {
  await tx.update(stockProposal).set(settled).where(eq(stockProposal.id, id));
}

/** Proposals that wait for an owner, oldest first; of one size or of the whole shop. */
export const proposalsOpen = (db: Reader, shopId: string, variantId?: string) =>
  db
    .select({
      row: stockProposal,
      title: garment.title,
      size: variant,
      location: location.title,
      by: user.name,
    })
    .from(stockProposal)
    .innerJoin(variant, eq(variant.id, stockProposal.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .innerJoin(location, eq(location.id, stockProposal.locationId))
    .leftJoin(user, eq(user.id, stockProposal.actorId))
    .where(
      and(
        eq(stockProposal.shopId, shopId),
        isNull(stockProposal.settledAt),
        variantId ? eq(stockProposal.variantId, variantId) : undefined,
      ),
    )
    .orderBy(asc(stockProposal.createdAt));
