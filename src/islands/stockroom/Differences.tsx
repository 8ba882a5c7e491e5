import type { StockDifference } from '@contracts/stock/import-stock';
import { Checkbox } from '@mantine/core';
import { toggled } from '@ui/choosing';
import { Money } from '@ui/Money';
import { spell } from '@ui/tongue';

interface Props {
  readonly differs: readonly StockDifference[];
  readonly currency: string;
  /** SKUs whose count, and whose price, is to be booked. */
  readonly counts: ReadonlySet<string>;
  readonly prices: ReadonlySet<string>;
  readonly onCounts: (counts: ReadonlySet<string>) => void;
  readonly onPrices: (prices: ReadonlySet<string>) => void;
}

const SHOWN = 100;

/** What a later file says otherwise of sizes that are here: nothing is booked that is not ticked. */
export function Differences({ differs, currency, counts, prices, onCounts, onPrices }: Props) {
  const counted = differs.filter(({ count }) => count);
  const priced = differs.filter(({ price }) => price);
  const sold = differs.filter(({ count }) => (count?.sold.length ?? 0) > 0);
  return (
    <section aria-label="Here otherwise">
      <h3 className="stock-file-head">Here otherwise</h3>
      {sold.length > 0 && (
        <ul className="stock-file-sold">
          {sold.map(({ sku, title, size, count }) => (
            <li key={sku} className="tone tone-warns">
              {title}, {size}: {spell('the till has sold what')}{' '}
              {count?.sold.map(({ boxId, number, client }, i) => (
                <span key={boxId}>
                  {i > 0 && ' and '}
                  <a href={`/box/${boxId}/pull`}>
                    box {number} for {client}
                  </a>
                </span>
              ))}{' '}
              is holding. Let that hold go, or find another.
            </li>
          ))}
        </ul>
      )}
      <div className="stock-file-all">
        {counted.length > 1 && (
          <Checkbox
            label={`Book all ${counted.length} counts`}
            checked={counts.size === counted.length}
            indeterminate={counts.size > 0 && counts.size < counted.length}
            onChange={(event) =>
              onCounts(new Set(event.currentTarget.checked ? counted.map(({ sku }) => sku) : []))
            }
          />
        )}
        {priced.length > 1 && (
          <Checkbox
            label={`Take all ${priced.length} prices`}
            checked={prices.size === priced.length}
            indeterminate={prices.size > 0 && prices.size < priced.length}
            onChange={(event) =>
              onPrices(new Set(event.currentTarget.checked ? priced.map(({ sku }) => sku) : []))
            }
          />
        )}
      </div>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Garment</th>
            <th scope="col">Size</th>
            <th scope="col">Pieces</th>
            <th scope="col">Price</th>
          </tr>
        </thead>
        <tbody>
          {differs.slice(0, SHOWN).map(({ sku, title, size, count, price }) => (
            <tr key={sku}>
              <td>{title}</td>
              <td>{size}</td>
              <td>
                {count && (
                  <Checkbox
                    size="xs"
                    aria-label={`Book ${count.said} of ${title}, ${size}`}
                    label={`${count.said}, not ${count.had}`}
                    checked={counts.has(sku)}
                    onChange={() => onCounts(toggled(counts, sku))}
                  />
                )}
              </td>
              <td>
                {price && (
                  <Checkbox
                    size="xs"
                    aria-label={`Take the price of ${title}, ${size}`}
                    label={
                      <>
                        <Money minor={price.said} currency={currency} />, not{' '}
                        <Money minor={price.had} currency={currency} />
                      </>
                    }
                    checked={prices.has(sku)}
                    onChange={() => onPrices(toggled(prices, sku))}
                  />
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {differs.length > SHOWN && <p className="small soft">and {differs.length - SHOWN} more</p>}
    </section>
  );
}
