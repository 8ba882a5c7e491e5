import { CALLS } from '@contracts/calls';
import { box, client, shop as shops, user } from '@data/schema';
import { SERVED } from '@server/registry';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { freshDatabase } from '../support/database';
import { openShop } from '../support/open-shop';
import { callerOf, type Role, signInCookie, startServer } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();

describe('without a session', () => {
  it.each(['/', '/clients', '/stockroom', '/box/x/brief', '/specimens'])(
    '%s leads to the sign-in',
    async (path) => {
      const answer = await fetch(shop.origin + path, { redirect: 'manual' });
      expect([answer.status, answer.headers.get('location')?.split('?')[0]]).toEqual([302, '/sign-in']);
    },
  );
  it('no call of the API is answered', async () => {
    for (const name of CALLS.keys()) {
      const answer = await fetch(`${shop.origin}/api/${name}`, {
        method: 'POST',
        headers: { origin: shop.origin, 'content-type': 'application/json' },
        body: '{}',
      });
      expect(answer.status, name).toBe(401);
    }
  });
  it('nobody can sign up, and the library’s own endpoints are not there', async () => {
    const before = (await shop.db.select().from(user)).length;
    for (const path of ['/api/auth/sign-up/email', '/api/sign-up', '/first-visit']) {
      await fetch(shop.origin + path, {
        method: 'POST',
        redirect: 'manual',
        headers: { origin: shop.origin, 'content-type': 'application/json' },
        body: JSON.stringify({ email: 'x@x.invalid', password: 'long-enough-123', name: 'x', role: 'owner' }),
      });
    }
    expect((await shop.db.select().from(user)).length).toBe(before);
  });
});

describe('with a session', () => {
  it('a shop that has sent boxes is led to no first one, whether or not its terms were ever saved here', async () => {
    const cookie = await signInCookie(shop.origin, 'owner@heronroom.invalid', 'heron-owner-demo');
    const desk = await (await fetch(shop.origin, { headers: { cookie } })).text();
    expect(desk).toContain('boxes are open');
    expect(desk).not.toContain('Your first box');
  });

  it('a request of another site is refused, form or JSON', async () => {
    const cookie = await signInCookie(shop.origin, 'stylist@heronroom.invalid', 'heron-stylist-demo');
    for (const origin of ['http://evil.invalid', undefined]) {
      const headers = { cookie, 'content-type': 'application/json', ...(origin ? { origin } : {}) };
      expect(
        (await fetch(`${shop.origin}/api/start-box`, { method: 'POST', headers, body: '{}' })).status,
      ).toBe(403);
    }
    expect(
      (
        await fetch(`${shop.origin}/sign-out`, {
          method: 'POST',
          redirect: 'manual',
          headers: { cookie, origin: 'http://evil.invalid' },
        })
      ).status,
    ).toBe(403);
  });

  it('every use case keeps to the roles it states', async () => {
    for (const role of ['owner', 'stylist', 'packer'] as Role[]) {
      const caller = await callerOf(shop.origin, role);
      for (const [
        name,
        {
          call: { roles },
        },
      ] of SERVED) {
        const { status } = await caller.call(name as 'start-box', {} as never);
        if (roles.includes(role)) expect(status, `${role} ${name}`).not.toBe(403);
        else expect(status, `${role} ${name}`).toBe(403);
      }
    }
    expect([...SERVED.keys()].sort()).toEqual([...CALLS.keys()].sort());
  });

  it('a packer sees no measures, closet or limits, and no client page', async () => {
    const packer = await callerOf(shop.origin, 'packer');
    const [row] = await shop.db.select().from(box).where(eq(box.number, 103));
    const page = (path: string): Promise<Response> =>
      fetch(shop.origin + path, { headers: { cookie: packer.cookie } });
    const out = await (await page(`/box/${sure(row).id}/out`)).text();
    expect(out).toContain('Tide tunic');
    for (const secret of ['Nickel', 'fjord', 'armLength', 'Ikat', '&quot;bust&quot;:[0,870]'])
      expect(out, secret).not.toContain(secret);
    expect((await page(`/box/${sure(row).id}/brief`)).status).toBe(403);
    expect((await page('/clients')).status).toBe(403);
    const [person] = await shop.db.select().from(client).limit(1);
    expect((await page(`/clients/${sure(person).id}`)).status).toBe(403);
    const moved = await packer.call('move-box', {
      boxId: sure(row).id,
      version: sure(row).version,
      to: 'cancelled',
    });
    expect(moved.status).toBe(403);
  });

  it('an address that is no id is a page that says so', async () => {
    const { cookie } = await callerOf(shop.origin);
    for (const path of [
      '/box/nonsense/brief',
      '/clients/1',
      '/box/00000000-0000-4000-8000-000000000000/pull',
    ]) {
      const answer = await fetch(shop.origin + path, { headers: { cookie } });
      expect([path, answer.status]).toEqual([path, 404]);
    }
  });
});

