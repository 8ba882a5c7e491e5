import type { TalliedBox } from '@contracts/box/box-view';
import { disagreements } from '@data/check';
import { audit, limitPass } from '@data/schema';
import { and, eq, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved, withFibres } from '../support/making';
import { openShop } from '../support/open-shop';
import { callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
const stylist = () => shop.stylist;
const pack = (boxId: string, version: number, caller = stylist()) =>
  caller.call('move-box', { boxId, version, to: 'packed' });

describe('a piece a client must not have', () => {
  it('is said before it is held, in the box and to the packer, and is packed by nobody', async () => {
    const clientId = await makeClient(stylist(), { allergies: ['latex'] });
    const latex = await makeGarment(stylist(), {
      title: 'Tidal trousers',
      category: 'trousers',
      attributes: withFibres(['cotton', 80], ['latex', 20]),
    });
    const { id: boxId } = (await stylist().call('start-box', { clientId })).answer;
    const list = await stylist().call('pull-list', { boxId, search: 'Tidal trousers', fitsOnly: false });
    expect(list.answer.rows[0]?.guard).toEqual([
      { code: 'allergy', about: 'latex', declared: 'latex', named: 'latex' },
    ]);
    const box = await makeBox(stylist(), clientId, [latex]);
    expect(box.looks).toEqual([]);
    expect(sure(box.lines[0]).guard.map(({ code }) => code)).toEqual(['allergy']);
    for (const role of ['owner', 'stylist'] as const) {
      const said = await pack(box.id, box.version, await callerOf(shop.origin, role));
      expect([said.status, said.problem.faults[0]?.path]).toEqual([409, 'lines[0]']);
      expect(said.problem.title).toContain('Ruled out: contains latex, and latex is a declared allergy.');
    }
    const packer = await callerOf(shop.origin, 'packer');
    const told = await pack(box.id, box.version, packer);
    expect([told.status, told.problem.title.replace(/^Tidal trousers \d+: /, '')]).toEqual([
      409,
      'Ruled out: contains latex',
    ]);
    expect(JSON.stringify(told.problem)).not.toMatch(/allerg|declared/i);
    const scanned = await packer.call('scan-line', { boxId: box.id, code: sure(box.lines[0]).sku });
    expect([scanned.status, scanned.problem.title]).toEqual([
      409,
      expect.stringContaining('Ruled out: contains latex'),
    ]);
    const page = await fetch(`${shop.origin}/box/${box.id}/out`, { headers: { cookie: packer.cookie } });
    expect(await page.text()).toContain('Ruled out: contains latex');
    const passed = await stylist().call('pass-limits', {
      boxId: box.id,
      passes: [{ lineId: sure(box.lines[0]).id, code: 'allergy', about: 'latex' }],
      reason: 'she says it is fine',
    });
    expect([passed.status, passed.problem.faults[0]?.path]).toEqual([422, 'passes[0]']);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it.each([
    [
      'nickel',
      {
        title: 'Quay studs',
        category: 'earrings',
        attributes: { metal: 'white', metalContent: ['nickel silver'] },
      },
    ],
    ['wool', { title: 'Croft jumper', category: 'fine-knit', attributes: withFibres(['lambswool', 100]) }],
    ['down', { title: 'Ness gilet', category: 'jacket', attributes: withFibres(['goose down', 100]) }],
  ] as const)('%s by another name is the same', async (allergy, garment) => {
    const clientId = await makeClient(stylist(), { allergies: [allergy] });
    const box = await makeBox(stylist(), clientId, [await makeGarment(stylist(), garment as never)]);
    expect((await pack(box.id, box.version)).status).toBe(409);
  });

  it('a never stops it as an allergy does', async () => {
    const clientId = await makeClient(stylist(), { nevers: ['silk'] });
    const silk = await makeGarment(stylist(), {
      title: 'Reed blouse',
      category: 'blouse',
      attributes: withFibres(['mulberry silk', 100]),
    });
    const box = await makeBox(stylist(), clientId, [silk]);
    const said = await pack(box.id, box.version);
    expect([said.status, said.problem.title]).toEqual([
      409,
      expect.stringContaining('Ruled out: silk is on the never list.'),
    ]);
  });

  it('is not sent either when the allergy becomes known after packing', async () => {
    const clientId = await makeClient(stylist());
    const cotton = await makeGarment(stylist(), {
      title: 'Loch tee',
      category: 'tee',
      attributes: withFibres(['cotton', 100]),
    });
    const packed = await moved(stylist(), await makeBox(stylist(), clientId, [cotton]), 'packed');
    await stylist().call('save-client', {
      id: clientId,
      version: 1,
      name: 'Now known',
      measures: {},
      profile: { allergies: ['cotton'] },
    });
    const out = await stylist().call('move-box', { boxId: packed.id, version: packed.version, to: 'out' });
    expect([out.status, out.problem.title]).toEqual([409, expect.stringContaining('contains cotton')]);
    await moved(stylist(), packed, 'written');
  });
});

describe('the stockroom', () => {
  it('finds what a label names, by whichever name somebody types', async () => {
    const titles = async (search: string) =>
      (await stylist().call('stock-list', { search })).answer.rows.map(({ piece }) => piece.title);
    await makeGarment(stylist(), {
      title: 'Byre vest',
      category: 'tank',
      attributes: withFibres(['merino', 100]),
    });
    expect((await titles('wool')).some((title) => title.startsWith('Byre vest'))).toBe(true);
    expect((await titles('silk')).some((title) => title.startsWith('Byre vest'))).toBe(false);
  });
});

describe('a limit', () => {
  it('is asked for by name, passed with a reason that stands apart, and asked anew when it changes', async () => {
    const clientId = await makeClient(stylist(), {
      limits: { heelMaxMm: 40 },
      cover: ['upper-arms', 'lower-arms'],
    });
    const heel = await makeGarment(stylist(), {
      title: 'Pier heel',
      category: 'heel',
      attributes: { measures: { heel: 65 } },
    });
    const tee = await makeGarment(stylist(), {
      title: 'Bare tee',
      category: 'tee',
      attributes: { cut: { sleeve: 'short' } },
    });
    const box = await makeBox(stylist(), clientId, [heel, tee]);
    const asked = box.lines.flatMap(({ id: lineId, guard }) =>
      guard.map(({ code, about }) => ({ lineId, code, about })),
    );
    expect(asked.map(({ code, about }) => [code, about])).toEqual([
      ['heel', '65 > 40'],
      ['cover', 'upper-arms lower-arms'],
    ]);
    expect((await pack(box.id, box.version)).problem.faults).toHaveLength(2);
    const packer = await callerOf(shop.origin, 'packer');
    expect((await pack(box.id, box.version, packer)).problem.title).toMatch(
      /Ask the stylist before you pack it$/,
    );
    expect((await packer.call('pass-limits', { boxId: box.id, passes: asked, reason: 'x' })).status).toBe(
      403,
    );
    const unsaid = await stylist().call('pass-limits', { boxId: box.id, passes: asked, reason: ' ' });
    expect(unsaid.problem.faults[0]).toMatchObject({ path: 'reason' });
    const reason = 'She asked for both on the telephone.';
    const passed = (await stylist().call('pass-limits', { boxId: box.id, passes: asked, reason })).answer;
    expect(passed.lines.flatMap(({ guard }) => guard)).toEqual([]);
    await moved(stylist(), passed, 'packed');
    const noted = await shop.db
      .select()
      .from(audit)
      .where(
        and(
          eq(audit.entity, 'box_line'),
          sql`${audit.action} like 'pass %' and ${audit.details} ->> 'boxId' = ${box.id}`,
        ),
      );
    expect(noted.map(({ action }) => action).sort()).toEqual(['pass cover', 'pass heel']);
    expect(JSON.stringify(noted)).not.toContain('telephone');
    const kept = await shop.db.select().from(limitPass).where(eq(limitPass.reason, reason));
    expect(kept).toHaveLength(2);
    // Another limit is another question.
    await stylist().call('save-client', {
      id: clientId,
      version: 1,
      name: 'Lower now',
      measures: {},
      profile: { limits: { heelMaxMm: 30 } },
    });
    const out = await stylist().call('move-box', { boxId: box.id, version: passed.version + 1, to: 'out' });
    expect([out.status, out.problem.title]).toEqual([
      409,
      expect.stringContaining('6.5 cm, and 3 cm is the most'),
    ]);
  });

  it('cover is met by a look that covers, or by one piece of her closet', async () => {
    const clientId = await makeClient(stylist(), { cover: ['upper-arms', 'lower-arms'] });
    const tee = await makeGarment(stylist(), {
      title: 'Cove tee',
      category: 'tee',
      attributes: { cut: { sleeve: 'short' } },
    });
    const box = await makeBox(stylist(), clientId, [tee]);
    expect(sure(box.lines[0]).guard.map(({ code }) => code)).toEqual(['cover']);
    await stylist().call('save-owned', {
      clientId,
      title: 'Grey cardigan',
      category: 'cardigan',
      colours: [{ hex: '#84868a', share: 1 }],
      attributes: { cut: { sleeve: 'long' } },
    });
    expect((await pack(box.id, box.version)).status).toBe(200);
  });
});

describe('what nobody entered', () => {
  it('is one question for the box where there is an allergy, and none where there is not', async () => {
    const unknown = [
      await makeGarment(stylist(), { title: 'Plain skirt', category: 'skirt' }),
      await makeGarment(stylist(), { title: 'Plain shirt', category: 'shirt' }),
    ];
    const free = await makeBox(stylist(), await makeClient(stylist()), unknown);
    expect((await pack(free.id, free.version)).status).toBe(200);
    const box = await makeBox(stylist(), await makeClient(stylist(), { allergies: ['wool'] }), unknown);
    const asked = box.lines.flatMap(({ id: lineId, guard }) =>
      guard.map(({ code, about }) => ({ lineId, code, about })),
    );
    expect(asked.map(({ code, about }) => [code, about])).toEqual([
      ['content', 'wool'],
      ['content', 'wool'],
    ]);
    expect((await pack(box.id, box.version)).status).toBe(409);
    const answered = await stylist().call('pass-limits', {
      boxId: box.id,
      passes: asked,
      reason: 'Both labels read: 100 % cotton.',
    });
    expect((await pack(box.id, answered.answer.version)).status).toBe(200);
  });

  it('is said by no letter: care that was never entered is not made up', async () => {
    const boots = await makeGarment(stylist(), { title: 'Mole boots', category: 'ankle-boot' });
    const knit = await makeGarment(stylist(), {
      title: 'Wharf knit',
      category: 'fine-knit',
      attributes: { care: 'hand' },
    });
    const box = await makeBox(stylist(), await makeClient(stylist()), [boots, knit]);
    expect(box.letter?.pieces.map(({ care }) => care)).toEqual(['', 'Wash by hand, dry flat.']);
    expect(JSON.stringify(box.letter)).not.toContain('Machine wash');
    // Every line may be struck.
    const bare = {
      ...sure(box.letter),
      pieces: sure(box.letter).pieces.map((note) => ({ ...note, care: '', facts: '' })),
    };
    const saved = await stylist().call('save-letter', { boxId: box.id, version: box.version, letter: bare });
    expect(saved.answer.letter?.pieces.map(({ care }) => care)).toEqual(['', '']);
  });
});

describe('what is decided', () => {
  it('is stored as it shows: Keep, then Return without a reason, is back and is not charged', async () => {
    const tee = await makeGarment(stylist(), { title: 'Spit tee', category: 'tee', priceMinor: 4000 });
    const belt = await makeGarment(stylist(), { title: 'Spit belt', category: 'belt', priceMinor: 3000 });
    const box = await makeBox(stylist(), await makeClient(stylist()), [tee, belt]);
    let view: TalliedBox = await moved(stylist(), await moved(stylist(), box, 'packed'), 'out');
    const [one, two] = view.lines;
    const decide = async (lineId: string, decision: 'keep' | 'return') =>
      (await stylist().call('decide-line', { boxId: box.id, lineId, decision })).answer;
    await decide(sure(one).id, 'keep');
    const both = await decide(sure(two).id, 'keep');
    view = await decide(sure(two).id, 'return');
    expect(view.lines.map(({ decision }) => decision)).toEqual(['keep', 'return']);
    // A screen that still shows the sum of both kept cannot charge it.
    const old = await stylist().call('close-box', { boxId: box.id, version: both.version, way: 'cash' });
    expect(old.status).toBe(409);
    await stylist().call('check-in-line', { boxId: box.id, lineId: sure(two).id });
    const closed = await stylist().call('close-box', {
      boxId: box.id,
      version: view.version + 1,
      way: 'cash',
    });
    expect([closed.status, closed.answer.total?.netMinor, closed.answer.total?.dueMinor]).toEqual([
      200, 4000, 2000,
    ]);
    expect(closed.answer.lines.map(({ decision, reason }) => [decision, reason])).toEqual([
      ['keep', null],
      ['return', null],
    ]);
    expect(await disagreements(shop.db)).toEqual([]);
  });
});
