import { disagreements } from '@data/check';
import { isTwin } from '@core/closet';
import { guardPiece, isRefused } from '@core/guard';
import { boxLine, garment, shop as shopTable, variant } from '@data/schema';
import { and, eq, isNull, ne } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { callerOf } from '../support/server';
import { newBoxes, onShelf, shelfOf } from '../support/shelf';
import { sure } from '../support/sure';

const shop = openShop();
const call = (name: Parameters<typeof shop.stylist.call>[0], input: object) =>
  shop.stylist.call(name, input as never);
const linesOf = (boxId: string) =>
  shop.db
    .select()
    .from(boxLine)
    .where(and(eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)));

describe('what a box may be planned from', () => {
  it('is on the shelf, fits, is ruled out by nothing, and is not in the box', async () => {
    const [boxId = ''] = await newBoxes(shop.db, shop.stylist, 1);
    const { candidates } = (await shop.stylist.call('plan-candidates', { boxId })).answer;
    expect(candidates.length).toBeGreaterThan(20);
    expect(new Set(candidates.map(({ variantId }) => variantId)).size).toBe(candidates.length);
    for (const { piece, variantId, free, fit } of candidates) {
      expect(piece.id).toBe(variantId);
      expect(free).toBeGreaterThan(0);
      expect(['right', 'close', 'roomy']).toContain(fit.verdict);
    }
    const [first] = candidates;
    await shop.stylist.call('hold-planned', { boxId, pieces: [{ variantId: sure(first).variantId }] });
    const after = (await shop.stylist.call('plan-candidates', { boxId })).answer.candidates;
    expect(after.map(({ piece }) => piece.title)).not.toContain(sure(first).piece.title);
  });
});

describe('holding a plan', () => {
  it('holds all that is there, says what is gone, and moves nothing else', async () => {
    const [boxId = '', other = ''] = await newBoxes(shop.db, shop.stylist, 2);
    const [lone] = await onShelf(shop.db, 1);
    const [deep] = await onShelf(shop.db, 3, 9);
    const pieces = [{ variantId: sure(lone).variantId }, { variantId: sure(deep).variantId }];
    await shop.stylist.call('hold-line', { boxId: other, variantId: sure(lone).variantId });
    const { answer } = await shop.stylist.call('hold-planned', { boxId, pieces });
    expect(answer.missed.map(({ variantId }) => variantId)).toEqual([sure(lone).variantId]);
    expect((await linesOf(boxId)).map(({ variantId }) => variantId)).toEqual([sure(deep).variantId]);
    expect(answer.view.state).toBe('pulling');
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('of two plans for the last ones at the same moment, each unit goes to one', async () => {
    const boxes = await newBoxes(shop.db, shop.stylist, 6);
    const lone = (await onShelf(shop.db, 1)).slice(0, 4);
    const pieces = lone.map(({ variantId }) => ({ variantId }));
    const answers = await Promise.all(
      boxes.map((boxId, i) =>
        shop.stylist.call('hold-planned', { boxId, pieces: i % 2 ? [...pieces].reverse() : pieces }),
      ),
    );
    expect(answers.every(({ status }) => status === 200)).toBe(true);
    const missed = answers.flatMap(({ answer }) => answer.missed);
    expect(missed).toHaveLength((boxes.length - 1) * lone.length);
    for (const { variantId } of lone) expect(await shelfOf(shop.db, variantId)).toBe(0);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('is sent twice and done once', async () => {
    const [boxId = ''] = await newBoxes(shop.db, shop.stylist, 1);
    const [deep] = await onShelf(shop.db, 3, 9);
    const input = { boxId, pieces: [{ variantId: sure(deep).variantId }] };
    const [one, two] = await Promise.all([
      shop.stylist.call('hold-planned', input, 'plan-once'),
      shop.stylist.call('hold-planned', input, 'plan-once'),
    ]);
    expect(one.answer.view.id).toBe(two.answer.view.id);
    expect(await linesOf(boxId)).toHaveLength(1);
  });

  it('is refused for a packed box, for what is no size of the shop, for nothing, and to whoever packs', async () => {
    const [boxId = ''] = await newBoxes(shop.db, shop.stylist, 1);
    const [deep] = await onShelf(shop.db, 3, 9);
    const pieces = [{ variantId: sure(deep).variantId }];
    expect((await call('hold-planned', { boxId, pieces: [] })).status).toBe(422);
    expect((await call('hold-planned', { boxId, pieces: [{ variantId: boxId }] })).status).toBe(404);
    expect(await linesOf(boxId)).toEqual([]);
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('hold-planned', { boxId, pieces } as never)).status).toBe(403);
    expect((await packer.call('plan-candidates', { boxId } as never)).status).toBe(403);
    // A size of another shop is not here.
    const [strange] = await shop.db
      .insert(shopTable)
      .values({ ...sure((await shop.db.select().from(shopTable))[0]), id: undefined })
      .returning({ id: shopTable.id });
    const [size] = await shop.db
      .select()
      .from(variant)
      .where(eq(variant.id, sure(deep).variantId));
    const [theirs] = await shop.db
      .insert(variant)
      .values({
        ...sure(size),
        id: undefined,
        shopId: sure(strange).id,
        sku: 'THEIRS',
        ean: null,
        size: 'ZZ',
      })
      .returning({ id: variant.id });
    expect((await call('hold-planned', { boxId, pieces: [{ variantId: sure(theirs).id }] })).status).toBe(
      404,
    );
  });
});

describe('whom a garment is for', () => {
  it('is told with reasons, a size that is there and the closet it would join; no allergy and no twin among them', async () => {
    const rows = await shop.db
      .select({ id: garment.id, category: garment.category })
      .from(garment)
      .where(isNull(garment.archivedAt));
    let told = 0;
    for (const { id } of rows.slice(0, 40)) {
      const { answer, status } = await shop.stylist.call('for-whom', { garmentId: id });
      expect(status).toBe(200);
      for (const { why, fit, variantId, closet, client } of answer.rows) {
        told++;
        expect(why.length).toBeGreaterThan(0);
        expect(['right', 'close', 'roomy']).toContain(fit.verdict);
        expect(await shelfOf(shop.db, variantId)).toBeGreaterThan(0);
        expect(closet.some((own) => isTwin(answer.piece, own))).toBe(false);
        expect(guardPiece(answer.piece, { client, looks: [], closet }).some(isRefused)).toBe(false);
      }
    }
    expect(told).toBeGreaterThan(5);
  });

  it('is nobody’s business who packs, and nothing of another shop', async () => {
    const [row] = await shop.db.select().from(garment).limit(1);
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('for-whom', { garmentId: sure(row).id } as never)).status).toBe(403);
    const [other] = await shop.db
      .select()
      .from(shopTable)
      .where(ne(shopTable.id, sure(row).shopId));
    const [theirs] = await shop.db
      .insert(garment)
      .values({ ...sure(row), id: undefined, shopId: sure(other).id })
      .returning({ id: garment.id });
    expect((await call('for-whom', { garmentId: sure(theirs).id })).status).toBe(404);
  });
});
