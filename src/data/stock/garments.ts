import { randomUUID } from 'node:crypto';
import { lab, type Lab } from '@core/colour';
import { CATEGORIES, CATEGORY, type Piece, pieceFrom } from '@core/piece';
import { substancesIn } from '@core/substances';
import type { Place } from '@core/stock';
import {
  and,
  asc,
  count,
  desc,
  eq,
  exists,
  gt,
  gte,
  ilike,
  inArray,
  isNotNull,
  isNull,
  like,
  lte,
  min,
  notExists,
  or,
  sql,
  type SQL,
  type SQLWrapper,
} from 'drizzle-orm';
import type { PgColumn } from 'drizzle-orm/pg-core';
import type { Parsed } from '@contracts/calls';
import type { PlaceView } from '@contracts/pull/pull-row';
import type { Reader, Writer } from '../db';
import { grouped } from '@core/grouped';
import { type GarmentVersion, rowVersion } from './known-garments';
import { garment, location, photo, stockBalance, variant } from '../schema';

/** Which garments are wanted, and in what order. */
export interface StockFilter {
  readonly shopId: string;
  /** A part of the title or the label, or the beginning of a SKU or an EAN. */
  readonly search?: string | undefined;
  readonly categories?: readonly string[] | undefined;
  readonly mostMinor?: number | null | undefined;
  readonly archived?: boolean | undefined;
  readonly narrow?: StockNarrow | undefined;
}

/** Everything else the stockroom may be narrowed to. */
export type StockNarrow = Parsed<'stock-list'>['narrow'];

/** Distance in CIELAB within which a garment is near a colour somebody filters by. */
const NEAR_LAB = 24;

/**
 * An attribute is such. What is usual of a kind is not stored with a garment (a plain cloth has no pattern, a knit is
 * ribbed), so kinds that are usually such count where nothing is said.
 */
function attributeIs(
  path: string,
  value: string,
  usual: (piece: Piece) => string | undefined,
): SQL | undefined {
  const stored = sql`${garment.attributes} #>> ${path}::text[]`;
  const kinds = CATEGORIES.filter(
    (category) => usual(pieceFrom({ id: '', category, colours: [{ hex: '#808080', share: 1 }] })) === value,
  );
  return or(
    sql`${stored} = ${value}`,
    kinds.length > 0 ? and(sql`${stored} is null`, inArray(garment.category, kinds)) : undefined,
  );
}

function narrowWhere(db: Reader, narrow: StockNarrow): (SQL | undefined)[] {
  const { attributes } = garment;
  const hasPhoto = db
    .select({ one: sql`1` })
    .from(photo)
    .where(eq(photo.garmentId, garment.id));
  const ofSize = (size: string) =>
    db
      .select({ one: sql`1` })
      .from(variant)
      .where(and(eq(variant.garmentId, garment.id), ilike(variant.size, literal(size))));
  const last = db
    .select({ one: sql`1` })
    .from(variant)
    .innerJoin(stockBalance, eq(stockBalance.variantId, variant.id))
    .where(and(eq(variant.garmentId, garment.id), eq(stockBalance.place, 'shelf')))
    .groupBy(variant.id)
    .having(sql`sum(${stockBalance.qty}) = 1`);
  const {
    label,
    priceFromMinor,
    priceToMinor,
    formalityFrom,
    formalityTo,
    colourHex,
    season,
    care,
    pattern,
    texture,
    size,
  } = narrow;
  return [
    when(label, (words) => ilike(garment.label, `%${literal(words)}%`)),
    when(priceFromMinor, (least) => gte(garment.priceMinor, least)),
    when(priceToMinor, (most) => lte(garment.priceMinor, most)),
    when(formalityFrom, (least) => gte(garment.formality, least)),
    when(formalityTo, (most) => lte(garment.formality, most)),
    when(colourHex, (hex) => sql`${apartFrom(lab(hex))} <= ${NEAR_LAB * NEAR_LAB}`),
    when(season, (wanted) => sql`(${attributes} -> 'seasons') ? ${wanted}`),
    when(care, (wanted) => attributeIs('{care}', wanted, (piece) => piece.care)),
    when(pattern, (wanted) => attributeIs('{pattern,kind}', wanted, (piece) => piece.pattern.kind)),
    when(texture, (wanted) => attributeIs('{fabric,texture}', wanted, (piece) => piece.fabric.texture)),
    when(size, (wanted) => exists(ofSize(wanted))),
    narrow.shelf === 'some' ? exists(onTheShelf(db)) : undefined,
    narrow.shelf === 'none' ? notExists(onTheShelf(db)) : undefined,
    narrow.shelf === 'last' ? exists(last) : undefined,
    narrow.missing === 'cloth' ? noCloth : undefined,
    narrow.missing === 'measures' ? noMeasures(db) : undefined,
    narrow.missing === 'any' ? or(noCloth, noMeasures(db)) : undefined,
    narrow.photo === 'with' ? exists(hasPhoto) : undefined,
    narrow.photo === 'without' ? notExists(hasPhoto) : undefined,
  ];
}

