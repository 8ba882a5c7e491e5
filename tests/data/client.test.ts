import {
  briefLink,
  client,
  clientMeasure,
  idempotency,
  occasion,
  ownedItem,
  stockMovement,
} from '@data/schema';
import { eq } from 'drizzle-orm';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
let clientId: string;

beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
  const rows = await shop.db.select().from(client);
  clientId = sure(rows.find(({ name }) => name.startsWith('Halvard'))).id;
});

const own = async (token: string, body: unknown) => {
  const answer = await fetch(`${shop.origin}/api/own-brief/${token}`, {
    method: 'POST',
    headers: { origin: shop.origin, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  return {
    status: answer.status,
    body: (await answer.json()) as { title?: string; faults?: { path: string }[] },
  };
};
const newToken = async (): Promise<string> =>
  (await shop.stylist.call('make-brief-link', { clientId })).answer.path.replace('/brief/', '');

describe('the client’s own brief', () => {
  it('opens without an account, is kept as it goes, is sent once, and is settled line by line', async () => {
    const token = await newToken();
    const page = await (await fetch(`${shop.origin}/brief/${token}`)).text();
    expect(page).toContain('Halvard');
    for (const secret of ['Odling', 'halvard@', '&quot;bust&quot;'])
      expect(page, secret).not.toContain(secret);
    expect((await own(token, { answers: { moods: ['calm'] } })).status).toBe(200);
    const answers = {
      moods: ['sharp'],
      allergies: ['wool'],
      nevers: ['lime'],
      budgetMinor: 50_000,
      occasions: [{ title: 'A wedding', day: '2027-06-05' }],
      asks: ['a linen jacket'],
      heightMm: 1870,
      heelMaxMm: 40,
    };
    expect((await own(token, { answers, send: true })).status).toBe(200);
    expect((await own(token, { answers, send: true })).status).toBe(409);
    const [link] = await shop.db.select().from(briefLink).where(eq(briefLink.clientId, clientId));
    expect(sure(link).draft).toMatchObject(answers);
    const take = ['moods', 'allergies', 'occasions', 'asks', 'heightMm'] as const;
    expect(
      (await shop.stylist.call('settle-brief', { clientId, id: sure(link).id, take: [...take] })).status,
    ).toBe(200);
    const [after] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect(sure(after).profile).toMatchObject({ moods: ['sharp'], allergies: ['wool'] });
    expect(sure(after).profile.nevers).not.toContain('lime');
    expect(sure(after).boxBudgetMinor).toBe(90_000);
    expect(sure(after).notes).toContain('Asked for: a linen jacket');
    const measures = await shop.db.select().from(clientMeasure).where(eq(clientMeasure.clientId, clientId));
    expect(measures.find(({ name }) => name === 'heightMm')?.mm).toBe(1870);
    const days = await shop.db.select().from(occasion).where(eq(occasion.clientId, clientId));
    expect(days.map(({ title }) => title)).toContain('A wedding');
    expect((await shop.stylist.call('settle-brief', { clientId, id: sure(link).id, take: [] })).status).toBe(
      409,
    );
    expect((await own(token, { answers })).status).toBe(404);
  });

  it('a link that expired, was revoked, replaced or guessed says the same and leaks nothing', async () => {
    const replaced = await newToken();
    const expired = await newToken();
    const [row] = await shop.db.select().from(briefLink).orderBy(briefLink.createdAt).limit(1).offset(2);
    await shop.db
      .update(briefLink)
      .set({ expiresAt: new Date(0) })
      .where(eq(briefLink.id, sure(row).id));
    const revoked = await newToken();
    const links = await shop.db.select().from(briefLink).where(eq(briefLink.clientId, clientId));
    const open = links.find(
      ({ revokedAt, sentAt, expiresAt }) => !revokedAt && !sentAt && expiresAt > new Date(),
    );
    await shop.stylist.call('revoke-brief-link', { clientId, id: sure(open).id });
    const said = new Set<string>();
    for (const token of [replaced, expired, revoked, 'A'.repeat(43), 'short', `${revoked.slice(0, -1)}_`]) {
      const { status, body } = await own(token, { answers: {} });
      expect(status).toBe(404);
      said.add(body.title ?? '');
    }
    expect(said.size).toBe(1);
    expect(JSON.stringify(links)).not.toContain(replaced);
  });

  it('takes photos as JPEG and refuses what is none', async () => {
    const token = await newToken();
    const png = await sharp({ create: { width: 40, height: 40, channels: 3, background: '#123456' } })
      .png()
      .toBuffer();
    expect((await own(token, { photoBase64: png.toString('base64'), caption: 'my coat' })).status).toBe(200);
    const bad = await own(token, { photoBase64: Buffer.from('MZ program').toString('base64') });
    expect([bad.status, bad.body.faults?.[0]?.path]).toEqual([422, 'photo']);
    const wrong = await own(token, { answers: { heightMm: 168 } });
    expect([wrong.status, wrong.body.faults?.[0]?.path]).toEqual([422, 'heightMm']);
  });

  it('stops guessing after a while', async () => {
    let last = 0;
    for (let i = 0; i < 14; i++) last = (await own(`${'B'.repeat(41)}${10 + i}`, {})).status;
    expect(last).toBe(429);
  });
});

describe('closets', () => {
  it('the same list twice adds nothing the second time', async () => {
    const items = [
      {
        piece: {
          id: 'a',
          title: 'Teal vest',
          category: 'tank' as const,
          colours: [{ hex: '#1f6a6b', share: 1 }],
        },
      },
      {
        piece: {
          id: 'b',
          title: 'Teal vest',
          category: 'tank' as const,
          colours: [{ hex: '#1f6a6b', share: 1 }],
        },
      },
    ];
    expect((await shop.stylist.call('save-owned-many', { clientId, items })).answer).toEqual({
      added: 1,
      known: 1,
    });
    expect((await shop.stylist.call('save-owned-many', { clientId, items })).answer).toEqual({
      added: 0,
      known: 2,
    });
  });
  it('an occasion keeps its stages, and one that a box is styled for stays', async () => {
    const made = await shop.stylist.call('save-occasion', {
      clientId,
      occasion: { title: 'Fair', date: '2027-05-01' },
      stages: [{ title: 'supper', changes: { outdoorC: 6 } }],
      repeat: { everyDays: 7, times: 2 },
    });
    const days = await shop.db.select().from(occasion).where(eq(occasion.title, 'Fair'));
    expect(days.map(({ day }) => day).sort()).toEqual(['2027-05-01', '2027-05-08', '2027-05-15']);
    expect((await shop.stylist.call('remove-occasion', { clientId, id: made.answer.id })).status).toBe(200);
    const used = sure((await shop.db.select().from(occasion).where(eq(occasion.title, 'Summer concert')))[0]);
    expect((await shop.stylist.call('remove-occasion', { clientId, id: used.id })).status).toBe(409);
  });
});

describe('leaving', () => {
  it('everything of one client comes as one file', async () => {
    const { answer } = await shop.stylist.call('export-client', { clientId });
    const whole = JSON.parse(answer.json) as Record<string, unknown>;
    expect(whole).toMatchObject({ format: 'ivory-rail/client@1', name: 'Halvard Odling' });
    for (const part of ['measures', 'closet', 'occasions', 'boxes', 'profile'])
      expect(whole[part], part).toBeTruthy();
    expect(JSON.stringify(await shop.db.select().from(idempotency))).not.toContain('ivory-rail/client@1');
  });
  it('an erased client is gone by name and in person; the books stay', async () => {
    const before = (await shop.db.select().from(stockMovement)).length;
    expect((await shop.stylist.call('erase-client', { clientId, name: 'Halvard Odling' })).status).toBe(403);
    expect((await owner.call('erase-client', { clientId, name: 'Somebody' })).status).toBe(409);
    expect((await owner.call('erase-client', { clientId, name: 'Halvard Odling' })).answer).toEqual({
      kept: 1,
    });
    expect(await shop.db.select().from(ownedItem).where(eq(ownedItem.clientId, clientId))).toEqual([]);
    const [row] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect(JSON.stringify(row)).not.toMatch(/Halvard|odling|1870/);
    expect((await shop.db.select().from(stockMovement)).length).toBe(before);
    const page = await fetch(`${shop.origin}/clients/${clientId}`, { headers: { cookie: owner.cookie } });
    expect(page.status).toBe(404);
    const list = await (await fetch(`${shop.origin}/clients`, { headers: { cookie: owner.cookie } })).text();
    expect(list).not.toContain('Halvard');
  });
  it('a client with an open box is not erased', async () => {
    const open = sure((await shop.db.select().from(client)).find(({ name }) => name.startsWith('Ragnhild')));
    expect((await owner.call('erase-client', { clientId: open.id, name: open.name })).status).toBe(409);
  });
});
