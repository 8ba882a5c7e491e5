import type { OccasionView } from '@contracts/occasion/occasion-view';
import type { Reader } from '@data/db';
import { occasion, occasionStage } from '@data/schema';
import { asc, eq, inArray } from 'drizzle-orm';

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
    occasion: {
      ...row.details,
      title: row.title,
      date: row.day ?? undefined,
      formality: [row.formalityLo, row.formalityHi],
    },
    stages: stages
      .filter(({ occasionId }) => occasionId === row.id)
      .map(({ title, details }) => ({ title, changes: details })),
  }));
}
