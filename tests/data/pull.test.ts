import type { TalliedBox } from '@contracts/box/box-view';
import { spawn } from 'node:child_process';
import { disagreements } from '@data/check';
import {
  alteration,
  box,
  garment,
  hold,
  location,
  look,
  ownedItem,
  shop as shopTable,
  stockBalance,
  user,
  variant,
} from '@data/schema';
import { jobsFor } from '@core/fit';
import { boxView } from '@server/box/box-view';
import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf, whole } from '../support/server';
import { newBoxes, onShelf, shelfOf } from '../support/shelf';
import { sure } from '../support/sure';

const shop = openShop();
const call: Caller['call'] = (name, input, key) => shop.stylist.call(name, input, key);
const db = () => shop.db;

async function boxNumbered(number: number): Promise<string> {
  const [row] = await db().select().from(box).where(eq(box.number, number));
  return sure(row).id;
}
async function viewOf(boxId: string) {
  const [stylist] = await db().select().from(user).where(eq(user.role, 'stylist'));
  const { id, name, role, shopId } = sure(stylist);
  return boxView(db(), { id, name, role, shopId }, boxId, new Date());
}
const shelf = (variantId: string) => shelfOf(db(), variantId);

describe('another piece in the place of a line', () => {
  it('is offered: the style in other colours, and only what is on the shelf', async () => {
    const boxId = await boxNumbered(104);
    const view = await viewOf(boxId);
    const { lines, stock } = (await call('line-swaps', { boxId })).answer;
    expect(lines.map(({ lineId }) => lineId)).toEqual(view.lines.map(({ id }) => id));
    const blazer = sure(lines[0]);
    expect(blazer.colours.map(({ piece }) => piece.title).sort()).toEqual([
      'Warden blazer, ink',
      'Warden blazer, oat',
    ]);
    for (const each of [...blazer.colours, ...(blazer.cheaper ? [blazer.cheaper] : [])])
      expect(await shelf(each.variantId), each.piece.title).toBeGreaterThan(0);
    expect(stock.length).toBeGreaterThan(0);
    const one = (await call('line-swaps', { boxId, lineId: sure(view.lines[1]).id })).answer;
    expect(one.lines).toHaveLength(1);
  });

  it('takes the ask, the place in the box and the looks with it; the old unit is back on the shelf', async () => {
    const boxId = await boxNumbered(104);
    const before = await viewOf(boxId);
    const [blazer] = before.lines;
    const by = sure(
      sure((await call('line-swaps', { boxId, lineId: sure(blazer).id })).answer.lines[0]).colours[0],
    );
    const shelves = [await shelf(sure(blazer).variantId), await shelf(by.variantId)];
    const after = (await call('swap-line', { boxId, lineId: sure(blazer).id, variantId: by.variantId }))
      .answer;
    const line = sure(after.lines.find(({ variantId }) => variantId === by.variantId));
    expect([after.lines.length, line.askId, after.lines.indexOf(line)]).toEqual([
      before.lines.length,
      sure(blazer).askId,
      0,
    ]);
    expect([await shelf(sure(blazer).variantId), await shelf(by.variantId)]).toEqual([
      sure(shelves[0]) + 1,
      sure(shelves[1]) - 1,
    ]);
    const ceremony = sure(after.looks.find(({ title }) => title === 'The ceremony'));
    expect(ceremony.pieces.map(({ ref }) => ref)).toContain(`line:${line.id}`);
    expect(JSON.stringify(after.looks)).not.toContain(sure(blazer).id);
    expect(ceremony.version).toBe(sure(before.looks.find(({ id }) => id === ceremony.id)).version + 1);
    expect(await disagreements(db())).toEqual([]);
  });

  it('of a size for effect keeps looks, ways of wearing and units in order, and says so in the letter; in the size held no unit moves', async () => {
    const boxId = await boxNumbered(104);
    const trousers = async () =>
      sure((await viewOf(boxId)).lines.find(({ piece }) => piece.title.startsWith('Wheelhouse')));
    const own = await trousers();
    const { effects } = sure((await call('line-swaps', { boxId, lineId: own.id })).answer.lines[0]);
    const looser = sure(effects?.sizes.looser);
    expect(looser.fit.effect).toBe('looser');
    const before = await shelf(looser.variantId);
    const at = (
      await call('swap-line', { boxId, lineId: own.id, variantId: looser.variantId, effect: 'looser' })
    ).answer;
    expect(await shelf(looser.variantId)).toBe(before - 1);
    const line = await trousers();
    expect(line.fit).toMatchObject({ effect: 'looser', size: looser.size });
    const modes = (view: typeof at) => view.looks.flatMap(({ pieces }) => pieces.map(({ mode }) => mode));
    expect(modes(at)).toEqual(modes(await viewOf(boxId)));
    const letter = (await call('draft-letter', { boxId })).answer;
    expect(JSON.stringify(letter)).toContain('is a size larger on purpose');
    // The same size meant otherwise: the last unit of it is held, and need not be there twice.
    const meant = await call('swap-line', { boxId, lineId: line.id, variantId: line.variantId });
    expect([meant.status, (await trousers()).fit?.effect, (await trousers()).id]).toEqual([
      200,
      undefined,
      line.id,
    ]);
    expect(await shelf(looser.variantId)).toBe(before - 1);
    expect(await disagreements(db())).toEqual([]);
  });

  it('that is gone is refused, and everything stays as it was', async () => {
    const [boxId, other] = await newBoxes(db(), shop.stylist, 2);
    const [single] = await onShelf(db(), 1);
    const [kept] = await onShelf(db(), 3);
    const held = sure(
      (await call('hold-line', { boxId: sure(boxId), variantId: sure(kept).variantId })).answer.lines[0],
    );
    await call('hold-line', { boxId: sure(other), variantId: sure(single).variantId });
    const refused = await call('swap-line', {
      boxId: sure(boxId),
      lineId: held.id,
      variantId: sure(single).variantId,
    });
    expect([refused.status, refused.problem.title.includes('is gone')]).toEqual([409, true]);
    expect((await viewOf(sure(boxId))).lines.map(({ id, held: still }) => [id, still])).toEqual([
      [held.id, true],
    ]);
    expect(await shelf(sure(kept).variantId)).toBe(2);
  });

  it('may be the same size from another place of the shop', async () => {
    const [boxId] = await newBoxes(db(), shop.stylist, 1);
    const [both] = await db()
      .select({ variantId: stockBalance.variantId })
      .from(stockBalance)
      .where(and(eq(stockBalance.place, 'shelf'), sql`${stockBalance.qty} > 0`))
      .groupBy(stockBalance.variantId)
      .having(sql`count(*) > 1`)
      .orderBy(asc(stockBalance.variantId))
      .limit(1);
    const places = await db().select().from(location).orderBy(asc(location.title));
    const [back, floor] = places;
    const held = sure(
      (
        await call('hold-line', {
          boxId: sure(boxId),
          variantId: sure(both).variantId,
          locationId: sure(floor).id,
        })
      ).answer.lines[0],
    );
    expect(held.location).toBe(sure(floor).title);
    const { places: others } = sure(
      (await call('line-swaps', { boxId: sure(boxId), lineId: held.id })).answer.lines[0],
    );
    expect(others.map(({ title }) => title)).toEqual([sure(back).title]);
    const job = { job: 'take-in' as const, mm: 20, priceMinor: 2800, leadDays: 5 };
    const [kind] = jobsFor(held.piece);
    if (kind) await call('save-alteration', { boxId: sure(boxId), lineId: held.id, ...job });
    const moved = sure(
      (
        await call('swap-line', {
          boxId: sure(boxId),
          lineId: held.id,
          variantId: sure(both).variantId,
          locationId: sure(back).id,
        })
      ).answer.lines[0],
    );
    expect(moved.location).toBe(sure(back).title);
    // What the tailor was told goes with it.
    expect(moved.alterations.map(({ mm }) => mm)).toEqual(kind ? [20] : []);
    expect(await disagreements(db())).toEqual([]);
  });
});

