import { HOUSE_SCHOOLS } from '@core/client';
import { CATEGORY } from '@core/piece';
import { addDays } from '@core/schedule';
import { shopEan } from '@core/stock';
import type { Answer, Input, CallName } from '@contracts/calls';
import { readList } from '@core/reading';
import { readColourList } from '@contracts/piece-cells';
import type { StockCsvRow } from '@contracts/stock-csv';
import type { StoredAttributes } from '@contracts/piece';
import type { DressedBox, TalliedBox } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import type { Database } from '@data/db';
import type { DemoBox } from '@data/demo/demo-box';
import { DEMO_BOXES } from '@data/demo/boxes';
import { DEMO_CLIENTS } from '@data/demo/clients';
import type { DemoStyle } from '@data/demo/demo-style';
import { DEMO_STYLES } from '@data/demo/garments';
import { graded } from '@data/demo/grading';
import { addLocations, locationsOf } from '@data/shop/locations';
import { addShop, changeShop } from '@data/shop/shops';
import { allSizeIds, sizeNamed } from '@data/stock/sizes';
import type { Actor } from '../context';
import { SERVED } from '../registry';
import { createUser, type SignIn } from '../sign-in';
import { bringIn } from '../stock/bring-in';
import { perform } from '../use-case';
import { dayIn } from '../shop/settings';
import { DEMO_USERS } from './users';

/** Where the invented shop's days begin. */
export const DEMO_ZONE = 'Europe/Paris';

const DAY_MS = 86_400_000;

/** Loads The Heron Room into an empty database, through the same use cases the screens call: whole or not at all. */
export async function loadDemo(db: Database, signIn: SignIn, now: Date): Promise<void> {
  await db.transaction((tx) => load(tx as unknown as Database, signIn, now));
}

async function load(db: Database, signIn: SignIn, now: Date): Promise<void> {
  const shopId = await makeShop(db);
  let stylist = '';
  for (const each of DEMO_USERS) {
    const id = await createUser(db, signIn, { shopId, ...each });
    if (each.role === 'stylist') stylist = id;
  }
  const actor: Actor = { id: stylist, name: 'Stylist', role: 'stylist', shopId };
  await db.transaction((tx) =>
    bringIn({ tx, actor, now: new Date(now.getTime() - 300 * DAY_MS) }, stockRows()),
  );
  await stockFloor(db, actor, new Date(now.getTime() - 200 * DAY_MS));
  const clients = await makeClients(db, actor, new Date(now.getTime() - 290 * DAY_MS));
  for (const planned of DEMO_BOXES) await playBox(db, actor, clients, planned, now);
  await agree(db, actor, clients, now);
  // What is only played is on here: this shop is for looking about.
  await changeShop(db, shopId, {
    terminal: 'simulated',
    carrier: 'simulated',
    address: '3 Quay Lane\nHW1 2AB Harrowmere',
  });
}

/** What everybody agreed to when they came, and who has a box without asking for one. */
async function agree(
  db: Database,
  actor: Actor,
  clients: ReadonlyMap<string, string>,
  now: Date,
): Promise<void> {
  const day = (offset: number): string => addDays(dayIn(DEMO_ZONE, now), offset);
  for (const clientId of clients.values())
    for (const about of ['measures', 'messages'] as const)
      await call(db, actor, now, 'save-consent', { clientId, about, way: 'in writing', givenOn: day(-290) });
  const regular = clients.get('geologist');
  if (regular)
    await call(db, actor, now, 'save-rhythm', {
      clientId: regular,
      pace: 'months',
      every: 3,
      nextDay: day(60),
      stylistId: actor.id,
    });
}

async function makeShop(db: Database): Promise<string> {
  const shopId = await addShop(db, {
    name: 'The Heron Room',
    town: 'Harrowmere',
    currency: 'EUR',
    zone: DEMO_ZONE,
    taxBp: 2000,
    styleFeeMinor: 2000,
    keepAllBp: 1000,
    holdDays: 3,
    closedWeekdays: [0, 1],
    schools: HOUSE_SCHOOLS,
  });
  await addLocations(db, [
    { shopId, title: 'Back room', kind: 'back room' },
    { shopId, title: 'Shop floor', kind: 'shop floor' },
  ]);
  return shopId;
}

/** What hangs on the shop floor besides what lies in the back room: one more of every so many sizes. */
const ON_FLOOR_EVERY = 11;

async function stockFloor(db: Database, actor: Actor, at: Date): Promise<void> {
  const floor = (await locationsOf(db, actor.shopId)).find(({ kind }) => kind === 'shop floor');
  if (!floor) throw new Error('the shop floor was not made');
  const sizes = await allSizeIds(db, actor.shopId);
  for (const variantId of sizes.filter((_, i) => i % ON_FLOOR_EVERY === 0))
    await call(db, actor, at, 'move-stock', {
      variantId,
      locationId: floor.id,
      cause: 'delivery',
      qty: 1,
    });
}

