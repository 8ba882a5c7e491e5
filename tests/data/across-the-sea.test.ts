import { spelt } from '@core/words';
import { box, boxAsk, boxLine, client, garment, ownedItem, shop as shopTable } from '@data/schema';
import { eq, sql } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { BRITISH } from '../support/british';
import { makeBox, makeClient, makeGarment } from '../support/making';
import { openShop } from '../support/open-shop';
import { callerOf, type Caller } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
/** What people of the shop typed, longest first: it stays as they wrote it. */
let typed: readonly string[] = [];

beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
  const [row] = await shop.db.select({ version: shopTable.version }).from(shopTable);
  const said = await owner.call('save-tongue', {
    version: sure(row).version,
    english: 'american',
    units: 'in',
  });
  expect(said.status).toBe(200);
  await renamed();
  typed = await everyText();
});

/** The demo's garments as a shop of that English would have called them: a sentence bends a title, and no search finds it. */
async function renamed(): Promise<void> {
  const tongue = { english: 'american' } as const;
  for (const table of [garment, ownedItem])
    for (const { id, title } of await shop.db.select({ id: table.id, title: table.title }).from(table))
      if (BRITISH.test(title))
        await shop.db
          .update(table)
          .set({ title: spelt(title, tongue) })
          .where(eq(table.id, id));
}

/** Every text in the database, in columns and in JSON. */
async function everyText(): Promise<string[]> {
  const { rows: tables } = await shop.db.execute<{ name: string }>(
    sql`select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
  );
  const found = new Set<string>();
  const gather = (value: unknown): void => {
    if (typeof value === 'string') found.add(value);
    else if (Array.isArray(value)) value.forEach(gather);
    else if (value && typeof value === 'object') Object.values(value).forEach(gather);
  };
  for (const { name } of tables) {
    const { rows } = await shop.db.execute(sql`select to_jsonb(t) as row from ${sql.identifier(name)} t`);
    for (const { row } of rows) gather(row);
  }
  return [...found].filter(isForeign).sort((a, b) => b.length - a.length);
}

/** What a page says to whoever looks or listens, tag by tag, without drawings and scripts. */
const saidOn = (html: string): string[] =>
  [
    ...html
      .replace(/<(script|style|svg)\b[\s\S]*?<\/\1>/g, ' ')
      .matchAll(/>([^<]+)<|\s(?:aria-label|title|placeholder|alt)="([^"]*)"/g),
  ]
    .map(([, text, label]) =>
      (text ?? label ?? '').replaceAll('&#x27;', '’').replaceAll('&quot;', '"').trim(),
    )
    .filter(Boolean);

/** A metric measure, or its sign alone beside a number in a tag of its own. */
const METRIC = /\d(?:\.\d)? ?(?:cm|mm|°C)\b|\bin cm\b|^(?:cm|mm|°C)$|, (?:cm|mm|°C)$/;
const isForeign = (text: string): boolean => BRITISH.test(text) || METRIC.test(text);

/** Without what was typed, whatever its capitals. */
const ofOurs = (text: string): string =>
  typed.reduce((left, each) => left.replaceAll(each, '').replaceAll(each.toLowerCase(), ''), text);

/** What of these no reader across the sea would write, what was typed left out. */
const foreign = (texts: readonly string[]): string[] => [
  ...new Set(texts.filter((text) => isForeign(ofOurs(text)))),
];

describe('a shop across the sea', () => {
  it('reads its own English and its own inches on every page', async () => {
    const boxes = await shop.db.select({ id: box.id, state: box.state }).from(box);
    const [someone] = await shop.db.select({ id: client.id }).from(client);
    const inState = (state: string): string[] =>
      boxes
        .filter((each) => each.state === state)
        .slice(0, 1)
        .map(({ id }) => id);
    const steps = ['brief', 'pull', 'combine', 'letter', 'plan', 'mix', 'out', 'tally', 'show'];
    const paths = [
      ...[
        '/',
        '/clients',
        '/stockroom',
        '/house-rules',
        '/ledger',
        '/practice',
        '/shop',
        '/account',
        '/plan',
      ],
      `/clients/${sure(someone).id}`,
      ...['pulling', 'combining', 'written', 'packed', 'out', 'tallying', 'closed']
        .flatMap(inState)
        .flatMap((id) => steps.map((step) => `/box/${id}/${step}`)),
    ];
    const found: Record<string, string[]> = {};
    for (const path of paths) {
      const answer = await fetch(shop.origin + path, { headers: { cookie: owner.cookie } });
      expect([path, answer.status]).toEqual([path, 200]);
      const html = await answer.text();
      expect([path, /<html lang="([^"]*)" data-units="(\w+)"/.exec(html)?.slice(1)]).toEqual([
        path,
        ['en-US', 'in'],
      ]);
      const said = foreign(saidOn(html));
      if (said.length > 0) found[path] = said;
    }
    expect(found).toEqual({});
  });

  it('is answered in it, by candidates, drafts and refusals', async () => {
    const [open] = await shop.db
      .select({ id: box.id })
      .from(box)
      .innerJoin(boxLine, sql`${boxLine.boxId} = ${box.id}`)
      .where(sql`${box.state} in ('pulling', 'combining', 'written')`);
    const boxId = sure(open).id;
    const { answer } = await shop.stylist.call('draft-letter', { boxId });
    const texts: string[] = [];
    const gather = (value: unknown): void => {
      if (typeof value === 'string') texts.push(value.trim());
      else if (Array.isArray(value)) value.forEach(gather);
      else if (value && typeof value === 'object') Object.values(value).forEach(gather);
    };
    gather(answer.letter);
    expect(texts.length).toBeGreaterThan(10);
    expect(foreign(texts)).toEqual([]);
  });

  it('understands an ask as it is meant there', async () => {
    const clientId = await makeClient(shop.stylist);
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId })).answer;
    const asks = ['a navy vest', 'pants', 'a sweater, no gray'];
    const said = await shop.stylist.call('save-brief', {
      boxId,
      version: 1,
      budgetMinor: null,
      occasionIds: [],
      mood: [],
      notToSend: '',
      asks,
    });
    expect(said.status).toBe(200);
    const rows = await shop.db
      .select({ ask: boxAsk.ask })
      .from(boxAsk)
      .where(eq(boxAsk.boxId, boxId))
      .orderBy(boxAsk.position);
    expect(rows.map((row) => row.ask.kinds)).toEqual([
      ['waistcoat'],
      ['trousers'],
      expect.arrayContaining(['fine-knit']),
    ]);
    expect(rows[2]?.ask.notColours?.map(({ name }) => name)).toEqual(['grey']);
  });

  it('refuses in it: what a tailor can do, in inches', async () => {
    const clientId = await makeClient(shop.stylist);
    const pants = await makeGarment(shop.stylist, {
      title: 'Pants',
      category: 'trousers',
      attributes: { measures: { inseam: 760 } },
    });
    const { id: boxId } = await makeBox(shop.stylist, clientId, [pants]);
    const [line] = await shop.db.select().from(boxLine).where(eq(boxLine.boxId, boxId));
    const said = await shop.stylist.call('save-alteration', {
      boxId,
      lineId: sure(line).id,
      job: 'take-in',
      mm: 100,
      priceMinor: 0,
      leadDays: 1,
    });
    expect([said.status, said.problem.faults]).toEqual([
      422,
      [{ path: 'mm', message: 'at most 3.125 in; beyond that it is another cut' }],
    ]);
  });
});
