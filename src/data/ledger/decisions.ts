import type { LedgerLine, OftenSent, Unmet } from '@contracts/ledger/ledger';
import { colourName } from '@core/colour';
import { type DecidedCase, type LedgerBy, PRICE_BANDS, type UnmetBy } from '@core/ledger';
import { type SQL, sql } from 'drizzle-orm';
import type { Reader } from '../db';

/** Decided pieces that are counted: of closed boxes of a shop, closed within these days where the shop is. */
export interface LedgerScope {
  readonly shopId: string;
  readonly zone: string;
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  /** Only boxes of this stylist. */
  readonly stylistId?: string | undefined;
}

export interface LedgerGroup {
  readonly key: string;
  readonly name: string;
  readonly sent: number;
  readonly kept: number;
  readonly sentMinor: number;
  readonly keptMinor: number;
}

/** Family of a garment's first colour by lightness, chroma and hue in CIELAB. Bounds from memory, of no standard. */
const FAMILY = sql`case
  when sqrt(g.main_a * g.main_a + g.main_b * g.main_b) < 9 then
    case when g.main_l < 25 then 'black' when g.main_l < 75 then 'grey' else 'white and ivory' end
  when g.main_l < 32 and degrees(atan2(g.main_b, g.main_a)) between -110 and -40 then 'navy'
  else case width_bucket((degrees(atan2(g.main_b, g.main_a)) + 360)::numeric % 360, array[20, 55, 75, 110, 165, 210, 300, 340]::numeric[])
    when 0 then 'pink and red' when 1 then 'red and rust' when 2 then 'orange and brown' when 3 then 'yellow and sand'
    when 4 then 'green' when 5 then 'teal' when 6 then 'blue' when 7 then 'purple' else 'pink and red' end
  end`;

/** How a garment is cut, as far as its sheet says: its silhouette, its leg, else its volume. */
const CUT = sql`coalesce(g.attributes -> 'cut' ->> 'silhouette', (g.attributes -> 'cut' ->> 'leg') || ' leg',
  g.attributes ->> 'volume', '')`;

const bands = sql.raw(`array[${PRICE_BANDS.join(', ')}]`);
/** What decisions are sorted by: a key to find them again by, and what it is called. */
const BY: { readonly [by in LedgerBy]: (scope: LedgerScope) => { readonly key: SQL; readonly name?: SQL } } =
  {
    kind: () => ({ key: sql`g.category` }),
    label: () => ({ key: sql`g.label` }),
    size: () => ({ key: sql`v.size` }),
    price: () => ({ key: sql`width_bucket(coalesce(l.price_minor, g.price_minor), ${bands})::text` }),
    colour: () => ({ key: FAMILY }),
    cut: () => ({ key: CUT }),
    occasion: () => ({ key: sql`coalesce(o.title, '')` }),
    client: () => ({ key: sql`c.id::text`, name: sql`c.name` }),
    stylist: () => ({ key: sql`b.stylist_id`, name: sql`u.name` }),
    month: ({ zone }) => ({ key: sql`to_char(b.closed_at at time zone ${zone}, 'YYYY-MM')` }),
    year: ({ zone }) => ({ key: sql`to_char(b.closed_at at time zone ${zone}, 'YYYY')` }),
  };

/** A piece that was exchanged is counted by the one sent in its place; it has a reason all the same. */
const ENDS = sql`l.decision in ('keep', 'return')`;
const KEPT = sql`(l.decision = 'keep' and l.came_back_at is null)`;
const BACK = sql`(l.decision in ('return', 'exchange') or l.came_back_at is not null)`;

/** Closed boxes of a scope, by the name \`b\`. */
export const within = ({ shopId, zone, from, to, stylistId }: LedgerScope): SQL => sql`
  b.shop_id = ${shopId}::uuid and b.state = 'closed'
    ${from ? sql`and (b.closed_at at time zone ${zone})::date >= ${from}::date` : sql``}
    ${to ? sql`and (b.closed_at at time zone ${zone})::date <= ${to}::date` : sql``}
    ${stylistId ? sql`and b.stylist_id = ${stylistId}` : sql``}`;

