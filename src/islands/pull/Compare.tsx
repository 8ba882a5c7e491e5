import { sizePhrase } from '@core/fit';
import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { Button, Modal } from '@mantine/core';
import { FitFigure } from '@ui/FitFigure';
import { Money } from '@ui/Money';
import { Swatches } from '@ui/Swatches';
import type { Opened } from '@core/box-rules';
import { type HoldWish, looksWords, Reasons } from './CandidateRow';

/** No more than the eye takes in at once. */
export const COMPARED_MOST = 4;

interface Props {
  readonly rows: readonly PullRow[];
  readonly view: BoxView;
  readonly looks: ReadonlyMap<string, Opened>;
  readonly open: boolean;
  readonly mayHold: boolean;
  readonly onClose: () => void;
  readonly onHold: (row: PullRow, wish: HoldWish) => void;
  readonly onDrop: (row: PullRow) => void;
}

/** Up to four candidates side by side, each on the client's figure with where it is close and where roomy. */
export function Compare({ rows, view, looks, open, mayHold, onClose, onHold, onDrop }: Props) {
  const { currency } = view.shop;
  return (
    <Modal opened={open} onClose={onClose} title="Side by side" size={290 * Math.max(2, rows.length) + 80}>
      <div className="compare" style={{ gridTemplateColumns: `repeat(${rows.length}, 1fr)` }}>
        {rows.map((row) => (
          <article key={row.garmentId} aria-label={row.piece.title}>
            <FitFigure piece={row.piece} client={view.client.profile} points={row.fitPoints} height={258} />
            <h3 className="serif">{row.piece.title}</h3>
            <p className="compare-facts">
              <b>
                <Money minor={row.piece.priceMinor ?? 0} currency={currency} />
              </b>{' '}
              <span className="soft">
                {sizePhrase(row.size)}; {looksWords(looks.get(row.piece.id)?.looks)}
              </span>
            </p>
            <Swatches hexes={row.piece.colours.map(({ hex }) => hex)} />
            <Reasons reasons={row.reasons} doubt={row.doubt} tongue={view.shop.tongue} />
            <div className="compare-act">
              <Button size="xs" disabled={!mayHold} onClick={() => onHold(row, { variantId: row.variantId })}>
                Hold {row.size}
              </Button>
              <Button
                size="xs"
                variant="subtle"
                onClick={() => onDrop(row)}
                aria-label={`Take away ${row.piece.title}`}
              >
                Take away
              </Button>
            </div>
          </article>
        ))}
      </div>
    </Modal>
  );
}
