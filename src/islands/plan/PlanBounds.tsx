import { NO_BUDGET } from '@contracts/plan/box-problem';
import { speakerOf } from '@contracts/look-pieces';
import { money } from '@core/money';
import { nextStepWords } from '@core/plan';
import { Checkbox, NumberInput, Slider } from '@mantine/core';
import { lazy, Suspense } from 'react';
import { PlanProof } from './PlanProof';
import type { BoxPlan } from './useBoxPlan';

const BudgetCurve = lazy(() => import('./BudgetCurve'));

/** What the plan is bound by: money, how many, what it has to answer, what it does without; and how good it is. */
export function PlanBounds({ plan }: { readonly plan: BoxPlan }) {
  const { view, candidates, curve, span, next, budgetMinor, setBudget, most, setMost, musts, banned } = plan;
  const { currency, tongue } = view.shop;
  const { whose } = speakerOf(view).client;
  return (
    <section className="sheet plan-wish" aria-label="What the plan is bound by">
      <h2>Within</h2>
      <div className="plan-budget">
        <span className="num plan-sum">
          {budgetMinor >= NO_BUDGET ? 'No budget' : money(budgetMinor, currency).replace(/\.00$/, '')}
        </span>
        <span className="small soft">
          {view.budgetMinor !== null && budgetMinor !== view.budgetMinor && (
            <button className="plain-button small" onClick={() => setBudget(view.budgetMinor ?? NO_BUDGET)}>
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
              onChange={() => plan.toggleMust(at)}
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
              onClick={() => plan.allow(id)}
              aria-label={`Allow ${candidates.find(({ variantId }) => variantId === id)?.piece.title ?? 'it'} again`}
            >
              {candidates.find(({ variantId }) => variantId === id)?.piece.title ?? 'a piece that is gone'} ×
            </button>
          ))}
        </p>
      )}
      <PlanProof
        proof={plan.proof}
        may={plan.plan !== undefined && !plan.busy}
        onProve={plan.prove}
        onStop={plan.stopProof}
      />
    </section>
  );
}
