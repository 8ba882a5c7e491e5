import type { OccasionView } from '@contracts/occasion/occasion-view';
import type { Occasion } from '@core/occasion';
import { and, asc, eq, gte, inArray, isNotNull } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { boxOccasion, client, occasion, occasionStage } from '../schema';

type OccasionRow = typeof occasion.$inferSelect;
type OccasionValues = Partial<typeof occasion.$inferInsert>;

/** Occasions of a client with their stages, soonest first. */
export async function occasionsOf(db: Reader, clientId: string): Promise<OccasionView[]> {
  const rows = await db
    .select()
    .from(occasion)
    .where(eq(occasion.clientId, clientId))
    .orderBy(asc(occasion.day));
  if (rows.length === 0) return [];
  const stages = await db
    .select()
    .from(occasionStage)
    .where(
      inArray(
        occasionStage.occasionId,
        rows.map(({ id }) => id),
      ),
    )
    .orderBy(asc(occasionStage.position));
  return rows.map((row) => ({
    id: row.id,
    version: row.version,
    occasion: asOccasion(row),
    stages: stages
      .filter(({ occasionId }) => occasionId === row.id)
      .map(({ title, details }) => ({ title, changes: details })),
  }));
}

/** Rows of a client's occasions as they are kept. */
export const occasionRows = (db: Reader, clientId: string): Promise<OccasionRow[]> =>
  db.select().from(occasion).where(eq(occasion.clientId, clientId));

/** Occasions of a shop from a day on, soonest first. */
export const occasionsFrom = (db: Reader, shopId: string, day: string) =>
  db
    .select({ clientId: occasion.clientId, title: occasion.title, day: occasion.day })
    .from(occasion)
    .innerJoin(client, eq(client.id, occasion.clientId))
    .where(and(eq(client.shopId, shopId), gte(occasion.day, day)))
    .orderBy(asc(occasion.day));

/** The next occasion of each of these clients from a day on; who has none is absent. */
export async function nextOccasions(
  db: Reader,
  clientIds: readonly string[],
  day: string,
): Promise<ReadonlyMap<string, Occasion>> {
  if (clientIds.length === 0) return new Map();
  const rows = await db
    .selectDistinctOn([occasion.clientId])
    .from(occasion)
    .where(and(inArray(occasion.clientId, [...clientIds]), gte(occasion.day, day)))
    .orderBy(asc(occasion.clientId), asc(occasion.day));
  return new Map(rows.map((row) => [row.clientId, asOccasion(row)]));
}

/** An occasion as the rules see it. */
export const asOccasion = (row: OccasionRow): Occasion => ({
  ...row.details,
  title: row.title,
  date: row.day ?? undefined,
  formality: [row.formalityLo, row.formalityHi],
});

/** Occasions of a shop that have a day, with whose they are. */
export const datedOccasions = (db: Reader, shopId: string) =>
  db
    .select({
      id: occasion.id,
      title: occasion.title,
      day: occasion.day,
      name: client.name,
      details: occasion.details,
    })
    .from(occasion)
    .innerJoin(client, eq(client.id, occasion.clientId))
    .where(and(eq(client.shopId, shopId), isNotNull(occasion.day)))
    .orderBy(asc(occasion.day), asc(occasion.id));

/** Of these ids, those that are occasions of the client. */
export async function occasionsAmong(
  db: Reader,
  clientId: string,
  ids: readonly string[],
): Promise<ReadonlySet<string>> {
  if (ids.length === 0) return new Set();
  const rows = await db
    .select({ id: occasion.id })
    .from(occasion)
    .where(and(inArray(occasion.id, [...ids]), eq(occasion.clientId, clientId)));
  return new Set(rows.map(({ id }) => id));
}

/** An occasion of a client, locked. */
export async function lockedOccasion(
  tx: Writer,
  clientId: string,
  id: string,
): Promise<OccasionRow | undefined> {
  const [row] = await tx
    .select()
    .from(occasion)
    .where(and(eq(occasion.id, id), eq(occasion.clientId, clientId)))
    .for('update');
  return row;
}

/** A new occasion; its id. */
export async function addOccasion(tx: Writer, values: typeof occasion.$inferInsert): Promise<string> {
  const [made] = await tx.insert(occasion).values(values).returning({ id: occasion.id });
  if (!made) throw new Error('the occasion was not added');
  return made.id;
}

export async function changeOccasion(tx: Writer, id: string, values: OccasionValues): Promise<void> {
  await tx.update(occasion).set(values).where(eq(occasion.id, id));
}

export async function removeOccasionRow(tx: Writer, id: string): Promise<void> {
  await tx.delete(occasion).where(eq(occasion.id, id));
}

/** True when a box is styled for an occasion. */
export async function isBoxedFor(db: Reader, occasionId: string): Promise<boolean> {
  const [one] = await db.select().from(boxOccasion).where(eq(boxOccasion.occasionId, occasionId)).limit(1);
  return one !== undefined;
}

/** Stages in the place of all an occasion had. */
export async function setStages(
  tx: Writer,
  occasionId: string,
  stages: readonly { readonly title: string; readonly changes: Record<string, unknown> }[],
): Promise<void> {
  await tx.delete(occasionStage).where(eq(occasionStage.occasionId, occasionId));
  if (stages.length > 0)
    await tx
      .insert(occasionStage)
      .values(
        stages.map(({ title, changes }, position) => ({ occasionId, position, title, details: changes })),
      );
}
