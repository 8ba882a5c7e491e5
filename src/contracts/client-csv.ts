import { BODY_MEASURES, type BodyMeasure } from '@core/figure';
import { parseMoney } from '@core/money';
import { DEPARTMENTS } from '@core/piece';
import { lengthAt } from '@core/reading';
import { type LengthUnit, MM_PER_INCH, PRONOUNS } from '@core/words';
import type { z } from 'zod';
import { saveClientCall } from './client/save-client';
import { folded, readRows } from './csv';
import { type ImportFault, refusedIn } from './import-fault';

/** One row of a file of clients, ready to be saved. */
export interface ClientCsvRow {
  readonly row: number;
  readonly input: z.output<typeof saveClientCall.input>;
}

export interface ClientCsv {
  readonly rows: readonly ClientCsvRow[];
  readonly faults: readonly ImportFault[];
}

/** Largest file of clients taken, bytes of text. */
export const CLIENTS_MOST_BYTES = 5_000_000;

const PLAIN = [
  'name',
  'about',
  'email',
  'phone',
  'pronoun',
  'department',
  'sizes',
  'budget',
  'allergies',
  'nevers',
  'heelMax',
  'notes',
] as const;
type Column = (typeof PLAIN)[number] | BodyMeasure;
const COLUMNS: readonly Column[] = [...PLAIN, ...BODY_MEASURES];

/** What tills and address books call them. */
const ALSO: Readonly<Record<string, Column | 'firstName' | 'lastName'>> = {
  fullname: 'name',
  client: 'name',
  customer: 'name',
  firstname: 'firstName',
  forename: 'firstName',
  givenname: 'firstName',
  lastname: 'lastName',
  surname: 'lastName',
  familyname: 'lastName',
  mail: 'email',
  emailaddress: 'email',
  telephone: 'phone',
  tel: 'phone',
  mobile: 'phone',
  phonenumber: 'phone',
  size: 'sizes',
  boxbudget: 'budget',
  allergy: 'allergies',
  never: 'nevers',
  heel: 'heelMax',
  highestheel: 'heelMax',
  note: 'notes',
  comment: 'notes',
  comments: 'notes',
  height: 'heightMm',
  chest: 'bust',
  hips: 'hip',
  shoulders: 'shoulderWidth',
  arm: 'armLength',
  insideleg: 'insideLegLength',
  inseam: 'insideLegLength',
  foot: 'footLength',
  head: 'headGirth',
  finger: 'fingerMm',
};
const BY_FOLD: ReadonlyMap<string, string> = new Map([
  ...Object.entries(ALSO),
  ...COLUMNS.map((column): [string, string] => [folded(column), column]),
]);

/** Bare numbers of a tape: below 3 they are metres, else in the shop's own unit; a unit that is written counts. */
function tapeMm(cell: string, units: LengthUnit): number | undefined {
  const written = feetAndInches(cell) ?? whole(cell);
  if (written !== undefined) return written;
  if (!/^\d+(?:[.,]\d+)?$/.test(cell)) return undefined;
  const number = Number(cell.replace(',', '.'));
  if (number < 3) return Math.round(number * 1000);
  return Math.round(number * (units === 'in' ? MM_PER_INCH : 10));
}

function whole(cell: string): number | undefined {
  const found = lengthAt(cell);
  return found && found.length === cell.length ? found.value : undefined;
}

