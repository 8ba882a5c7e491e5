import { decimalsOf } from '../money';
import { CATEGORY, type Category, type GivenPiece } from '../piece';
import { pieceOfReading, read, type Reading } from '../reading';
import { styleIdOf, usualSku } from '../stock';
import type { Tongue } from '../words';
import { barcodeOf, countOf, fibresOf, priceOf, sizesIn } from './cells';
import type { Cells, TillSheet } from './columns';
import type { TillField } from './fields';
import { inEnglish } from './tongues';
import type { TillFault, TillNote } from './words';

/** One size of a garment, out of a row of a till's file. */
export interface TillSize {
  /** Row of the file as a spreadsheet counts, from 1. */
  readonly row: number;
  readonly styleId: string;
  readonly title: string;
  readonly label: string;
  readonly piece: Omit<GivenPiece, 'id'>;
  readonly size: string;
  readonly length: string;
  readonly sku: string;
  readonly ean?: string | undefined;
  readonly priceMinor: number;
  readonly costMinor?: number | undefined;
  readonly qty: number;
}

export interface TillRead {
  readonly sizes: readonly TillSize[];
  readonly faults: readonly TillFault[];
  readonly notes: readonly TillNote[];
}

export interface TillOptions {
  /** The shop's, ISO 4217. */
  readonly currency: string;
  /** Kinds somebody chose for words that say none: "Bottoms" are trousers here. */
  readonly kinds?: Readonly<Record<string, Category>> | undefined;
  /** How the shop speaks: a vest hangs over a shirt in one English and under it in the other. */
  readonly tongue?: Tongue | undefined;
}

/** Longest texts a garment takes, characters. */
const MOST: { readonly [field in TillField]?: number } = {
  title: 120,
  size: 20,
  length: 20,
  sku: 60,
  label: 80,
  style: 80,
};
/** Fields that say what a garment is, whatever its sizes. */
const PIECE_FIELDS = ['title', 'kind', 'colour', 'fibres', 'care', 'department'] as const;
const TOTALS = /^(?:grand |sub)?total|^sum\b|^summe|^gesamt|^totale|^totaal/i;

/**
 * Reads the rows of a till's file, its columns settled: what is written in each is understood as a person would, what is
 * missing is made or guessed and noted, and what cannot come in is named with its reason. Nothing is dropped unsaid but
 * empty rows and totals. Time grows with the rows alone.
 */
export function readTill(cells: Cells, sheet: TillSheet, options: TillOptions): TillRead {
  const reader = new TillReader(sheet, options);
  for (let i = sheet.headRow + 1; i < cells.length; i++) reader.take(cells[i] ?? [], i + 1);
  return reader;
}

/** What is told of a row, without where it stands. */
type Told<T> = T extends unknown ? Omit<T, 'row' | 'field'> : never;
interface Tell {
  readonly fault: (field: TillField, rest: Told<TillFault>) => void;
  readonly note: (field: TillField, rest: Told<TillNote>) => void;
}
type Named = { readonly [field in TillField]?: string };

class TillReader implements TillRead {
  readonly sizes: TillSize[] = [];
  readonly faults: TillFault[] = [];
  readonly notes: TillNote[] = [];
  private readonly skus = new Map<string, number>();
  private readonly eans = new Map<string, number>();
  private readonly runs = new Map<string, number>();
  /** The same words are read once: a file says "Women's dresses" ten thousand times. */
  private readonly known = new Map<string, Reading>();
  private readonly pieces = new Map<string, Omit<GivenPiece, 'id'>>();
  private above: Named = {};
  private readonly decimals: number;

  constructor(
    private readonly sheet: TillSheet,
    private readonly options: TillOptions,
  ) {
    this.decimals = decimalsOf(options.currency);
  }

