import { audit, box, boxHandover, rhythm, user } from '@data/schema';
import { openRhythmBoxes } from '@server/client/rhythms';
import { and, eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { shopDay } from '../support/days';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
let packer: Caller;
let ids: Readonly<Record<'owner' | 'stylist' | 'packer', string>>;
beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
  packer = await callerOf(shop.origin, 'packer');
  ids = Object.fromEntries(
    (await shop.db.select().from(user)).map(({ role, id }) => [role, id]),
  ) as typeof ids;
});

const startOf = async (name: string): Promise<{ boxId: string; clientId: string }> => {
  const clientId = await makeClient(shop.stylist, {}, name);
  return { clientId, boxId: (await shop.stylist.call('start-box', { clientId })).answer.id };
};
const boxRow = async (id: string) => sure((await shop.db.select().from(box).where(eq(box.id, id)))[0]);

describe('a box', () => {
  it('is whose it was begun by, and goes to somebody else with a note that the next one reads', async () => {
    const { boxId } = await startOf('Handed');
    expect((await boxRow(boxId)).stylistId).toBe(ids.stylist);
    const note = 'She rings on Thursdays.';
    const given = await shop.stylist.call('hand-over', { boxId, version: 1, to: ids.owner, note });
    expect([given.status, given.answer.stylist.id, given.answer.handover?.note]).toEqual([
      200,
      ids.owner,
      note,
    ]);
    expect((await shop.stylist.call('hand-over', { boxId, version: 1, to: ids.stylist })).status).toBe(409);
    expect((await shop.stylist.call('hand-over', { boxId, version: 2, to: ids.owner })).status).toBe(409);
  });

  it('goes to nobody who packs, has left, or is of another shop', async () => {
    const { boxId } = await startOf('Kept');
    for (const to of [ids.packer, 'nobody'])
      expect((await shop.stylist.call('hand-over', { boxId, version: 1, to })).problem.faults[0]?.path).toBe(
        'to',
      );
    expect((await packer.call('hand-over', { boxId, version: 1, to: ids.owner })).status).toBe(403);
  });

  it('is shown on the Desk by whose it is, and not to whoever packs', async () => {
    const page = async (caller: Caller): Promise<string> =>
      (await fetch(`${shop.origin}/`, { headers: { cookie: caller.cookie } })).text();
    const [name] = await shop.db.select({ name: user.name }).from(user).where(eq(user.id, ids.stylist));
    expect(await page(owner)).toContain(sure(name).name);
    expect(await page(packer)).not.toContain(sure(name).name);
  });
});

describe('an account that is ended, or packs from now on', () => {
  it('gives its open boxes and rhythms to somebody first; closed ones stay', async () => {
    const [made] = await shop.db
      .insert(user)
      .values({
        id: 'leaver',
        name: 'Wren Leaving',
        email: 'wren@heronroom.invalid',
        role: 'stylist',
        shopId: sure((await shop.db.select().from(user))[0]).shopId,
      })
      .returning();
    const { boxId, clientId } = await startOf('Left behind');
    const shut = await startOf('Shut');
    await shop.stylist.call('hand-over', { boxId, version: 1, to: sure(made).id });
    await shop.db
      .update(box)
      .set({ stylistId: sure(made).id, state: 'cancelled' })
      .where(eq(box.id, shut.boxId));
    const often = {
      clientId,
      pace: 'weeks',
      every: 4,
      nextDay: '2099-01-05',
      stylistId: sure(made).id,
    } as const;
    expect((await shop.stylist.call('save-rhythm', often)).status).toBe(200);

    const alone = await owner.call('end-account', { userId: sure(made).id, ended: true });
    expect([alone.status, alone.problem.faults]).toEqual([
      422,
      [
        {
          path: 'boxesTo',
          message: 'Wren Leaving has 1 open box and 1 client with a rhythm: say who takes them',
        },
      ],
    ]);
    for (const boxesTo of [sure(made).id, ids.packer])
      expect(
        (await owner.call('change-role', { userId: sure(made).id, role: 'packer', boxesTo })).status,
      ).toBe(422);
    const given = await owner.call('end-account', {
      userId: sure(made).id,
      ended: true,
      boxesTo: ids.stylist,
    });
    expect(given.status).toBe(200);
    expect((await boxRow(boxId)).stylistId).toBe(ids.stylist);
    expect((await boxRow(shut.boxId)).stylistId).toBe(sure(made).id);
    const [kept] = await shop.db.select().from(rhythm).where(eq(rhythm.clientId, clientId));
    expect(sure(kept).stylistId).toBe(ids.stylist);
    const notes = await shop.db.select().from(boxHandover).where(eq(boxHandover.boxId, boxId));
    expect(notes.map(({ note }) => note)).toContain('Wren Leaving has left.');
  });
});

