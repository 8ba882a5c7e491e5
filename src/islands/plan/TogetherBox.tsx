import type { BoxView } from '@contracts/box/box-view';
import { plannedFor } from '@contracts/plan/box-problem';
import type { Piece } from '@core/piece';
import { listed } from '@core/words';
import { Checkbox } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { Money } from '@ui/Money';
import type { PlanWork } from '@workers/plan';

export type Together = Awaited<ReturnType<PlanWork['together']>>;

interface Props {
  readonly view: BoxView;
  /** Absent until it is planned. */
  readonly box: Together['boxes'][number] | undefined;
  /** What its plan adds to what it holds. */
  readonly fresh: readonly Piece[];
  /** While all of them are planned. */
  readonly state: 'tried' | 'waits' | undefined;
  /** Its plan is held with the others. */
  readonly isTaken: boolean;
  /** What became of it once it was held. */
  readonly done: string | undefined;
  readonly onTake: () => void;
}

/** One box of several that are planned together: its first look, what is new in it, and whether it is held with the others. */
export function TogetherBox({ view, box, fresh, state, isTaken, done, onTake }: Props) {
  const occasions = plannedFor(view);
  const o = box?.looks.findIndex((its) => its.length > 0) ?? -1;
  const look = box?.looks[o]?.[0];
  const dressed = occasions.filter((_each, at) => (box?.looks[at]?.length ?? 0) > 0).length;
  return (
    <li className="sheet">
      <div className="stage together-figure">
        {look && (
          <Figure
            pieces={look.pieces}
            client={view.client.profile}
            height={250}
            title={`${view.client.name}, for ${occasions[o]?.title ?? 'the box'}`}
          />
        )}
      </div>
      <div className="together-box">
        <h2>
          {done !== undefined ? (
            view.client.name
          ) : (
            <Checkbox label={view.client.name} checked={isTaken} onChange={onTake} />
          )}
        </h2>
        <p className="small soft">
          Box {view.number}
          {box && box.conflict.length === 0 && (
            <>
              {' · '}
              <Money minor={box.spentMinor} currency={view.shop.currency} />
              {view.budgetMinor !== null && (
                <>
                  {' of '}
                  <Money minor={view.budgetMinor} currency={view.shop.currency} />
                </>
              )}
              {` · dresses ${dressed} of ${occasions.length} ${occasions.length === 1 ? 'occasion' : 'occasions'}`}
            </>
          )}
        </p>
        {state && (
          <p className="small soft">{state === 'tried' ? 'Its looks were tried.' : 'Waits its turn.'}</p>
        )}
        {box && box.conflict.length > 0 && (
          <p className="tone tone-blocks">Nothing answers all of its musts. Open it to see which.</p>
        )}
        {box && box.conflict.length === 0 && fresh.length === 0 && (
          <p className="small">Nothing on the shelf adds to what it has.</p>
        )}
        {fresh.length > 0 && <p className="small">{listed(fresh.map(({ title }) => title))}.</p>}
        {box && !box.fair && box.conflict.length === 0 && (
          <p className="tone tone-note">Others needed the same pieces more: look through this one by hand.</p>
        )}
        <p className="small">
          {done !== undefined && <b>{done}. </b>}
          <a href={`/box/${view.id}/plan`}>Open the plan</a>
        </p>
      </div>
    </li>
  );
}