/** Nobody said what it is made of. */
const noCloth = sql`jsonb_array_length(coalesce(${garment.attributes} #> '{fabric,fibres}', '[]'::jsonb)) = 0`;

const WORN_TO_MEASURE = CATEGORIES.filter((category) => {
  const { shape } = CATEGORY[category];
  return shape === 'upper' || shape === 'lower' || shape === 'whole';
});
/** Clothes of which no size was measured: their fit is by the chart alone. */
const noMeasures = (db: Reader): SQL | undefined =>
  and(
    inArray(garment.category, WORN_TO_MEASURE),
    notExists(
      db
        .select({ one: sql`1` })
        .from(variant)
        .where(and(eq(variant.garmentId, garment.id), sql`${variant.measures} <> '{}'::jsonb`)),
    ),
  );

/** A condition of something that is wanted; none of what is not. */
const when = <T>(wanted: T | undefined, condition: (wanted: T) => SQL | undefined): SQL | undefined =>
  wanted === undefined ? undefined : condition(wanted);

/** Square of the distance of a garment's first colour in CIELAB. */
function apartFrom({ l, a, b }: Lab): SQL {
  const apart = (column: PgColumn, value: number): SQL =>
    sql`(${column} - ${value}) * (${column} - ${value})`;
  return sql`${apart(garment.mainL, l)} + ${apart(garment.mainA, a)} + ${apart(garment.mainB, b)}`;
}

/** By worth: price times what stands on the shelf. */
export type StockSort = 'category' | 'title' | 'label' | 'priceMinor' | 'shelf' | 'worth';

/** A pattern of LIKE in which what was typed stands for itself. */
const literal = (text: string): string => text.replace(/[%_\\]/g, '\\$&');

function stockWhere(db: Reader, filter: StockFilter): SQL | undefined {
  const { search = '', categories = [], mostMinor = null } = filter;
  return and(
    eq(garment.shopId, filter.shopId),
    filter.archived ? isNotNull(garment.archivedAt) : isNull(garment.archivedAt),
    categories.length > 0 ? inArray(garment.category, [...categories]) : undefined,
    mostMinor === null ? undefined : sql`${garment.priceMinor} <= ${mostMinor}`,
    ...narrowWhere(db, filter.narrow ?? {}),
    search === ''
      ? undefined
      : or(
          ilike(garment.title, `%${literal(search)}%`),
          ilike(garment.label, `%${literal(search)}%`),
          madeOf(search),
          // Looked up once by its index, not for every garment.
          inArray(
            garment.id,
            db
              .select({ id: variant.garmentId })
              .from(variant)
              .where(
                and(
                  eq(variant.shopId, filter.shopId),
                  or(
                    like(sql`upper(${variant.sku})`, `${literal(search.toUpperCase())}%`),
                    eq(variant.ean, search),
                  ),
                ),
              ),
          ),
        ),
  );
}

/** Garments whose label names a substance that was asked for, by any of its names: "wool" finds merino. */
function madeOf(search: string): SQL | undefined {
  const names = substancesIn(search).flatMap((substance) => substance.names);
  if (names.length === 0) return undefined;
  const wanted = sql`${sql.param(names)}::text[]`;
  return or(
    sql`exists (select 1 from jsonb_array_elements(coalesce(${garment.attributes} #> '{fabric,fibres}', '[]'::jsonb)) fibre
      where lower(fibre ->> 'name') = any(${wanted}))`,
    sql`(${garment.attributes} -> 'metalContent') ?| ${wanted}`,
  );
}