describe('the list of candidates', () => {
  it('shows three reasons and the worst, points that rank it, and every size with its fit', async () => {
    const boxId = await boxNumbered(107);
    const { rows } = (await call('pull-list', { boxId })).answer;
    expect(rows.length).toBeGreaterThan(10);
    const points = rows.map((row) => row.points);
    expect(points).toEqual([...points].sort((a, b) => b - a));
    for (const row of rows) {
      expect(row.reasons.length).toBeLessThanOrEqual(3);
      expect(row.reasons.every((reason) => reason.points > 0)).toBe(true);
      expect(row.doubt?.points ?? -1).toBeLessThan(0);
      for (const size of row.otherSizes) expect(size.fit).not.toBe('');
    }
  });
  it('says why something is not among them, whatever kept it out', async () => {
    const boxId = await boxNumbered(104);
    const view = await viewOf(boxId);
    const why = async (search: string, more: object = {}) =>
      (await call('why-not', { boxId, search, categories: ['blazer'], ...more })).answer.found;
    const [held] = view.lines;
    expect(await why(sure(held).piece.title)).toEqual([
      { title: sure(held).piece.title, why: { code: 'in-box' } },
    ]);
    expect((await why('Capstan jeans'))[0]?.why.code).toBe('other-kind');
    expect((await why('Quarry tweed', { mostMinor: 100 }))[0]?.why.code).toBe('over-price');
    const [any] = await db().select().from(garment).where(eq(garment.title, 'Quarry tweed blazer, heather'));
    await call('archive-garments', { ids: [sure(any).id], archived: true });
    expect(await why('Quarry tweed blazer, heather')).toEqual([
      { title: 'Quarry tweed blazer, heather', why: { code: 'archived' } },
    ]);
    await call('archive-garments', { ids: [sure(any).id], archived: false });
    expect(await why('no such thing at all')).toEqual([]);
    expect((await call('why-not', { boxId, search: 'x' })).status).toBe(422);
  });
  it('is ranked as the owner weighs it, and nobody else may', async () => {
    const owner = await callerOf(shop.origin, 'owner');
    const boxId = await boxNumbered(107);
    const { version } = sure((await db().select().from(shopTable))[0]);
    const settings = {
      weights: { fit: 0, mood: 0, colour: 0, twin: 0, occasions: 0, history: 0, price: 0 },
      ownInterest: true,
    };
    expect((await call('save-pull-settings', { version, settings })).status).toBe(403);
    const wild = await owner.call('save-pull-settings', { version, settings: { weights: { fit: 900 } } });
    expect([wild.status, wild.problem.faults[0]?.path]).toEqual([422, 'settings.weights.fit']);
    expect((await owner.call('save-pull-settings', { version, settings })).answer).toEqual({
      version: version + 1,
    });
    expect((await owner.call('save-pull-settings', { version, settings })).status).toBe(409);
    const { rows } = (await call('pull-list', { boxId })).answer;
    expect(
      rows[0]?.reasons.some(({ criterion, code }) => criterion === 'interest' && code === 'interest'),
    ).toBe(true);
    await owner.call('save-pull-settings', { version: version + 1, settings: {} });
    const back = (await call('pull-list', { boxId })).answer.rows;
    expect(back.some(({ reasons }) => reasons.some(({ criterion }) => criterion === 'interest'))).toBe(false);
  });
  it('learns a label’s sizes from what came back, by kind and point, with the count', async () => {
    const [row] = await db().select().from(garment).where(eq(garment.title, 'Level shirt, white'));
    const boxId = await boxNumbered(106);
    const answer = (
      await call('pull-list', { boxId, search: sure(row).label, categories: ['shirt'], fitsOnly: false })
    ).answer;
    const fits = answer.rows.flatMap(({ fit, otherSizes }) => [fit, ...otherSizes.map((size) => size.fit)]);
    const learned = fits.flatMap((fit) => fit.learned ?? []);
    expect(learned.some(({ steps, count }) => steps < 0 && count > 0)).toBe(true);
  });
});

