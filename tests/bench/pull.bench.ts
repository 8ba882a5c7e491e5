import { connect } from '@data/db';
import { box, garment } from '@data/schema';
import { PULL_MOST } from '@data/stock/garments';
import { fillStockroom } from '@data/demo/scale';
import { eq } from 'drizzle-orm';
import pg from 'pg';
import { callerOf } from '../support/server';
import { type Bench, percentile } from './figure';

const GARMENTS = 20_000;
const ROUNDS = 25;
const MOST_BARE_MS = 40;

/**
 * What a pull list is made of, in one statement by hand: the candidates of `pullCandidates` with their rows, their sizes
 * and what stands on the shelf of each. Its plan is in docs/pull-list.md.
 */
const BARE = `
  select g.*, s.sizes from (
    select n.id, n.apart from (
      select id, (main_l - $2) * (main_l - $2) + (main_a - $3) * (main_a - $3) + (main_b - $4) * (main_b - $4) as apart
      from garment where shop_id = $1 and archived_at is null order by apart, id limit 2000
    ) n
    where exists (
      select 1 from variant v join stock_balance b on b.variant_id = v.id
      where v.garment_id = n.id and b.place = 'shelf' and b.qty > 0
    )
    order by n.apart, n.id limit ${PULL_MOST}
  ) found
  join garment g on g.id = found.id
  cross join lateral (
    select json_agg(json_build_array(v.id, v.size, v.length, (
      select sum(b.qty) from stock_balance b where b.variant_id = v.id and b.place = 'shelf' and b.qty > 0
    )) order by v.position) as sizes
    from variant v where v.garment_id = g.id
  ) s
  order by found.apart, g.id`;

const median = async (work: () => Promise<unknown>): Promise<number> => {
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  return percentile(times.slice(5), 0.5);
};

/**
 * The first page of a pull list and of the stockroom through HTTP, at 20,000 garments of 8 sizes, against the bare
 * statement that finds the candidates (docs/pull-list.md). Set IVORY_RAIL and DATABASE_URL to a running demo.
 */
export const pull: Bench = {
  name: 'pull',
  run: async () => {
    const { db, close } = connect(process.env.DATABASE_URL ?? '', 2);
    try {
      await fillStockroom(db, GARMENTS);
      await db.execute('vacuum analyze');
      const stylist = await callerOf(process.env.IVORY_RAIL ?? 'http://127.0.0.1:4321');
      const [open] = await db.select().from(box).where(eq(box.number, 104));
      const [some] = await db.select().from(garment).limit(1);
      if (!open || !some) throw new Error('the demo is not there');
      const plain = new pg.Client({ connectionString: process.env.DATABASE_URL });
      await plain.connect();
      await plain.query('set max_parallel_workers_per_gather = 0');
      const bare = await median(() => plain.query(BARE, [some.shopId, 30, -15, 5]));
      await plain.end();
      const first = await median(() => stylist.call('pull-list', { boxId: open.id }));
      const stock = await median(() => stylist.call('stock-list', {}));
      return [
        {
          name: `pull: bare SQL for ${PULL_MOST} of ${GARMENTS} garments with their 8 sizes, median`,
          value: Number(bare.toFixed(1)),
          unit: 'ms',
          ratio: bare / MOST_BARE_MS,
          reach: `≤ ${MOST_BARE_MS} ms`,
          ok: bare <= MOST_BARE_MS,
        },
        ...(
          [
            ['pull: first page through HTTP, ranked', first],
            ['stockroom: first page through HTTP', stock],
          ] as const
        ).map(([name, ms]) => ({
          name,
          value: Number(ms.toFixed(1)),
          unit: 'ms',
          ratio: ms / bare,
          reach: '≤ 3 × the bare SQL',
          ok: ms <= bare * 3,
        })),
      ];
    } finally {
      await close();
    }
  },
};
