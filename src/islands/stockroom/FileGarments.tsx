import type { StockCsvRow } from '@contracts/stock-csv';
import { type GivenPiece, pieceFrom } from '@core/piece';
import { TILL_FIELD_WORDS, TILL_FIELDS } from '@core/till';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import type { SaidOfRow } from '@workers/stock-file';
import { kindCalled } from '@ui/called';
import { spell } from '@ui/tongue';

interface Props {
  readonly rows: readonly StockCsvRow[];
  readonly garments: number;
  readonly currency: string;
}

/** The first garments of a file as they would hang in the stockroom. */
export function FileGarments({ rows, garments, currency }: Props) {
  if (rows.length === 0) return null;
  return (
    <section aria-label="Garments of the file">
      <h3 className="stock-file-head">As they will hang</h3>
      <ul className="file-garments">
        {rows.map(({ garmentKey, title, category, colours, formality, attributes, priceMinor, row }) => (
          <li key={garmentKey}>
            <GarmentSketch
              piece={pieceFrom({
                ...attributes,
                id: `row-${row}`,
                title,
                category,
                colours,
                formality,
              } as GivenPiece)}
              fit={92}
              decorative
            />
            <b>{title}</b>
            <span className="small soft">
              {kindCalled(category).toLowerCase()},{' '}
              {colours.map(({ name, hex }) => name ?? hex).join(' and ')},{' '}
              <Money minor={priceMinor} currency={currency} />
            </span>
          </li>
        ))}
      </ul>
      {garments > rows.length && <p className="small soft">and {garments - rows.length} more</p>}
    </section>
  );
}

/** What was guessed or left out, by what it is: nothing of it stands in the way. */
export function FileNotes({
  notes,
  noted,
}: {
  readonly notes: readonly SaidOfRow[];
  readonly noted: number;
}) {
  if (notes.length === 0) return null;
  return (
    <details className="file-notes">
      <summary>
        {noted === 1 ? '1 thing was guessed or left out' : `${noted} things were guessed or left out`}
      </summary>
      <ul>
        {notes.map(({ row, field, title, words, code }) => (
          <li key={`${row} ${field} ${code}`}>
            Row {row}
            {title && `, ${title}`}: {words}
            <span className="soft">
              {' '}
              ({spell(TILL_FIELD_WORDS[TILL_FIELDS.find((each) => each === field) ?? 'title']).toLowerCase()})
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
