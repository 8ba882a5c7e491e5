import { type BoxView, withAnswer } from '@contracts/box/box-view';
import { NO_BUDGET, problemOfBox, toHold, USUAL_MOST } from '@contracts/plan/box-problem';
import type { HoldPlannedAnswer } from '@contracts/plan/hold-planned';
import type { PlanCandidate } from '@contracts/plan/plan-candidates';
import { isOpen } from '@core/box';
import type { Piece } from '@core/piece';
import { nextStep, type PlanWish, spanOf } from '@core/plan';
import { shortName } from '@core/say';
import { call, showDone, showProblem } from '@ui/api';
import { toggled } from '@ui/choosing';
import { useAsked } from '@ui/useAsked';
import { useEffect, useMemo, useState } from 'react';
import { usePlanner } from './usePlanner';

const NONE: readonly PlanCandidate[] = [];

/** A box as it is being planned: what it is bound by, the plan that answers, and what is done with it. */
export function useBoxPlan(initial: BoxView) {
  const [view, setView] = useState(initial);
  const { answer } = useAsked('plan-candidates', { boxId: view.id }, { since: view.version });
  const candidates = answer?.candidates ?? NONE;
  const problem = useMemo(() => (answer ? problemOfBox(view, answer) : undefined), [view, answer]);
  const { plan, answers, failed, curve, ask, proof, prove, stopProof, ...planner } = usePlanner(
    problem,
    view.shop.settings,
  );
  const spent = view.lines.reduce((sum, { priceMinor }) => sum + priceMinor, 0);
  const [budgetMinor, setBudget] = useState(view.budgetMinor ?? NO_BUDGET);
  const [most, setMost] = useState(Math.max(USUAL_MOST, view.lines.length));
  const [locked, setLocked] = useState<ReadonlySet<string>>(new Set());
  const [banned, setBanned] = useState<ReadonlySet<string>>(new Set());
  const [musts, setMusts] = useState<ReadonlySet<number>>(new Set());
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [missed, setMissed] = useState<HoldPlannedAnswer['missed']>([]);
  const [holding, setHolding] = useState(false);

  const wish = useMemo(
    (): PlanWish => ({
      budgetMinor,
      most,
      pins: [...view.lines.map(({ piece }) => piece.id), ...locked],
      bans: [...banned],
      musts: [...musts],
    }),
    [budgetMinor, most, view.lines, locked, banned, musts],
  );
  const busy = planner.busy || (plan !== undefined && answers !== wish);
  const span = useMemo(() => spanOf(view.budgetMinor, spent), [view.budgetMinor, spent]);
  useEffect(() => {
    if (!problem) return;
    const wait = setTimeout(() => ask(wish, span.points), 150);
    return () => clearTimeout(wait);
  }, [problem, wish, span, ask]);

  const pieceAt = (place: number): Piece | undefined => problem?.candidates[place]?.piece;
  const inBox = new Set(view.lines.map(({ piece }) => piece.id));
  const planned = (plan?.chosen ?? []).flatMap((place) => {
    const piece = pieceAt(place);
    return piece && !inBox.has(piece.id) ? [{ place, piece }] : [];
  });
  const taken = planned.filter(({ piece }) => !left.has(piece.id));
  const next = nextStep(curve, budgetMinor, (place) => {
    const piece = pieceAt(place);
    return piece ? shortName(piece, view.shop.tongue.english) : '';
  });
  const open = isOpen(view.state);
  const ban = (id: string): void => {
    setBanned((now) => new Set(now).add(id));
    setLocked((now) => new Set([...now].filter((each) => each !== id)));
  };
  const hold = async (): Promise<void> => {
    // What is shown may be about to change: a piece refused a moment ago is not held.
    if (taken.length === 0 || !open || busy || holding) return;
    setHolding(true);
    try {
      const pieces = toHold(
        view,
        taken.map(({ piece }) => piece),
      );
      const found = await call('hold-planned', { boxId: view.id, pieces });
      setLeft(new Set());
      setLocked(new Set());
      setView((now) => withAnswer(now, found.view));
      if (found.missed.length === 0) {
        showDone(taken.length === 1 ? '1 piece is held.' : `${taken.length} pieces are held.`);
        location.assign(`/box/${view.id}/pull`);
        return;
      }
      setMissed(found.missed);
      setBanned((now) => new Set([...now, ...found.missed.map(({ variantId }) => variantId)]));
    } catch (error) {
      showProblem(error);
    }
    setHolding(false);
  };
  return {
    view,
    answer,
    candidates,
    plan,
    planned,
    taken,
    next,
    curve,
    span,
    busy,
    failed,
    open,
    budgetMinor,
    setBudget,
    most,
    setMost,
    musts,
    toggleMust: (at: number): void => setMusts((now) => toggled(now, at)),
    locked,
    toggleLock: (id: string): void => setLocked((now) => toggled(now, id)),
    banned,
    ban,
    allow: (id: string): void => setBanned((now) => toggled(now, id)),
    left,
    toggleLeft: (id: string): void => setLeft((now) => toggled(now, id)),
    missed,
    hold,
    holding,
    proof,
    prove,
    stopProof,
  };
}
export type BoxPlan = ReturnType<typeof useBoxPlan>;