describe('the braver choice of a box', () => {
  it('is one: marking another takes the mark from the first, and many at once leave one', async () => {
    const boxId = await boxNumbered(104);
    const { lines } = await viewOf(boxId);
    const marked = async () =>
      (await viewOf(boxId)).lines.filter(({ piece }) => piece.nudge).map(({ id }) => id);
    await call('mark-nudge', { boxId, lineId: sure(lines[0]).id, nudge: true });
    expect(await marked()).toEqual([sure(lines[0]).id]);
    const { answer } = await call('mark-nudge', { boxId, lineId: sure(lines[1]).id, nudge: true });
    expect(answer.lines.filter(({ piece }) => piece.nudge).map(({ id }) => id)).toEqual([sure(lines[1]).id]);
    const all = await Promise.all(
      lines.map(({ id }) => call('mark-nudge', { boxId, lineId: id, nudge: true })),
    );
    expect(all.map(({ status }) => status)).toEqual(lines.map(() => 200));
    expect(await marked()).toHaveLength(1);
    // The letter says so, and how to calm it.
    const [nudge] = await marked();
    const drafted = sure((await call('draft-letter', { boxId })).answer.letter);
    expect(
      drafted.pieces.filter(({ why }) => why.startsWith('This is the braver one.')).map(({ ref }) => ref),
    ).toEqual([`line:${nudge}`]);
    await call('mark-nudge', { boxId, lineId: sure(nudge), nudge: false });
    expect(await marked()).toEqual([]);
  });
  it('of another box is not found', async () => {
    const [mine, other] = [await boxNumbered(104), await boxNumbered(101)];
    const [line] = (await viewOf(other)).lines;
    const refused = await call('mark-nudge', { boxId: mine, lineId: sure(line).id, nudge: true });
    expect(refused.status).toBe(404);
  });
});