const onShelf = sql<number>`(select coalesce(sum(b.qty), 0)::int from ${variant} v
  join ${stockBalance} b on b.variant_id = v.id and b.place = 'shelf' where v.garment_id = "garment"."id")`;

/** Garments of a filter, a page of them, in an order that two reads share. */
export async function garmentPage(
  db: Reader,
  filter: StockFilter,
  page: {
    readonly sort: StockSort;
    readonly down: boolean;
    readonly offset: number;
    readonly limit: number;
  },
) {
  const way = page.down ? desc : asc;
  const by =
    page.sort === 'shelf'
      ? onShelf
      : page.sort === 'worth'
        ? sql`${onShelf}::bigint * ${garment.priceMinor}`
        : garment[page.sort];
  return db
    .select()
    .from(garment)
    .where(stockWhere(db, filter))
    .orderBy(way(by), asc(garment.title), asc(garment.id))
    .offset(page.offset)
    .limit(page.limit);
}

/** Units of a garment on the shelf, in any size; for use within a statement over garments. */
const onTheShelf = (db: Reader, of: SQLWrapper = garment.id) =>
  db
    .select({ one: sql`1` })
    .from(variant)
    .innerJoin(stockBalance, eq(stockBalance.variantId, variant.id))
    .where(
      and(
        sql`${variant.garmentId} = ${of}`,
        sql`${stockBalance.place} = 'shelf'`,
        sql`${stockBalance.qty} > 0`,
      ),
    );

/** Titles of what answers a filter: a few of them, to say why they are not offered. */
export const titlesOf = (db: Reader, filter: StockFilter, more?: SQL) =>
  db
    .select({ title: garment.title })
    .from(garment)
    .where(and(stockWhere(db, filter), more))
    .orderBy(desc(garment.createdAt), asc(garment.title))
    .limit(TITLES_MOST);
const TITLES_MOST = 20;

/** Titles of what answers a filter and is gone in every size: counted one by one, as a filter leaves few. */
export const soldOut = (db: Reader, filter: StockFilter) => titlesOf(db, filter, sql`${onShelf} = 0`);

export interface PullWish extends StockFilter {
  /** A colour to be near to, CIELAB. */
  readonly near?: Lab | undefined;
}

/** Candidates that are read for one pull list at most; the rest is beyond what anybody looks through. */
export const PULL_MOST = 160;
/** Nearest ones whose shelf is looked at: beyond them hardly anybody looks, and a stock has not that much sold out. */
const PULL_LOOKED_THROUGH = 2000;

/**
 * Garments of which something stands on the shelf, the ones nearest to a wished colour first, or the newest. This is
 * the one statement of the pull list that grows with the stock: it goes through ids and colours alone.
 * docs/pull-list.md has its plan.
 */
export async function pullCandidates(
  db: Reader,
  { near, ...filter }: PullWish,
): Promise<readonly GarmentVersion[]> {
  const order = near ? apartFrom(near) : sql`-extract(epoch from ${garment.createdAt})`;
  const nearest = db
    .select({ id: garment.id, apart: sql<number>`${order}`.as('apart') })
    .from(garment)
    .where(stockWhere(db, filter))
    .orderBy(sql`apart`, asc(garment.id))
    .limit(PULL_LOOKED_THROUGH)
    .as('nearest');
  const found = db
    .select({ id: nearest.id, apart: nearest.apart })
    .from(nearest)
    .where(exists(onTheShelf(db, nearest.id)))
    .orderBy(asc(nearest.apart), asc(nearest.id))
    .limit(PULL_MOST)
    .as('found');
  return db
    .select({ id: garment.id, rowVersion })
    .from(found)
    .innerJoin(garment, eq(garment.id, found.id))
    .orderBy(asc(found.apart), asc(found.id));
}