/** Every size of every colourway, with a stock that is real: deep, thin and sold-out sizes. */
export function stockRows(): StockCsvRow[] {
  let number = 0;
  const wanted = new Set(DEMO_BOXES.flatMap((box) => box.lines.map(({ title, size }) => `${title}|${size}`)));
  return DEMO_STYLES.flatMap((style) =>
    style.ways.flatMap((way, w) => {
      const [name = '', ...list] = way.split(' ');
      const colours = readColourList(list.join(' '));
      const solid = colours.length === 1;
      const attributes = { ...style.with, ...(style.volume ? { volume: style.volume } : {}) } as Record<
        string,
        unknown
      >;
      const { formality, set, ...rest } = attributes;
      // The label of everything sewn or knitted says how it is washed.
      const care = CATEGORY[style.category].main ? { care: 'machine', ironing: ironingOf(style) } : {};
      if (solid) delete rest.pattern;
      return sizesOf(style).map(({ size, length, measures }, i): StockCsvRow => {
        number++;
        const fullTitle = `${style.title}, ${name.replace(/-/g, ' ')}`;
        return {
          row: number,
          garmentKey: `${style.title}|${name}`,
          styleId: style.title.toLowerCase().replace(/[^a-z]+/g, '-'),
          title: fullTitle,
          setId: typeof set === 'string' ? `${set}, ${name}` : undefined,
          label: style.label,
          category: style.category,
          colours,
          formality: formality as number | undefined,
          attributes: { ...care, ...rest } as StoredAttributes,
          size,
          length,
          sku: `HR-${String(number).padStart(4, '0')}`,
          ean: shopEan(number),
          priceMinor: style.price * 100,
          // A shop pays between a good third and a half of what it asks.
          costMinor: style.price * (36 + (number % 16)),
          // What the demo boxes take was there to be taken.
          qty: ((number * 7 + w * 3 + i) % 5) + (wanted.has(`${fullTitle}|${size}`) ? 2 : 0),
          measures,
        };
      });
    }),
  );
}

/** How the house marks its labels: knits and denim as they come, linen and shirts pressed, the rest steamed. */
function ironingOf({ category, with: { fabric } = {} }: DemoStyle): 'none' | 'steam' | 'press' {
  const { texture } = (fabric ?? {}) as { readonly texture?: string };
  if (
    CATEGORY[category].knitted ||
    (texture && ['rib', 'cable', 'denim', 'tweed', 'leather'].includes(texture))
  )
    return 'none';
  return texture === 'linen' || category === 'shirt' ? 'press' : 'steam';
}

function sizesOf(style: DemoStyle): { size: string; length: string; measures: Record<string, number> }[] {
  const base = (style.base ?? {}) as Record<string, number>;
  if (style.one) return [{ size: 'one', length: '', measures: base }];
  if (style.shoes)
    return style.shoes.map((size) => ({
      size: String(size),
      length: '',
      measures: { ...base, lengthFlat: Math.round(size * 6.667 + 2) },
    }));
  const run = graded({
    run: style.run ?? 'women',
    category: style.category,
    volume: style.volume ?? 'easy',
    base: style.base ?? {},
  }).map(({ size, measures }) => ({ size, length: '', measures: measures as Record<string, number> }));
  if (!style.long) return run;
  const { long } = style;
  return [
    ...run,
    ...run.slice(1, 5).map(({ size, measures }) => ({
      size,
      length: 'long',
      measures: { ...measures, inseam: (measures.inseam ?? 780) + long },
    })),
  ];
}

async function call<N extends CallName>(
  db: Database,
  actor: Actor,
  at: Date,
  name: N,
  input: Input<N>,
): Promise<Answer<N>> {
  const found = SERVED.get(name);
  if (!found) throw new Error(`no use case ${name}`);
  return (await perform(found, { db, actor, input, now: at })) as Answer<N>;
}

async function makeClients(db: Database, actor: Actor, at: Date): Promise<Map<string, string>> {
  const ids = new Map<string, string>();
  for (const { key, owned, list, lovedWords = [], ...client } of DEMO_CLIENTS) {
    const { id } = await call(db, actor, at, 'save-client', {
      ...client,
      address: `${ids.size * 2 + 3} Ropewalk\nHW${1 + (ids.size % 4)} ${4 + (ids.size % 5)}LN Harrowmere`,
      pieceBudgetMinor: client.pieceBudgetMinor,
    });
    ids.set(key, id);
    for (const { weekly, colours, with: attributes, ...piece } of owned) {
      await call(db, actor, at, 'save-owned', {
        ...piece,
        clientId: id,
        colours: readColourList(colours),
        attributes: (attributes ?? {}) as StoredAttributes,
        wornWeekly: weekly ?? false,
      });
    }
    if (list)
      await call(db, actor, at, 'save-owned-many', {
        clientId: id,
        items: readList(list).flatMap(({ piece }, i) =>
          piece
            ? [
                {
                  piece: { ...piece, id: `row-${i}` } as never,
                  loved: lovedWords.some((word) => piece.title?.toLowerCase().startsWith(word)),
                },
              ]
            : [],
        ),
      });
  }
  return ids;
}