describe('an alteration', () => {
  it('joins the money and the dates, changes the piece, and keeps it with the client', async () => {
    const boxId = await boxNumbered(104);
    const before = await viewOf(boxId);
    const trousers = sure(before.lines.find(({ piece }) => piece.title.startsWith('Wheelhouse')));
    const inseam = sure(trousers.piece.measures.inseam);
    const job = { boxId, lineId: trousers.id, job: 'hem' as const, mm: 30, priceMinor: 1800, leadDays: 4 };
    const wild = await call('save-alteration', { ...job, mm: -200 });
    expect([wild.status, wild.problem.faults[0]?.path]).toEqual([422, 'mm']);
    let view = (await call('save-alteration', job)).answer;
    const line = () => sure(view.lines.find(({ id }) => id === trousers.id));
    expect([line().piece.measures.inseam, line().mayReturn]).toEqual([inseam - 30, false]);
    expect(view.spentMinor).toBe(before.spentMinor + 1800);
    expect(sure(view.due).packBy < sure(before.due).packBy).toBe(true);
    // One of a kind a line: a second hem takes the place of the first.
    view = (await call('save-alteration', { ...job, mm: 20, priceMinor: 1500 })).answer;
    expect(line().alterations.map(({ mm }) => mm)).toEqual([20]);
    expect(view.spentMinor).toBe(before.spentMinor + 1500);
    const { letter } = (await call('draft-letter', { boxId })).answer;
    const note = sure(letter.pieces.find(({ ref }) => ref === `line:${trousers.id}`));
    expect(note.fit).toContain('Altered for you: hem, 2 cm shorter. So it stays with you.');
    view = (
      await call('remove-alteration', { boxId, lineId: trousers.id, id: sure(line().alterations[0]).id })
    ).answer;
    expect([view.spentMinor, view.due]).toEqual([before.spentMinor, before.due]);
    expect(await db().select().from(alteration).where(eq(alteration.boxLineId, trousers.id))).toEqual([]);
  });
  it('that was made is sold with its price, and the piece joins the closet as it was altered', async () => {
    const [boxId] = await newBoxes(db(), shop.stylist, 1);
    const [jeans] = await db()
      .select({ variantId: variant.id })
      .from(variant)
      .innerJoin(garment, eq(garment.id, variant.garmentId))
      .innerJoin(
        stockBalance,
        and(
          eq(stockBalance.variantId, variant.id),
          eq(stockBalance.place, 'shelf'),
          sql`${stockBalance.qty} > 1`,
        ),
      )
      .where(eq(garment.category, 'jeans'))
      .orderBy(asc(variant.sku))
      .limit(1);
    let view: TalliedBox = (await call('hold-line', { boxId: sure(boxId), variantId: sure(jeans).variantId }))
      .answer;
    const { id: lineId, priceMinor, piece } = sure(view.lines[0]);
    view = (
      await call('save-alteration', {
        boxId: sure(boxId),
        lineId,
        job: 'hem',
        mm: 25,
        priceMinor: 1800,
        leadDays: 3,
      })
    ).answer;
    const { letter } = (await call('draft-letter', { boxId: sure(boxId) })).answer;
    view = (await call('save-letter', { boxId: sure(boxId), version: view.version, letter })).answer;
    // What was held since is not in the letter: it is not packed unsaid.
    const [late] = await onShelf(db(), 4);
    const more = (await call('hold-line', { boxId: sure(boxId), variantId: sure(late).variantId })).answer;
    const unsaid = await call('move-box', { boxId: sure(boxId), version: more.version, to: 'packed' });
    expect([unsaid.status, unsaid.problem.title]).toEqual([
      409,
      `The letter says nothing of ${sure(late).title} yet: open it, look at what is new, and save.`,
    ]);
    view = (await call('release-line', { boxId: sure(boxId), lineId: sure(more.lines[1]).id })).answer;
    view = whole(
      (await call('move-box', { boxId: sure(boxId), version: view.version, to: 'packed' })).answer,
    );
    expect(
      (
        await call('save-alteration', {
          boxId: sure(boxId),
          lineId,
          job: 'take-in',
          mm: 10,
          priceMinor: 1,
          leadDays: 1,
        })
      ).status,
    ).toBe(409);
    view = whole((await call('move-box', { boxId: sure(boxId), version: view.version, to: 'out' })).answer);
    const back = await call('decide-line', {
      boxId: sure(boxId),
      lineId,
      decision: 'return',
      reason: 'colour',
    });
    expect([back.status, back.problem.title]).toEqual([
      409,
      'This piece was altered for this client and stays with them.',
    ]);
    view = (await call('decide-line', { boxId: sure(boxId), lineId, decision: 'keep' })).answer;
    view = (await call('close-box', { boxId: sure(boxId), version: view.version, way: 'cash' })).answer;
    expect(view.total?.steps[0]?.minor).toBe(priceMinor + 1800);
    const [kept] = await db().select().from(ownedItem).where(eq(ownedItem.boxLineId, lineId));
    expect(kept?.attributes.measures?.inseam).toBe(sure(piece.measures.inseam) - 25);
  });
});