describe('guessing', () => {
  it('says the same for a wrong password and an unknown address, and stops guessing', async () => {
    const tryIt = async (email: string): Promise<{ status: number; says: string }> => {
      const answer = await fetch(`${shop.origin}/sign-in`, {
        method: 'POST',
        headers: {
          origin: shop.origin,
          'content-type': 'application/x-www-form-urlencoded',
          'x-forwarded-for': `10.0.0.${Math.floor(Math.random() * 250)}`,
        },
        body: new URLSearchParams({ email, password: 'wrong-wrong-wrong' }),
      });
      return {
        status: answer.status,
        says: /role="alert"[^>]*>([^<]+)/.exec(await answer.text())?.[1] ?? '',
      };
    };
    expect((await tryIt('owner@heronroom.invalid')).says).toBe(
      (await tryIt('nobody@heronroom.invalid')).says,
    );
    let last = '';
    for (let i = 0; i < 9; i++) last = (await tryIt('owner@heronroom.invalid')).says;
    expect(last).toContain('Too many tries');
  });
});

describe('a new shop', () => {
  it('names its owner at the first visit, once', async () => {
    const empty = await freshDatabase('empty');
    const fresh = await startServer(empty.url, undefined, { FIRST_VISIT_CODE: 'abcd-efgh-jkmn' });
    try {
      expect((await fetch(fresh.origin, { redirect: 'manual' })).headers.get('location')).toBe(
        '/first-visit',
      );
      const open = (fields: Record<string, string>): Promise<Response> =>
        fetch(`${fresh.origin}/first-visit`, {
          method: 'POST',
          redirect: 'manual',
          headers: { origin: fresh.origin, 'content-type': 'application/x-www-form-urlencoded' },
          body: new URLSearchParams(fields),
        });
      const fields = {
        code: 'ABCD efgh-jkmn',
        shopName: 'Loft',
        town: '',
        currency: 'eur',
        zone: 'Europe/Lisbon',
        name: 'Una',
        email: 'una@loft.invalid',
        password: 'heather slate kettle nine',
      };
      const short = await open({ ...fields, password: 'short' });
      expect(short.status).toBe(422);
      expect(await short.text()).toContain('at least 12 characters');
      const stranger = await open({ ...fields, code: 'abcd-efgh-jkmx' });
      expect([stranger.status, (await empty.db.select().from(user)).length]).toEqual([422, 0]);
      const nowhere = await open({ ...fields, zone: 'Atlantis/Deep' });
      expect([nowhere.status, await nowhere.text()]).toEqual([
        422,
        expect.stringContaining('not a time zone'),
      ]);
      const made = await open(fields);
      expect([made.status, made.headers.get('location')]).toEqual([303, '/']);
      expect(made.headers.getSetCookie().join()).toMatch(/HttpOnly; SameSite=Lax/i);
      const cookie = made.headers
        .getSetCookie()
        .map((each) => each.split(';')[0])
        .join('; ');
      expect(await (await fetch(fresh.origin, { headers: { cookie } })).text()).toContain('Your first box');
      expect(await empty.db.select({ zone: shops.zone, currency: shops.currency }).from(shops)).toEqual([
        { zone: 'Europe/Lisbon', currency: 'EUR' },
      ]);
      expect((await open({ ...fields, email: 'second@loft.invalid' })).headers.get('location')).toBe(
        '/sign-in',
      );
      expect((await empty.db.select().from(user)).map(({ role }) => role)).toEqual(['owner']);
    } finally {
      await fresh.stop();
      await empty.close();
    }
  });
});
