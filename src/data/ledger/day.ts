import type { DayRate, DayWay } from '@contracts/ledger/day';
import type { PayWay } from '@core/money';
import { sql } from 'drizzle-orm';
import type { Reader } from '../db';

/** A day of a shop, as its calendar has it where the shop is. */
interface Day {
  readonly shopId: string;
  readonly zone: string;
  readonly day: string;
}

/** Money that moved on a day, by how it was paid. */
export async function paidOn(db: Reader, { shopId, zone, day }: Day): Promise<DayWay[]> {
  const { rows } = await db.execute<Record<string, string | null>>(sql`
    select p.way,
      coalesce(sum(p.amount_minor) filter (where p.kind = 'fee'), 0)::bigint as fee,
      coalesce(sum(p.amount_minor) filter (where p.kind = 'charge'), 0)::bigint as charge,
      coalesce(sum(p.amount_minor) filter (where p.kind = 'refund'), 0)::bigint as refund
    from payment p join box b on b.id = p.box_id
    where b.shop_id = ${shopId}::uuid and (p.at at time zone ${zone})::date = ${day}::date
    group by p.way order by p.way nulls last`);
  return rows.map(({ way, fee, charge, refund }) => ({
    way: way as PayWay | null,
    feeMinor: Number(fee),
    chargeMinor: Number(charge),
    refundMinor: Number(refund),
  }));
}

/** What pieces kept in boxes closed on a day came to, and what came back that day by credit note, by rate of tax. */
export async function taxedOn(db: Reader, { shopId, zone, day }: Day): Promise<DayRate[]> {
  const { rows } = await db.execute<Record<string, string>>(sql`
    select bp, sum(net)::bigint as net, sum(tax)::bigint as tax,
           sum(credited)::bigint as credited, sum(credited_tax)::bigint as credited_tax
    from (
      select l.tax_bp as bp, l.net_minor as net, l.tax_minor as tax, 0 as credited, 0 as credited_tax
      from box b join box_line l on l.box_id = b.id and l.removed_at is null and l.decision = 'keep'
      where b.shop_id = ${shopId}::uuid and b.state = 'closed'
        and (b.closed_at at time zone ${zone})::date = ${day}::date
      union all
      select l.tax_bp, 0, 0, n.amount_minor, n.tax_minor
      from credit_note n join box_line l on l.id = n.box_line_id
      where n.shop_id = ${shopId}::uuid and (n.at at time zone ${zone})::date = ${day}::date) moved
    group by bp order by bp desc`);
  return rows.map((row) => ({
    taxBp: Number(row.bp),
    netMinor: Number(row.net),
    taxMinor: Number(row.tax),
    creditedMinor: Number(row.credited),
    creditedTaxMinor: Number(row.credited_tax),
  }));
}

/** Fee credit that boxes closed on a day used, and their receipts and credit notes, first to last. */
export async function papersOf(db: Reader, { shopId, zone, day }: Day) {
  const { rows } = await db.execute<Record<string, string | number | null>>(sql`
    with closed as (
      select id, total from box where shop_id = ${shopId}::uuid and state = 'closed'
        and (closed_at at time zone ${zone})::date = ${day}::date),
    receipts as (select no from receipt r where r.shop_id = ${shopId}::uuid
      and (r.at at time zone ${zone})::date = ${day}::date),
    notes as (select no from credit_note n where n.shop_id = ${shopId}::uuid
      and (n.at at time zone ${zone})::date = ${day}::date)
    select (select count(*)::int from closed) as boxes,
      (select coalesce(sum((total ->> 'creditMinor')::bigint), 0) from closed) as fee_credit,
      (select min(no) from receipts) as first_receipt, (select max(no) from receipts) as last_receipt,
      (select min(no) from notes) as first_note, (select max(no) from notes) as last_note`);
  const [row = {}] = rows;
  const span = (from: unknown, to: unknown) =>
    from === null || from === undefined ? undefined : { from: Number(from), to: Number(to) };
  return {
    boxes: Number(row.boxes ?? 0),
    feeCreditMinor: Number(row.fee_credit ?? 0),
    receipts: span(row.first_receipt, row.last_receipt),
    creditNotes: span(row.first_note, row.last_note),
  };
}