describe('a code that is scanned', () => {
  it('says what the piece is, where its units are and which boxes have one', async () => {
    const boxId = await boxNumbered(108);
    const [line] = (await viewOf(boxId)).lines;
    const [size] = await db()
      .select()
      .from(variant)
      .where(eq(variant.id, sure(line).variantId));
    for (const code of [sure(size).sku, sure(size).sku.toLowerCase(), ` ${sure(size).ean} `]) {
      const { answer } = await call('find-code', { code });
      expect([answer.variantId, answer.title]).toEqual([sure(size).id, sure(line).piece.title]);
      expect(answer.places.some(({ place, qty }) => place === 'held' && qty > 0)).toBe(true);
      expect(answer.boxes.map(({ number }) => number)).toContain(108);
    }
    expect((await call('find-code', { code: 'nobody’s' })).status).toBe(404);
  });
  it('goes into its parcel once, and another size is told from the one that was pulled', async () => {
    const packer = await callerOf(shop.origin, 'packer');
    const boxId = await boxNumbered(108);
    const [line] = (await viewOf(boxId)).lines;
    const first = (await packer.call('scan-line', { boxId, code: sure(line).sku })).answer;
    expect([first.lineId, first.fresh, sure(first.view.lines[0]).scanned]).toEqual([
      sure(line).id,
      true,
      true,
    ]);
    expect((await packer.call('scan-line', { boxId, code: sure(line).sku })).answer.fresh).toBe(false);
    const [other] = await db()
      .select()
      .from(variant)
      .where(
        and(
          sql`${variant.garmentId} = (select garment_id from variant where id = ${sure(line).variantId})`,
          sql`${variant.id} <> ${sure(line).variantId}`,
        ),
      )
      .limit(1);
    const wrong = await packer.call('scan-line', { boxId, code: sure(other).sku });
    expect([wrong.status, wrong.problem.title]).toEqual([
      409,
      `${sure(line).piece.title} in ${sure(other).size} is not in this box: it wants size ${sure(line).size}.`,
    ]);
  });
});