/** "5 ft 4", "5'4\"". */
function feetAndInches(cell: string): number | undefined {
  const match = /^(\d)\s*(?:ft|feet|foot|['’′])\s*(\d{1,2}(?:[.,]\d+)?)\s*(?:in|inches|inch|["”″])?$/i.exec(
    cell,
  );
  if (!match) return undefined;
  return Math.round((Number(match[1]) * 12 + Number((match[2] ?? '0').replace(',', '.'))) * MM_PER_INCH);
}

const listOf = (cell: string): string[] =>
  cell
    .split(/[;|,/]/)
    .map((word) => word.trim())
    .filter(Boolean);

/** "dress 12; shoe 39" as sizes by kind; a size alone is the usual one. */
function sizesOf(cell: string): Record<string, string> {
  return Object.fromEntries(
    listOf(cell).map((part) => {
      const match = /^(.*?\p{L})[\s:]+(\S+)$/u.exec(part);
      return match ? [(match[1] ?? '').trim().toLowerCase(), match[2] ?? ''] : ['usual', part];
    }),
  );
}

/** How a shop writes lengths and amounts. */
interface Written {
  readonly units: LengthUnit;
  readonly currency: string;
}

/**
 * Reads a file of clients (RFC 4180, comma or semicolon, with or without BOM), headers as people write them. Every faulty row
 * is told with its column and reason; the others come back ready to save. Lengths may carry their unit.
 */
export function readClientCsv(text: string, shop: Written): ClientCsv {
  const read = readRows(text, [], (header) => BY_FOLD.get(folded(header)));
  const headers = new Set(read.rows.flatMap(({ record }) => Object.keys(record)));
  if (read.rows.length > 0 && !headers.has('name') && !headers.has('firstName') && !headers.has('lastName'))
    return { rows: [], faults: [{ row: 1, path: 'name', code: 'missing-column' }] };
  const faults: ImportFault[] = [...read.faults];
  const rows: ClientCsvRow[] = [];
  const seen = new Map<string, number>();
  for (const { row, record } of read.rows) {
    const found = readRow(record, row, shop);
    const key = 'input' in found ? clientKey(found.input) : '';
    if ('faults' in found) faults.push(...found.faults);
    else if (seen.has(key))
      faults.push({
        row,
        path: 'name',
        code: 'twice',
        params: { said: found.input.name, row: seen.get(key) ?? row },
      });
    else {
      seen.set(key, row);
      rows.push({ row, input: found.input });
    }
  }
  return { rows, faults: faults.sort((a, b) => a.row - b.row) };
}

/** How a client is told from another when a file comes in twice: by address, or by name where there is none. */
export const clientKey = ({
  name,
  email,
}: {
  readonly name: string;
  readonly email?: string | null | undefined;
}): string => (email ? `@${email.trim().toLowerCase()}` : name.trim().toLowerCase().replace(/\s+/g, ' '));

type Found = { readonly input: ClientCsvRow['input'] } | { readonly faults: readonly ImportFault[] };

function readRow(record: Readonly<Record<string, string>>, row: number, shop: Written): Found {
  const cell = (name: string): string => (record[name] ?? '').trim();
  const faults: ImportFault[] = [];
  const fault = (path: string, code: 'not-length' | 'not-amount' | 'not-height'): void =>
    void faults.push({ row, path, code, params: { said: cell(path) } });
  const measures: Partial<Record<BodyMeasure, number>> = {};
  for (const name of BODY_MEASURES) {
    if (cell(name) === '') continue;
    const mm = tapeMm(cell(name), shop.units);
    if (mm === undefined) fault(name, 'not-length');
    else measures[name] = mm;
  }
  const budget = cell('budget') === '' ? null : parseMoney(cell('budget'), shop.currency);
  if (budget === undefined) fault('budget', 'not-amount');
  // Heels are spoken of in cm or inches, and a bare 30 or more is mm.
  const heel = cell('heelMax');
  const heelMaxMm =
    heel === '' ? undefined : /^\d{2,3}$/.test(heel) ? Number(heel) : tapeMm(heel, shop.units);
  if (heel !== '' && heelMaxMm === undefined) fault('heelMax', 'not-height');
  const parsed = saveClientCall.input.safeParse({
    name: cell('name') || [cell('firstName'), cell('lastName')].filter(Boolean).join(' '),
    about: cell('about'),
    email: cell('email'),
    phone: cell('phone'),
    sizes: sizesOf(cell('sizes')),
    measures,
    profile: {
      pronoun: PRONOUNS.find((each) => each === cell('pronoun').toLowerCase()),
      department: DEPARTMENTS.find((each) => each === cell('department').toLowerCase()),
      allergies: listOf(cell('allergies')),
      nevers: listOf(cell('nevers')),
      ...(heelMaxMm === undefined
        ? {}
        : { limits: { heelMaxMm, avoidFibres: [], avoidMetals: [], washableOnly: false } }),
    },
    boxBudgetMinor: budget ?? null,
    notes: cell('notes'),
  });
  if (!parsed.success)
    faults.push(...refusedIn(row, parsed.error).map((each) => ({ ...each, path: columnOf(each.path) })));
  return faults.length > 0 || !parsed.success ? { faults } : { input: parsed.data };
}

/** The column a fault of the input belongs to. */
const columnOf = (path: string): string =>
  path === 'boxBudgetMinor'
    ? 'budget'
    : (path.replace(/^(measures|profile|limits)\./g, '').split(/[.[]/)[0] ?? path);