/** Units on the shelf by size, over all places of the shop; a size with none is absent. */
export async function unitsOnShelf(
  db: Reader,
  variantIds: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  if (variantIds.length === 0) return new Map();
  const rows = await db
    .select({ id: stockBalance.variantId, units: stockBalance.qty })
    .from(stockBalance)
    .where(
      and(
        sql`${stockBalance.variantId} = any(${sql.param(variantIds)}::uuid[])`,
        sql`${stockBalance.place} = 'shelf'`,
        sql`${stockBalance.qty} > 0`,
      ),
    );
  const found = new Map<string, number>();
  for (const { id, units } of rows) found.set(id, (found.get(id) ?? 0) + units);
  return found;
}

export interface SizeRow {
  readonly variant: typeof variant.$inferSelect;
  /** Units by place, over all locations. */
  readonly at: Readonly<Partial<Record<Place, number>>>;
}

const unitsAt = (place: Place) =>
  sql<number>`coalesce(sum(${stockBalance.qty}) filter (where ${stockBalance.place} = ${place}), 0)::int`;

/** Sizes of garments in their order, with what stands on the shelf, is held and is out: one query for all. */
export async function sizesByGarment(
  db: Reader,
  garmentIds: readonly string[],
): Promise<ReadonlyMap<string, readonly SizeRow[]>> {
  if (garmentIds.length === 0) return new Map();
  // Sized up one by one by the key: of a large stock only a few sizes are asked for, which a planner cannot know.
  const at = db
    .select({
      shelf: unitsAt('shelf').as('shelf'),
      held: unitsAt('held').as('held'),
      out: unitsAt('out').as('out'),
    })
    .from(stockBalance)
    .where(eq(stockBalance.variantId, variant.id))
    .as('at');
  const rows = await db
    .select({ variant, shelf: at.shelf, held: at.held, out: at.out })
    .from(variant)
    .leftJoinLateral(at, sql`true`)
    .where(sql`${variant.garmentId} = any(${sql.param(garmentIds)}::uuid[])`)
    .orderBy(asc(variant.position));
  return grouped(
    rows.map(({ variant: size, ...units }): SizeRow => ({ variant: size, at: units as SizeRow['at'] })),
    ({ variant: size }) => size.garmentId,
  );
}

/** Where sizes stand on the shelf, by variant, the fullest place first. */
export async function placesByVariant(
  db: Reader,
  variantIds: readonly string[],
): Promise<ReadonlyMap<string, readonly PlaceView[]>> {
  if (variantIds.length === 0) return new Map();
  const rows = await db
    .select({
      variantId: stockBalance.variantId,
      locationId: location.id,
      title: location.title,
      free: stockBalance.qty,
    })
    .from(stockBalance)
    .innerJoin(location, eq(location.id, stockBalance.locationId))
    .where(
      and(
        inArray(stockBalance.variantId, [...variantIds]),
        eq(stockBalance.place, 'shelf'),
        gt(stockBalance.qty, 0),
      ),
    )
    .orderBy(desc(stockBalance.qty), asc(location.title));
  return grouped(rows, ({ variantId }) => variantId);
}

export type GarmentRow = typeof garment.$inferSelect;
type GarmentValues = Partial<typeof garment.$inferInsert>;

/** A garment of a shop, locked for the rest of the transaction when `lock` is set. */
export async function findGarment(
  db: Reader,
  shopId: string,
  id: string,
  lock = false,
): Promise<GarmentRow | undefined> {
  const query = db
    .select()
    .from(garment)
    .where(and(eq(garment.id, id), eq(garment.shopId, shopId)));
  const [row] = await (lock ? query.for('update') : query);
  return row;
}

/** Garments of a shop by their ids; all that are not archived without. */
export const garmentsOf = (db: Reader, shopId: string, ids?: readonly string[]): Promise<GarmentRow[]> =>
  db
    .select()
    .from(garment)
    .where(and(eq(garment.shopId, shopId), ids ? inArray(garment.id, [...ids]) : isNull(garment.archivedAt)))
    .orderBy(asc(garment.category), asc(garment.title));

/** How many garments answer a filter. */
export async function countGarments(db: Reader, filter: StockFilter): Promise<number> {
  const [all] = await db.select({ total: count() }).from(garment).where(stockWhere(db, filter));
  return all?.total ?? 0;
}

/** Garments of these styles, in all their colourways and titles. */
export const garmentsOfStyles = (
  db: Reader,
  shopId: string,
  styleIds: readonly string[],
): Promise<GarmentRow[]> =>
  db
    .select()
    .from(garment)
    .where(and(eq(garment.shopId, shopId), sql`${garment.styleId} = any(${sql.param(styleIds)}::text[])`));

