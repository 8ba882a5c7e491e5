import type { Fares } from '@core/trial';
import { and, asc, desc, eq, inArray, isNull, sql, type SQL } from 'drizzle-orm';
import type { Reader } from '../db';
import { box, client, look, occasion } from '../schema';
import { asOccasion } from '../client/occasions';
import { type LedgerScope, within } from './decisions';

/** What a rule did to the looks of closed boxes, and how these fared. */
export interface RuleTally extends Fares {
  readonly rule: string;
  /** Looks in which what it said was set aside. */
  readonly aside: number;
}

/** Looks of closed boxes with a decided piece, what was said against each, and the share of it that was kept. */
const tried = (scope: LedgerScope): SQL => sql`
  select k.id, k.against, k.overrules, b.closed_at,
         count(*)::int as sent,
         (count(*) filter (where l.decision = 'keep' and l.came_back_at is null))::int as kept
  from box b
  join look k on k.box_id = b.id
  cross join lateral jsonb_array_elements(k.pieces) p
  join box_line l on l.box_id = b.id and l.removed_at is null and l.decision in ('keep', 'return')
                 and 'line:' || l.id = p ->> 'ref'
  where ${within(scope)}
  group by k.id, b.closed_at`;

/** Each rule that spoke against a look, and all looks of which it is known what was said; the commonest rule first. */
export async function rulesTried(
  db: Reader,
  scope: LedgerScope,
): Promise<{ readonly all: Fares; readonly unknown: number; readonly rules: readonly RuleTally[] }> {
  const { rows } = await db.execute<{ rule: string | null; looks: number; share: number; aside: number }>(sql`
    with tried as materialized (${tried(scope)}), told as (select * from tried where against is not null)
    select r.rule, count(*)::int as looks, sum(t.kept::float8 / t.sent) as share,
      (count(*) filter (where exists (
        select 1 from jsonb_array_elements(t.overrules) o where o ->> 'rule' = r.rule)))::int as aside
    from told t cross join lateral jsonb_array_elements_text(t.against) r(rule) group by r.rule
    union all select null, count(*)::int, coalesce(sum(kept::float8 / sent), 0), 0 from told
    union all select '', count(*)::int, 0, 0 from tried where against is null
    order by 2 desc, 1`);
  const of = (name: string | null) => rows.find(({ rule }) => rule === name);
  return {
    all: { looks: of(null)?.looks ?? 0, share: Number(of(null)?.share ?? 0) },
    unknown: of('')?.looks ?? 0,
    rules: rows.flatMap(({ rule, looks, share, aside }) =>
      rule ? [{ rule, looks, share: Number(share), aside }] : [],
    ),
  };
}

/** The newest looks of closed boxes with what a verdict on them needs but the pieces, at most so many. */
export async function looksTried(db: Reader, scope: LedgerScope, most: number) {
  const { rows } = await db.execute<{ id: string; sent: number; kept: number }>(sql`
    select id, sent, kept from (${tried(scope)}) t order by closed_at desc, id limit ${most}`);
  if (rows.length === 0) return [];
  const found = await db
    .select({ look, box, occasion })
    .from(look)
    .innerJoin(box, eq(box.id, look.boxId))
    .innerJoin(client, and(eq(client.id, box.clientId), isNull(client.erasedAt)))
    .leftJoin(occasion, eq(occasion.id, look.occasionId))
    .where(
      inArray(
        look.id,
        rows.map(({ id }) => id),
      ),
    )
    .orderBy(desc(box.closedAt), asc(look.id));
  const fared = new Map(rows.map((row) => [row.id, row]));
  return found.map((row) => ({
    ...row,
    occasion: row.occasion ? asOccasion(row.occasion) : undefined,
    sent: fared.get(row.look.id)?.sent ?? 0,
    kept: fared.get(row.look.id)?.kept ?? 0,
  }));
}
