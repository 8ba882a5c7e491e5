import { showsTheSame } from '@core/practice';
import { loadPast } from '@data/demo/past';
import {
  box,
  boxLine,
  client,
  garment,
  practiceSkill,
  practiceTask,
  stockBalance,
  variant,
} from '@data/schema';
import { putAwayTasks } from '@data/practice/tasks';
import { eq, sql } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
let packer: Caller;
beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
  packer = await callerOf(shop.origin, 'packer');
});

/** The exercise in hand of somebody, with its key as the database holds it. */
async function inHand(who: Caller) {
  const { task } = (await who.call('practice-next', {})).answer;
  const { id, exercise } = sure(task);
  const [row] = await shop.db.select().from(practiceTask).where(eq(practiceTask.id, id));
  return { id, exercise, key: sure(sure(row).key) };
}
/** Answers it, right or wrong. */
async function answered(who: Caller, right: boolean) {
  const { id, exercise, key } = await inHand(who);
  const wrong = exercise.options.findIndex((_, place) => !key.right.includes(place));
  const looks = right ? key.looks : [[], [], []];
  return who.call('practice-answer', {
    taskId: id,
    chosen:
      exercise.choosing === 'looks'
        ? []
        : right
          ? key.right.slice(0, exercise.choosing === 'any of' ? 1 : 9)
          : [wrong],
    why: key.why,
    looks: exercise.choosing === 'looks' ? looks?.map((look) => [...look]) : undefined,
    seconds: 12,
  });
}