const decided = (by: LedgerBy | undefined, scope: LedgerScope, which: SQL = ENDS): SQL => sql`
  from box b
  join box_line l on l.box_id = b.id and l.removed_at is null and ${which}
  join variant v on v.id = l.variant_id
  join garment g on g.id = v.garment_id
  join client c on c.id = b.client_id
  join "user" u on u.id = b.stylist_id
  ${
    by === 'occasion'
      ? sql`left join box_occasion bo on bo.box_id = b.id left join occasion o on o.id = bo.occasion_id`
      : sql``
  }
  where ${within(scope)}`;

const PRICE = sql`coalesce(l.price_minor, g.price_minor)`;

/** Decided pieces by what they are sorted by. A piece of a box for two occasions counts for each. */
export async function decisionsBy(db: Reader, by: LedgerBy, scope: LedgerScope): Promise<LedgerGroup[]> {
  const { key, name = key } = BY[by](scope);
  const { rows } = await db.execute<Record<string, string>>(sql`
    select d.key, min(d.name) as name, count(*)::int as sent, (count(*) filter (where d.kept))::int as kept,
           sum(d.price)::bigint as sent_minor, coalesce(sum(d.price) filter (where d.kept), 0)::bigint as kept_minor
    from (select ${key} as key, ${name} as name, ${KEPT} as kept, ${PRICE} as price ${decided(by, scope)}) d
    group by d.key order by count(*) desc, d.key`);
  return rows.map((row) => ({
    key: row.key ?? '',
    name: row.name ?? '',
    sent: Number(row.sent),
    kept: Number(row.kept),
    sentMinor: Number(row.sent_minor),
    keptMinor: Number(row.kept_minor),
  }));
}

/** Why pieces came back, the commonest first; null: not said. */
export async function reasonsOf(
  db: Reader,
  scope: LedgerScope,
): Promise<readonly { readonly reason: string | null; readonly count: number }[]> {
  const { rows } = await db.execute<{ reason: string | null; count: number }>(sql`
    select l.reason, count(*)::int as count ${decided(undefined, scope, BACK)}
    group by l.reason order by count(*) desc, l.reason`);
  return rows;
}

/** The pieces behind one group, the last decided first. */
export const linesBehind = (
  db: Reader,
  by: LedgerBy,
  key: string,
  scope: LedgerScope,
  most: number,
): Promise<LedgerLine[]> =>
  linesWhere(db, scope, sql`${decided(by, scope)} and ${BY[by](scope).key} = ${key}`, most);

/** The pieces that came back for a reason, or without one, the last decided first. */
export const linesBack = (
  db: Reader,
  reason: string | null,
  scope: LedgerScope,
  most: number,
): Promise<LedgerLine[]> =>
  linesWhere(
    db,
    scope,
    sql`${decided(undefined, scope, BACK)} and l.reason is not distinct from ${reason}::text`,
    most,
  );

async function linesWhere(db: Reader, scope: LedgerScope, where: SQL, most: number): Promise<LedgerLine[]> {
  const { rows } = await db.execute<Record<string, string | boolean | null>>(sql`
    select b.id as box_id, b.number, c.name as client, g.title, v.size, ${PRICE} as price, ${KEPT} as kept, l.reason,
           to_char(b.closed_at at time zone ${scope.zone}, 'YYYY-MM-DD') as day
    ${where}
    order by b.closed_at desc, b.number, l.position limit ${most}`);
  return rows.map((row) => ({
    boxId: String(row.box_id),
    number: Number(row.number),
    client: String(row.client),
    title: String(row.title),
    size: String(row.size),
    priceMinor: Number(row.price),
    kept: row.kept === true,
    reason: row.reason === null || row.reason === undefined ? null : String(row.reason),
    day: String(row.day),
  }));
}

/** Median days of boxes at each part of their way: from brief to parcel, and from parcel to tally. */
export async function daysOfBoxes(
  db: Reader,
  scope: LedgerScope,
): Promise<{ readonly boxes: number; readonly toOut: number | null; readonly toTally: number | null }> {
  const { rows } = await db.execute<{ boxes: number; to_out: number | null; to_tally: number | null }>(sql`
    select count(*)::int as boxes,
      percentile_cont(0.5) within group (order by extract(epoch from b.out_at - b.created_at) / 86400) as to_out,
      percentile_cont(0.5) within group (order by extract(epoch from b.closed_at - b.out_at) / 86400) as to_tally
    from box b where ${within(scope)}`);
  const [row] = rows;
  const days = (value: number | null | undefined): number | null =>
    value === null || value === undefined ? null : Math.round(Number(value) * 10) / 10;
  return { boxes: row?.boxes ?? 0, toOut: days(row?.to_out), toTally: days(row?.to_tally) };
}