describe('a rhythm', () => {
  const DAY_MS = 86_400_000;
  const dayFrom = (days: number): string => shopDay(Date.now() + days * DAY_MS);
  const boxesOf = (clientId: string) => shop.db.select().from(box).where(eq(box.clientId, clientId));
  const regular = async (name: string, nextDay: string) => {
    const clientId = await makeClient(shop.stylist, {}, name);
    const said = await shop.stylist.call('save-rhythm', {
      clientId,
      pace: 'weeks',
      every: 6,
      nextDay,
      stylistId: ids.stylist,
    });
    expect(said.status).toBe(200);
    return { clientId, rhythm: sure(said.answer.rhythm) };
  };
  const rowsOf = (clientId: string) => shop.db.select().from(rhythm).where(eq(rhythm.clientId, clientId));
  const rowOf = async (clientId: string) => sure((await rowsOf(clientId))[0]);

  it('opens the brief in time, once, whoever and however many look for it', async () => {
    const { clientId, rhythm: view } = await regular('Regular', dayFrom(30));
    await openRhythmBoxes(shop.db, new Date(Date.parse(view.opensOn) - DAY_MS));
    expect(await boxesOf(clientId)).toHaveLength(0);
    const at = new Date(Date.parse(view.opensOn) + DAY_MS / 2);
    await Promise.all(Array.from({ length: 6 }, () => openRhythmBoxes(shop.db, at)));
    const [made, ...more] = await boxesOf(clientId);
    expect([sure(made).wantedBy, sure(made).stylistId, sure(made).state, more.length]).toEqual([
      view.nextDay,
      ids.stylist,
      'brief',
      0,
    ]);
    expect((await rowOf(clientId)).nextDay).toBe(dayFrom(30 + 42));
    const [said] = await shop.db
      .select()
      .from(audit)
      .where(and(eq(audit.entityId, sure(made).id), eq(audit.action, 'start by rhythm')));
    expect(sure(said).actorId).toBeNull();
    const page = await fetch(`${shop.origin}/box/${sure(made).id}/brief`, {
      headers: { cookie: shop.stylist.cookie },
    });
    expect(await page.text()).toContain('Regular box');
  });

  it('opens none beside a box that is still being made, none while it is paused, none for a day that went by', async () => {
    const busy = await regular('Busy', dayFrom(10));
    await shop.stylist.call('start-box', { clientId: busy.clientId });
    const still = await regular('Paused', dayFrom(10));
    await shop.stylist.call('save-rhythm', {
      clientId: still.clientId,
      version: 1,
      pace: 'weeks',
      every: 6,
      nextDay: dayFrom(10),
      stylistId: ids.stylist,
      paused: true,
    });
    const asleep = await regular('Asleep', dayFrom(1));
    await openRhythmBoxes(shop.db, new Date(Date.now() + 9 * DAY_MS));
    expect((await boxesOf(busy.clientId)).map(({ wantedBy }) => wantedBy)).toEqual([null]);
    expect(await boxesOf(still.clientId)).toEqual([]);
    expect(await boxesOf(asleep.clientId)).toEqual([]);
    expect((await rowOf(asleep.clientId)).nextDay).toBe(dayFrom(43));
  });

  it('leaves one out, counts on as before, and ends', async () => {
    const { clientId } = await regular('Skipping', dayFrom(40));
    const skipped = await shop.stylist.call('skip-next', { clientId, version: 1 });
    expect(sure(skipped.answer.rhythm).nextDay).toBe(dayFrom(82));
    expect((await shop.stylist.call('end-rhythm', { clientId, version: 1 })).status).toBe(409);
    expect((await shop.stylist.call('end-rhythm', { clientId, version: 2 })).status).toBe(200);
    expect(await rowsOf(clientId)).toEqual([]);
  });

  it('is refused for a day that is past, somebody who packs, and a second one beside it', async () => {
    const { clientId } = await regular('Twice', dayFrom(40));
    const more = { clientId, pace: 'weeks', every: 1, nextDay: dayFrom(3), stylistId: ids.stylist } as const;
    expect((await shop.stylist.call('save-rhythm', more)).status).toBe(409);
    const past = await shop.stylist.call('save-rhythm', { ...more, version: 1, nextDay: dayFrom(-3) });
    expect(past.problem.faults[0]?.path).toBe('nextDay');
    const packs = await shop.stylist.call('save-rhythm', { ...more, version: 1, stylistId: ids.packer });
    expect(packs.problem.faults[0]?.path).toBe('stylistId');
  });
});

