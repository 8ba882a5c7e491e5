import type { BoxView } from '@contracts/box/box-view';
import { plannedFor } from '@contracts/plan/box-problem';
import { speakerOf } from '@contracts/look-pieces';
import { useKeys } from '@ui/useKeys';
import { stepped } from '@ui/choosing';
import { Providers } from '@ui/Providers';
import { withQueries } from '@ui/withQueries';
import { useRef } from 'react';
import { PlanBounds } from './PlanBounds';
import { PlanList } from './PlanList';
import { PlannedLooks } from './PlannedLooks';
import { useBoxPlan } from './useBoxPlan';
import './plan.css';

const KEYS = [
  { keys: '↓ ↑', does: 'Go through the planned pieces' },
  { keys: 'l', does: 'Lock the one you are on: every plan has it' },
  { keys: 'x', does: 'Not this one: plan again without it' },
  { keys: 'Space', does: 'Take it, or leave it on the shelf' },
  { keys: 'h', does: 'Hold what is ticked' },
];
/** Step 2, planned: the few pieces that dress every occasion best within the budget, to be argued with and held. */
export const PlanPage = withQueries(function PlanPage({ initial }: { readonly initial: BoxView }) {
  const box = useBoxPlan(initial);
  const { view, plan } = box;
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
  useKeys([
    ['ArrowDown', move(1)],
    ['ArrowUp', move(-1)],
    ['l', onRow(box.toggleLock)],
    ['x', onRow(box.ban)],
    ['h', () => void box.hold()],
  ]);
  return (
    <Providers keys={KEYS}>
      <div className="plan">
        <PlanBounds plan={box} />
        <PlanList box={box} list={list} />
        <PlannedLooks
          looks={plan?.looks ?? []}
          occasions={plannedFor(view)}
          client={view.client.profile}
          name={view.client.name}
          whose={speakerOf(view).client.whose}
          tongue={view.shop.tongue}
        />
      </div>
    </Providers>
  );
});
