import type { PlanCandidate } from '@contracts/plan/plan-candidates';
import { fitWords, sizePhrase } from '@core/fit';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import { type PlanLook, refusalWords } from '@core/plan';
import { answersAsk } from '@core/pull';
import type { Ask } from '@core/reading';
import { listed, type Tongue } from '@core/words';
import { Checkbox } from '@mantine/core';
import IconLock from '@tabler/icons-react/icons/IconLock';
import IconLockOpen from '@tabler/icons-react/icons/IconLockOpen';
import IconX from '@tabler/icons-react/icons/IconX';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';

interface Props {
  readonly piece: Piece;
  readonly candidate: PlanCandidate | undefined;
  readonly looks: readonly (readonly PlanLook[])[];
  readonly occasions: readonly Occasion[];
  readonly asks: readonly Ask[];
  /** Points the box loses without it; absent while that is worked out. */
  readonly costs: number | undefined;
  readonly value: number;
  readonly currency: string;
  readonly tongue: Tongue;
  readonly ticked: boolean;
  readonly locked: boolean;
  readonly onTick: () => void;
  readonly onLock: () => void;
  readonly onBan: () => void;
}

/** One planned piece: what it is for, what leaving it out would cost, and what to do with it. */
export function PlannedPiece({
  piece,
  candidate,
  looks,
  occasions,
  asks,
  costs,
  value,
  currency,
  tongue,
  ticked,
  locked,
  onTick,
  onLock,
  onBan,
}: Props) {
  const serves = occasions.filter((_occasion, o) =>
    looks[o]?.some(({ pieces }) => pieces.some(({ id }) => id === piece.id)),
  );
  const ask = asks.find((each) => answersAsk(piece, each));
  const what = [
    ask ? `answers “${ask.text}”` : '',
    serves.length > 0
      ? `for ${listed(
          serves.map(({ title }) => title),
          tongue.english,
        )}`
      : 'for more ways to wear the rest',
  ].filter(Boolean);
  return (
    <li data-piece={piece.id} className={ticked ? undefined : 'plan-left'}>
      <Checkbox size="xs" aria-label={`Take ${piece.title}`} checked={ticked} onChange={onTick} />
      <span className="paper-sketch">
        <GarmentSketch piece={piece} fit={58} decorative />
      </span>
      <div>
        <div className="serif piece-title">{piece.title}</div>
        <div className="small">{what.join('; ')}</div>
        <div className="small soft">
          {candidate && (
            <span title={fitWords(candidate.fit, tongue)}>
              {sizePhrase(candidate.size)}
              {candidate.free === 1 ? ', the last one' : ''}
            </span>
          )}
          {costs !== undefined && <> · {refusalWords(costs, value)}</>}
        </div>
      </div>
      <Money minor={piece.priceMinor ?? 0} currency={currency} />
      <span className="plan-act">
        <button
          className="plan-key"
          aria-pressed={locked}
          aria-label={`Lock ${piece.title}`}
          title={locked ? 'Locked: every plan has it (l)' : 'Lock it: every plan has it (l)'}
          onClick={onLock}
        >
          {locked ? <IconLock size={17} aria-hidden /> : <IconLockOpen size={17} aria-hidden />}
        </button>
        <button
          className="plan-key"
          aria-label={`Not ${piece.title}`}
          title="Not this one: plan again without it (x)"
          onClick={onBan}
        >
          <IconX size={17} aria-hidden />
        </button>
      </span>
    </li>
  );
}
