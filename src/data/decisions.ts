import type { FitDecision } from '@core/learn';
import type { Category } from '@core/piece';
import type { PastLine } from '@core/pull';
import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Reader } from './db';
import { box, boxLine, garment, variant } from './schema';

const DECIDED = ['keep', 'return'] as const;

/** What clients decided about pieces of labels, by `label|category`: what an offset of sizes is learned from. */
export async function decisionsByLabel(
  db: Reader,
  shopId: string,
  labels: readonly string[],
): Promise<ReadonlyMap<string, readonly FitDecision[]>> {
  const found = new Map<string, FitDecision[]>();
  if (labels.length === 0) return found;
  const rows = await db
    .select({
      label: garment.label,
      category: garment.category,
      decision: boxLine.decision,
      reason: boxLine.reason,
      point: boxLine.fitPoint,
      count: sql<number>`count(*)::int`,
    })
    .from(boxLine)
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        inArray(boxLine.decision, [...DECIDED]),
        isNull(boxLine.removedAt),
        eq(garment.shopId, shopId),
        inArray(garment.label, [...labels]),
      ),
    )
    .groupBy(garment.label, garment.category, boxLine.decision, boxLine.reason, boxLine.fitPoint);
  for (const { label, category, count, ...row } of rows) {
    const key = labelKey(label, category);
    const decision: FitDecision = {
      decision: row.decision as 'keep' | 'return',
      reason: row.reason ?? undefined,
      point: row.point ?? undefined,
    };
    found.set(key, [...(found.get(key) ?? []), ...Array.from({ length: count }, () => decision)]);
  }
  return found;
}

export const labelKey = (label: string, category: string): string => `${label}|${category}`;

/** Lines this client decided about before, newest first. */
export async function pastLines(db: Reader, clientId: string): Promise<PastLine[]> {
  const rows = await db
    .select({
      label: garment.label,
      category: garment.category,
      decision: boxLine.decision,
      reason: boxLine.reason,
    })
    .from(boxLine)
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(eq(box.clientId, clientId), inArray(boxLine.decision, [...DECIDED]), isNull(boxLine.removedAt)),
    )
    .orderBy(desc(box.number))
    .limit(200);
  return rows.map((row) => ({
    label: row.label,
    category: row.category as Category,
    decision: row.decision as 'keep' | 'return',
    reason: row.reason ?? undefined,
  }));
}
