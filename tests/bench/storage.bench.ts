import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { connect } from '@data/db';
import { garment, photo } from '@data/schema';
import { sql } from 'drizzle-orm';
import sharp from 'sharp';
import { signInCookie } from '../support/server';
import type { Figure } from './figure';

const PHOTOS = 800;
const REQUESTS = 600;
const AT_ONCE = 8;

/** Noise packs badly: a picture of about the weight a photo of a garment has. */
const jpegOf = (seed: number): Promise<Buffer> =>
  sharp({
    create: {
      width: 1200,
      height: 900,
      channels: 3,
      background: { r: (seed * 37) % 255, g: 90, b: 120 },
      noise: { type: 'gaussian', mean: 128, sigma: 14 },
    },
  })
    .jpeg({ quality: 84 })
    .toBuffer();

/** Requests a second, so many at a time. */
async function rate(urls: readonly string[], cookie: string): Promise<number> {
  let next = 0;
  const begun = performance.now();
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (next < REQUESTS) {
        const answer = await fetch(urls[next++ % urls.length] ?? '', { headers: { cookie } });
        if (!answer.ok) throw new Error(`${answer.status}`);
        await answer.arrayBuffer();
      }
    }),
  );
  return REQUESTS / ((performance.now() - begun) / 1000);
}

/** What photos in the database cost: to serve, and to back up. Beside them, a page that reads no photo. */
async function run(): Promise<Figure[]> {
  const origin = process.env.IVORY_RAIL ?? '';
  const cookie = await signInCookie(origin, 'stylist@heronroom.invalid', 'heron-stylist-demo');
  const { db, close } = connect(process.env.DATABASE_URL ?? '', 2);
  const folder = mkdtempSync(join(tmpdir(), 'ivory-rail-bench-'));
  const backup = (): number => {
    const begun = performance.now();
    execFileSync('bin/backup', ['--keep', '1', folder], { stdio: 'ignore' });
    return (performance.now() - begun) / 1000;
  };
  try {
    const plain = backup();
    const rows = await db.select({ id: garment.id, shopId: garment.shopId }).from(garment).limit(PHOTOS);
    const pictures = await Promise.all(Array.from({ length: 8 }, (_, i) => jpegOf(i)));
    const ids: string[] = [];
    for (let i = 0; i < PHOTOS; i++) {
      const own = rows[i % rows.length];
      const [made] = await db
        .insert(photo)
        .values({
          shopId: own?.shopId ?? '',
          garmentId: i < rows.length ? own?.id : null,
          jpeg: pictures[i % pictures.length] ?? Buffer.alloc(0),
          width: 1200,
          height: 900,
        })
        .returning({ id: photo.id });
      ids.push(made?.id ?? '');
    }
    const { rows: sizes } = await db.execute<{ bytes: string }>(
      sql`select sum(octet_length(jpeg)) as bytes from photo`,
    );
    const megabytes = Number(sizes[0]?.bytes ?? 0) / 1e6;
    const photos = await rate(
      ids.slice(0, rows.length).map((id) => `${origin}/photo/${id}`),
      cookie,
    );
    const small = await rate([`${origin}/health`], cookie);
    const full = backup();
    const seconds = (full - plain) / (megabytes / 1000);
    return [
      {
        name: `photo of ${(megabytes / PHOTOS).toFixed(2)} MB out of the database, ${AT_ONCE} at once`,
        value: Math.round(photos),
        unit: 'a second',
        ratio: small / photos,
        reach: 'at most 10 times as long as /health',
        ok: small / photos <= 10,
      },
      {
        name: `backup with ${Math.round(megabytes)} MB of photos`,
        value: Math.round(seconds),
        unit: 's more for each GB',
        ratio: full / plain,
        reach: 'for the record',
        ok: true,
      },
    ];
  } finally {
    rmSync(folder, { recursive: true, force: true });
    await close();
  }
}

export const storage = { name: 'storage', run };
