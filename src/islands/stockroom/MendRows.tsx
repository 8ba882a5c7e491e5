import { CATEGORIES, type Category } from '@core/piece';
import { TILL_FIELD_WORDS, TILL_FIELDS, type TillField } from '@core/till';
import { NativeSelect, TextInput } from '@mantine/core';
import type { Mend } from '@contracts/till-file';
import type { SaidOfRow } from '@workers/stock-file';
import { kindCalled } from '@ui/called';
import { spell } from '@ui/tongue';
import { counted } from '@core/words';

interface Props {
  readonly faults: readonly SaidOfRow[];
  /** Rows that cannot come in, shown or not. */
  readonly rows: number;
  /** A kind for words that say none, on every row that has them. */
  readonly onKind?: ((said: string, kind: Category) => void) | undefined;
  readonly onMend: (change: Mend) => void;
}

/** Rows shown at a time; the others follow as these are mended. */
const SHOWN = 40;
/** Garments named beside words that say no kind. */
const NAMED = 3;

const choices = () => CATEGORIES.map((value) => ({ value, label: kindCalled(value) }));

/** A field of a till, or a column of our own file, in words. */
const fieldWords = (name: string): string => {
  const known: TillField | undefined = TILL_FIELDS.find((each) => each === name);
  return known ? spell(TILL_FIELD_WORDS[known]) : name.replace(/\[.*$/, '');
};

/** Rows that cannot come in as they stand, each with its reason and a field to put it right. */
export function MendRows({ faults, rows, onKind, onMend }: Props) {
  if (faults.length === 0) return null;
  // Words that say no kind are asked about once, however many rows have them.
  const kindless = new Map<string, SaidOfRow[]>();
  for (const fault of faults)
    if (fault.code === 'no-kind') {
      const words = fault.said || fault.title;
      kindless.set(words, [...(kindless.get(words) ?? []), fault]);
    }
  const others = faults.filter(({ code }) => code !== 'no-kind' || !onKind);
  return (
    <section aria-label="Rows that cannot come in yet">
      <h3 className="stock-file-head">To put right</h3>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Row</th>
            <th scope="col">Garment</th>
            <th scope="col">What is wrong</th>
            <th scope="col">Put right</th>
          </tr>
        </thead>
        <tbody>
          {onKind &&
            [...kindless].map(([said, all]) => (
              <tr key={`kind ${said}`}>
                <td className="num">{all.length === 1 ? all[0]?.row : counted(all.length, 'row')}</td>
                <td>
                  {all
                    .map(({ title }) => title)
                    .slice(0, NAMED)
                    .join(', ')}
                </td>
                <td>
                  <span className="soft">Kind</span> “{said}” could be anything
                </td>
                <td>
                  <NativeSelect
                    size="xs"
                    aria-label={`Kind of ${said}`}
                    value=""
                    data={[{ value: '', label: 'kind?' }, ...choices()]}
                    onChange={(event) => onKind(said, event.currentTarget.value as Category)}
                  />
                </td>
              </tr>
            ))}
          {others.slice(0, SHOWN).map((fault) => (
            <tr key={`${fault.row} ${fault.field} ${fault.said}`}>
              <td className="num">{fault.row}</td>
              <td>{fault.title}</td>
              <td>
                <span className="soft">{fieldWords(fault.field)}</span> {fault.words}
              </td>
              <td>{fault.said !== undefined && <MendCell {...fault} said={fault.said} onMend={onMend} />}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows > SHOWN && (
        <p className="small soft">
          {counted(rows, 'row')} in all. Save them to mend them in your spreadsheet.
        </p>
      )}
    </section>
  );
}

interface CellProps extends Pick<SaidOfRow, 'row' | 'field'> {
  readonly said: string;
  readonly onMend: Props['onMend'];
}

/** One cell of the file, to be said otherwise: a kind is chosen, all else typed. */
function MendCell({ row, field, said, onMend }: CellProps) {
  const label = `${fieldWords(field)} of row ${row}`;
  if (field === 'category')
    return (
      <NativeSelect
        size="xs"
        aria-label={label}
        value={said}
        data={[{ value: said, label: said || 'kind?' }, ...choices()]}
        onChange={(event) => onMend({ row, field, said: event.currentTarget.value })}
      />
    );
  return (
    <TextInput
      size="xs"
      aria-label={label}
      defaultValue={said}
      onBlur={(event) => {
        const next = event.currentTarget.value.trim();
        if (next !== said) onMend({ row, field, said: next });
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}
