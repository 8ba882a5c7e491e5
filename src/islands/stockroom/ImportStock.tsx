import { CSV_MOST_BYTES, CSV_REQUIRED } from '@contracts/stock-csv';
import { call } from '@ui/api';
import { ImportFile } from '@ui/ImportFile';

interface Props {
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onTaken: () => void;
}

/** Stock out of a file. */
export const ImportStock = (props: Props) => (
  <ImportFile
    {...props}
    title="Import stock"
    label="CSV or JSON file"
    accept=".csv,.json,text/csv,text/plain,application/json"
    mostBytes={CSV_MOST_BYTES}
    bring={(csv, take) => call('import-stock', { csv, take })}
    done={(taken) => `${taken} sizes came in.`}
    columns={[
      { title: 'Garment', of: ({ title }) => title },
      { title: 'Size', of: ({ size }) => size },
      { title: 'SKU', of: ({ sku }) => sku },
      { title: 'Pieces', of: ({ qty }) => qty },
    ]}
    hint={
      <p>
        CSV with one row per size, comma or semicolon; or JSON as the export writes it. Wanted columns:{' '}
        <b>{CSV_REQUIRED.join(', ')}</b>. More are welcome under the names of a piece, as{' '}
        <code>cut.neckline</code>, <code>measures.bust</code> (mm), <code>fabric.texture</code>,{' '}
        <code>pattern.repeatMm</code>. Colours read <code>navy:0.6 ivory:0.4</code> or <code>#1f2a44</code>.
      </p>
    }
  />
);
