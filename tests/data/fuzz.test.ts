import { type CallName, CALLS } from '@contracts/calls';
import { disagreements } from '@data/check';
import { box, client, garment, occasion, ownedItem, shop as shopTable, variant } from '@data/schema';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { openShop } from '../support/open-shop';
import { callerOf } from '../support/server';
import { stream } from '../support/stream';
import { sure } from '../support/sure';

const shop = openShop();

/** Tries of each call; `LONG=1` goes the whole way. */
const EACH = process.env.LONG ? 34 : 14;

/** What no field expects, and what each is bad for. */
const ODD: readonly unknown[] = [
  '\u0000',
  'a\u0000b',
  '\ud800',
  'x\udc00y',
  'k'.repeat(5000),
  '../../etc/passwd',
  "'; drop table box; --",
  '‮right to left',
  '0000-01-01',
  '9999-12-31',
  '2027-02-30',
  1e308,
  -1e308,
  9_007_199_254_740_993,
  2_147_483_648,
  -1,
  0.1,
  1700.5,
  null,
  true,
  [],
  {},
  [[[[[]]]]],
  { ['k'.repeat(400)]: 1 },
  { ['\u0000']: 1 },
  { __proto__: null, constructor: 1 },
];

type Field = { readonly path: readonly (string | number)[] };

/** Places of a valid input that may be replaced, a few levels deep. */
function placesOf(value: unknown, path: readonly (string | number)[] = []): Field[] {
  if (value === null || typeof value !== 'object' || path.length > 3) return [{ path }];
  const inner = Object.entries(value).flatMap(([key, each]) =>
    placesOf(each, [...path, Array.isArray(value) ? Number(key) : key]),
  );
  return path.length === 0 ? inner : [{ path }, ...inner];
}

function replaced(value: unknown, [key, ...rest]: readonly (string | number)[], by: unknown): unknown {
  if (key === undefined) return by;
  if (Array.isArray(value)) return value.map((each, i) => (i === key ? replaced(each, rest, by) : each));
  return { ...(value as object), [key]: replaced((value as Record<string, unknown>)[key], rest, by) };
}

/** Something each kind of field takes, from its schema; ids are those of the demo. */
async function examples(): Promise<Record<CallName, Record<string, unknown>>> {
  const { db } = shop;
  const [[person], [item], [party], [row], [piece], [size], [own]] = await Promise.all([
    db.select().from(client).limit(1),
    db.select().from(ownedItem).limit(1),
    db.select().from(occasion).limit(1),
    db.select().from(box).limit(1),
    db.select().from(garment).limit(1),
    db.select().from(variant).limit(1),
    db.select().from(shopTable).limit(1),
  ]);
  const ids: Record<string, string> = {
    clientId: sure(person).id,
    boxId: sure(row).id,
    variantId: sure(size).id,
    lineId: sure(row).id,
    occasionId: sure(party).id,
    locationId: sure(own).id,
    askId: sure(row).id,
  };
  const sample = (schema: unknown, name: string): unknown => {
    const json = schema as {
      type?: string;
      anyOf?: unknown[];
      enum?: unknown[];
      properties?: object;
      items?: unknown;
      format?: string;
      prefixItems?: unknown[];
    };
    if (ids[name]) return ids[name];
    if (name === 'id') return sure(piece).id;
    if (name === 'version') return 1;
    if (json.enum) return json.enum[0];
    if (json.anyOf) return sample(json.anyOf[0], name);
    if (json.format === 'uuid') return sure(item).id;
    switch (json.type) {
      case 'object':
        return Object.fromEntries(
          Object.entries(json.properties ?? {}).map(([key, each]) => [key, sample(each, key)]),
        );
      case 'array':
        return json.prefixItems
          ? json.prefixItems.map((each) => sample(each, ''))
          : [sample(json.items ?? {}, '')];
      case 'number':
      case 'integer':
        return 5;
      case 'boolean':
        return false;
      default:
        return name === 'hex' || name.endsWith('Hex') ? '#1f2a44' : name === 'date' ? '2027-05-01' : 'words';
    }
  };
  return Object.fromEntries(
    [...CALLS.values()].map(({ name, input: schema }) => [
      name,
      sample(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }), '') as Record<string, unknown>,
    ]),
  ) as never;
}

describe('what nobody would type', () => {
  it('is refused by every call in words, and never as a fault of ours', async () => {
    const owner = await callerOf(shop.origin, 'owner');
    const all = await examples();
    const random = stream(7);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
    const names = [...CALLS.keys()];
    const failed: string[] = [];
    let calls = 0;
    for (const name of names) {
      const example = all[name];
      const places = placesOf(example);
      // A call that takes nothing has nowhere to put it.
      if (places.length === 0) continue;
      for (let i = 0; i < EACH; i++) {
        const by = pick(ODD);
        const { path } = pick(places);
        const said = await owner.call(
          name,
          replaced(example, path, by) as never,
          i % 3 === 0 ? `fuzz-${name}-${i}` : undefined,
        );
        calls++;
        if (said.status >= 500)
          failed.push(`${name} ${path.join('.')} = ${JSON.stringify(by).slice(0, 40)}: ${said.status}`);
        else if (said.status >= 400) expect(said.problem.title, name).toMatch(/\w/);
      }
    }
    expect(calls).toBeGreaterThan(1500);
    expect(failed).toEqual([]);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('a key that is no key is refused, and no path of an address breaks a page', async () => {
    const boxes = await shop.db.select().from(box).limit(1);
    const boxId = sure(boxes[0]).id;
    for (const key of ['x'.repeat(300), 'a b', 'ü']) {
      const said = await shop.stylist
        .call(
          'start-box',
          { clientId: sure(boxes[0]).clientId },
          encodeURIComponent(key) === key ? key : encodeURI(key).repeat(60),
        )
        .then(({ status }) => status);
      expect(said).toBe(422);
    }
    for (const path of [
      '/clients/%00',
      '/box/%F0%9F%98%80/pull',
      `/box/${boxId}/%00`,
      '/photo/%ED%A0%80',
      '/clients/..%2f..%2f',
      `/box/${boxId}'--/out`,
      '/%',
      '/stockroom?x=%',
    ]) {
      const answer = await fetch(shop.origin + path, {
        headers: { cookie: shop.stylist.cookie },
        redirect: 'manual',
      });
      expect(answer.status, path).toBeLessThan(500);
    }
  });
});
