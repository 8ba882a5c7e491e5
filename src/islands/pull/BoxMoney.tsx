import type { BoxView } from '@contracts/box/box-view';
import { Progress } from '@mantine/core';
import { Money } from '@ui/Money';

/** What is in the box comes to, and what is left of the budget. */
export function BoxMoney({ view }: { readonly view: BoxView }) {
  const { currency } = view.shop;
  const { budgetMinor, spentMinor } = view;
  if (budgetMinor === null)
    return (
      <p className="pull-budget">
        <Money minor={spentMinor} currency={currency} />
      </p>
    );
  const left = budgetMinor - spentMinor;
  return (
    <>
      <p className="pull-budget">
        <Money minor={spentMinor} currency={currency} /> <span className="soft">of</span>{' '}
        <Money minor={budgetMinor} currency={currency} />
      </p>
      <Progress
        aria-label="Share of the budget"
        value={Math.min(100, (spentMinor / Math.max(1, budgetMinor)) * 100)}
        color={left < 0 ? 'madder' : 'lake'}
        size={6}
        radius={0}
      />
      <p className="small soft" role="status">
        {left < 0 ? (
          <span className="tone tone-blocks">
            <Money minor={-left} currency={currency} /> over the budget
          </span>
        ) : (
          <>
            <Money minor={left} currency={currency} /> left
          </>
        )}
      </p>
    </>
  );
}
