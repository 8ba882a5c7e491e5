import type { BoxView } from '@contracts/box/box-view';
import { missedWords, toHold } from '@contracts/plan/box-problem';
import { type Plannable, problemsTogether } from '@contracts/plan/together';
import type { PlanProblem } from '@core/plan';
import { Button, Progress } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { toggled } from '@ui/choosing';
import { Providers } from '@ui/Providers';
import { orDies } from '@ui/worker';
import type { PlanWork } from '@workers/plan';
import { proxy, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { type Together, TogetherBox } from './TogetherBox';
import './together.css';

interface Planned {
  readonly boxes: readonly Plannable[];
  readonly problems: readonly PlanProblem[];
  readonly plan: Together;
}

/** Plans boxes over one stock in a worker, and says how far that is. */
function useTogether(views: readonly BoxView[]) {
  const [planned, setPlanned] = useState<Planned>();
  const [failed, setFailed] = useState(false);
  /** Boxes whose looks are made; undefined until the shelves were asked. */
  const [made, setMade] = useState<number>();
  const [turn, setTurn] = useState(0);
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
  const again = (): void => {
    setFailed(false);
    setMade(undefined);
    setTurn((now) => now + 1);
  };
  return { planned, failed, made, again };
}

/** Boxes of a morning planned over one stock, looked through, and held box by box or all at once. */
export function TogetherPage({ views }: { readonly views: readonly BoxView[] }) {
  const { planned, failed, made, again } = useTogether(views);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<ReadonlyMap<string, string>>(new Map());
  const [busy, setBusy] = useState(false);
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
              <button className="plain-button" onClick={again}>
                Try again
              </button>
            </>
          ) : planned ? (
            `${views.length === 1 ? '1 box' : `${views.length} boxes`} over one stock; nobody’s falls below four fifths of what it would be alone.`
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
          const { id } = view;
          return (
            <TogetherBox
              key={id}
              view={view}
              box={planned?.plan.boxes[b]}
              fresh={freshOf(b)}
              state={failed || planned ? undefined : b < (made ?? 0) ? 'tried' : 'waits'}
              isTaken={!left.has(id)}
              done={done.get(id)}
              onTake={() => setLeft((now) => toggled(now, id))}
            />
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