/** Plays a box through its life as far as the plan says, at the days the plan says. */
async function playBox(
  db: Database,
  actor: Actor,
  clients: ReadonlyMap<string, string>,
  plan: DemoBox,
  now: Date,
): Promise<void> {
  const clientId = clients.get(plan.client) ?? '';
  const start = new Date(now.getTime() + plan.startDay * DAY_MS);
  const day = (offset: number): string => addDays(dayIn(DEMO_ZONE, now), offset);
  const occasionIds: string[] = [];
  for (const { day: offset, stages = [], ...occasion } of plan.occasions) {
    const made = await call(db, actor, start, 'save-occasion', {
      clientId,
      occasion: { ...occasion, date: day(offset) },
      stages: [...stages],
    });
    occasionIds.push(made.id);
  }
  const { id: boxId } = await call(db, actor, start, 'start-box', { clientId });
  if (plan.until === 'brief') return;
  const load = (at: Date): Promise<DressedBox> =>
    call(db, actor, at, 'save-brief', {
      boxId,
      version: 1,
      budgetMinor: plan.budgetMinor,
      occasionIds,
      asks: [...plan.asks],
      mood: [...plan.mood],
      notToSend: plan.notToSend,
    });
  let view = await load(start);
  for (const { title, size, ask } of plan.lines) {
    const variantId = await variantNamed(db, actor.shopId, title, size);
    view = await call(db, actor, start, 'hold-line', {
      boxId,
      variantId,
      askId: ask === undefined ? null : (view.asks[ask]?.id ?? null),
    });
  }
  for (const look of plan.looks) {
    view = await call(db, actor, start, 'save-look', {
      boxId,
      occasionId: look.occasion === undefined ? null : (occasionIds[look.occasion] ?? null),
      title: look.title,
      pieces: look.pieces.map((name) => refOf(view, name)),
    });
  }
  if (plan.until === 'combining') return;
  const { letter } = await call(db, actor, start, 'draft-letter', { boxId });
  view = await call(db, actor, start, 'save-letter', { boxId, version: view.version, letter });
  const asked = view.lines.flatMap(({ id: lineId, guard }) =>
    guard.map(({ code, about }) => ({ lineId, code, about })),
  );
  if (asked.length > 0)
    view = await call(db, actor, start, 'pass-limits', {
      boxId,
      passes: asked,
      reason: 'Spoken through with the client on the telephone.',
    });
  for (const to of ['packed', 'out'] as const)
    view = whole(
      await call(db, actor, start, 'move-box', {
        boxId,
        version: view.version,
        to,
        ...(to === 'out' ? { parcel: `HM-${4100 + view.number}` } : {}),
      }),
    );
  if (plan.until === 'out') return;
  const end = new Date(start.getTime() + 9 * DAY_MS);
  let tallied: TalliedBox = view;
  for (const [i, decision] of (plan.decisions ?? []).entries()) {
    const lineId = tallied.lines[i]?.id ?? '';
    tallied = await call(
      db,
      actor,
      end,
      'decide-line',
      decision === 'keep'
        ? { boxId, lineId, decision }
        : {
            boxId,
            lineId,
            decision: 'return',
            reason: decision.reason,
            fitPoint: decision.point ?? null,
            note: decision.note ?? '',
          },
    );
    if (decision !== 'keep') tallied = whole(await call(db, actor, end, 'check-in-line', { boxId, lineId }));
  }
  await call(db, actor, end, 'close-box', {
    boxId,
    version: tallied.version,
    way: 'card',
    notesNext: plan.notesNext ?? '',
  });
}

/** The stylist's view of a box; the demo is played by one. */
function whole<V extends TalliedBox>(view: V | PackView): V {
  if (view.sees !== 'all') throw new Error('the demo is played by a stylist');
  return view;
}

/** `name` or `name@mode`, as a piece of the box or the closet. */
function refOf(view: DressedBox, name: string): { ref: string; mode?: string } {
  const [title = '', mode] = name.split('@');
  const piece = [...view.lines.map((line) => line.piece), ...view.owned].find(
    (each) => each.title === title || each.title.startsWith(`${title},`),
  );
  if (!piece) throw new Error(`demo look: no piece called ${title}`);
  return { ref: piece.id, ...(mode ? { mode } : {}) };
}

async function variantNamed(db: Database, shopId: string, title: string, size: string): Promise<string> {
  const found = await sizeNamed(db, shopId, title, size);
  if (!found) throw new Error(`demo box: no ${title} in ${size}`);
  return found;
}
