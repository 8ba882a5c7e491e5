import { type Columns, TILL_FIELD_WORDS, TILL_FIELDS, type TillField } from '@core/till';
import { NativeSelect } from '@mantine/core';
import type { OpenedFile } from '@workers/stock-file';
import { spell } from '@ui/tongue';

interface Props {
  readonly sheet: NonNullable<OpenedFile['sheet']>;
  readonly columns: Columns;
  readonly onChange: (columns: Columns) => void;
}

const choices = () => [
  { value: '', label: 'Leave out' },
  ...TILL_FIELDS.map((value) => ({ value, label: spell(TILL_FIELD_WORDS[value]) })),
];

/** The first rows of a file, and above each column what it was taken for: a field is in one column at most. */
export function FileColumns({ sheet, columns, onChange }: Props) {
  const choose = (at: number, value: string): void => {
    const field = TILL_FIELDS.find((each) => each === value) ?? null;
    onChange(columns.map((each, i): TillField | null => (i === at ? field : each === field ? null : each)));
  };
  return (
    <section aria-label="Columns of the file">
      <p className="small">
        {sheet.isKept
          ? 'You settled these columns before.'
          : 'This is what each column was taken for. Put right what is wrong; the next file like it is read the same way.'}
      </p>
      <div className="file-columns" tabIndex={0} role="region" aria-label="First rows of the file">
        <table>
          <thead>
            <tr>
              {sheet.headers.map((header, i) => (
                <th key={i} scope="col" className={columns[i] ? '' : 'is-left'}>
                  <NativeSelect
                    size="xs"
                    aria-label={`“${header}” is`}
                    value={columns[i] ?? ''}
                    data={choices()}
                    onChange={(event) => choose(i, event.currentTarget.value)}
                  />
                  {header}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sheet.first.map((row, i) => (
              <tr key={i}>
                {sheet.headers.map((_header, at) => (
                  <td key={at} className={columns[at] ? '' : 'is-left'}>
                    {row[at] ?? ''}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
