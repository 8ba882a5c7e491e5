import { disagreements } from '@data/check';
import type { TalliedBox, LineView } from '@contracts/box/box-view';
import type { CallName, Input } from '@contracts/calls';
import { sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { makeBox, makeClient, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { whole } from '../support/server';
import { stream } from '../support/stream';
import { sure } from '../support/sure';

const shop = openShop();
const LIVES = process.env.LONG ? 2000 : 80;
/** Boxes that live at the same time. */
const AT_ONCE = 4;

/** A garment in two sizes, with enough of each for every life. */
async function garment(batch: number, i: number): Promise<readonly string[]> {
  const { answer, problem } = await shop.stylist.call('save-garment', {
    title: `Life ${batch} ${i}`,
    category: 'tee',
    colours: [{ hex: '#1f2a44', share: 1 }],
    priceMinor: [4999, 12_345, 101][i] ?? 1,
    sizes: ['M', 'L'].map((size) => ({ size, sku: `LIFE-${batch}-${i}-${size}`, qty: 400 })),
  });
  if (!answer.id) throw new Error(problem.title);
  await shop.db.execute(
    sql`update garment set tax_bp = ${[2500, 1200, null][i] ?? null} where id = ${answer.id}`,
  );
  const sheet = await shop.stylist.call('garment-sheet', { id: answer.id });
  return sheet.answer.sizes.map(({ id }) => id);
}

/** One box from brief to the last piece that comes back, every choice drawn; a call that is refused ends the test. */
async function live(sizes: readonly (readonly string[])[], random: () => number): Promise<void> {
  const may = (chance: number): boolean => random() < chance;
  const must = async <N extends CallName>(name: N, input: Input<N>): Promise<TalliedBox> => {
    const { status, answer, problem } = await shop.stylist.call(name, input);
    if (status !== 200) throw new Error(`${name}: ${problem.title} ${JSON.stringify(problem.faults)}`);
    return whole(answer as TalliedBox);
  };
  const chosen = sizes.filter(() => may(0.7)).map((own) => sure(own[0]));
  let view: TalliedBox = await makeBox(
    shop.stylist,
    await makeClient(shop.stylist),
    chosen.length > 0 ? chosen : [sure(sizes[0]?.[0])],
  );
  view = await moved(shop.stylist, view, 'packed');
  view = await moved(shop.stylist, view, 'out');
  const boxId = view.id;
  const decide = async ({ id: lineId, piece }: LineView): Promise<void> => {
    // Some never arrive, and some of those turn up after all: with her, or back at the door.
    if (may(0.15)) {
      view = await must('lose-lines', {
        boxId,
        version: view.version,
        lineIds: [lineId],
        loss: may(0.7) ? 'on its way to her' : 'no answer',
      });
      if (may(0.2)) view = await must('check-in-line', { boxId, lineId });
      else if (may(0.3)) view = await must('find-line', { boxId, lineId });
      if (sure(view.lines.find(({ id }) => id === lineId)).decision === 'lost') return;
    }
    // Some change their minds; some ask for another size, some of those think better of it.
    if (may(0.3)) await must('decide-line', { boxId, lineId, decision: may(0.5) ? 'keep' : 'return' });
    const large = sizes.find((own) => own[0] === view.lines.find(({ id }) => id === lineId)?.variantId)?.[1];
    if (large && may(0.3)) {
      view = await must('exchange-line', { boxId, lineId, variantId: large, reason: 'too small' });
      if (may(0.6)) return;
    }
    view = await must('decide-line', {
      boxId,
      lineId,
      decision: may(0.6) ? 'keep' : 'return',
      note: piece.title,
    });
  };
  for (const line of view.lines) await decide(line);
  if (view.lines.some(({ sent }) => !sent)) {
    view = await must('send-parcel', { boxId, version: view.version, tracking: '' });
    for (const line of view.lines.filter(({ exchangeOf }) => exchangeOf !== null))
      view = await must('decide-line', { boxId, lineId: line.id, decision: may(0.7) ? 'keep' : 'return' });
  }
  for (const { id: lineId, decision } of view.lines)
    if (decision === 'return' || decision === 'exchange')
      view = await must('check-in-line', { boxId, lineId, backTo: may(0.1) ? 'lost' : 'shelf' });
  view = await must('close-box', { boxId, version: view.version, way: 'cash' });
  for (const { id: lineId, decision, netMinor = 0 } of view.lines)
    if (decision === 'keep' && may(0.25))
      view = await must('take-back-line', {
        boxId,
        lineId,
        withheldMinor: may(0.5) ? 0 : Math.floor(random() * (netMinor + 1)),
        backTo: may(0.7) ? 'shelf' : 'cleaning',
      });
}

const BATCHES = 4;

describe(`boxes that live as boxes do, ${LIVES} of them`, () => {
  it.each(Array.from({ length: BATCHES }, (_, i) => i + 1))(
    'leave stock and money agreeing line by line: batch %i',
    async (batch) => {
      const sizes = [await garment(batch, 0), await garment(batch, 1), await garment(batch, 2)];
      const draws = Array.from({ length: AT_ONCE }, (_, i) => stream(100 * batch + i));
      for (let done = 0; done < LIVES / BATCHES; done += AT_ONCE) {
        // A client each: a closet that grows from life to life would slow them all.
        await Promise.all(draws.map((draw) => live(sizes, draw)));
      }
      expect(await disagreements(shop.db)).toEqual([]);
    },
  );

  it('met all that a piece may come to', async () => {
    const met = await shop.db.execute<{ what: string }>(sql`
      select distinct l.decision || case when l.came_back_at is not null then ' and back' when l.lost_at is not null then ', lost' else '' end as what
      from box_line l join variant v on v.id = l.variant_id where v.sku like 'LIFE-%' and l.removed_at is null`);
    expect(met.rows.map(({ what }) => what).sort()).toEqual([
      'exchange',
      'exchange, lost',
      'keep',
      'keep and back',
      'lost, lost',
      'return',
      'return, lost',
    ]);
  });
});