  take(cells: readonly string[], row: number): void {
    if (cells.every((cell) => cell.trim() === '')) return;
    const own = this.named(cells);
    if (TOTALS.test(own.title ?? cells.find((cell) => cell.trim() !== '') ?? '') && !own.sku && !own.size)
      return;
    const isCarried = !own.title && Boolean(own.size) && Boolean(this.above.title);
    const said: Named = isCarried ? { ...this.above, ...own } : own;
    // Of the row above, what holds for the garment; codes and counts are each row's own.
    const { sku: _sku, ean: _ean, qty: _qty, size: _size, length: _length, ...garment } = said;
    this.above = garment;
    const before = this.faults.length;
    const tell: Tell = {
      fault: (field, rest) => void this.faults.push({ row, field, ...rest }),
      note: (field, rest) => void this.notes.push({ row, field, ...rest }),
    };
    const { fault, note } = tell;
    if (isCarried) note('title', { code: 'carried' });
    for (const [field, most] of Object.entries(MOST) as [TillField, number][])
      if ((said[field]?.length ?? 0) > most && field !== 'size')
        fault(field, { code: 'too-long', params: { most } });
    const piece = this.pieceOf(said, tell);
    const priceMinor = this.money(said, 'price', tell);
    const costMinor = said.cost ? this.money(said, 'cost', tell) : undefined;
    const sizes = this.sizesOf(said, piece?.category, tell);
    const counts = this.countsOf(said, sizes, tell);
    if (this.faults.length > before || !piece || priceMinor === undefined) return;
    const styleId = (said.style || styleIdOf(piece.title ?? '')).slice(0, 80);
    for (const [i, size] of sizes.entries())
      this.one(
        {
          row,
          styleId,
          title: piece.title ?? '',
          label: said.label ?? '',
          piece,
          size,
          length: said.length ?? '',
          sku: said.sku ?? '',
          priceMinor,
          costMinor,
          qty: counts[i] ?? 0,
        },
        { of: sizes.length, barcode: sizes.length === 1 ? (said.ean ?? '') : '' },
        tell,
      );
  }

  private named(cells: readonly string[]): Named {
    const named: { [field in TillField]?: string } = {};
    for (const [i, field] of this.sheet.columns.entries()) {
      const cell = (cells[i] ?? '').trim().replace(/\s+/g, ' ');
      if (field && cell !== '') named[field] = cell;
    }
    return named;
  }

  private readingOf(text: string): Reading {
    const known = this.known.get(text);
    if (known) return known;
    const reading = read(inEnglish(text, this.sheet.tongue), {
      as: 'garment',
      english: this.options.tongue?.english,
    });
    this.known.set(text, reading);
    return reading;
  }

  /** Kind, colour, cloth and cut of a row, out of all its words. */
  private pieceOf(said: Named, { fault, note }: Tell): Omit<GivenPiece, 'id'> | undefined {
    if (!said.title) return void fault('title', { code: 'no-name' });
    // Sizes of one garment in row after row are read once, and share their piece.
    const words = PIECE_FIELDS.map((field) => said[field] ?? '').join('\u001f');
    const made = this.pieces.get(words);
    if (made) return made;
    const title = this.readingOf(said.title);
    const kind = said.kind ? this.readingOf(said.kind) : undefined;
    const category = this.kindOf(said, title, kind);
    if (!category) return void fault('kind', { code: 'no-kind', params: { said: said.kind ?? said.title } });
    const colour = said.colour ? this.readingOf(said.colour) : undefined;
    const hexes = hexesIn(said.colour ?? '');
    const colours = hexes.length > 0 ? hexes : (colour?.colours ?? title.colours ?? []);
    if (colours.length === 0) note('colour', { code: 'colour-unknown', params: { said: said.colour ?? '' } });
    const care = said.care ? this.readingOf(said.care).care : undefined;
    const department = this.departmentOf(said) ?? title.department ?? kind?.department;
    const patterns = title.patterns ?? colour?.patterns ?? kind?.patterns;
    const piece = pieceOfReading({
      ...title,
      text: said.title,
      kinds: [category],
      colours,
      ...(patterns ? { patterns } : {}),
      ...(care ? { care } : {}),
      ...(department ? { department } : {}),
    });
    if (!piece) return undefined;
    const { owned: _owned, ...garment } = piece;
    const fibres = said.fibres ? fibresOf(inEnglish(said.fibres, this.sheet.tongue)) : [];
    const whole = {
      ...garment,
      title: said.title,
      ...(fibres.length > 0 ? { fabric: { ...garment.fabric, fibres: fibres.slice(0, 12) as never } } : {}),
    };
    if (colours.length > 0) this.pieces.set(words, whole);
    return whole;
  }

  /** The kind of a row: as its name says, within what its group says; a group of one kind decides a name that says none. */
  private kindOf(said: Named, title: Reading, kind: Reading | undefined): Category | undefined {
    const chosen = this.options.kinds?.[said.kind ?? said.title ?? ''];
    if (chosen) return chosen;
    const [named] = title.kinds;
    const group = kind?.kinds ?? [];
    if (!named) return group[0];
    if (group.length === 0 || group.includes(named)) return named;
    const inGroup = title.kinds.find((each) => group.includes(each));
    if (inGroup) return inGroup;
    const [only] = group;
    return only && CATEGORY[only].shape !== CATEGORY[named].shape ? only : named;
  }

  private departmentOf(said: Named) {
    return said.department ? this.readingOf(said.department).department : undefined;
  }

  private money(said: Named, field: 'price' | 'cost', { fault }: Tell): number | undefined {
    const cell = said[field] ?? '';
    if (cell === '') return void fault(field, { code: 'no-price' });
    const { currency } = this.options;
    const minor = priceOf(cell, currency, this.decimals);
    if (minor === 'other')
      return void fault(field, { code: 'other-currency', params: { said: cell, currency } });
    if (minor === undefined) return void fault(field, { code: 'not-price', params: { said: cell } });
    return minor;
  }

