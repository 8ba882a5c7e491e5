import { audit, invitation, outbox, session, shop as shopTable, user } from '@data/schema';
import { putAway } from '@server/jobs';
import { unseal } from '@server/outbox/seal';
import { eq, sql } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { SECRET } from '../support/database';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf, callerWith, signInCookie } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
});
// Sealed letters are read here as the server reads them.
process.env.AUTH_SECRET = SECRET;
const PASSWORD = 'heather slate kettle nine';

/** Posts a form of a page that needs no session. */
const post = (path: string, fields: Record<string, string>): Promise<Response> =>
  fetch(shop.origin + path, {
    method: 'POST',
    redirect: 'manual',
    headers: { origin: shop.origin, 'content-type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams(fields),
  });
const callAs = (cookie: string, name: string, input: unknown): Promise<Response> =>
  fetch(`${shop.origin}/api/${name}`, {
    method: 'POST',
    headers: { cookie, origin: shop.origin, 'content-type': 'application/json' },
    body: JSON.stringify(input),
  });

/** Invites somebody and lets them join: their cookie and their id. */
async function joined(email: string, role: 'stylist' | 'packer' | 'owner') {
  const { path } = (await owner.call('invite-person', { name: 'New', email, role })).answer;
  const answer = await post(path, { name: 'Nell Quill', password: PASSWORD });
  expect([answer.status, answer.headers.get('location')]).toEqual([303, '/']);
  const cookie = answer.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ');
  const [row] = await shop.db.select().from(user).where(eq(user.email, email));
  return { cookie, id: sure(row).id, path };
}

describe('somebody who is invited', () => {
  it('joins once by the link, as what they were invited as, and the link is kept nowhere', async () => {
    const { cookie, id, path } = await joined('nell@heronroom.invalid', 'packer');
    const [row] = await shop.db.select().from(user).where(eq(user.id, id));
    expect([sure(row).name, sure(row).role]).toEqual(['Nell Quill', 'packer']);
    expect((await callAs(cookie, 'save-client', { name: 'x' })).status).toBe(403);
    expect((await post(path, { name: 'Again', password: PASSWORD })).status).toBe(404);
    const token = sure(path.split('/').at(-1));
    const kept = JSON.stringify(await shop.db.select().from(invitation));
    expect(kept.includes(token)).toBe(false);
    expect(JSON.stringify(await shop.db.select().from(audit)).includes(token)).toBe(false);
    const [letter] = await shop.db
      .select()
      .from(outbox)
      .where(eq(outbox.toAddress, 'nell@heronroom.invalid'));
    // Used: the letter stays, and its link is gone.
    expect([sure(letter).kind, sure(letter).link]).toEqual(['invite', null]);
  });
  it('is refused with a weak password, and with a link that was stopped, is too old or never was', async () => {
    const email = 'pen@heronroom.invalid';
    const { path, people } = (await owner.call('invite-person', { name: 'Pen', email, role: 'stylist' }))
      .answer;
    const weak = await post(path, { name: 'Pen', password: 'password1234' });
    expect([weak.status, (await weak.text()).includes('tried first')]).toEqual([422, true]);
    const { id } = sure(people.invitations.find((each) => each.email === email));
    await owner.call('revoke-invitation', { id });
    expect((await post(path, { name: 'Pen', password: PASSWORD })).status).toBe(404);
    const late = (await owner.call('invite-person', { name: 'Pen', email, role: 'stylist' })).answer;
    await shop.db
      .update(invitation)
      .set({ expiresAt: new Date(Date.now() - 1000) })
      .where(eq(invitation.email, email));
    expect((await post(late.path, { name: 'Pen', password: PASSWORD })).status).toBe(404);
    expect((await fetch(`${shop.origin}/join/${'x'.repeat(43)}`)).status).toBe(404);
  });
  it('of two who use one link at once one gets in', async () => {
    const { path } = (
      await owner.call('invite-person', { name: 'Twin', email: 'twin@heronroom.invalid', role: 'stylist' })
    ).answer;
    const answers = await Promise.all(
      Array.from({ length: 4 }, () => post(path, { name: 'Twin', password: PASSWORD })),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([303, 404, 404, 404]);
  });
  it('has no second account of one address, in any spelling', async () => {
    const again = await owner.call('invite-person', {
      name: 'Again',
      email: 'Stylist@HeronRoom.invalid',
      role: 'stylist',
    });
    expect([again.status, again.problem.faults[0]?.path]).toEqual([422, 'email']);
  });
});

describe('a letter in the outbox', () => {
  const invited = async (email: string) => {
    const { path } = (await owner.call('invite-person', { name: 'Lark', email, role: 'stylist' })).answer;
    const [row] = await shop.db.select().from(outbox).where(eq(outbox.toAddress, email));
    return { path, row: sure(row) };
  };
  it('is read by the owner alone; at rest its link is sealed', async () => {
    const { path, row } = await invited('lark@heronroom.invalid');
    const token = sure(path.split('/').at(-1));
    expect(JSON.stringify(row).includes(token)).toBe(false);
    expect((await shop.stylist.call('open-letter', { id: row.id })).status).toBe(403);
    expect((await owner.call('open-letter', { id: row.id })).answer.path).toBe(path);
    const page = await fetch(`${shop.origin}/shop`, { headers: { cookie: owner.cookie } });
    expect((await page.text()).includes(token)).toBe(false);
    expect(unseal(`${sure(row.link).slice(0, -4)}AAAA`)).toBeUndefined();
  });
  it('opens nothing once its link was stopped, replaced or is too old; it may be thrown away', async () => {
    const { row } = await invited('stopped@heronroom.invalid');
    await owner.call('revoke-invitation', { id: sure(row.invitationId) });
    expect((await owner.call('open-letter', { id: row.id })).status).toBe(409);
    const first = await invited('again@heronroom.invalid');
    await invited('again@heronroom.invalid');
    expect((await owner.call('open-letter', { id: first.row.id })).status).toBe(409);
    const old = await invited('old@heronroom.invalid');
    await shop.db
      .update(outbox)
      .set({ expiresAt: new Date(Date.now() - 1000) })
      .where(eq(outbox.id, old.row.id));
    await putAway(shop.db, new Date());
    const [later] = await shop.db.select().from(outbox).where(eq(outbox.id, old.row.id));
    expect(sure(later).link).toBeNull();
    const ancient = await invited('ancient@heronroom.invalid');
    await shop.db
      .update(outbox)
      .set({ createdAt: new Date(Date.now() - 91 * 86_400_000) })
      .where(eq(outbox.id, ancient.row.id));
    await putAway(shop.db, new Date());
    expect(await shop.db.select().from(outbox).where(eq(outbox.id, ancient.row.id))).toEqual([]);
    const left = await owner.call('settle-letter', { id: old.row.id, as: 'thrown away' });
    expect(left.answer.letters.some(({ id }) => id === old.row.id)).toBe(false);
  });
  it('goes to a client with an address unless they asked not to be written to, and goes with their link', async () => {
    const { id: clientId } = (
      await shop.stylist.call('save-client', {
        name: 'Wilfred Marsh',
        email: 'wilfred@example.invalid',
        measures: {},
        profile: {},
      })
    ).answer;
    const letters = () =>
      shop.db.select().from(outbox).where(eq(outbox.toAddress, 'wilfred@example.invalid'));
    const { path } = (await shop.stylist.call('make-brief-link', { clientId })).answer;
    const [letter] = await letters();
    expect((await owner.call('open-letter', { id: sure(letter).id })).answer.path).toBe(path);
    await fetch(`${shop.origin}/api/own-brief/${path.split('/').at(-1)}`, {
      method: 'POST',
      headers: { origin: shop.origin, 'content-type': 'application/json' },
      body: JSON.stringify({ answers: { notes: 'A coat, please' }, send: true }),
    });
    expect(sure((await letters())[0]).link).toBeNull();
    const agreed = { clientId, about: 'messages' } as const;
    await shop.stylist.call('save-consent', { ...agreed, way: 'in person', givenOn: '2026-01-02' });
    await shop.stylist.call('withdraw-consent', { ...agreed, erase: false });
    await shop.stylist.call('make-brief-link', { clientId });
    expect(await letters()).toHaveLength(1);
  });
});

describe('an account', () => {
  it('that is ended is signed out at once and cannot sign in; opened again it can', async () => {
    const email = 'gone@heronroom.invalid';
    const { cookie, id } = await joined(email, 'stylist');
    expect((await fetch(`${shop.origin}/clients`, { headers: { cookie }, redirect: 'manual' })).status).toBe(
      200,
    );
    await owner.call('end-account', { userId: id, ended: true });
    expect((await fetch(`${shop.origin}/clients`, { headers: { cookie }, redirect: 'manual' })).status).toBe(
      302,
    );
    expect((await post('/sign-in', { email, password: PASSWORD })).status).toBe(401);
    const reset = await owner.call('make-reset-link', { userId: id });
    expect(reset.status).toBe(409);
    await owner.call('end-account', { userId: id, ended: false });
    expect((await post('/sign-in', { email, password: PASSWORD })).status).toBe(303);
  });
  it('that forgot its password gets a new one by a link, and every session of it ends', async () => {
    const email = 'forgot@heronroom.invalid';
    const { cookie, id } = await joined(email, 'stylist');
    const { path } = (await owner.call('make-reset-link', { userId: id })).answer;
    expect((await post(path, { password: 'copper lantern seven birch' })).status).toBe(303);
    expect((await callAs(cookie, 'stock-list', {})).status).toBe(401);
    expect((await post('/sign-in', { email, password: PASSWORD })).status).toBe(401);
    expect((await post('/sign-in', { email, password: 'copper lantern seven birch' })).status).toBe(303);
  });
  it('changes its own password with the old one only; other sessions end, this one stays', async () => {
    const email = 'change@heronroom.invalid';
    const { cookie } = await joined(email, 'packer');
    const other = await signInCookie(shop.origin, email, PASSWORD);
    const wrong = await callAs(cookie, 'change-password', {
      current: 'not it at all',
      password: 'amber gate fifty pine',
    });
    expect(wrong.status).toBe(422);
    const changed = await callAs(cookie, 'change-password', {
      current: PASSWORD,
      password: 'amber gate fifty pine',
    });
    expect([changed.status, ((await changed.json()) as { ended: number }).ended]).toEqual([200, 1]);
    expect((await callAs(other, 'stock-list', {})).status).toBe(401);
    expect((await callAs(cookie, 'stock-list', {})).status).toBe(200);
  });
  it('changes what it may do with its role, at the next request', async () => {
    const { cookie, id } = await joined('role@heronroom.invalid', 'packer');
    expect((await callAs(cookie, 'save-client', { name: 'Role' })).status).toBe(403);
    await owner.call('change-role', { userId: id, role: 'stylist' });
    expect((await callAs(cookie, 'save-client', { name: 'Role', measures: {}, profile: {} })).status).toBe(
      200,
    );
  });
  it('is seen and touched by no other shop', async () => {
    const [first] = await shop.db.select().from(shopTable).limit(1);
    const { id: _id, createdAt: _at, ...values } = sure(first);
    const [foreign] = await shop.db
      .insert(shopTable)
      .values({ ...values, name: 'Elsewhere' })
      .returning();
    await shop.db.insert(user).values({
      id: 'foreign-person',
      name: 'Foreign',
      email: 'foreign@elsewhere.invalid',
      role: 'owner',
      shopId: sure(foreign).id,
      updatedAt: new Date(),
    });
    for (const [name, more] of [
      ['end-account', { ended: true }],
      ['change-role', { role: 'packer' }],
      ['end-sessions', {}],
      ['make-reset-link', {}],
      ['set-training', { inTraining: true }],
    ] as const)
      expect((await owner.call(name, { userId: 'foreign-person', ...more } as never)).status, name).toBe(404);
    const { people } = (
      await owner.call('end-sessions', { userId: (await ownerRow()).id, sessionId: 'none' })
    ).answer;
    expect(people.some(({ email }) => email.endsWith('elsewhere.invalid'))).toBe(false);
  });
  it('whoever joins as a stylist is in training until the owner says otherwise; a packer never is', async () => {
    const { id, cookie } = await joined('learner@heronroom.invalid', 'stylist');
    const desk = async (): Promise<string> =>
      (await fetch(`${shop.origin}/`, { headers: { cookie } })).text();
    const training = async (): Promise<boolean | undefined> =>
      (await owner.call('end-sessions', { userId: id, sessionId: 'none' })).answer.people.find(
        (each) => each.id === id,
      )?.inTraining;
    expect(await training()).toBe(true);
    expect(await desk()).toContain('Practise first');
    expect((await callAs(cookie, 'set-training', { userId: id, inTraining: false })).status).toBe(403);
    expect((await owner.call('set-training', { userId: id, inTraining: false })).status).toBe(200);
    expect(await desk()).not.toContain('Practise');
    expect((await owner.call('set-training', { userId: id, inTraining: true })).status).toBe(200);
    expect((await owner.call('change-role', { userId: id, role: 'packer' })).status).toBe(200);
    expect(await training()).toBe(false);
    expect((await owner.call('set-training', { userId: id, inTraining: true })).status).toBe(422);
    const packer = await joined('new-packer@heronroom.invalid', 'packer');
    expect(
      await (await fetch(`${shop.origin}/`, { headers: { cookie: packer.cookie } })).text(),
    ).not.toContain('Practise');
  });
  it('a session of more than thirty days is no session, whatever was asked in it', async () => {
    const email = 'long@heronroom.invalid';
    const { cookie, id } = await joined(email, 'stylist');
    await shop.db
      .update(session)
      .set({ createdAt: sql`now() - interval '31 days'` })
      .where(eq(session.userId, id));
    expect((await callAs(cookie, 'stock-list', {})).status).toBe(401);
  });
});

const ownerRow = async () => {
  const [row] = await shop.db.select().from(user).where(eq(user.email, 'owner@heronroom.invalid'));
  return sure(row);
};

describe('the last owner', () => {
  it('stays one: neither ended nor made something else, nor by two at once', async () => {
    const own = await ownerRow();
    for (const [name, more] of [
      ['end-account', { ended: true }],
      ['change-role', { role: 'stylist' }],
    ] as const) {
      const said = await owner.call(name, { userId: own.id, ...more } as never);
      expect([said.status, said.problem.title]).toEqual([409, expect.stringContaining('only owner')]);
    }
    const { id, cookie } = await joined('second@heronroom.invalid', 'owner');
    const second = callerWith(shop.origin, cookie);
    const answers = await Promise.all([
      owner.call('change-role', { userId: id, role: 'stylist' }),
      second.call('change-role', { userId: own.id, role: 'stylist' }),
    ]);
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(1);
    const owners = await shop.db.select().from(user).where(eq(user.role, 'owner'));
    expect(owners.filter(({ shopId }) => shopId === own.shopId)).toHaveLength(1);
  });
});
