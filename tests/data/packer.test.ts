import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { CALLS } from '@contracts/calls';
import { box, boxLine, client, clientMeasure, garment, photo, stockProposal, variant } from '@data/schema';
import { eq, isNotNull, isNull, and } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { jpegOf } from '../support/photos';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let packer: Caller;
let owner: Caller;
beforeAll(async () => {
  packer = await callerOf(shop.origin, 'packer');
  owner = await callerOf(shop.origin, 'owner');
});

/** Every key of an answer, lists as `[]`, so that a field that is new is seen. */
function fieldsOf(value: unknown, path = ''): string[] {
  if (Array.isArray(value)) return [...new Set(value.flatMap((each) => fieldsOf(each, `${path}[]`)))];
  if (value === null || typeof value !== 'object') return [path];
  // A piece is what hangs in the stockroom: one field here, and it is checked by its own type.
  if (path.endsWith('piece')) return [path];
  return Object.entries(value).flatMap(([key, each]) => fieldsOf(each, path ? `${path}.${key}` : key));
}

describe('whoever packs', () => {
  it('reads no body, price beyond the pack list, note or photo, on any page, prop or call', async () => {
    // A client whose every number and word can be told from anything else on a page.
    const before = (
      await Promise.all(
        ['/', '/stockroom', '/stockroom/scanner'].map(async (path) =>
          (await fetch(shop.origin + path, { headers: { cookie: packer.cookie } })).text(),
        ),
      )
    ).join();
    /** A measure that stands on no page before anybody has it. */
    const own = (from: number): number => {
      let mm = from;
      while (new RegExp(`(?<!\\d)${mm}(?!\\d)`).test(before)) mm++;
      return mm;
    };
    const measures = {
      heightMm: own(1831),
      bust: own(1011),
      waist: own(871),
      hip: own(1111),
      footLength: own(251),
      armLength: own(641),
      upperArm: own(301),
    };
    const saved = await shop.stylist.call('save-client', {
      name: 'Parcel Name',
      about: 'secret-about',
      email: 'secret@mail.invalid',
      phone: '555-0199-secret',
      measures,
      profile: {
        limits: { heelMaxMm: 43 },
        moods: ['secret-mood'],
        nevers: ['secret-never'],
        allergies: ['secretium'],
      },
      boxBudgetMinor: 987_654,
      notes: 'secret-notes',
    });
    const clientId = saved.answer.id;
    const owned = await shop.stylist.call('save-owned', {
      clientId,
      title: 'secret-closet',
      category: 'tee',
      colours: [{ hex: '#ffffff', share: 1 }],
    });
    const dataBase64 = (await jpegOf()).toString('base64');
    await shop.stylist.call('save-photo', { of: 'owned', id: owned.answer.id, dataBase64 });
    const trousers = await makeGarment(shop.stylist, {
      title: 'Packed trousers',
      category: 'trousers',
      priceMinor: 12_300,
      attributes: { measures: { inseam: 760 }, fabric: { fibres: [{ name: 'cotton', pct: 100 }] } },
    });
    const other = await makeGarment(shop.stylist, {
      title: 'Other shirt',
      category: 'shirt',
      priceMinor: 45_600,
      costMinor: 7_890,
      attributes: { fabric: { fibres: [{ name: 'cotton', pct: 100 }] } },
    });
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId })).answer;
    await shop.stylist.call('hold-line', {
      boxId,
      variantId: trousers,
    });
    const [line] = await shop.db.select().from(boxLine).where(eq(boxLine.boxId, boxId));
    await shop.stylist.call('save-alteration', {
      boxId,
      lineId: sure(line).id,
      job: 'hem',
      mm: 37,
      priceMinor: 1700,
      leadDays: 2,
    });
    const { letter } = (await shop.stylist.call('draft-letter', { boxId })).answer;
    const [row] = await shop.db.select().from(box).where(eq(box.id, boxId));
    const written = await shop.stylist.call('save-letter', {
      boxId,
      version: sure(row).version,
      letter: { ...letter, greeting: 'secret-greeting' } as never,
    });
    const out = await moved(shop.stylist, await moved(shop.stylist, written.answer, 'packed'), 'out');
    const second = await makeBox(shop.stylist, clientId, [other]);
    await shop.stylist.call('decide-line', {
      boxId,
      lineId: sure(line).id,
      decision: 'keep',
      note: 'secret-decision',
    });
    const [garmentRow] = await shop.db.select().from(variant).where(eq(variant.id, other));
    const [picture] = await shop.db.select().from(photo).where(isNotNull(photo.ownedItemId)).limit(1);

    const SECRETS = [
      /secret/i,
      /987.?654/,
      ...Object.values(measures).map((mm) => new RegExp(`(?<![\\d.#-])${mm}(?!\\d)`)),
      /(?<!\d)(45_?600|456\.00|7_?890|78\.90)(?!\d)/,
      /(?<!\d)37 ?mm|3\.7 cm/,
      /allerg/i,
    ];
    const seen: string[] = [];
    const look = async (name: string, page: string): Promise<void> => {
      // Coordinates of drawings, ids and the hashes of files and of the policy are numbers of nobody.
      const text = page
        .replace(/<svg[\s\S]*?<\/svg>/g, '')
        .replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, '')
        .replace(/\/_astro\/[\w.@-]+|sha\d+-[\w+/=]+/g, '');
      for (const secret of SECRETS) if (secret.test(text)) seen.push(`${name}: ${secret.exec(text)?.[0]}`);
    };
    const PAGES: readonly [path: string, status: number][] = [
      ['/', 200],
      ['/stockroom', 200],
      ['/stockroom/scanner', 200],
      ['/clients', 403],
      [`/clients/${clientId}`, 403],
      ['/house-rules', 403],
      ['/ledger', 403],
      ...(['brief', 'pull', 'plan', 'mix', 'combine', 'show', 'journey', 'letter'] as const).map(
        (step): [string, number] => [`/box/${boxId}/${step}`, 403],
      ),
      [`/box/${boxId}/letter.pdf`, 403],
      [`/box/${boxId}/out`, 200],
      [`/box/${boxId}/tally`, 200],
      [`/box/${second.id}/out`, 200],
      [`/photo/${sure(picture).id}`, 404],
    ];
    for (const [path, status] of PAGES) {
      const answer = await fetch(shop.origin + path, {
        headers: { cookie: packer.cookie },
        redirect: 'manual',
      });
      expect([path, answer.status]).toEqual([path, status]);
      await look(path, await answer.text());
    }
    // The second box shows its own piece with its price: that is its pack list.
    const tag = /(?<!\d)(45_?600|456\.00)/;
    expect(seen.filter((each) => !(each.startsWith(`/box/${second.id}/out`) && tag.test(each)))).toEqual([]);

    const CALLS: { readonly [name: string]: unknown } = {
      'scan-line': { boxId: second.id, code: sure(garmentRow).sku },
      'stock-list': { search: 'Other shirt' },
      'garment-sheet': { id: sure(garmentRow).garmentId },
      'find-code': { code: sure(garmentRow).sku },
      'stock-ledger': { variantId: other },
    };
    seen.length = 0;
    for (const [name, input] of Object.entries(CALLS)) {
      const { status, answer } = await packer.call(name as 'stock-list', input as never);
      expect([name, status]).toEqual([name, 200]);
      await look(
        name,
        JSON.stringify(name === 'scan-line' ? { ...(answer as object), view: undefined } : answer),
      );
    }
    expect(seen).toEqual([]);
    expect(out.lines).toHaveLength(1);
  });

  it('books alone what comes in and goes to the cleaner, counts with a reason, and proposes a write-off', async () => {
    const variantId = await makeGarment(shop.stylist, { title: 'Torn', category: 'tee' }, 4);
    const places = (await packer.call('stock-ledger', { variantId })).answer.balances;
    const { locationId } = sure(places.find(({ place }) => place === 'shelf'));
    const at = { variantId, locationId, qty: 1 } as const;
    const shelf = async () =>
      (await packer.call('stock-ledger', { variantId })).answer.balances.find(
        (each) => each.place === 'shelf' && each.locationId === locationId,
      )?.qty;
    for (const cause of ['delivery', 'clean', 'cleaned'] as const)
      expect((await packer.call('move-stock', { ...at, cause })).status).toBe(200);
    expect(await shelf()).toBe(5);
    const silent = await packer.call('move-stock', { ...at, cause: 'write-off' });
    expect([silent.status, silent.problem.faults[0]?.path]).toEqual([422, 'reason']);
    const asked = await packer.call('move-stock', { ...at, cause: 'write-off', reason: 'torn at the seam' });
    expect(asked.answer.proposals.map(({ cause, reason }) => [cause, reason])).toEqual([
      ['write-off', 'torn at the seam'],
    ]);
    expect(await shelf()).toBe(5);
    const [row] = await shop.db
      .select()
      .from(stockProposal)
      .where(and(eq(stockProposal.variantId, variantId), isNull(stockProposal.settledAt)));
    for (const caller of [packer, shop.stylist])
      expect((await caller.call('settle-proposal', { id: sure(row).id, accept: true })).status).toBe(403);
    const desk = await (await fetch(shop.origin, { headers: { cookie: owner.cookie } })).text();
    expect(desk).toContain('torn at the seam');
    const both = await Promise.all(
      [0, 1].map(() => owner.call('settle-proposal', { id: sure(row).id, accept: true })),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
    expect(await shelf()).toBe(4);
    const counted = await packer.call('count-stock', {
      variantId,
      locationId,
      counted: 3,
      expected: 4,
      reason: 'monthly',
    });
    expect(counted.status).toBe(200);
  });
});

