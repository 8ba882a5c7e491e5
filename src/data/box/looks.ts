import { and, asc, eq, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, look } from '../schema';

export type LookRow = typeof look.$inferSelect;
type LookValues = Partial<typeof look.$inferInsert>;

/** Looks of a box in their order. */
export const looksOf = (db: Reader, boxId: string): Promise<LookRow[]> =>
  db.select().from(look).where(eq(look.boxId, boxId)).orderBy(asc(look.position), asc(look.createdAt));

export async function addLook(tx: Writer, values: typeof look.$inferInsert): Promise<void> {
  await tx.insert(look).values(values);
}

/** Writes to a look, one version further. */
export async function changeLook(tx: Writer, id: string, values: LookValues): Promise<void> {
  await tx
    .update(look)
    .set({ ...values, version: sql`${look.version} + 1` })
    .where(eq(look.id, id));
}

/** Takes a look out of a box; false when it was not there. */
export async function removeLook(tx: Writer, boxId: string, id: string): Promise<boolean> {
  const gone = await tx
    .delete(look)
    .where(and(eq(look.id, id), eq(look.boxId, boxId)))
    .returning({ id: look.id });
  return gone.length > 0;
}

/** True when a saved look is for an occasion. */
export async function isWornFor(db: Reader, occasionId: string): Promise<boolean> {
  const [one] = await db.select({ id: look.id }).from(look).where(eq(look.occasionId, occasionId)).limit(1);
  return one !== undefined;
}

/** How often each rule spoke and was overruled in the saved looks of a shop, over all time. */
export async function ruleCounts(db: Reader, shopId: string) {
  const count = async (each: ReturnType<typeof sql>): Promise<Record<string, number>> => {
    const found = await db.execute<{ rule: string; times: number }>(sql`
      select rule, count(*)::int as times
      from ${look} join ${box} on ${box.id} = ${look.boxId}
      cross join lateral ${each} as said(rule)
      where ${box.shopId} = ${shopId}
      group by rule`);
    return Object.fromEntries(found.rows.map(({ rule, times }) => [rule, times]));
  };
  return {
    spoke: await count(sql`jsonb_array_elements_text(${look.spoke})`),
    overruled: await count(sql`(select e ->> 'rule' from jsonb_array_elements(${look.overrules}) e)`),
  };
}