/** What is with clients now, what of it should have been back, and what kept pieces brought beyond their cost where it is known. */
export async function inMoney(db: Reader, scope: LedgerScope, today: string) {
  const stillOut = sql`b.shop_id = ${scope.shopId}::uuid and b.state in ('out', 'tallying')
    and l.parcel_no is not null and l.decision = 'undecided'
    ${scope.stylistId ? sql`and b.stylist_id = ${scope.stylistId}` : sql``}`;
  const { rows } = await db.execute<Record<string, string | number | null>>(sql`
    select
      coalesce(sum(${PRICE}) filter (where ${stillOut}), 0)::bigint as out_minor,
      coalesce(sum(${PRICE}) filter (where ${stillOut} and b.return_by < ${today}::date), 0)::bigint as late_minor,
      coalesce(sum(l.net_minor - g.cost_minor) filter (where ${within(scope)} and ${KEPT}), 0)::bigint as margin_minor,
      (count(*) filter (where ${within(scope)} and ${KEPT} and l.net_minor - g.cost_minor is not null))::int as costed,
      (count(*) filter (where ${within(scope)} and ${KEPT}))::int as kept
    from box b
    join box_line l on l.box_id = b.id and l.removed_at is null
    join variant v on v.id = l.variant_id
    join garment g on g.id = v.garment_id
    where b.shop_id = ${scope.shopId}::uuid and b.state in ('out', 'tallying', 'closed')`);
  const [row] = rows;
  return {
    outMinor: Number(row?.out_minor ?? 0),
    lateMinor: Number(row?.late_minor ?? 0),
    marginMinor: Number(row?.margin_minor ?? 0),
    costed: Number(row?.costed ?? 0),
    kept: Number(row?.kept ?? 0),
  };
}

/** Garments sent so often at least and never kept, or kept every time. */
export async function garmentsSent(
  db: Reader,
  scope: LedgerScope,
  which: 'never' | 'always',
  least: number,
  most: number,
): Promise<OftenSent[]> {
  const { rows } = await db.execute<Record<string, string>>(sql`
    select d.id, min(d.title) as title, count(*)::int as sent, (count(*) filter (where d.kept))::int as kept,
      (select coalesce(sum(s.qty), 0) from variant w join stock_balance s on s.variant_id = w.id and s.place = 'shelf'
       where w.garment_id = d.id)::int as shelf
    from (select g.id, g.title, ${KEPT} as kept ${decided(undefined, scope)}) d
    group by d.id having count(*) >= ${least}
      and count(*) filter (where d.kept) = ${which === 'never' ? sql`0` : sql`count(*)`}
    order by count(*) desc, min(d.title) limit ${most}`);
  return rows.map((row) => ({
    garmentId: row.id ?? '',
    title: row.title ?? '',
    sent: Number(row.sent),
    kept: Number(row.kept),
    shelf: Number(row.shelf),
  }));
}

/** Sizes as they were kept and sent, and as they stand on the shelf, of the kinds with sizes of clothes. */
export async function sizeCurve(
  db: Reader,
  scope: LedgerScope,
): Promise<readonly { readonly size: string; readonly sent: number; readonly shelf: number }[]> {
  const { rows } = await db.execute<{ size: string; sent: number; shelf: number }>(sql`
    with wanted as (select v.size, count(*)::int as sent ${decided(undefined, scope)} group by v.size),
    stocked as (
      select v.size, sum(s.qty)::int as shelf from variant v
      join garment g on g.id = v.garment_id and g.archived_at is null
      join stock_balance s on s.variant_id = v.id and s.place = 'shelf'
      where v.shop_id = ${scope.shopId}::uuid group by v.size)
    select coalesce(w.size, t.size) as size, coalesce(w.sent, 0) as sent, coalesce(t.shelf, 0) as shelf
    from wanted w full join stocked t on t.size = w.size
    where coalesce(w.sent, 0) + coalesce(t.shelf, 0) > 0 order by 2 desc, 3 desc, 1 limit 24`);
  return rows;
}

const UNMET: { readonly [by in UnmetBy]: SQL } = {
  words: sql`lower(trim(a.ask ->> 'text'))`,
  kind: sql`coalesce(a.ask -> 'kinds' ->> 0, '')`,
  colour: sql`coalesce(a.ask -> 'colours' -> 0 ->> 'name', '')`,
  size: sql`coalesce(a.ask -> 'size' ->> 'label', '')`,
  price: sql`coalesce(width_bucket((a.ask ->> 'priceMaxMinor')::int, ${bands})::text, '')`,
};

