import { lengthText } from '@core/reading';
import { CATEGORY, type Category, type MeasureName } from '@core/piece';
import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { columnsOf, type SizeDraft, unitHere, withSizes } from './size-rows';

interface Props {
  readonly category: Category;
  readonly styleId: string;
  readonly rows: readonly SizeDraft[];
  readonly faults: Readonly<Record<string, string>>;
  readonly numberEans: boolean;
  readonly onRows: (rows: SizeDraft[]) => void;
  readonly onNumberEans: (on: boolean) => void;
}

/** The usual of a kind, which is taken where nothing was measured. */
const usualText = (category: Category, name: MeasureName): string | undefined => {
  const mm = CATEGORY[category].measures[name];
  return mm === undefined ? undefined : lengthText(mm, unitHere());
};

/** "upperArm" as people write it. */
const words = (name: string): string => name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** The size run: a row a size, its numbers and its measures. */
export function SizeRun({ category, styleId, rows, faults, numberEans, onRows, onNumberEans }: Props) {
  const [text, setText] = useState('');
  const add = (): void => {
    onRows(withSizes(rows, text, styleId));
    setText('');
  };
  return (
    <div className="size-run">
      <div className="size-add">
        <TextInput
          label="Add sizes"
          placeholder="XS, S, M, L"
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            add();
          }}
        />
        <Button variant="default" disabled={text.trim() === ''} onClick={add}>
          Add
        </Button>
        <Checkbox
          label="Give an EAN of the shop’s own where there is none"
          checked={numberEans}
          onChange={(event) => onNumberEans(event.currentTarget.checked)}
        />
      </div>
      {rows.length === 0 ? (
        <p className="empty">
          <strong>No sizes yet.</strong>Type them above, as XS, S, M, and press Enter. One size is “one”.
        </p>
      ) : (
        <SizeGrid category={category} rows={rows} faults={faults} onRows={onRows} />
      )}
      <ul className="size-faults" aria-live="polite">
        {Object.entries(faults).map(([path, message]) => (
          <li key={path} className="tone tone-blocks small">
            {pathWords(path, rows)}: {message}
          </li>
        ))}
      </ul>
      <p className="small soft">
        Lengths in {unitHere()}, or with their own unit; girths all the way round, as the garment lies. What
        is left empty is taken from the usual of its kind and marked as a guess wherever it decides something.
      </p>
    </div>
  );
}

/** The sizes as a grid, a row each. */
function SizeGrid({
  category,
  rows,
  faults,
  onRows,
}: Pick<Props, 'category' | 'rows' | 'faults' | 'onRows'>) {
  const columns = columnsOf(category, rows);
  return (
    <div className="size-scroll">
      <table className="size-grid">
        <thead>
          <tr>
            {['Size', 'Length', 'SKU', 'EAN', 'Pieces in'].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
            {columns.map((name) => (
              <th key={name} scope="col" className="size-cm">
                {words(name)}
              </th>
            ))}
            <th scope="col">
              <span className="visually-hidden">Delete</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => (
            <SizeRow
              key={row.key}
              row={row}
              i={i}
              columns={columns}
              category={category}
              faults={faults}
              onChange={(part) =>
                onRows(rows.map((each) => (each.key === row.key ? { ...each, ...part } : each)))
              }
              onStrike={() => onRows(rows.filter((each) => each.key !== row.key))}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface RowProps {
  readonly row: SizeDraft;
  readonly i: number;
  readonly columns: readonly MeasureName[];
  readonly category: Category;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (part: Partial<SizeDraft>) => void;
  readonly onStrike: () => void;
}

function SizeRow({ row, i, columns, category, faults, onChange, onStrike }: RowProps) {
  const cell = (
    name: string,
    value: string,
    set: (value: string) => Partial<SizeDraft>,
    numeric = false,
    usual?: string,
  ) => {
    const path = `sizes[${i}].${name}`;
    const label = `${words(name.replace('measures.', ''))} of ${row.size || `row ${i + 1}`}`;
    return (
      <td key={name}>
        <input
          aria-label={label}
          aria-invalid={faults[path] ? true : undefined}
          title={faults[path]}
          className={numeric ? 'num' : undefined}
          inputMode={numeric ? 'decimal' : undefined}
          placeholder={usual}
          value={value}
          onChange={(event) => onChange(set(event.currentTarget.value))}
        />
      </td>
    );
  };
  return (
    <tr>
      {cell('size', row.size, (size) => ({ size }))}
      {cell('length', row.length, (length) => ({ length }))}
      {cell('sku', row.sku, (sku) => ({ sku }))}
      {cell('ean', row.ean, (ean) => ({ ean }), true)}
      {row.id ? (
        <td className="soft small" title="Deliver or count it under Stock">
          in stock
        </td>
      ) : (
        cell('qty', row.qty, (qty) => ({ qty }), true)
      )}
      {columns.map((name) =>
        cell(
          `measures.${name}`,
          row.lengths[name] ?? '',
          (typed) => ({ lengths: { ...row.lengths, [name]: typed } }),
          true,
          usualText(category, name),
        ),
      )}
      <td>
        <button
          type="button"
          className="size-strike"
          disabled={row.moved}
          title={row.moved ? 'It has a history and stays' : `Delete ${row.size}`}
          aria-label={`Delete ${row.size || `row ${i + 1}`}`}
          onClick={onStrike}
        >
          ×
        </button>
      </td>
    </tr>
  );
}

/** `sizes[2].measures.bust` as "L, bust". */
function pathWords(path: string, rows: readonly SizeDraft[]): string {
  const match = /^sizes\[(\d+)\]\.?(?:measures\.)?(.*)$/.exec(path);
  if (!match) return path;
  const row = rows[Number(match[1])];
  return [row?.size || `row ${Number(match[1]) + 1}`, words(match[2] ?? '')].filter(Boolean).join(', ');
}