  private sizesOf(said: Named, kind: Category | undefined, { fault }: Tell): string[] {
    const hasColumn = this.sheet.columns.includes('size');
    const cell =
      said.size ??
      (hasColumn
        ? ''
        : (/[-–,/ ]\s*((?:size |gr\.? |t\.? )?[\dA-Z]{1,4})$/.exec(said.title ?? '')?.[1] ?? ''));
    const sizes = sizesIn(cell.replace(/^(?:size|gr|t)\.? /i, ''));
    if (sizes.length === 0) {
      // What has no sizes by its nature has one: a bag, a scarf, a necklace.
      if (kind && isOneSized(kind)) return ['one size'];
      fault('size', { code: 'no-size' });
    }
    const long = sizes.find((size) => size.length > (MOST.size ?? 20));
    if (long) fault('size', { code: 'too-long', params: { most: MOST.size ?? 20 } });
    return sizes;
  }

  private countsOf(said: Named, sizes: readonly string[], { fault, note }: Tell): number[] {
    const cell = said.qty ?? '';
    if (cell === '') {
      note('qty', { code: 'no-count' });
      return sizes.map(() => 0);
    }
    const parts = cell.split(/\s*[,;|/]\s*|\s+/).filter(Boolean);
    if (sizes.length > 1) {
      const each = /^(?:je|each|à|ea)?\s*(\d+)\s*(?:each|ea|je|per size)$|^(?:je|each)\s*(\d+)$/i.exec(cell);
      const counts = parts.map((part) => countOf(part));
      if (each) return sizes.map(() => Number(each[1] ?? each[2]));
      if (parts.length === sizes.length && counts.every((count) => typeof count === 'number'))
        return counts as number[];
      if (parts.length === 1 && counts[0] === 0) return sizes.map(() => 0);
      fault('qty', { code: 'one-count', params: { sizes: `${sizes.length} sizes` } });
      return [];
    }
    const count = countOf(cell);
    if (count === 'below') {
      note('qty', { code: 'below-0', params: { said: cell } });
      return [0];
    }
    if (count === undefined) fault('qty', { code: 'not-count', params: { said: cell } });
    return [count ?? 0];
  }

  /** One size, with its codes; none of them stands twice. */
  private one(
    size: TillSize,
    { of, barcode }: { readonly of: number; readonly barcode: string },
    { fault, note }: Tell,
  ): void {
    const { row } = size;
    const code = barcodeOf(barcode);
    const shown = barcode.slice(0, 30);
    if (code.fault)
      note('ean', { code: code.fault === 'lost' ? 'ean-lost' : 'ean-odd', params: { said: shown } });
    const eanRow = code.ean === undefined ? undefined : this.eans.get(code.ean);
    if (eanRow !== undefined) note('ean', { code: 'ean-twice', params: { said: shown, row: eanRow } });
    const ean = eanRow === undefined ? code.ean : undefined;
    const run = `${size.styleId}|${size.title}|${size.piece.colours.map(({ hex }) => hex).join(' ')}|${size.size}|${size.length}`;
    const runRow = this.runs.get(run);
    if (runRow !== undefined)
      return fault('size', { code: 'size-twice', params: { said: size.size, row: runRow } });
    const sku = (of > 1 && size.sku ? `${size.sku}-${size.size}` : size.sku) || ean || this.freeSku(size);
    const skuRow = this.skus.get(sku);
    if (skuRow !== undefined) return fault('sku', { code: 'twice', params: { said: sku, row: skuRow } });
    if (!size.sku && !ean) note('sku', { code: 'sku-made' });
    this.skus.set(sku, row);
    this.runs.set(run, row);
    if (ean) this.eans.set(ean, row);
    this.sizes.push({ ...size, sku: sku.slice(0, 60), ean });
  }

  private freeSku({ styleId, size, length, piece }: TillSize): string {
    const colour = piece.colours[0]?.name ?? '';
    return usualSku(`${styleId} ${colour}`, size, length);
  }
}

const isOneSized = (kind: Category): boolean =>
  !['upper', 'lower', 'whole'].includes(CATEGORY[kind].shape) && CATEGORY[kind].sizedBy === 'clothes';

/** Colours written as a till's hex codes. */
const hexesIn = (text: string): { hex: string; name: string }[] =>
  [...text.matchAll(/#?\b([0-9a-f]{6})\b/gi)]
    .filter(([whole, hex = '']) => whole.startsWith('#') || /\d/.test(hex))
    .map(([, hex = '']) => ({ hex: `#${hex.toLowerCase()}`, name: '' }));