/** New garments at once; their ids, in the order of the values. */
export async function addGarments(
  tx: Writer,
  values: readonly (typeof garment.$inferInsert)[],
): Promise<string[]> {
  const ids = values.map(() => randomUUID());
  if (values.length > 0)
    await tx.insert(garment).values(values.map((value, i) => ({ ...value, id: ids[i] as string })));
  return ids;
}

/** The version in which a size's garment stands now; none for a size of another shop. */
export const versionOfSize = (db: Reader, shopId: string, variantId: string): Promise<GarmentVersion[]> =>
  db
    .select({ id: garment.id, rowVersion })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(and(eq(variant.id, variantId), eq(variant.shopId, shopId)));

/** The version in which a garment of a shop stands now. */
export const versionOfGarment = (db: Reader, shopId: string, id: string): Promise<GarmentVersion[]> =>
  db
    .select({ id: garment.id, rowVersion })
    .from(garment)
    .where(and(eq(garment.id, id), eq(garment.shopId, shopId)));

/** A new garment; its id. */
export async function addGarment(tx: Writer, values: typeof garment.$inferInsert): Promise<string> {
  const [made] = await tx.insert(garment).values(values).returning({ id: garment.id });
  if (!made) throw new Error('the garment was not made');
  return made.id;
}

export async function changeGarment(tx: Writer, id: string, values: GarmentValues): Promise<void> {
  await tx.update(garment).set(values).where(eq(garment.id, id));
}

/** What may be given to many garments at once; attributes are laid over those of each. */
export interface ForMany extends GarmentValues {
  /** Prices go up or down by so many per cent, each rounded half up. */
  readonly percent?: number | undefined;
  readonly over?: Readonly<Record<string, unknown>> | undefined;
}

const raisedBy = (percent: number): SQL =>
  sql`round(${garment.priceMinor}::numeric * (100 + ${percent}::numeric) / 100)`;

/** Changes garments of a shop all in one, one version further each; the ids of those it found. */
export async function changeGarments(
  tx: Writer,
  shopId: string,
  ids: readonly string[],
  { percent, over = {}, ...values }: ForMany,
): Promise<string[]> {
  const changed = await tx
    .update(garment)
    .set({
      ...values,
      ...(percent === undefined ? {} : { priceMinor: sql`${raisedBy(percent)}::int` }),
      ...(Object.keys(over).length > 0
        ? { attributes: sql`${garment.attributes} || ${JSON.stringify(over)}::jsonb` }
        : {}),
      version: sql`${garment.version} + 1`,
    })
    .where(and(eq(garment.shopId, shopId), inArray(garment.id, [...ids])))
    .returning({ id: garment.id });
  return changed.map(({ id }) => id);
}

/** The title of one of these garments that would cost more than `most` after such a change. */
export async function pricedBeyond(
  db: Reader,
  shopId: string,
  ids: readonly string[],
  percent: number,
  most: number,
): Promise<string | undefined> {
  const [beyond] = await db
    .select({ title: garment.title })
    .from(garment)
    .where(
      and(eq(garment.shopId, shopId), inArray(garment.id, [...ids]), sql`${raisedBy(percent)} > ${most}`),
    )
    .limit(1);
  return beyond?.title;
}

/** Cheapest price by kind of what stands on the shelf, minor units; the brief says by it what a budget reaches. */
export async function cheapestOf(db: Reader, shopId: string): Promise<Readonly<Record<string, number>>> {
  const rows = await db
    .select({ category: garment.category, price: min(garment.priceMinor) })
    .from(garment)
    .innerJoin(variant, eq(variant.garmentId, garment.id))
    .innerJoin(stockBalance, eq(stockBalance.variantId, variant.id))
    .where(
      and(
        eq(garment.shopId, shopId),
        isNull(garment.archivedAt),
        eq(stockBalance.place, 'shelf'),
        gt(stockBalance.qty, 0),
      ),
    )
    .groupBy(garment.category);
  return Object.fromEntries(rows.map(({ category, price }) => [category, price ?? 0]));
}
