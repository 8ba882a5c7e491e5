import type { BoxView } from '@contracts/box/box-view';
import { missedWords, plannedFor, toHold } from '@contracts/plan/box-problem';
import { type Plannable, problemsTogether } from '@contracts/plan/together';
import type { PlanProblem } from '@core/plan';
import { listed } from '@core/words';
import { Button, Checkbox, Progress } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { toggled } from '@ui/choosing';
import { Figure } from '@ui/Figure';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { orDies } from '@ui/worker';
import type { PlanWork } from '@workers/plan';
import { proxy, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import './together.css';

type Together = Awaited<ReturnType<PlanWork['together']>>;
interface Planned {
  readonly boxes: readonly Plannable[];
  readonly problems: readonly PlanProblem[];
  readonly plan: Together;
}

/** Boxes of a morning planned over one stock, looked through, and held box by box or all at once. */
export function TogetherPage({ views }: { readonly views: readonly BoxView[] }) {
  const [planned, setPlanned] = useState<Planned>();
  const [failed, setFailed] = useState(false);
  /** Boxes whose looks are made; undefined until the shelves were asked. */
  const [made, setMade] = useState<number>();
  const [turn, setTurn] = useState(0);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<ReadonlyMap<string, string>>(new Map());
  const [busy, setBusy] = useState(false);
  const settings = views[0]?.shop.settings;
  useEffect(() => {
    let worker: Worker | undefined;
    let mine = true;
    const run = async (): Promise<void> => {
      const boxes = await Promise.all(
        views.map(async (view): Promise<Plannable> => {
          return { view, ...(await call('plan-candidates', { boxId: view.id })) };
        }),
      );
      if (!mine) return;
      const problems = problemsTogether(boxes);
      setMade(0);
      const started = new Worker(new URL('../../workers/plan.ts', import.meta.url), { type: 'module' });
      worker = started;
      const tell = proxy(async (done: number) => {
        if (mine) setMade(done);
      });
      const plan = await orDies(started, wrap<PlanWork>(started).together(problems, settings ?? {}, tell));
      if (mine) setPlanned({ boxes, problems, plan });
    };
    run().catch((error: unknown) => {
      if (!mine) return;
      setFailed(true);
      showProblem(error, 'The planning stopped.');
    });
    return () => {
      mine = false;
      worker?.terminate();
    };
  }, [views, settings, turn]);
  const pieceOf = (b: number, place: number) => planned?.problems[b]?.candidates[place]?.piece;
  const freshOf = (b: number) => {
    const held = new Set(views[b]?.lines.map(({ piece }) => piece.id));
    return (planned?.plan.boxes[b]?.chosen ?? []).flatMap((place) => {
      const piece = pieceOf(b, place);
      return piece && !held.has(piece.id) ? [piece] : [];
    });
  };
  const hold = async (): Promise<void> => {
    setBusy(true);
    let whole = true;
    for (const [b, view] of views.entries()) {
      const fresh = freshOf(b);
      if (left.has(view.id) || done.has(view.id) || fresh.length === 0) continue;
      try {
        const { missed } = await call('hold-planned', { boxId: view.id, pieces: toHold(view, fresh) });
        if (missed.length > 0) whole = false;
        setDone((now) =>
          new Map(now).set(
            view.id,
            missed.length > 0 ? `Held. Gone meanwhile: ${missedWords(missed)}` : 'Held',
          ),
        );
      } catch (error) {
        whole = false;
        showProblem(error);
      }
    }
    setBusy(false);
    if (whole) showDone('The plans are held.');
  };
  const waiting = views.filter(({ id }, b) => !left.has(id) && !done.has(id) && freshOf(b).length > 0);
  return (
    <Providers keys={[]}>
      <div className="place-head">
        <h1>Plan together</h1>
        <span className="soft" role="status">
          {failed ? (
            <>
              The planning stopped.{' '}
              <button
                className="plain-button"
                onClick={() => {
                  setFailed(false);
                  setMade(undefined);
                  setTurn((now) => now + 1);
                }}
              >
                Try again
              </button>
            </>
          ) : planned ? (
            `${views.length} boxes over one stock; nobody’s falls below four fifths of what it would be alone.`
          ) : (
            underWay(made, views.length)
          )}
        </span>
        <div className="end">
          <Button disabled={waiting.length === 0} loading={busy} onClick={() => void hold()}>
            {waiting.length === 1 ? 'Hold 1 plan' : `Hold ${waiting.length} plans`}
          </Button>
        </div>
      </div>
      {!planned && !failed && (
        <Progress
          value={(100 * (made ?? 0)) / views.length}
          animated
          aria-label="Boxes whose looks were tried"
          mb="md"
        />
      )}
      <ol className="together">
        {views.map((view, b) => {
          const box = planned?.plan.boxes[b];
          const fresh = freshOf(b);
          const occasions = plannedFor(view);
          const o = box?.looks.findIndex((its) => its.length > 0) ?? -1;
          const look = box?.looks[o]?.[0];
          const dressed = occasions.filter((_each, at) => (box?.looks[at]?.length ?? 0) > 0).length;
          return (
            <li key={view.id} className="sheet">
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
                  {done.has(view.id) ? (
                    view.client.name
                  ) : (
                    <Checkbox
                      label={view.client.name}
                      checked={!left.has(view.id)}
                      onChange={() => setLeft((now) => toggled(now, view.id))}
                    />
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
                {!planned && !failed && (
                  <p className="small soft">
                    {b < (made ?? 0) ? 'Its looks were tried.' : 'Waits its turn.'}
                  </p>
                )}
                {box && box.conflict.length > 0 && (
                  <p className="tone tone-blocks">Nothing answers all of its musts. Open it to see which.</p>
                )}
                {box && box.conflict.length === 0 && fresh.length === 0 && (
                  <p className="small">Nothing on the shelf adds to what it has.</p>
                )}
                {fresh.length > 0 && <p className="small">{listed(fresh.map(({ title }) => title))}.</p>}
                {box && !box.fair && box.conflict.length === 0 && (
                  <p className="tone tone-note">
                    Others needed the same pieces more: look through this one by hand.
                  </p>
                )}
                <p className="small">
                  {done.has(view.id) && <b>{done.get(view.id)}. </b>}
                  <a href={`/box/${view.id}/plan`}>Open the plan</a>
                </p>
              </div>
            </li>
          );
        })}
      </ol>
    </Providers>
  );
}

/** How far the planning of several boxes is. */
const underWay = (made: number | undefined, of: number): string =>
  made === undefined
    ? 'Looking over the shelves…'
    : made < of
      ? `Trying thousands of looks for each box: ${made} of ${of} done…`
      : 'Sharing out the stock…';
