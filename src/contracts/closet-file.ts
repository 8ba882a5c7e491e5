import { type GivenPiece, ownMeasures, type Piece, pieceFrom } from '@core/piece';
import { closetItemSchema } from './closet-item';
import { columnNamed, csvOf, readRows } from './csv';
import { jsonList } from './json-list';
import { cellsOfPiece, pieceCells, pieceColumn } from './piece-cells';
import { measuresSchema, pieceSchema } from './piece';
import { type ImportFault, refusedIn } from './import-fault';

/** An item of a closet file: the piece, and how the client stands to it. */
export interface ClosetItem {
  readonly piece: GivenPiece;
  readonly assumed: boolean;
  readonly loved: boolean;
  readonly wornWeekly: boolean;
}

export interface ClosetFile {
  readonly items: readonly ClosetItem[];
  readonly faults: readonly ImportFault[];
}

const CLOSET_FORMAT = 'ivory-rail/closet@1';
const FLAGS = ['assumed', 'loved', 'wornWeekly'] as const;
const REQUIRED = ['title', 'category', 'colours'] as const;

/** Reads a closet file, CSV or JSON. Every faulty row is told with its reason; the others are ready to take. */
export function readCloset(text: string): ClosetFile {
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  return trimmed.startsWith('{') || trimmed.startsWith('[') ? readJson(trimmed) : readCsv(trimmed);
}

function readJson(text: string): ClosetFile {
  const { items, faults } = jsonList(text, 'items', CLOSET_FORMAT, closetItemSchema);
  return { items: items.map(({ item }) => item as ClosetItem), faults };
}

function readCsv(text: string): ClosetFile {
  const read = readRows(text, REQUIRED, (header) => columnNamed(FLAGS, header) ?? pieceColumn(header));
  const faults: ImportFault[] = [...read.faults];
  const items: ClosetItem[] = [];
  for (const { row, record } of read.rows) {
    const { given, measures } = pieceCells(record);
    const sizes = measuresSchema.safeParse(measures);
    if (!sizes.success) faults.push(...refusedIn(row, sizes.error, 'measures.'));
    const piece = pieceSchema.safeParse({ ...given, measures: sizes.data ?? {} });
    if (!piece.success) faults.push(...refusedIn(row, piece.error));
    if ((record.title ?? '').trim() === '') faults.push({ row, path: 'title', code: 'missing' });
    else if (piece.success && sizes.success) {
      const is = (flag: string): boolean => /^(true|yes|1|x)$/i.test((record[flag] ?? '').trim());
      items.push({
        piece: piece.data as GivenPiece,
        assumed: is('assumed'),
        loved: is('loved'),
        wornWeekly: is('wornWeekly'),
      });
    }
  }
  return { items, faults: faults.sort((a, b) => a.row - b.row) };
}

type Owned = Omit<ClosetItem, 'piece'> & { readonly piece: Piece };

/** The closet as CSV, comma separated, one row a piece; it reads back in with `readCloset`. */
export function closetCsv(owned: readonly Owned[]): string {
  const rows = owned.map(({ piece, assumed, loved, wornWeekly }) => ({
    ...cellsOfPiece(piece),
    assumed: assumed ? 'yes' : '',
    loved: loved ? 'yes' : '',
    wornWeekly: wornWeekly ? 'yes' : '',
  }));
  return csvOf(rows);
}

/** The closet as JSON, all of it. */
export const closetJson = (owned: readonly Owned[]): string =>
  JSON.stringify(
    {
      format: CLOSET_FORMAT,
      items: owned.map(({ piece, assumed, loved, wornWeekly }) => ({
        piece: givenOf(piece),
        assumed,
        loved,
        wornWeekly,
      })),
    },
    null,
    2,
  );

/** A piece as somebody gave it: without the measures that were only filled in, and without a way it is worn. */
export const givenOf = ({
  mode: _mode,
  priceMinor: _price,
  origins: _origins,
  ...piece
}: Piece): GivenPiece => ({
  ...piece,
  measures: ownMeasures(piece, _origins),
});

/** How a piece is told from another of the same closet when a file comes in twice. */
export const closetKey = (piece: Pick<Piece, 'title' | 'category' | 'colours'>): string =>
  `${piece.title.trim().toLowerCase()}|${piece.category}|${piece.colours.map(({ hex }) => hex).join(' ')}`;

/** The attributes of a given piece as they are stored, and the rest as the columns. */
export function storedOf(given: GivenPiece): {
  readonly title: string;
  readonly category: GivenPiece['category'];
  readonly colours: GivenPiece['colours'];
  readonly formality: number;
  readonly attributes: Record<string, unknown>;
} {
  const whole = pieceFrom(given);
  const {
    id: _id,
    title: _title,
    owned: _owned,
    assumed: _assumed,
    category,
    colours,
    formality: _formality,
    priceMinor: _price,
    origins: _origins,
    mode: _mode,
    ...attributes
  } = given;
  return { title: whole.title, category, colours, formality: whole.formality, attributes };
}
