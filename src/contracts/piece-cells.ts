import { columnNamed } from './csv';
import { colourNamed, isHex } from '@core/colour';
import { ownMeasures, type Piece } from '@core/piece';
import { compositionOf } from '@core/substances';

/** Columns of a piece in a CSV file; header names are the field names of a piece. */
const PLAIN = [
  'title',
  'category',
  'colours',
  'formality',
  'statement',
  'volume',
  'structure',
  'edge',
  'hour',
  'care',
  'ironing',
  'metal',
  'material',
  'weightG',
  'warmthClo',
] as const;
const LISTS = ['moods', 'seasons', 'metalContent'] as const;
const NUMBERS = new Set(['formality', 'statement', 'structure', 'edge', 'weightG', 'warmthClo']);
const NESTED = /^(measures|cut|fabric|pattern)\.([A-Za-z]+)$/;

/** The column a header means that says something of the piece itself, whatever its capitals; undefined for any other. */
export function pieceColumn(header: string): string | undefined {
  const plain = columnNamed([...PLAIN, ...LISTS, 'fibres'], header);
  if (plain) return plain;
  const [group = '', field = ''] = header.split(/\s*\.\s*/);
  const nested = `${group.toLowerCase()}.${field.charAt(0).toLowerCase()}${field.slice(1)}`;
  return NESTED.test(nested) ? nested : undefined;
}

/** What the cells of a row say of a piece, not checked yet: the schema of a piece does that. */
export function pieceCells(record: Readonly<Record<string, string>>): {
  readonly given: Record<string, unknown>;
  readonly measures: Record<string, unknown>;
} {
  const cell = (name: string): string => (record[name] ?? '').trim();
  const nested: Record<string, Record<string, unknown>> = {};
  for (const [header, raw] of Object.entries(record)) {
    const match = NESTED.exec(header);
    if (!match || !raw.trim()) continue;
    const [, group = '', field = ''] = match;
    (nested[group] ??= {})[field] = typed(raw.trim());
  }
  const { measures = {}, ...groups } = nested;
  const given: Record<string, unknown> = { id: 'row', ...groups };
  for (const name of PLAIN)
    if (name !== 'colours' && cell(name) !== '')
      given[name] = NUMBERS.has(name) ? Number(cell(name)) : cell(name);
  given.title = cell('title') || 'row';
  given.category = cell('category');
  given.colours = readColourList(cell('colours'));
  for (const name of LISTS)
    if (cell(name) !== '')
      given[name] = cell(name)
        .split(/[;|]/)
        .map((word) => word.trim());
  if (cell('fibres') !== '')
    given.fabric = { ...(given.fabric as object | undefined), fibres: compositionOf(cell('fibres')) };
  return { given, measures };
}

/** The other way round: the cells of a piece, ready for a file. */
export function cellsOfPiece(piece: Piece): Record<string, string> {
  const cells: Record<string, string> = {
    title: piece.title,
    category: piece.category,
    colours: piece.colours.map(({ hex, share }) => `${hex}:${Math.round(share * 1000) / 1000}`).join(' '),
    fibres: fibreWords(piece.fabric.fibres),
    moods: piece.moods.join('|'),
    seasons: piece.seasons.join('|'),
    metalContent: piece.metalContent.join('|'),
  };
  for (const name of PLAIN) {
    const value = name === 'colours' ? undefined : piece[name];
    if (value !== undefined) cells[name] = String(value);
  }
  const { fibres: _fibres, ...fabric } = piece.fabric;
  for (const [group, fields] of Object.entries({
    cut: piece.cut,
    fabric,
    pattern: piece.pattern,
    measures: ownMeasures(piece, piece.origins),
  }))
    for (const [field, value] of Object.entries(fields))
      if (value !== undefined) cells[`${group}.${field}`] = String(value);
  return cells;
}

const typed = (raw: string): unknown =>
  raw === 'true' ? true : raw === 'false' ? false : /^-?\d+(\.\d+)?$/.test(raw) ? Number(raw) : raw;

/** `#1f2a44:0.6 #f4f1e8:0.4`, or one colour, or names: `navy:0.6 ivory:0.4`. Names of two words take a dash. */
export function readColourList(text: string): { hex: string; share: number; name?: string }[] {
  const parts = text.split(/[\s|]+/).filter(Boolean);
  return parts.map((part) => {
    const [word = '', share] = part.split(':');
    const named = colourNamed(word);
    const hex = isHex(word) ? word.toLowerCase() : (named?.hex ?? word);
    return {
      hex,
      share: share === undefined ? 1 / parts.length : Number(share),
      ...(named ? { name: named.name } : {}),
    };
  });
}

/** `80 wool; 20 nylon`: the fibres as a cell holds them. */
export const fibreWords = (fibres: Piece['fabric']['fibres']): string =>
  fibres.map(({ name, pct }) => `${pct} ${name}`).join('; ');
