import type { BoxView } from '@contracts/box/box-view';
import {
  missedWords,
  NO_BUDGET,
  plannedFor,
  problemOfBox,
  toHold,
  USUAL_MOST,
} from '@contracts/plan/box-problem';
import type { HoldPlannedAnswer } from '@contracts/plan/hold-planned';
import type { PlanCandidate } from '@contracts/plan/plan-candidates';
import { speakerOf } from '@contracts/look-pieces';
import { isOpen } from '@core/box';
import { money } from '@core/money';
import type { Piece } from '@core/piece';
import { gapWords, nextStep, nextStepWords, type PlanWish } from '@core/plan';
import { Button, Checkbox, NumberInput, Slider } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { call, showDone, showProblem } from '@ui/api';
import { stepped, toggled } from '@ui/choosing';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { useAsked } from '@ui/useAsked';
import { withQueries } from '@ui/withQueries';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { PlannedLooks } from './PlannedLooks';
import { PlannedPiece } from './PlannedPiece';
import { type Proof, usePlanner } from './usePlanner';
import './plan.css';

const BudgetCurve = lazy(() => import('./BudgetCurve'));

const KEYS = [
  { keys: '↓ ↑', does: 'Go through the planned pieces' },
  { keys: 'l', does: 'Lock the one you are on: every plan has it' },
  { keys: 'x', does: 'Not this one: plan again without it' },
  { keys: 'Space', does: 'Take it, or leave it on the shelf' },
  { keys: 'h', does: 'Hold what is ticked' },
];
/** Points of the curve. */
const POINTS = 12;
const NONE: readonly PlanCandidate[] = [];

/** Step 2, planned: the few pieces that dress every occasion best within the budget, to be argued with and held. */
export const PlanPage = withQueries(function PlanPage({ initial }: { readonly initial: BoxView }) {
  const [view, setView] = useState(initial);
  const { currency, tongue } = view.shop;
  const { answer } = useAsked('plan-candidates', { boxId: view.id }, { since: view.version });
  const candidates = answer?.candidates ?? NONE;
  const problem = useMemo(() => (answer ? problemOfBox(view, answer.candidates) : undefined), [view, answer]);
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
  const span = useMemo(() => {
    const top = view.budgetMinor === null ? 1_500_00 : Math.round(view.budgetMinor * 1.5);
    const step = Math.max(100, Math.round(top / POINTS / 500) * 500);
    const least = Math.ceil(spent / step) * step;
    return {
      step,
      least,
      top,
      points: [
        ...new Set([
          spent,
          view.budgetMinor ?? spent,
          ...Array.from({ length: POINTS + 1 }, (_, i) => least + i * step).filter((at) => at <= top),
        ]),
      ].sort((a, b) => a - b),
    };
  }, [view.budgetMinor, spent]);
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
  const occasions = plannedFor(view);
  const next = nextStep(curve, budgetMinor, (place) => pieceAt(place)?.title ?? '');
  const open = isOpen(view.state);
  const { whose } = speakerOf(view).client;

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
      setView(found.view);
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
  const list = useRef<HTMLOListElement>(null);
  const rows = (): HTMLElement[] => [
    ...(list.current?.querySelectorAll<HTMLElement>('li[data-piece]') ?? []),
  ];
  const move = (by: number) => () => {
    const all = rows();
    const at = all.findIndex((row) => row.contains(document.activeElement));
    stepped(all, at, by)?.querySelector('input')?.focus();
  };
  const onRow = (run: (id: string) => void) => () => {
    const id = rows().find((row) => row.contains(document.activeElement))?.dataset.piece;
    if (id) run(id);
  };
  useHotkeys(
    [
      ['ArrowDown', move(1)],
      ['ArrowUp', move(-1)],
      ['l', onRow((id) => setLocked((now) => toggled(now, id)))],
      ['x', onRow(ban)],
      ['h', () => void hold()],
    ],
    ['TEXTAREA', 'SELECT'],
  );
  return (
    <Providers keys={KEYS}>
      <div className="plan">
        <section className="sheet plan-wish" aria-label="What the plan is bound by">
          <h2>Within</h2>
          <div className="plan-budget">
            <span className="num plan-sum">{money(budgetMinor, currency).replace(/\.00$/, '')}</span>
            <span className="small soft">
              {view.budgetMinor !== null && budgetMinor !== view.budgetMinor && (
                <button
                  className="plain-button small"
                  onClick={() => setBudget(view.budgetMinor ?? NO_BUDGET)}
                >
                  back to {whose} {money(view.budgetMinor, currency).replace(/\.00$/, '')}
                </button>
              )}
            </span>
          </div>
          <Slider
            thumbLabel="Budget"
            label={null}
            min={span.least}
            max={span.top}
            step={span.step}
            value={Math.min(budgetMinor, span.top)}
            onChange={setBudget}
          />
          <div className="plan-curve">
            {curve.length > 1 && (
              <Suspense fallback={null}>
                <BudgetCurve curve={curve} budgetMinor={budgetMinor} currency={currency} />
              </Suspense>
            )}
          </div>
          <p className="small" role="status">
            {next
              ? nextStepWords(next, currency, tongue)
              : curve.length > 1
                ? 'More money opens nothing more.'
                : '…'}
          </p>
          <NumberInput
            label="Pieces at most"
            size="xs"
            min={Math.max(1, view.lines.length)}
            max={20}
            allowDecimal={false}
            clampBehavior="strict"
            value={most}
            onChange={(value) => typeof value === 'number' && setMost(value)}
          />
          {view.asks.length > 0 && (
            <fieldset className="plan-asks">
              <legend>Has to answer</legend>
              {view.asks.map(({ id, ask: { text } }, at) => (
                <Checkbox
                  key={id}
                  size="xs"
                  label={text}
                  checked={musts.has(at)}
                  onChange={() => setMusts((now) => toggled(now, at))}
                />
              ))}
            </fieldset>
          )}
          {banned.size > 0 && (
            <p className="small">
              Without{' '}
              {[...banned].map((id) => (
                <button
                  key={id}
                  className="plain-button small"
                  onClick={() => setBanned((now) => toggled(now, id))}
                  aria-label={`Allow ${candidates.find(({ variantId }) => variantId === id)?.piece.title ?? 'it'} again`}
                >
                  {candidates.find(({ variantId }) => variantId === id)?.piece.title ??
                    'a piece that is gone'}{' '}
                  ×
                </button>
              ))}
            </p>
          )}
          <ProofOf proof={proof} may={plan !== undefined && !busy} onProve={prove} onStop={stopProof} />
        </section>
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
              loading={holding}
              onClick={() => void hold()}
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
              {plan.conflict.map(({ name }) => mustWords(name, pieceTitles(view, candidates))).join('; ')}.
              Give one of them up.
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
                onTick={() => setLeft((now) => toggled(now, piece.id))}
                onLock={() => setLocked((now) => toggled(now, piece.id))}
                onBan={() => ban(piece.id)}
              />
            ))}
          </ol>
          <p className="plan-back">
            <a href={`/box/${view.id}/pull`}>Pull by hand</a>
          </p>
        </section>
        <PlannedLooks
          looks={plan?.looks ?? []}
          occasions={occasions}
          client={view.client.profile}
          name={view.client.name}
          whose={whose}
          tongue={tongue}
        />
      </div>
    </Providers>
  );
});

