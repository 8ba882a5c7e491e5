import { RETURN_REASONS } from '@core/box';
import { type FitPoint, hangsBy } from '@core/fit';
import type { LabelOffset } from '@core/fit';
import { type DecidedPiece, type FitDecision, labelOffset, saysSize } from '@core/learn';
import type { Category } from '@core/piece';
import { and, asc, desc, eq, inArray, isNull, ne, sql } from 'drizzle-orm';
import type { Reader } from '../db';
import { grouped } from '@core/grouped';
import { pieceOfGarment } from '../pieces';
import { box, boxLine, garment, variant } from '../schema';

const DECIDED = ['keep', 'return', 'exchange'] as const;
/** What was exchanged, or came back after all, was not kept: its reason teaches as any other. */
const LASTING = sql<
  'keep' | 'return'
>`case when ${boxLine.decision} = 'keep' and ${boxLine.cameBackAt} is null then 'keep' else 'return' end`;

/** Decisions of a shop that say something of sizes, counted; of some labels, or of all that have a name. */
const sizeDecisions = (db: Reader, shopId: string, labels?: readonly string[]) =>
  db
    .select({
      label: garment.label,
      category: garment.category,
      decision: LASTING,
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
        labels ? inArray(garment.label, [...labels]) : ne(garment.label, ''),
      ),
    )
    .groupBy(garment.label, garment.category, LASTING, boxLine.reason, boxLine.fitPoint);

const offsetOf = (rows: Awaited<ReturnType<typeof sizeDecisions>>): LabelOffset =>
  labelOffset(rows.flatMap(decisionsOf), hangsBy(rows[0]?.category as Category));

/** What decisions taught of the sizes of labels, by `labelKey`. A label nobody decided about is absent. */
export async function labelOffsets(
  db: Reader,
  shopId: string,
  labels: readonly string[],
): Promise<ReadonlyMap<string, LabelOffset>> {
  if (labels.length === 0) return new Map();
  const rows = await sizeDecisions(db, shopId, labels);
  const byLabel = grouped(rows, ({ label, category }) => labelKey(label, category));
  return new Map([...byLabel].map(([key, own]) => [key, offsetOf(own)]));
}

/** When the first piece of each label and kind came back for its size, by `labelKey`. */
async function sizesSince(db: Reader, shopId: string): Promise<ReadonlyMap<string, Date>> {
  const rows = await db
    .select({
      label: garment.label,
      category: garment.category,
      since: sql<string | null>`min(coalesce(${box.closedAt}, ${box.outAt}))::text`,
    })
    .from(boxLine)
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        inArray(boxLine.decision, [...DECIDED]),
        inArray(boxLine.reason, RETURN_REASONS.filter(saysSize)),
        isNull(boxLine.removedAt),
        eq(garment.shopId, shopId),
      ),
    )
    .groupBy(garment.label, garment.category);
  return new Map(
    rows.flatMap(({ label, category, since }) =>
      since === null ? [] : [[labelKey(label, category), new Date(since)] as const],
    ),
  );
}

/** Labels whose pieces came back for their size, with what that taught and since when; by label and kind. */
export async function labelSizes(db: Reader, shopId: string) {
  const since = await sizesSince(db, shopId);
  const byLabel = grouped(await sizeDecisions(db, shopId), ({ label, category }) =>
    labelKey(label, category),
  );
  return [...byLabel].flatMap(([key, own]) => {
    const [first] = own;
    const at = since.get(key);
    return first && at
      ? [{ label: first.label, category: first.category as Category, offset: offsetOf(own), since: at }]
      : [];
  });
}

/** As many decisions as were counted. */
const decisionsOf = (row: {
  readonly decision: 'keep' | 'return';
  readonly reason: string | null;
  readonly point: FitPoint | null;
  readonly count: number;
}): FitDecision[] =>
  Array.from({ length: row.count }, () => ({
    decision: row.decision,
    reason: row.reason ?? undefined,
    point: row.point ?? undefined,
  }));

export const labelKey = (label: string, category: string): string => `${label}|${category}`;

/** Pieces this client decided about before, newest first; of closed boxes alone when `settled` is set. */
export async function pastLines(db: Reader, clientId: string, settled = false): Promise<DecidedPiece[]> {
  const rows = await db
    .select({ line: boxLine, garment, size: variant.size, box: box.number, decision: LASTING })
    .from(boxLine)
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        eq(box.clientId, clientId),
        inArray(boxLine.decision, [...DECIDED]),
        isNull(boxLine.removedAt),
        settled ? eq(box.state, 'closed') : undefined,
      ),
    )
    .orderBy(desc(box.closedAt), desc(box.number), asc(boxLine.position))
    .limit(200);
  return rows.map(({ line, garment: row, ...each }) => ({
    ...each,
    lineId: line.id,
    piece: pieceOfGarment(row, undefined),
    label: row.label,
    priceMinor: line.priceMinor ?? row.priceMinor,
    reason: line.reason ?? undefined,
    fitPoint: line.fitPoint ?? undefined,
  }));
}
