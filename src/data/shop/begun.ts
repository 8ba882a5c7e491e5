import type { Begun } from '@core/shop';
import { sql } from 'drizzle-orm';
import type { Reader } from '../db';

/** Which of what a shop begins with is there (whoever has sent a box has sent it on some terms): in one statement that stops at the first row of each. */
export async function begunOf(db: Reader, shopId: string): Promise<Begun> {
  const { rows } = await db.execute<Record<keyof Begun, boolean>>(sql`
    select exists (select 1 from audit where entity = 'shop' and entity_id = ${shopId} and action = 'shop terms')
        or exists (select 1 from box where shop_id = ${shopId}::uuid and out_at is not null) as terms,
      exists (select 1 from invitation where shop_id = ${shopId}::uuid)
        or (select count(*) from "user" where shop_id = ${shopId}::uuid) > 1 as people,
      exists (select 1 from audit where entity = 'location' and shop_id = ${shopId}::uuid) as places,
      exists (select 1 from garment where shop_id = ${shopId}::uuid) as garments,
      exists (select 1 from client where shop_id = ${shopId}::uuid) as client,
      exists (select 1 from box where shop_id = ${shopId}::uuid) as box`);
  return rows[0] as Begun;
}