/** Titles by id, of what is in the box and of what may be. */
const pieceTitles = (view: BoxView, candidates: readonly PlanCandidate[]): ReadonlyMap<string, string> =>
  new Map(
    [...view.lines.map(({ piece }) => piece), ...candidates.map(({ piece }) => piece)].map(
      ({ id, title }) => [id, title],
    ),
  );

/** A must as a person knows it: its budget, its number of pieces, a piece by its title, an ask in its words. */
function mustWords(name: string, titles: ReadonlyMap<string, string>): string {
  if (name === 'budget') return 'the budget';
  if (name === 'most') return 'the number of pieces';
  if (name.startsWith('pin ')) return titles.get(name.slice(4)) ?? 'a locked piece';
  return `“${name}”`;
}

interface ProofProps {
  readonly proof: Proof;
  readonly may: boolean;
  readonly onProve: () => void;
  readonly onStop: () => void;
}

/** How far the plan is from the best there could be, worked out when it is asked for. */
function ProofOf({ proof, may, onProve, onStop }: ProofProps) {
  if (proof.state === 'under way')
    return (
      <p className="small" role="status">
        Working out the best there could be…{' '}
        <button className="plain-button small" onClick={onStop}>
          Stop
        </button>
      </p>
    );
  if (proof.state === 'found')
    return (
      <p className="small" role="status">
        {gapWords(proof.gap)}
      </p>
    );
  return (
    <p className="small" role="status">
      {proof.state === 'too long' && <>The proof takes too long here; the plan stands. </>}
      <button className="plain-button small" disabled={!may} onClick={onProve}>
        How good is it?
      </button>
    </p>
  );
}
