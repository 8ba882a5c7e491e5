import type { BoxView } from '@contracts/box/box-view';
import type { PullRow, ReasonView } from '@contracts/pull/pull-row';
import type { Opened } from '@core/box-rules';
import { fitWords } from '@core/fit';
import { isRefused } from '@core/guard';
import { type Chance, chanceWords } from '@core/ledger';
import { apartFrom, reasonWords, type Shared } from '@core/pull';
import type { Speaker } from '@core/say';
import { Button } from '@mantine/core';
import { GarmentSketch } from '@ui/GarmentSketch';
import { GuardWords } from '@ui/GuardWords';
import { Money } from '@ui/Money';
import { spell } from '@ui/tongue';
import { memo } from 'react';
import { JoinedWords, WornOnHer } from './WornWith';
import type { Tongue } from '@core/words';
import type { InItsPlace } from './usePullList';

export interface HoldWish {
  readonly variantId: string;
  readonly locationId?: string | undefined;
}

interface Props {
  readonly row: PullRow;
  readonly view: BoxView;
  /** Speaks of what the client owns and of what is in the box. */
  readonly by: Speaker;
  /** What it opens, once that was tried. */
  readonly opened: Opened | undefined;
  /** What all candidates share, and is said above them. */
  readonly shared: Shared;
  readonly open: boolean;
  readonly busy: boolean;
  readonly compared: boolean;
  /** What else of the list could be taken in its place. */
  readonly instead: InItsPlace | undefined;
  /** Goes to another candidate of the list. */
  readonly onGo: (row: PullRow) => void;
  readonly onHold: (row: PullRow, wish: HoldWish) => void;
  readonly onCompare: (row: PullRow) => void;
}

/** One candidate: how it fits, what speaks for and against it, how many looks it opens, and hold. */
export const CandidateRow = memo(function CandidateRow({
  row,
  view,
  by,
  opened,
  shared,
  open,
  busy,
  compared,
  instead,
  onGo,
  onHold,
  onCompare,
}: Props) {
  // Nobody is offered what she may not wear; why stands beside it.
  const mayHold = open && !row.guard.some(isRefused);
  return (
    <li className={compared ? 'pull-compared' : undefined}>
      <span className="paper-sketch">
        <GarmentSketch piece={row.piece} fit={58} decorative />
      </span>
      <WornOnHer piece={row.piece} best={opened?.best} view={view} />
      <div className="pull-words">
        <div className="serif piece-title">{row.piece.title}</div>
        <Reasons {...apartFrom(shared, row)} tongue={view.shop.tongue} />
        <GuardWords findings={row.guard} />
        {row.chance && <ChanceWords chance={row.chance} />}
        <div className="pull-joins">
          <span className="pull-opens" title="With the closet and what is in the box">
            {looksWords(opened?.looks)}
          </span>{' '}
          <JoinedWords piece={row.piece} best={opened?.best} view={view} by={by} />
        </div>
        {instead?.cheaper && (
          <GoTo
            words="Nearly the same for less"
            row={instead.cheaper}
            currency={view.shop.currency}
            onGo={onGo}
          />
        )}
        {instead?.safer && (
          <GoTo words="Safer" row={instead.safer} currency={view.shop.currency} onGo={onGo} />
        )}
      </div>
      <div className="pull-price">
        <Money minor={row.piece.priceMinor ?? 0} currency={view.shop.currency} />
        <button
          className="plain-button small"
          aria-pressed={compared}
          aria-label={compared ? `Beside others: ${row.piece.title}` : `Compare ${row.piece.title}`}
          title="Side by side (v)"
          onClick={() => onCompare(row)}
        >
          {compared ? 'beside others' : 'compare'}
        </button>
      </div>
      <div className="pull-act">
        <Button
          className="pull-hold"
          size="xs"
          data-garment={row.garmentId}
          disabled={!mayHold}
          loading={busy}
          title={row.free === 1 ? 'The last one in this size' : `${row.free} of this size on the shelf`}
          onClick={() => onHold(row, { variantId: row.variantId })}
        >
          Hold {row.size}
        </Button>
        <span className="small">
          {row.otherSizes.map((size) => (
            <button
              key={size.variantId}
              className="plain-button"
              disabled={!mayHold}
              title={fitWords(size.fit, view.shop.tongue)}
              onClick={() => onHold(row, { variantId: size.variantId })}
              aria-label={`Hold ${row.piece.title} in ${size.size}`}
            >
              {size.size}
            </button>
          ))}
        </span>
        {row.places.length > 1 && (
          <span className="small soft">
            {row.places.map(({ locationId, title, free }) => (
              <button
                key={locationId}
                className="plain-button"
                disabled={!mayHold}
                onClick={() => onHold(row, { variantId: row.variantId, locationId })}
                aria-label={`Hold ${row.piece.title} from ${title.toLowerCase()} ${free}`}
              >
                {title.toLowerCase()} {free}
              </button>
            ))}
          </span>
        )}
      </div>
    </li>
  );
});

interface GoToProps {
  readonly words: string;
  readonly row: PullRow;
  readonly currency: string;
  readonly onGo: (row: PullRow) => void;
}

function GoTo({ words, row, currency, onGo }: GoToProps) {
  return (
    <div className="pull-instead">
      {words}:{' '}
      <button className="plain-button" onClick={() => onGo(row)}>
        {row.piece.title}
      </button>{' '}
      <Money minor={row.piece.priceMinor ?? 0} currency={currency} />
    </div>
  );
}

interface ReasonsProps {
  readonly reasons: readonly ReasonView[];
  readonly doubt: ReasonView | undefined;
  readonly tongue: Tongue;
}

/** What stands behind a reason: the numbers of a fit, the points of all. */
function whyOf(reason: ReasonView, tongue: Tongue): string {
  const points = `${reason.points >= 0 ? '+' : '−'}${Math.abs(reason.points)} points`;
  return reason.code === 'fit' ? `${fitWords(reason.params.fit, tongue)}. ${points}` : points;
}

/** What speaks for a candidate and what most against it; the shop's own interest says that it is that. */
export function Reasons({ reasons, doubt, tongue }: ReasonsProps) {
  return (
    <ul className="pull-reasons">
      {reasons.map((reason) => (
        <li
          key={reason.code}
          className={reason.criterion === 'interest' ? 'pull-interest' : undefined}
          title={whyOf(reason, tongue)}
        >
          {reasonWords(reason, tongue)}
        </li>
      ))}
      {doubt && (
        <li className="pull-doubt" title={`−${Math.abs(doubt.points)} points`}>
          {reasonWords(doubt, tongue)}
        </li>
      )}
    </ul>
  );
}

/** How likely it is kept, by the shop's own decisions, with what moves that behind it. */
const ChanceWords = ({ chance: { chance, because } }: { readonly chance: Chance }) => (
  <div className="small soft pull-chance" title={spell(because.map(chanceWords).join('; '))}>
    kept about {Math.round(chance * 10)} times in 10{because[0] && `: ${spell(chanceWords(because[0]))}`}
  </div>
);

/** How many looks a piece opens, once they were tried. */
export const looksWords = (looks: number | undefined): string =>
  looks === undefined ? '…' : looks === 0 ? 'no look yet' : looks === 1 ? '1 look' : `${looks} looks`;