describe('practice', () => {
  it('keeps the exercise in hand over a reload, and tells its answer to nobody before it is given', async () => {
    const first = await inHand(shop.stylist);
    const again = await inHand(shop.stylist);
    expect(again.id).toBe(first.id);
    const told = JSON.stringify((await shop.stylist.call('practice-next', {})).answer);
    expect(told).not.toContain('"right"');
    expect(told).not.toContain('"margin"');
  });

  it('is answered once, whoever answers at the same moment, and by nobody else', async () => {
    const { id, exercise, key } = await inHand(shop.stylist);
    const answer = { taskId: id, chosen: [...key.right].slice(0, 1), why: key.why, seconds: 5 };
    expect(exercise.choosing).not.toBe('looks');
    expect((await owner.call('practice-answer', answer)).status).toBe(404);
    const bad = await shop.stylist.call('practice-answer', { ...answer, chosen: [59] });
    expect(bad.status).toBe(422);
    expect(JSON.stringify(bad.answer)).toContain('there is no such option');
    const all = await Promise.all(
      Array.from({ length: 6 }, () => shop.stylist.call('practice-answer', answer)),
    );
    expect(all.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    const won = sure(all.find(({ status }) => status === 200)).answer;
    expect(won).toMatchObject({ right: true, day: { done: 1, of: 10 } });
    expect(won.key.right).toEqual(key.right);
  });

  it('comes back soon after a wrong answer, later after a right one, and with other pieces', async () => {
    const before = await inHand(shop.stylist);
    expect((await answered(shop.stylist, false)).answer).toMatchObject({ right: false });
    const rightly = await inHand(shop.stylist);
    expect((await answered(shop.stylist, true)).answer).toMatchObject({ right: true });
    const skills = await shop.db.select().from(practiceSkill);
    const due = (kind: string, matter: string) =>
      sure(skills.find((each) => each.kind === kind && each.matter === matter)).due;
    const [wrong, right] = [before.exercise, rightly.exercise];
    expect(due(wrong.kind, wrong.matter) < due(right.kind, right.matter)).toBe(true);
    // Its time is turned forward: it is asked again, made of something else.
    await shop.db.execute(
      sql`update practice_skill set due = now() - interval '1 day' where kind = ${wrong.kind} and matter = ${wrong.matter}`,
    );
    const back = await inHand(shop.stylist);
    expect(back.exercise).toMatchObject({ kind: wrong.kind, matter: wrong.matter });
    expect(showsTheSame(back.exercise, wrong)).toBe(false);
    expect((await shop.stylist.call('practice-progress', {})).answer).toMatchObject({
      day: { done: 3, of: 10 },
      due: 1,
    });
  });

  it('is argued with: the owner reads it once, and sees how everybody gets on; a stylist sees herself', async () => {
    const { id } = await inHand(shop.stylist);
    expect((await shop.stylist.call('practice-object', { taskId: id, reason: 'too early' })).status).toBe(
      404,
    );
    await answered(shop.stylist, false);
    const empty = await shop.stylist.call('practice-object', { taskId: id, reason: '  ' });
    expect(JSON.stringify(empty.answer)).toContain('say what you would do instead');
    const reason = 'On cobbles I would send the boot.';
    expect((await shop.stylist.call('practice-object', { taskId: id, reason })).status).toBe(200);
    const seen = (await owner.call('practice-progress', {})).answer;
    expect(seen.objections).toMatchObject([{ id, objection: reason }]);
    expect(seen.people).toHaveLength(1);
    const own = (await shop.stylist.call('practice-progress', {})).answer;
    expect(own).not.toHaveProperty('people');
    expect(own).not.toHaveProperty('objections');
    expect((await shop.stylist.call('read-objection', { taskId: id })).status).toBe(403);
    expect((await owner.call('read-objection', { taskId: id })).answer.objections).toEqual([]);
    expect((await owner.call('read-objection', { taskId: id })).status).toBe(404);
  });

  it('is nothing for a packer, whose work has no clients’ budgets in it', async () => {
    expect((await packer.call('practice-next', {})).status).toBe(403);
    expect((await packer.call('practice-progress', {})).status).toBe(403);
  });

  it('is put away: unanswered ones go, of answered ones how they went stays, argued ones stay until they are read', async () => {
    await answered(owner, false);
    const { id } = await inHand(owner);
    await answered(owner, false);
    await owner.call('practice-object', { taskId: id, reason: 'not so' });
    await inHand(owner);
    await putAwayTasks(shop.db, new Date(Date.now() + 1000));
    const rows = await shop.db.select().from(practiceTask);
    expect(rows.every(({ answeredAt }) => answeredAt !== null)).toBe(true);
    expect(rows.filter(({ exercise }) => exercise !== null).map((row) => row.id)).toEqual([id]);
    expect(rows.every(({ right }) => right !== null)).toBe(true);
  });

  it('opens an old box without a name in it, and tells afterwards what was kept of what one would have sent', async () => {
    await loadPast(shop.db, new Date());
    const { box: old } = (await shop.stylist.call('old-box', {})).answer;
    const { boxId, asks, pieces } = sure(old);
    expect(asks.length).toBeGreaterThan(0);
    expect(pieces.length).toBeGreaterThan(5);
    const told = JSON.stringify(old);
    for (const { name } of await shop.db.select({ name: client.name }).from(client))
      for (const part of name.split(' ')) expect(told).not.toContain(part);
    expect(told).not.toContain('decision');
    const lines = await shop.db
      .select({ garmentId: variant.garmentId, line: boxLine })
      .from(boxLine)
      .innerJoin(variant, eq(variant.id, boxLine.variantId))
      .where(eq(boxLine.boxId, boxId));
    const kept = new Map(lines.map(({ garmentId, line }) => [garmentId, line]));
    const all = await shop.stylist.call('old-box-outcome', {
      boxId,
      chosen: pieces.map(({ garmentId }) => garmentId),
    });
    const outcome = all.answer;
    // Everything chosen: what is known is the box as it went, and of the others nobody knows.
    expect(outcome.yours).toMatchObject({ known: outcome.box.sent, keptMinor: outcome.box.keptMinor });
    expect(outcome.unknown).toBe(pieces.length - outcome.box.sent);
    expect(outcome.box.keptMinor).toBe(
      [...kept.values()]
        .filter(({ decision }) => decision === 'keep')
        .reduce((sum, { priceMinor }) => sum + (priceMinor ?? 0), 0),
    );
    for (const each of outcome.pieces) expect(each.kept).toBe(kept.get(each.garmentId)?.decision === 'keep');
    const open = await shop.stylist.call('start-box', {
      clientId: sure((await shop.db.select({ id: client.id }).from(client).limit(1))[0]).id,
    });
    expect(
      (await shop.stylist.call('old-box-outcome', { boxId: open.answer.id, chosen: [boxId] })).status,
    ).toBe(404);
    const seen = (await shop.db.select({ id: box.id }).from(box)).map(({ id }) => id);
    expect((await shop.stylist.call('old-box', { seen: seen.slice(0, 200) })).answer).toEqual({});
    expect((await packer.call('old-box', {})).status).toBe(403);
  });

  it('says so where there is nothing on the shelf to practise with', async () => {
    await shop.db.update(stockBalance).set({ qty: 0 }).where(eq(stockBalance.place, 'shelf'));
    expect((await owner.call('practice-next', {})).answer).toEqual({
      day: { done: 2, of: 10 },
      currency: 'EUR',
    });
    expect(await shop.db.$count(garment)).toBeGreaterThan(0);
  });
});
