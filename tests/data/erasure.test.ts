import {
  box,
  briefLink,
  client,
  idempotency,
  limitPass,
  look,
  parcel,
  photo,
  rateLimit,
  session,
} from '@data/schema';
import { putAway } from '@server/jobs';
import { eq, sql } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { jpegOf } from '../support/photos';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
});
const DAY_MS = 86_400_000;

/** A client with a box that went out and came home, a brief of her own, a photo and answers kept by key. */
async function livedIn(name: string) {
  const clientId = await makeClient(shop.stylist, { limits: { heelMaxMm: 40 } }, name);
  const link = (await shop.stylist.call('make-brief-link', { clientId })).answer;
  const token = link.path.slice('/brief/'.length);
  const own = (body: unknown) =>
    fetch(`${shop.origin}/api/own-brief/${token}`, {
      method: 'POST',
      headers: { origin: shop.origin, 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  await own({ answers: { notes: `${name} writes` } });
  await own({ photoBase64: (await jpegOf()).toString('base64'), caption: 'me' });
  const heel = await makeGarment(shop.stylist, {
    title: 'Heel',
    category: 'heel',
    attributes: { measures: { heel: 60 } },
  });
  const made = await makeBox(shop.stylist, clientId, [heel]);
  const lineId = sure(made.lines[0]).id;
  const passes = made.lines.flatMap(({ guard }) => guard.map(({ code, about }) => ({ lineId, code, about })));
  const passed = (await shop.stylist.call('pass-limits', { boxId: made.id, passes, reason: `${name} asked` }))
    .answer;
  const packed = await moved(shop.stylist, passed, 'packed');
  const key = `out-${made.id}`;
  const input = { boxId: made.id, version: packed.version, to: 'out', parcel: `${name} parcel` } as const;
  await shop.stylist.call('move-box', input, key);
  const kept = await shop.stylist.call(
    'decide-line',
    { boxId: made.id, lineId, decision: 'keep', note: `${name} says` },
    `decide-${lineId}`,
  );
  await shop.stylist.call('close-box', {
    boxId: made.id,
    version: kept.answer.version,
    notesNext: `${name} next`,
    way: 'cash',
  });
  return { clientId, boxId: made.id, again: () => shop.stylist.call('move-box', input, key) };
}

describe('erasing one client', () => {
  it('takes every word of her along, and leaves everybody else’s keys alone', async () => {
    const [gone, stays] = [await livedIn('Vanishing'), await livedIn('Remaining')];
    expect((await owner.call('erase-client', { clientId: gone.clientId, name: 'Vanishing' })).status).toBe(
      200,
    );
    const tables = await shop.db.execute<{ name: string }>(
      sql`select quote_ident(tablename) as name from pg_tables where schemaname = 'public'`,
    );
    const holding: string[] = [];
    for (const { name } of tables.rows) {
      const found = await shop.db.execute(
        sql.raw(`select 1 from ${name} t where t::text like '%Vanishing%' limit 1`),
      );
      if (found.rows.length > 0) holding.push(name);
    }
    expect(holding).toEqual([]);
    const [person] = await shop.db.select().from(client).where(eq(client.id, gone.clientId));
    expect(person).toMatchObject({ name: 'Erased', email: null, notes: '' });
    const [row] = await shop.db.select().from(box).where(eq(box.id, gone.boxId));
    const parcels = await shop.db.select().from(parcel).where(eq(parcel.boxId, gone.boxId));
    expect([sure(parcels[0]).tracking, sure(row).letter, sure(row).notesNext, sure(row).state]).toEqual([
      null,
      null,
      '',
      'closed',
    ]);
    for (const [table, column] of [
      [briefLink, briefLink.clientId],
      [look, look.boxId],
    ] as const)
      expect(
        await shop.db
          .select()
          .from(table)
          .where(eq(column, table === look ? gone.boxId : gone.clientId)),
      ).toEqual([]);
    expect(await shop.db.select().from(photo).where(eq(photo.caption, 'me'))).toHaveLength(1);
    expect(
      await shop.db
        .select()
        .from(limitPass)
        .where(sql`${limitPass.reason} like 'Remaining%'`),
    ).toHaveLength(1);
    // A late sender is told; nothing is done twice, for her or for anybody.
    const late = await gone.again();
    expect([late.status, late.problem.title]).toEqual([
      409,
      expect.stringContaining('This was done already'),
    ]);
    expect((await stays.again()).status).toBe(200);
    expect((await shop.stylist.call('start-box', { clientId: gone.clientId })).status).toBe(404);
  });
});

describe('what has had its day', () => {
  it('answers go after a day, keys after a year; a replay never repeats the deed; tries and sessions go', async () => {
    const { again } = await livedIn('Patient');
    const now = new Date();
    await shop.db.insert(rateLimit).values({ key: 'pair:somebody', points: 5, expire: now.getTime() - 1 });
    // Sessions end by themselves within a day; these are to last for the deed that is tried again.
    await shop.db.update(session).set({ expiresAt: new Date(now.getTime() + 20 * DAY_MS) });
    const before = (await shop.db.select().from(session)).length;
    await putAway(shop.db, now);
    expect((await again()).status).toBe(200);
    await putAway(shop.db, new Date(now.getTime() + 2 * DAY_MS));
    const kept = await shop.db.select().from(idempotency);
    expect(kept.length).toBeGreaterThan(0);
    expect(kept.every(({ answer }) => answer === null)).toBe(true);
    expect((await again()).status).toBe(409);
    expect(await shop.db.select().from(rateLimit).where(eq(rateLimit.key, 'pair:somebody'))).toEqual([]);
    expect((await shop.db.select().from(session)).length).toBe(before);
    await putAway(shop.db, new Date(now.getTime() + 400 * DAY_MS));
    expect(await shop.db.select().from(idempotency)).toEqual([]);
    expect(await shop.db.select().from(session)).toEqual([]);
  });
});

describe('a client’s own brief', () => {
  const open = async () => {
    const fresh = await callerOf(shop.origin);
    const clientId = await makeClient(fresh, { allergies: ['wool'] });
    const link = (await fresh.call('make-brief-link', { clientId })).answer;
    const send = (body: unknown) =>
      fetch(`${shop.origin}/api/own-brief/${link.path.slice('/brief/'.length)}`, {
        method: 'POST',
        headers: { origin: shop.origin, 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
    return { clientId, id: link.id, send, fresh };
  };

  it('whatever it takes can be settled, and the page saved again afterwards', async () => {
    const { clientId, id, send, fresh } = await open();
    const odd = await send({ answers: { occasions: [{ title: 'Tea', day: '0000-01-01' }] } });
    expect(odd.status).toBe(422);
    const answers = {
      heightMm: 1700.5,
      moods: ['', 'calm', ' '],
      allergies: ['latex', ''],
      notes: 'n'.repeat(2000),
      asks: Array.from({ length: 12 }, (_, i) => `${i} ${'a'.repeat(190)}`),
    };
    expect((await send({ answers, send: true })).status).toBe(200);
    const take = ['heightMm', 'moods', 'allergies', 'notes', 'asks'] as const;
    expect((await fresh.call('settle-brief', { clientId, id, take: [...take] })).status).toBe(200);
    const [row] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect([sure(row).profile.allergies, sure(row).profile.moods, sure(row).notes.length > 4000]).toEqual([
      ['wool', 'latex'],
      ['calm'],
      true,
    ]);
    const again = await fresh.call('save-client', {
      id: clientId,
      version: sure(row).version,
      name: sure(row).name,
      measures: { heightMm: 1701 },
      profile: sure(row).profile,
      notes: sure(row).notes,
    });
    expect(again.status).toBe(200);
  });

  it('kept by an earlier release and unreadable now, is settled with its words in the notes', async () => {
    const { clientId, id, fresh } = await open();
    await shop.db
      .update(briefLink)
      .set({
        draft: { occasions: [{ title: 'Tea', day: '0000-01-01' }], heightMm: 1700.5 } as never,
        sentAt: new Date(),
      })
      .where(eq(briefLink.id, id));
    expect((await fresh.call('settle-brief', { clientId, id, take: ['occasions', 'heightMm'] })).status).toBe(
      200,
    );
    const [row] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect(sure(row).notes).toContain('0000-01-01');
  });

  it('bounds every list and the whole, and files that are no pictures are soon refused', async () => {
    const { send } = await open();
    for (const answers of [
      { sizes: Object.fromEntries(Array.from({ length: 30 }, (_, i) => [`s${i}`, 'M'])) },
      { cover: Array.from({ length: 60 }, () => 'neck') },
      { notes: 'x'.repeat(2001) },
      { notes: 'a\u0000b' },
    ])
      expect((await send({ answers })).status).toBe(422);
    const statuses: number[] = [];
    for (let i = 0; i < 12; i++)
      statuses.push((await send({ photoBase64: Buffer.from(`no picture ${i}`).toString('base64') })).status);
    expect(statuses.slice(0, 10)).toEqual(Array.from({ length: 10 }, () => 422));
    expect(statuses.at(-1)).toBe(429);
  });

  it('pictures that are decoded hold up nobody: the stylist settles another meanwhile', async () => {
    const { send, clientId, fresh } = await open();
    const big = (await jpegOf(4000)).toString('base64');
    const slow = Promise.all(Array.from({ length: 6 }, () => send({ photoBase64: big })));
    const saved = await fresh.call('save-client', {
      id: clientId,
      version: 1,
      name: 'Not held up',
      measures: {},
      profile: {},
    });
    expect(saved.status).toBe(200);
    expect(new Set((await slow).map(({ status }) => status))).toEqual(new Set([200]));
  });
});
