import { daySchema } from '@contracts/occasion';
import { getTableColumns, sql } from 'drizzle-orm';
import { getTableConfig, type PgColumn } from 'drizzle-orm/pg-core';
import { z } from 'zod';
import type { ArchivedTable } from './tables';

/** A row as JSON writes it: instants and days as text. */
export type JsonRow = Readonly<Record<string, unknown>>;

const TEXT_MOST = 40_000;
const instant = z.iso.datetime({ offset: true });

/** What a column may hold in a file; its limits are the database's own. */
function fieldOf({ json = {} }: ArchivedTable, name: string, column: PgColumn): z.ZodType {
  const base = ((): z.ZodType => {
    switch (column.columnType) {
      case 'PgUUID':
        return z.uuid();
      case 'PgInteger':
        return z.number().int().min(-2_147_483_648).max(2_147_483_647);
      case 'PgReal':
        return z.number();
      case 'PgBigInt53':
        return z.number().int();
      case 'PgBoolean':
        return z.boolean();
      case 'PgTimestamp':
        return instant;
      case 'PgDateString':
        return daySchema;
      case 'PgText':
      case 'PgVarchar':
        return column.enumValues && column.enumValues.length > 0
          ? z.enum(column.enumValues as [string, ...string[]])
          : z.string().max(TEXT_MOST);
      case 'PgJsonb': {
        const schema = json[name];
        if (!schema) throw new Error(`nothing says what ${name} may hold`);
        return schema;
      }
      default:
        throw new Error(`no kind of field for ${column.columnType}`);
    }
  })();
  return column.notNull ? base : base.nullable();
}

/** Columns of a table that the archive holds, by name. */
export function columnsOf(archived: ArchivedTable): readonly (readonly [string, PgColumn])[] {
  const without = new Set(archived.without ?? []);
  return Object.entries(getTableColumns(archived.table) as Record<string, PgColumn>).filter(
    ([name]) => !without.has(name),
  );
}

const schemas = new Map<ArchivedTable, z.ZodType<JsonRow>>();

/** The schema of a row in a file: every column and no other. */
export function rowSchemaOf(archived: ArchivedTable): z.ZodType<JsonRow> {
  const made =
    schemas.get(archived) ??
    z.strictObject(
      Object.fromEntries(
        columnsOf(archived).map(([name, column]) => [name, fieldOf(archived, name, column)]),
      ),
    );
  schemas.set(archived, made);
  return made;
}

/** What is read of a table: instants to the microsecond, as the database keeps them and no `Date` does. */
export const selectionOf = (archived: ArchivedTable) =>
  Object.fromEntries(
    columnsOf(archived).map(([name, column]) => [
      name,
      column.columnType === 'PgTimestamp'
        ? sql<string | null>`to_char(${column} at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"')`
        : column,
    ]),
  );

/** A checked row of a file as the database takes it. */
export const fromJson = (archived: ArchivedTable, row: JsonRow): Record<string, unknown> =>
  Object.fromEntries(
    columnsOf(archived).map(([name, column]) => {
      const value = row[name];
      const isInstant = column.columnType === 'PgTimestamp' && typeof value === 'string';
      return [name, isInstant ? sql`${value}::timestamptz` : value];
    }),
  );

/** Which table a column points to, by the database's own constraints: name of the column, table, its column. */
export function pointersOf({ table }: ArchivedTable): readonly {
  readonly column: string;
  readonly to: ReturnType<typeof getTableConfig>['name'];
}[] {
  const byName = new Map(
    Object.entries(getTableColumns(table) as Record<string, PgColumn>).map(([key, column]) => [
      column.name,
      key,
    ]),
  );
  return getTableConfig(table).foreignKeys.map((key) => {
    const { columns, foreignTable } = key.reference();
    return { column: byName.get(columns[0]?.name ?? '') ?? '', to: getTableConfig(foreignTable).name };
  });
}
