import type { Database } from '@data/db';
import { sql } from 'drizzle-orm';

/** Pieces of each invented box. */
const A_BOX = 5;

/**
 * So many decided pieces within the year before now, five a box, with a look to each box: rows alone, without the books of
 * stock and money, for measuring how the Ledger counts.
 */
export async function manyDecisions(db: Database, decisions: number): Promise<void> {
  const boxes = Math.ceil(decisions / A_BOX);
  await db.execute(sql`
    with own as (select id from shop limit 1),
    who as (select c.id, row_number() over (order by c.id) - 1 as n, count(*) over () as all_of
            from client c where c.shop_id = (select id from own) and c.erased_at is null),
    styl as (select u.id, row_number() over (order by u.id) - 1 as n, count(*) over () as all_of
            from "user" u where u.shop_id = (select id from own) and u.role <> 'packer')
    insert into box (shop_id, client_id, number, state, stylist_id, out_at, closed_at, created_at)
    select (select id from own), w.id, 100000 + i, 'closed', s.id,
           now() - make_interval(mins => (i * 525600 / ${boxes}::int) + 14400),
           now() - make_interval(mins => i * 525600 / ${boxes}::int),
           now() - make_interval(mins => (i * 525600 / ${boxes}::int) + 20160)
    from generate_series(1, ${boxes}::int) i
    join who w on w.n = i % w.all_of join styl s on s.n = i % s.all_of`);
  await db.execute(sql`
    with size as (select v.id, row_number() over (order by v.sku) - 1 as n, count(*) over () as all_of from variant v),
    place as (select id from location limit 1)
    insert into box_line (box_id, variant_id, location_id, position, price_minor, tax_bp, decision, decided_by, reason, parcel_no)
    select b.id, z.id, (select id from place), p, 4000 + (b.number * 37 + p * 911) % 20000, 2000,
           case when (b.number * 7 + p * 3) % 10 < 6 then 'keep' else 'return' end, 'shop',
           case when (b.number * 7 + p * 3) % 10 < 6 then null else (array['too small', 'colour', 'too dear'])[1 + b.number % 3] end, 1
    from box b cross join generate_series(0, ${A_BOX - 1}::int) p
    join size z on z.n = (b.number * 13 + p * 101) % z.all_of
    where b.number > 100000`);
  await db.execute(sql`
    insert into look (box_id, position, pieces, spoke, against)
    select b.id, 0, (select jsonb_agg(jsonb_build_object('ref', 'line:' || l.id)) from box_line l where l.box_id = b.id),
           '[]'::jsonb, case b.number % 4 when 0 then '["R3"]' when 1 then '["C2", "P1"]' else '[]' end::jsonb
    from box b where b.number > 100000`);
}
