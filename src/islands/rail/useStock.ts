import { isOpen } from '@core/box';
import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { useAsked } from '@ui/useAsked';

const NONE: readonly PullRow[] = [];

/**
 * What is on the shelf for this box, what suits best first: where neither the closet nor the box has a mend, the stock
 * may. Empty until it is here; a box that has left takes nothing from the stock any more.
 */
export function useStock(view: BoxView): readonly PullRow[] {
  const open = isOpen(view.state);
  // Without an answer mends come from the closet and the box alone.
  const { answer } = useAsked('pull-list', open ? { boxId: view.id, askId: null } : undefined, {
    since: view.lines.length,
    quiet: true,
  });
  return open ? (answer?.rows ?? NONE) : NONE;
}