const FILE = new URL('../../docs/access.md', import.meta.url);
const ROLES = ['owner', 'stylist', 'packer'] as const;

describe('docs/access.md', () => {
  it('says of every call who may make it and what goes in, and of the packer all that comes back', async () => {
    const line = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
    const calls = [...CALLS.values()]
      .sort((a, b) => (a.name < b.name ? -1 : 1))
      .map(({ name, roles, writes, input }) =>
        line([
          `\`${name}\``,
          ...ROLES.map((role) => (roles.includes(role) ? 'yes' : '')),
          writes ? 'writes' : 'asks',
          Object.keys(input.shape)
            .map((field) => `\`${field}\``)
            .join(' '),
        ]),
      );
    const clientId = await makeClient(shop.stylist, {}, 'Fields of a parcel');
    const variantId = await makeGarment(shop.stylist, {
      title: 'Fields',
      category: 'trousers',
      attributes: { measures: { inseam: 760 }, fabric: { fibres: [{ name: 'cotton', pct: 100 }] } },
    });
    const made = await makeBox(shop.stylist, clientId, [variantId]);
    await shop.stylist.call('save-alteration', {
      boxId: made.id,
      lineId: sure(made.lines[0]).id,
      job: 'hem',
      mm: 20,
      priceMinor: 1,
      leadDays: 1,
    });
    const [row] = await shop.db
      .select()
      .from(garment)
      .where(eq(garment.title, sure(made.lines[0]).piece.title));
    const scan = (await packer.call('scan-line', { boxId: made.id, code: sure(made.lines[0]).sku })).answer;
    await packer.call('move-stock', {
      variantId,
      locationId: sure((await packer.call('stock-ledger', { variantId })).answer.balances[0]).locationId,
      cause: 'write-off',
      qty: 1,
      reason: 'torn',
    });
    const answers: Record<string, unknown> = {
      'the box, on Out and Tally': {
        ruledOut: '',
        due: { shipBy: '' },
        outDay: '',
        returnBy: '',
        ...scan.view,
        lines: scan.view.lines.map((each) => ({ ruledOut: '', ...each })),
      },
      'stock-list': (await packer.call('stock-list', { search: 'Fields' })).answer,
      'garment-sheet': {
        ...(await packer.call('garment-sheet', { id: sure(row).id })).answer,
        attributes: 'as the stockroom has them',
        colours: [],
        sizes: [],
      },
      'find-code': (await packer.call('find-code', { code: sure(made.lines[0]).sku })).answer,
      'stock-ledger, count-stock, move-stock': (await packer.call('stock-ledger', { variantId })).answer,
    };
    const given = Object.entries(answers).map(([name, answer]) =>
      line([
        name,
        fieldsOf(answer)
          .filter((field) => field !== 'ruledOut')
          .sort()
          .map((field) => `\`${field}\``)
          .join(' '),
      ]),
    );
    const text = `# Who may do and see what

Made by tests/data/packer.test.ts from the use cases themselves and from what a packer is answered; the test fails when this
page says anything else. \`WRITE_DOCS=1 bin/test tests/data/packer.test.ts\` writes it anew.

An owner and a stylist see the persons they dress. Whoever packs sees what a parcel needs: prices on the pack list alone,
no measure, limit, note, budget, closet, letter or photo of a client. Packers book alone what comes in, what goes to the
cleaner and comes back, a sample that is brought back, and a count with its reason; a write-off and taking a sample they
propose, and an owner confirms.

## Calls

${line(['call', ...ROLES, '', 'fields of the input'])}
${line(['---', '---', '---', '---', '---', '---'])}
${calls.join('\n')}

## What a packer is answered

${line(['call', 'fields'])}
${line(['---', '---'])}
${given.join('\n')}

## Without an account

A private link opens a client's own brief and nothing else (\`/brief/<token>\`, \`/api/own-brief/<token>\`): the name of the
shop, a first name, the currency, what was written so far and how many photos came with it.
`;
    if (process.env.WRITE_DOCS) writeFileSync(FILE, text);
    expect(existsSync(FILE) && readFileSync(FILE, 'utf8')).toBe(text);
    expect(await shop.db.select().from(client).where(eq(client.id, clientId))).toHaveLength(1);
    expect(await shop.db.select().from(clientMeasure).where(eq(clientMeasure.clientId, clientId))).toEqual(
      [],
    );
  });
});