/**
 * Asks of boxes that have left without a piece for them, with how often, and what they would have been worth: the price that
 * was named, else what garments of the kind cost here.
 */
export async function asksUnmet(
  db: Reader,
  { shopId, by }: { readonly shopId: string; readonly by: UnmetBy },
  most: number,
): Promise<readonly Unmet[]> {
  const { rows } = await db.execute<{ key: string; count: number; worth: string | null }>(sql`
    with usual as (
      select category, avg(price_minor)::bigint as price from garment
      where shop_id = ${shopId}::uuid and archived_at is null group by category)
    select ${UNMET[by]} as key, count(*)::int as count,
      sum(coalesce((a.ask ->> 'priceMaxMinor')::bigint, u.price)) as worth
    from box_ask a join box b on b.id = a.box_id
    left join usual u on u.category = a.ask -> 'kinds' ->> 0
    where b.shop_id = ${shopId}::uuid and b.state in ('out', 'tallying', 'closed')
      and not exists (select 1 from box_line l where l.ask_id = a.id and l.removed_at is null)
      and coalesce(trim(a.ask ->> 'text'), '') <> ''
    group by 1 order by 2 desc, 1 limit ${most}`);
  return rows.map(({ key, count, worth }) => ({
    key,
    count,
    worthMinor: worth === null ? null : Number(worth),
  }));
}

/** What stands on the shelf by how long ago its garment first came, at selling price. */
export async function stockByAge(
  db: Reader,
  shopId: string,
  now: Date,
): Promise<readonly { readonly days: string; readonly units: number; readonly worthMinor: number }[]> {
  const { rows } = await db.execute<{ band: number; units: number; worth: string }>(sql`
    select width_bucket(extract(epoch from ${now.toISOString()}::timestamptz - g.created_at) / 86400, array[60, 120, 240, 365]::float8[]) as band,
      sum(s.qty)::int as units, sum(s.qty::bigint * g.price_minor) as worth
    from garment g join variant v on v.garment_id = g.id
    join stock_balance s on s.variant_id = v.id and s.place = 'shelf' and s.qty > 0
    where g.shop_id = ${shopId}::uuid and g.archived_at is null group by 1 order by 1`);
  const names = ['under 60 days', '60 to 119 days', '120 to 239 days', '240 to 364 days', 'a year and more'];
  return rows.map(({ band, units, worth }) => ({
    days: names[band] ?? '',
    units,
    worthMinor: Number(worth),
  }));
}

/** Decisions of a shop, oldest first, as far as the chance to be kept may know of them. */
export async function decidedCases(db: Reader, shopId: string, most: number): Promise<DecidedCase[]> {
  const { rows } = await db.execute<Record<string, string | boolean | null>>(sql`
    select * from (
      select b.client_id as client, g.label, g.category as kind, g.colours -> 0 ->> 'hex' as hex, ${PRICE} as price,
             l.ask_id is not null as asked, l.fit ->> 'verdict' as fit, ${KEPT} as kept, b.closed_at, b.number, l.position
      ${decided(undefined, { shopId, zone: 'UTC' })}
      order by b.closed_at desc, b.number desc, l.position limit ${most}) newest
    order by closed_at, number, position`);
  return rows.map((row) => ({
    client: String(row.client),
    label: String(row.label ?? ''),
    kind: String(row.kind),
    colour: colourName(String(row.hex ?? '#808080')),
    priceMinor: Number(row.price),
    asked: row.asked === true,
    fit: typeof row.fit === 'string' ? row.fit : undefined,
    kept: row.kept === true,
  }));
}

/** Changes whenever a shop decides, or takes back, one piece more, or erases a client. */
export async function decisionsStamp(db: Reader, shopId: string): Promise<string> {
  const { rows } = await db.execute<{ stamp: string }>(sql`
    select concat((select count(*) from box b where b.shop_id = ${shopId}::uuid and b.state = 'closed'), ' ',
                  (select count(*) from credit_note n where n.shop_id = ${shopId}::uuid), ' ',
                  (select count(*) from client c where c.shop_id = ${shopId}::uuid and c.erased_at is not null)) as stamp`);
  return rows[0]?.stamp ?? '';
}