describe('the stockroom, narrowed', () => {
  const titles = async (narrow: object): Promise<number> =>
    (await call('stock-list', { narrow })).answer.total;
  it('keeps just what a plain look at every garment keeps', async () => {
    const all = await db().select().from(garment).where(isNull(garment.archivedAt));
    const wanted = {
      label: [{ label: 'tarn' }, (row: (typeof all)[number]) => row.label.toLowerCase().includes('tarn')],
      price: [
        { priceFromMinor: 10_000, priceToMinor: 15_000 },
        (row: (typeof all)[number]) => row.priceMinor >= 10_000 && row.priceMinor <= 15_000,
      ],
      formality: [
        { formalityFrom: 6, formalityTo: 7 },
        (row: (typeof all)[number]) => row.formality >= 6 && row.formality <= 7,
      ],
      season: [
        { season: 'winter' },
        (row: (typeof all)[number]) => row.attributes.seasons?.includes('winter'),
      ],
      care: [{ care: 'hand' }, (row: (typeof all)[number]) => row.attributes.care === 'hand'],
      // A label nobody entered says nothing: it is not among what goes in the machine.
      usual: [{ care: 'machine' }, (row: (typeof all)[number]) => row.attributes.care === 'machine'],
      pattern: [
        { pattern: 'stripe' },
        (row: (typeof all)[number]) => row.attributes.pattern?.kind === 'stripe',
      ],
      denim: [
        { texture: 'denim' },
        (row: (typeof all)[number]) =>
          (row.attributes.fabric?.texture ?? (row.category === 'jeans' ? 'denim' : '')) === 'denim',
      ],
      photo: [{ photo: 'with' }, () => false],
    } as const;
    for (const [name, [narrow, keeps]] of Object.entries(wanted))
      expect(await titles(narrow), name).toBe(all.filter((row) => keeps(row)).length);
    expect(await titles({ shelf: 'some' })).toBe(all.length - (await titles({ shelf: 'none' })));
    expect(await titles({ shelf: 'last' })).toBeGreaterThan(0);
    expect(await titles({ colourHex: '#1f4032' })).toBeGreaterThan(0);
    expect(await titles({ size: 'XS' })).toBeLessThan(all.length);
    expect(await titles({ season: 'winter', care: 'hand', priceToMinor: 1 })).toBe(0);
  });
  it('is changed many at once; what is not said stays, and a packer may not', async () => {
    const ids = (await db().select().from(garment).limit(3)).map(({ id }) => id);
    const set = { label: 'Sandwell', seasons: ['autumn' as const], costMinor: 4200 };
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('edit-garments', { ids, set })).status).toBe(403);
    expect((await call('edit-garments', { ids, set: {} })).status).toBe(422);
    const before = (await call('garment-sheet', { id: sure(ids[0]) })).answer;
    expect((await call('edit-garments', { ids, set })).answer).toEqual({ changed: 3 });
    const after = (await call('garment-sheet', { id: sure(ids[0]) })).answer;
    expect(after).toMatchObject({
      label: 'Sandwell',
      costMinor: 4200,
      version: before.version + 1,
      formality: before.formality,
    });
    expect(after.attributes).toEqual({ ...before.attributes, seasons: ['autumn'] });
    expect((await packer.call('garment-sheet', { id: sure(ids[0]) })).answer.costMinor).toBeNull();
  });
});

describe('a hold nobody looks at', () => {
  it('is swept by the worker when it has run out', async () => {
    const [boxId] = await newBoxes(db(), shop.stylist, 1);
    const [unit] = await onShelf(db(), 2);
    const held = sure(
      (await call('hold-line', { boxId: sure(boxId), variantId: sure(unit).variantId })).answer.lines[0],
    );
    await db()
      .update(hold)
      .set({ expiresAt: new Date(Date.now() - 1000) })
      .where(eq(hold.boxLineId, held.id));
    expect(await shelf(sure(unit).variantId)).toBe(1);
    const worker = spawn('node_modules/.bin/tsx', ['src/cli/work.ts'], {
      env: { ...process.env, DATABASE_URL: shop.base.url },
      stdio: 'ignore',
    });
    try {
      await expect.poll(() => shelf(sure(unit).variantId), { timeout: 30_000, interval: 200 }).toBe(2);
      const [row] = await db().select().from(hold).where(eq(hold.boxLineId, held.id));
      expect(row?.state).toBe('expired');
    } finally {
      worker.kill('SIGTERM');
      await new Promise((done) => worker.once('exit', done));
    }
    expect(await disagreements(db())).toEqual([]);
  });
});

describe('how often a rule spoke and was overruled', () => {
  it('is counted over every saved look of the shop', async () => {
    const looks = await db().select().from(look);
    const page = await fetch(`${shop.origin}/house-rules`, {
      headers: { cookie: shop.stylist.cookie },
    });
    const html = await page.text();
    const spoke = looks.filter((each) => each.spoke.includes('R1')).length;
    expect(spoke).toBeGreaterThan(2);
    expect(html).toContain(`&quot;R1&quot;:[0,${spoke}]`);
  });
});
