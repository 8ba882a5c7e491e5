import { disagreements } from '@data/check';
import { box as boxTable, boxLine, boxLink, client, outbox, receipt, shop as shopTable } from '@data/schema';
import { sendReminders } from '@server/box/reminders';
import { eq } from 'drizzle-orm';
import { extractText, getDocumentProxy } from 'unpdf';
import { beforeAll, describe, expect, it } from 'vitest';
import type { TalliedBox } from '@contracts/box/box-view';
import type { MyBoxView } from '@contracts/tally/my-box';
import { SECRET } from '../support/database';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf, whole } from '../support/server';
import { sure } from '../support/sure';

// The worker seals the links of its letters as the server does.
process.env.AUTH_SECRET = SECRET;

const shop = openShop();
let packer: Caller;
beforeAll(async () => {
  packer = await callerOf(shop.origin, 'packer');
});

/** A box of so many pieces at 50.00 each that has gone out, and the path of its client's page. */
async function sent(count: number): Promise<{ view: TalliedBox; path: string }> {
  const clientId = await makeClient(shop.stylist, { allergies: ['nickel'], nevers: ['fur'] }, 'Wren Alder');
  const sizes: string[] = [];
  for (let i = 0; i < count; i++)
    sizes.push(await makeGarment(shop.stylist, { title: `Hers ${i}`, category: 'tee' }));
  const written = await makeBox(shop.stylist, clientId, sizes);
  const out = await moved(shop.stylist, await moved(shop.stylist, written, 'packed'), 'out');
  const { path } = (await shop.stylist.call('make-box-link', { boxId: out.id })).answer;
  return { view: out, path };
}
const page = (path: string): Promise<Response> => fetch(shop.origin + path);
const say = async (path: string, body: unknown) => {
  const response = await fetch(`${shop.origin}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: shop.origin },
    body: JSON.stringify(body),
  });
  return { status: response.status, answer: (await response.json()) as MyBoxView & { title: string } };
};
const stored = async (boxId: string) =>
  shop.db.select().from(boxLine).where(eq(boxLine.boxId, boxId)).orderBy(boxLine.position);

describe('the page of a box for its client', () => {
  it('opens without an account, shows her letter and nothing else that is known of her', async () => {
    const { path, view } = await sent(2);
    // What was packed for a journey, as the letter says it; a line that was struck is not said.
    const journey = {
      packing: ['Your dark jeans', ''],
      days: [
        { line: 'Day 1, the quay: your dark jeans.', pieces: [] },
        { line: '', pieces: [] },
      ],
    };
    await shop.db
      .update(boxTable)
      .set({ letter: { ...sure(view.letter), journey } })
      .where(eq(boxTable.id, view.id));
    const response = await page(path);
    const html = await response.text();
    expect(html).toContain('Day 1, the quay: your dark jeans.');
    expect(html.match(/<p>Day/g)).toHaveLength(1);
    expect([response.status, response.headers.get('cache-control')]).toEqual([200, 'no-store']);
    expect(html).toContain('Hers 0');
    for (const secret of ['nickel', 'fur', 'heightMm', view.client.id, 'sku', 'MADE-'])
      expect(html.includes(secret), secret).toBe(false);
    expect((await page('/my-box/' + 'x'.repeat(43))).status).toBe(404);
    const [link] = await shop.db.select().from(boxLink).where(eq(boxLink.boxId, view.id));
    expect(sure(link).openedAt).not.toBeNull();
  });

  it('keeps each answer as it is given, and the stylist sees whose word it is', async () => {
    const { path, view } = await sent(3);
    const [first, second] = view.lines;
    const kept = await say(path, { lineId: sure(first).id, was: 'undecided', decision: 'keep' });
    expect(kept.answer.money.steps[0]).toEqual({ label: 'Kept', minor: 5000 });
    await say(path, {
      lineId: sure(second).id,
      was: 'undecided',
      decision: 'return',
      reason: 'too small',
      fitPoint: 'bust',
      words: 'it pulls across the back',
    });
    expect(
      (await stored(view.id)).map((line) => [line.decision, line.decidedBy, line.fitPoint, line.note]),
    ).toEqual([
      ['keep', 'client', null, ''],
      ['return', 'client', 'bust', 'it pulls across the back'],
      ['undecided', null, null, ''],
    ]);
    const done = await say(path, { keepAll: true });
    expect(done.answer.pieces.map(({ decision }) => decision)).toEqual(['keep', 'return', 'keep']);
    expect((await say(path, { done: true })).answer.answered).toBe(true);
    expect((await shop.stylist.call('box-link', { boxId: view.id })).answer.link?.answeredOn).toBeDefined();
    // Whoever changes their mind has not answered yet.
    const again = await say(path, { lineId: sure(first).id, was: 'keep', decision: 'undecided' });
    expect([again.answer.answered, (await stored(view.id))[0]?.decidedBy]).toEqual([false, null]);
  });

  it('says what the shop noted meanwhile, and overwrites nothing', async () => {
    const { path, view } = await sent(1);
    const lineId = sure(view.lines[0]).id;
    const at = { boxId: view.id, lineId };
    await shop.stylist.call('decide-line', { ...at, decision: 'return', note: 'for us alone' });
    const late = await say(path, { lineId, was: 'undecided', decision: 'keep' });
    expect([late.status, late.answer.title]).toEqual([
      409,
      'The shop noted something else of this piece meanwhile; it is shown now.',
    ]);
    expect((await stored(view.id))[0]).toMatchObject({ decision: 'return', decidedBy: 'shop' });
    expect(await (await page(path)).text()).not.toContain('for us alone');
    await shop.stylist.call('check-in-line', at);
    const back = await say(path, { lineId, was: 'return', decision: 'keep' });
    expect([back.status, back.answer.title]).toEqual([
      409,
      'This piece has been checked in already; it came back.',
    ]);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('of eight answers at once to one piece, one is stored and the others are told', async () => {
    const { path, view } = await sent(1);
    const lineId = sure(view.lines[0]).id;
    const all = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        say(path, { lineId, was: 'undecided', decision: i % 2 ? 'keep' : 'return' }),
      ),
    );
    expect(all.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409, 409, 409]);
  });

  it('takes nothing before the box is out, after it is closed, for another box, or that is no answer', async () => {
    const { path, view } = await sent(1);
    const other = await sent(1);
    const lineId = sure(view.lines[0]).id;
    expect((await say(other.path, { lineId, was: 'undecided', decision: 'keep' })).status).toBe(404);
    for (const odd of [
      {},
      [],
      null,
      { lineId, decision: 'mine' },
      { lineId: 'x', was: 'keep', decision: 'keep' },
    ])
      expect((await say(path, odd)).status).toBe(422);
    const long = { lineId, was: 'undecided', decision: 'return', words: 'x'.repeat(401) };
    expect((await say(path, long)).status).toBe(422);
    await say(path, { keepAll: true });
    const { answer } = await shop.stylist.call('box-link', { boxId: view.id });
    expect(answer.link?.state).toBe('open');
    const [now] = (await shop.stylist.call('keep-all', { boxId: view.id })).answer.lines;
    expect(sure(now).decidedBy).toBe('client');
    const version = (await shop.stylist.call('keep-all', { boxId: view.id })).answer.version;
    expect((await shop.stylist.call('close-box', { boxId: view.id, version, way: 'cash' })).status).toBe(200);
    const late = await say(path, { lineId, was: 'keep', decision: 'return' });
    expect([late.status, late.answer.title]).toEqual([
      409,
      'This box is settled. Write to the shop if something has changed.',
    ]);
    expect(await (await page(path)).text()).toContain('This box is settled');
  });

  it('stops with a new link or when it is revoked, and is no matter of the packer’s', async () => {
    const { path, view } = await sent(1);
    const at = { boxId: view.id };
    const { path: newer } = (await shop.stylist.call('make-box-link', at)).answer;
    expect([(await page(path)).status, (await page(newer)).status]).toEqual([404, 200]);
    await shop.stylist.call('revoke-box-link', at);
    expect((await page(newer)).status).toBe(404);
    for (const name of ['box-link', 'make-box-link', 'revoke-box-link', 'keep-all'] as const)
      expect((await packer.call(name, at)).status).toBe(403);
  });

  it('lies in the outbox for a client who may be written to, and its link goes when it is stopped', async () => {
    const { view } = await sent(1);
    const { client } = view;
    const sheet = (await shop.stylist.call('client-page', { clientId: client.id })).answer;
    await shop.stylist.call('save-client', {
      id: client.id,
      version: sheet.version,
      name: 'Wren Alder',
      email: 'wren@example.invalid',
      measures: {},
      profile: {},
    });
    await shop.stylist.call('save-consent', { clientId: client.id, about: 'messages', way: 'said' } as never);
    const made = (await shop.stylist.call('make-box-link', { boxId: view.id })).answer;
    const letters = await shop.db.select().from(outbox).where(eq(outbox.kind, 'box page'));
    expect([
      made.posted,
      letters.filter(({ toAddress }) => toAddress === 'wren@example.invalid').length,
    ]).toEqual([true, 1]);
    await shop.stylist.call('revoke-box-link', { boxId: view.id });
    const after = await shop.db.select().from(outbox).where(eq(outbox.kind, 'box page'));
    expect(after.every(({ link }) => link === null)).toBe(true);
  });
});

describe('receipts', () => {
  it('are numbered without a gap, also of boxes that are closed at once, and say what was charged', async () => {
    const boxes = await Promise.all([sent(2), sent(1), sent(1)]);
    const ready: TalliedBox[] = [];
    for (const { view } of boxes)
      ready.push((await shop.stylist.call('keep-all', { boxId: view.id })).answer);
    const closed = await Promise.all(
      ready.map(({ id, version }) => shop.stylist.call('close-box', { boxId: id, version, way: 'cash' })),
    );
    expect(closed.map(({ status }) => status)).toEqual([200, 200, 200]);
    const rows = await shop.db.select().from(receipt);
    expect(rows.map(({ no }) => no).sort((a, b) => a - b)).toEqual(rows.map((_row, i) => i + 1));
    expect(await disagreements(shop.db)).toEqual([]);
    const view = whole(sure(closed[0]).answer);
    const get = (id: string) =>
      fetch(`${shop.origin}/box/${id}/receipt.pdf`, { headers: { cookie: shop.stylist.cookie } });
    const response = await get(view.id);
    expect(response.headers.get('content-type')).toBe('application/pdf');
    const pdf = await getDocumentProxy(new Uint8Array(await response.arrayBuffer()));
    const { text } = await extractText(pdf, { mergePages: true });
    const own = sure(rows.find(({ boxId }) => boxId === view.id));
    expect(text).toContain(`Receipt ${own.no}`);
    expect(text.replace(/\s+/g, ' ')).toContain('Hers 0');
    expect(own.amountMinor).toBe(view.total?.dueMinor);
    expect((await get((await sent(1)).view.id)).status).toBe(404);
  });

  it('are never changed or taken away, not even by the app', async () => {
    await expect(shop.db.update(receipt).set({ amountMinor: 1 })).rejects.toThrow();
    await expect(shop.db.delete(receipt)).rejects.toThrow();
  });
});

describe('reminders by the shop’s rule', () => {
  const at = (day: string) => new Date(`${day}T12:00:00Z`);
  const letters = (boxId: string) =>
    shop.db
      .select({ body: outbox.body, kind: outbox.kind })
      .from(outbox)
      .innerJoin(boxLink, eq(boxLink.id, outbox.boxLinkId))
      .where(eq(boxLink.boxId, boxId));
  const dayBefore = (day: string, by: number): string =>
    new Date(Date.parse(`${day}T00:00:00Z`) - by * 86_400_000).toISOString().slice(0, 10);

  it('are written once before the day and once after it, however many workers there are; her first link works on', async () => {
    const { view, path } = await sent(2);
    await shop.db.update(client).set({ email: 'wren@example.invalid' }).where(eq(client.id, view.client.id));
    const decideBy = sure(view.decideBy);
    // No shop writes by itself until its owner says so.
    expect(await sendReminders(shop.db, at(decideBy))).toBe(0);
    await shop.db.update(shopTable).set({ remindDays: 2 });
    await sendReminders(shop.db, at(dayBefore(decideBy, 3)));
    expect(await letters(view.id)).toEqual([]);
    await Promise.all(Array.from({ length: 4 }, () => sendReminders(shop.db, at(dayBefore(decideBy, 1)))));
    expect(
      (await letters(view.id)).map(({ kind, body }) => [kind, body.includes('two pieces are still open')]),
    ).toEqual([['reminder', true]]);
    const [line] = view.lines;
    expect((await say(path, { lineId: sure(line).id, was: 'undecided', decision: 'keep' })).status).toBe(200);
    await Promise.all(Array.from({ length: 4 }, () => sendReminders(shop.db, at(dayBefore(decideBy, -1)))));
    await sendReminders(shop.db, at(dayBefore(decideBy, -2)));
    const all = await letters(view.id);
    expect(all.filter(({ body }) => body.includes('one piece is still open'))).toHaveLength(1);
    expect(all).toHaveLength(2);
  });

  it('go to nobody who has decided, has no address, or asked not to be written to', async () => {
    await shop.db.update(shopTable).set({ remindDays: 2 });
    const [decided, silent, quiet] = [await sent(1), await sent(1), await sent(1)];
    for (const { view } of [decided, quiet])
      await shop.db
        .update(client)
        .set({ email: 'wren@example.invalid' })
        .where(eq(client.id, view.client.id));
    await shop.db.update(boxLine).set({ decision: 'keep' }).where(eq(boxLine.boxId, decided.view.id));
    const about = { clientId: quiet.view.client.id, about: 'messages' as const };
    await shop.stylist.call('save-consent', { ...about, way: 'by telephone', givenOn: quiet.view.today });
    await shop.stylist.call('withdraw-consent', { ...about, erase: false });
    await sendReminders(shop.db, at(sure(quiet.view.decideBy)));
    for (const { view } of [decided, silent, quiet]) expect(await letters(view.id)).toEqual([]);
  });
});
