import { type SQL, sql } from 'drizzle-orm';
import type { Reader } from './db';

/** Each finds rows that should not be; `says` is built in the database so that the reader needs no second look. */
const CHECKS: readonly SQL<{ says: string }>[] = [
  // Balances are the sums of the movements.
  sql`with moved as (
      select variant_id, location_id, to_place as place, qty from stock_movement
      union all select variant_id, location_id, from_place, -qty from stock_movement
    ), summed as (select variant_id, location_id, place, sum(qty) as qty from moved group by 1, 2, 3)
    select format('size %s at %s, %s: the balance says %s, the movements %s', coalesce(b.variant_id, s.variant_id),
                  coalesce(b.location_id, s.location_id), coalesce(b.place, s.place), coalesce(b.qty, 0), coalesce(s.qty, 0)) as says
    from stock_balance b full join summed s using (variant_id, location_id, place)
    where coalesce(b.qty, 0) <> coalesce(s.qty, 0)`,
  // Active holds are what is held, size by size and place by place.
  sql`with held as (select variant_id, location_id, count(*) as qty from hold where state = 'active' group by 1, 2),
      balance as (select variant_id, location_id, qty from stock_balance where place = 'held')
    select format('size %s at %s: %s active holds, %s held', coalesce(h.variant_id, b.variant_id),
                  coalesce(h.location_id, b.location_id), coalesce(h.qty, 0), coalesce(b.qty, 0)) as says
    from held h full join balance b using (variant_id, location_id)
    where coalesce(h.qty, 0) <> coalesce(b.qty, 0)`,
  // What is out is with a client: shipped lines that are neither kept nor back.
  sql`with out as (
      select l.variant_id, l.location_id, count(*) as qty
      from hold h join box_line l on l.id = h.box_line_id join box b on b.id = l.box_id
      where h.state = 'shipped' and l.removed_at is null and l.checked_in_at is null and l.lost_at is null
        and not (b.state = 'closed' and l.decision = 'keep')
      group by 1, 2),
      balance as (select variant_id, location_id, qty from stock_balance where place = 'out')
    select format('size %s at %s: %s lines are with clients, %s out', coalesce(o.variant_id, b.variant_id),
                  coalesce(o.location_id, b.location_id), coalesce(o.qty, 0), coalesce(b.qty, 0)) as says
    from out o full join balance b using (variant_id, location_id)
    where coalesce(o.qty, 0) <> coalesce(b.qty, 0)`,
  // A hold is of the size and place of its line, and of a line that is in its box.
  sql`select format('box %s, line %s: its hold is of another size or place, or the line has left', b.number, l.id) as says
    from hold h join box_line l on l.id = h.box_line_id join box b on b.id = l.box_id
    where h.state = 'active' and (h.variant_id <> l.variant_id or h.location_id <> l.location_id or l.removed_at is not null)`,
  // A packed box has a unit for every line, on no clock.
  sql`select format('box %s is packed, and line %s has no unit of its own', b.number, l.id) as says
    from box b join box_line l on l.box_id = b.id and l.removed_at is null
    left join hold h on h.box_line_id = l.id and h.state = 'active' and h.expires_at is null
    where b.state = 'packed' and h.id is null`,
  // A box that is out, being tallied or closed shipped every line once, and held none back.
  sql`select format('box %s is %s, and line %s was not sent', b.number, b.state, l.id) as says
    from box b join box_line l on l.box_id = b.id and l.removed_at is null
    left join hold h on h.box_line_id = l.id and h.state = 'shipped'
    where b.state in ('out', 'tallying', 'closed') and h.id is null and not (l.exchange_of is not null and l.parcel_no is null)`,
  // What went out, and nothing else, is in a parcel; what waits for one is held on no clock, in a box that is not closed.
  sql`select format('box %s: line %s and its parcel %s do not agree', b.number, l.id, coalesce(l.parcel_no::text, 'none')) as says
    from box b join box_line l on l.box_id = b.id and l.removed_at is null
    left join parcel p on p.box_id = b.id and p.no = l.parcel_no
    left join hold h on h.box_line_id = l.id and h.state = 'active' and h.expires_at is null
    where case when b.state not in ('out', 'tallying', 'closed') then l.parcel_no is not null
               when l.parcel_no is not null then p.no is null
               else l.exchange_of is null or h.id is null or b.state = 'closed' end`,
  // An exchanged line has exactly one in its place, and no other line has.
  sql`select format('box %s: line %s is %s, and %s stand in its place', b.number, l.id, l.decision, count(o.id)) as says
    from box_line l join box b on b.id = l.box_id
    left join box_line o on o.exchange_of = l.id and o.removed_at is null
    where l.removed_at is null group by b.number, l.id, l.decision
    having count(o.id) <> (case when l.decision = 'exchange' then 1 else 0 end)`,
  // What is lost left the books of what is out, and a lost line that is not back says so.
  sql`select format('box %s: line %s is %s, and lost %s', b.number, l.id, l.decision, coalesce(l.lost_at::text, 'never')) as says
    from box_line l join box b on b.id = l.box_id
    where l.removed_at is null and (l.decision = 'lost') <> (l.lost_at is not null and l.decision not in ('return', 'exchange'))`,
  // Cancelled boxes hold nothing.
  sql`select format('box %s is cancelled and still holds line %s', b.number, l.id) as says
    from box b join box_line l on l.box_id = b.id join hold h on h.box_line_id = l.id and h.state = 'active'
    where b.state = 'cancelled'`,
  // The styling fee is charged once, when a box goes out; a closed box has charged what its total says.
  sql`select format('box %s: the fee was charged %s times', b.number, count(*)) as says
    from payment p join box b on b.id = p.box_id where p.kind = 'fee' group by b.id having count(*) > 1`,
  sql`select format('box %s is closed: its total says %s, %s was charged', b.number, b.total ->> 'dueMinor',
                    coalesce(sum(p.amount_minor), 0)) as says
    from box b left join payment p on p.box_id = b.id and p.kind = 'charge'
    where b.state = 'closed' group by b.id
    having greatest((b.total ->> 'dueMinor')::int, 0) <> coalesce(sum(p.amount_minor), 0)`,
  // Receipts are numbered without a gap, and every closed box has one over what it was charged.
  sql`select format('receipts of a shop run to %s, and there are %s', max(no), count(*)) as says
    from receipt group by shop_id having max(no) <> count(*)`,
  sql`select format('box %s is closed, and its receipt says %s', b.number, coalesce(r.amount_minor::text, 'nothing')) as says
    from box b left join receipt r on r.box_id = b.id
    where b.state = 'closed' and greatest((b.total ->> 'dueMinor')::int, 0) is distinct from r.amount_minor`,
  // Credit notes are numbered without a gap, are of lines that were kept, and give back what their line came to.
  sql`select format('credit notes of a shop run to %s, and there are %s', max(no), count(*)) as says
    from credit_note group by shop_id having max(no) <> count(*)`,
  sql`select format('box %s: line %s came to %s; %s was given back and %s withheld', b.number, l.id, l.net_minor,
                    n.amount_minor, n.withheld_minor) as says
    from credit_note n join box_line l on l.id = n.box_line_id join box b on b.id = l.box_id
    where n.amount_minor + n.withheld_minor is distinct from l.net_minor or l.decision <> 'keep' or l.came_back_at is null
      or n.box_id <> l.box_id`,
  sql`select format('box %s: line %s came back and has no credit note', b.number, l.id) as says
    from box_line l join box b on b.id = l.box_id left join credit_note n on n.box_line_id = l.id
    where l.came_back_at is not null and n.no is null`,
  // Paid less refunded is the fee that stayed, what the lines still kept came to, and what was withheld.
  sql`with paid as (select box_id, sum(case when kind = 'refund' then -amount_minor else amount_minor end) as minor
                   from payment group by 1),
      kept as (select box_id, coalesce(sum(net_minor) filter (where decision = 'keep' and came_back_at is null), 0) as minor
               from box_line where removed_at is null group by 1),
      withheld as (select box_id, sum(withheld_minor) as minor from credit_note group by 1)
    select format('box %s: %s was paid and not given back, %s belongs to the shop', b.number, coalesce(p.minor, 0),
                  (b.total ->> 'feeKeptMinor')::int + coalesce(k.minor, 0) + coalesce(w.minor, 0)) as says
    from box b left join paid p on p.box_id = b.id left join kept k on k.box_id = b.id left join withheld w on w.box_id = b.id
    where b.state = 'closed'
      and coalesce(p.minor, 0) <> (b.total ->> 'feeKeptMinor')::int + coalesce(k.minor, 0) + coalesce(w.minor, 0)`,
  // Money goes back the way it came.
  sql`select format('box %s: %s was paid %s, and %s given back so', b.number, sum(p.amount_minor) filter (where p.kind <> 'refund'),
                    coalesce(p.way, 'a way nobody said'), sum(p.amount_minor) filter (where p.kind = 'refund')) as says
    from payment p join box b on b.id = p.box_id group by b.id, p.way, p.voucher_id
    having coalesce(sum(p.amount_minor) filter (where p.kind = 'refund'), 0)
         > coalesce(sum(p.amount_minor) filter (where p.kind <> 'refund'), 0)`,
  // A voucher pays no more than it holds, and what it says it paid, or got back, is what boxes were paid with it.
  sql`select format('voucher %s: its balance is %s', v.code, sum(m.amount_minor)) as says
    from voucher v join voucher_movement m on m.voucher_id = v.id group by v.id having sum(m.amount_minor) < 0`,
  sql`with moved as (select voucher_id, box_id, sum(amount_minor) as minor from voucher_movement where cause <> 'issue' group by 1, 2),
      paid as (select voucher_id, box_id, sum(case when kind = 'refund' then amount_minor else -amount_minor end) as minor
               from payment where voucher_id is not null group by 1, 2)
    select format('voucher %s moved by %s for a box that says %s', coalesce(m.voucher_id, p.voucher_id),
                  coalesce(m.minor, 0), coalesce(p.minor, 0)) as says
    from moved m full join paid p using (voucher_id, box_id) where coalesce(m.minor, 0) <> coalesce(p.minor, 0)`,
  // What a card was charged is used for one payment of the same sum and box, or went back.
  sql`select format('card sum %s of %s is %s, and paid %s', c.id, c.amount_minor, c.state, coalesce(sum(p.amount_minor)::text, 'nothing')) as says
    from card_sum c left join payment p on p.card_id = c.id and p.box_id = c.box_id and p.kind = 'charge' group by c.id
    having coalesce(sum(p.amount_minor), 0) <> (case when c.state = 'used' then c.amount_minor else 0 end)`,
  // What the kept lines came to is what the total says.
  sql`select format('box %s: its kept lines come to %s, its total to %s', b.number, coalesce(sum(l.net_minor), 0), b.total ->> 'netMinor') as says
    from box b left join box_line l on l.box_id = b.id and l.removed_at is null and l.decision = 'keep'
    where b.state = 'closed' group by b.id
    having coalesce(sum(l.net_minor), 0) <> (b.total ->> 'netMinor')::int`,
];

/** Everything in which stock, holds, parcels and money do not agree, a line each; empty proves that they do. */
export async function disagreements(db: Reader): Promise<string[]> {
  const found: string[] = [];
  for (const each of CHECKS)
    found.push(...(await db.execute<{ says: string }>(each)).rows.map(({ says }) => says));
  return found;
}
