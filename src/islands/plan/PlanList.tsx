import { missedWords, plannedFor } from '@contracts/plan/box-problem';
import { money } from '@core/money';
import { nextStepWords } from '@core/plan';
import { Button } from '@mantine/core';
import { Money } from '@ui/Money';
import type { RefObject } from 'react';
import { mustWords, pieceTitles } from './must-words';
import { PlannedPiece } from './PlannedPiece';
import type { BoxPlan } from './useBoxPlan';

interface Props {
  readonly box: BoxPlan;
  readonly list: RefObject<HTMLOListElement | null>;
}

/** The planned pieces: what each is for, and what may be done with it; or why there are none. */
export function PlanList({ box, list }: Props) {
  const { view, answer, candidates, plan, planned, taken, next, busy, failed, open } = box;
  const { budgetMinor, left, locked, missed } = box;
  const { currency, tongue } = view.shop;
  const occasions = plannedFor(view);
  return (
    <section aria-label="Planned pieces">
      <div className="plan-head">
        <h2>
          {plan && plan.conflict.length === 0
            ? `${planned.length} to hold${view.lines.length > 0 ? `, beside ${view.lines.length} in the box` : ''}`
            : 'The plan'}
        </h2>
        {plan && plan.conflict.length === 0 && (
          <span>
            <Money minor={plan.spentMinor} currency={currency} />{' '}
            <span className="small soft">
              {view.budgetMinor === null
                ? 'in all'
                : `of ${money(budgetMinor, currency).replace(/\.00$/, '')}`}
            </span>
          </span>
        )}
        <Button
          className="end"
          disabled={taken.length === 0 || !open || busy}
          loading={box.holding}
          onClick={() => void box.hold()}
          title="Hold what is ticked (h)"
        >
          {taken.length === planned.length
            ? `Hold all ${planned.length}`
            : `Hold ${taken.length} of ${planned.length}`}
        </Button>
      </div>
      {missed.length > 0 && (
        <p role="status" className="sheet plan-missed">
          <strong>Gone meanwhile:</strong> {missedWords(missed)}. The rest is held, and the plan goes on
          without.
        </p>
      )}
      <p role="status" className="small soft plan-status">
        {failed
          ? 'The planning stopped. Change something to try again.'
          : !answer
            ? 'Looking through the stock…'
            : candidates.length === 0
              ? 'Nothing on the shelf fits and may be sent. Bring stock in, or look at everything in Pull.'
              : busy || !plan
                ? 'Trying thousands of looks…'
                : ''}
      </p>
      {plan && plan.conflict.length > 0 && (
        <p className="sheet empty">
          <strong>No box answers all of this.</strong>
          These cannot be met together:{' '}
          {plan.conflict.map(({ name }) => mustWords(name, pieceTitles(view, candidates))).join('; ')}. Give
          one of them up.
        </p>
      )}
      {plan && plan.conflict.length === 0 && planned.length === 0 && !busy && (
        <p className="sheet empty">
          <strong>{next ? 'Nothing more within the budget.' : 'Nothing more helps.'}</strong>
          {next
            ? nextStepWords(next, currency, tongue)
            : 'What is in the box dresses the occasions as well as anything on the shelf would.'}
        </p>
      )}
      <ol className="rows plan-rows" ref={list}>
        {planned.map(({ place, piece }) => (
          <PlannedPiece
            key={piece.id}
            piece={piece}
            candidate={candidates.find(({ variantId }) => variantId === piece.id)}
            looks={plan?.looks ?? []}
            occasions={occasions}
            asks={view.asks.map(({ ask: each }) => each)}
            costs={plan?.refusal.find((each) => each.place === place)?.costs}
            value={plan?.value ?? 0}
            currency={currency}
            tongue={tongue}
            ticked={!left.has(piece.id)}
            locked={locked.has(piece.id)}
            onTick={() => box.toggleLeft(piece.id)}
            onLock={() => box.toggleLock(piece.id)}
            onBan={() => box.ban(piece.id)}
          />
        ))}
      </ol>
      <p className="plan-back">
        <a href={`/box/${view.id}/pull`}>Pull by hand</a>
      </p>
    </section>
  );
}