it('a box of a rhythm goes its way like any other, by the day it is wanted', async () => {
  const clientId = await makeClient(shop.stylist, {}, 'Whole way');
  const made = await makeBox(shop.stylist, clientId, [
    await makeGarment(shop.stylist, { title: 'Tee', category: 'tee' }),
  ]);
  await shop.db.update(box).set({ wantedBy: '2099-06-10' }).where(eq(box.id, made.id));
  const packed = await moved(shop.stylist, made, 'packed');
  expect([packed.wantedBy, packed.due?.occasion]).toEqual(['2099-06-10', undefined]);
  expect(sure(packed.due).shipBy < '2099-06-10' && sure(packed.due).decideBy > '2099-06-10').toBe(true);
});

describe('two stylists on one box', () => {
  it('hear of what the other did, once; who is not of the shop, or packs, hears nothing', async () => {
    const made = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Shared', category: 'tee' }),
    ]);
    const boxId = made.id;
    const first = (await owner.call('box-news', { boxId })).answer;
    expect(first.box?.looks).toEqual([]);
    expect((await owner.call('box-news', { boxId, mark: first.mark })).answer).toEqual({
      mark: first.mark,
      box: null,
    });
    const ref = `line:${sure(made.lines[0]).id}`;
    const look = { boxId, occasionId: null, title: 'Seen', pieces: [{ ref }], note: 'Not with the belt.' };
    expect((await shop.stylist.call('save-look', look)).status).toBe(200);
    const second = (await owner.call('box-news', { boxId, mark: first.mark })).answer;
    expect(second.box?.looks.map(({ title, note }) => [title, note])).toEqual([
      ['Seen', 'Not with the belt.'],
    ]);
    expect((await owner.call('box-news', { boxId, mark: second.mark })).answer.box).toBe(null);
    await shop.stylist.call('remove-look', { boxId, id: sure(second.box?.looks[0]).id });
    expect((await owner.call('box-news', { boxId, mark: second.mark })).answer.box?.looks).toEqual([]);
    expect((await packer.call('box-news', { boxId })).status).toBe(403);
    expect((await owner.call('box-news', { boxId: crypto.randomUUID() })).status).toBe(404);
    expect((await owner.call('box-news', { boxId, mark: 'x'.repeat(65) })).status).toBe(422);
  });
});
