import type { Database } from '../db';
import { sql } from 'drizzle-orm';

/** Sizes of a garment that is made up; what the trade calls a full run. */
const SIZES = 8;

/**
 * Fills the stockroom up to so many garments of eight sizes each, to try the app at the size of a large shop: copies of
 * the garments that are there, under numbered titles, at shifted prices, with their units delivered and on the books.
 * Does nothing when there are as many already.
 */
export async function fillStockroom(db: Database, wanted: number): Promise<number> {
  return db.transaction(async (tx) => {
    const one = async (query: ReturnType<typeof sql>): Promise<number> =>
      Number((await tx.execute<{ n: string }>(query)).rows[0]?.n ?? 0);
    const there = await one(sql`select count(*) as n from garment`);
    const missing = wanted - there;
    if (missing <= 0) return 0;
    // A list of what is copied, numbered, so that the copies can be told from one another.
    await tx.execute(sql`
      create temp table made on commit drop as
      with source as (select g.*, row_number() over (order by g.id) - 1 as k, count(*) over () as all_of_them from garment g)
      select gen_random_uuid() as id, s.id as source_id, n
      from generate_series(0, ${missing - 1}::int) n
      join source s on s.k = n % s.all_of_them`);
    // The planner knows nothing yet of tables that were just filled.
    await tx.execute(sql`analyze made, garment, variant`);
    await tx.execute(sql`
      insert into garment (id, shop_id, style_id, set_id, label, title, category, formality, price_minor, tax_bp, colours,
                           main_l, main_a, main_b, attributes)
      select m.id, g.shop_id, g.style_id || '-' || m.n, null, g.label, g.title || ' no. ' || m.n, g.category, g.formality,
             greatest(500, g.price_minor + (m.n % 41 - 20) * 100), g.tax_bp, g.colours, g.main_l, g.main_a, g.main_b,
             g.attributes
      from made m join garment g on g.id = m.source_id`);
    await tx.execute(sql`
      insert into variant (shop_id, garment_id, size, length, position, sku, measures)
      select g.shop_id, m.id, v.size || case when i.i >= v.run then '+' || i.i else '' end, v.length, i.i,
             'SC-' || m.n || '-' || i.i, v.measures
      from made m
      join garment g on g.id = m.id
      cross join generate_series(0, ${SIZES - 1}::int) i(i)
      join lateral (
        select size, length, measures, count(*) over () as run, row_number() over (order by position) - 1 as k
        from variant where garment_id = m.source_id
      ) v on v.k = i.i % v.run`);
    await tx.execute(sql`
      create temp table stocked on commit drop as
      select v.id, l.id as location_id, (hashtext(v.sku) & 3) as qty
      from made m join variant v on v.garment_id = m.id
      join lateral (select id from location where shop_id = v.shop_id order by title limit 1) l on true`);
    await tx.execute(sql`analyze stocked`);
    await tx.execute(sql`
      insert into stock_movement (variant_id, location_id, qty, from_place, to_place, cause)
      select id, location_id, qty, 'supplier', 'shelf', 'delivery' from stocked where qty > 0`);
    await tx.execute(sql`
      insert into stock_balance (variant_id, location_id, place, qty)
      select id, location_id, p.place, p.sign * qty from stocked
      cross join (values ('supplier', -1), ('shelf', 1)) p(place, sign) where qty > 0`);
    return missing;
  });
}
