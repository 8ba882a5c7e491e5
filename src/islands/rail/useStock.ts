import { isOpen } from '@core/box';
import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { call } from '@ui/api';
import { useEffect, useState } from 'react';

const NONE: readonly PullRow[] = [];

/**
 * What is on the shelf for this box, what suits best first: where neither the closet nor the box has a mend, the stock
 * may. Empty until it is here; a box that has left takes nothing from the stock any more.
 */
export function useStock(view: BoxView): readonly PullRow[] {
  const [rows, setRows] = useState(NONE);
  const open = isOpen(view.state);
  const boxId = view.id;
  const held = view.lines.length;
  useEffect(() => {
    let mine = true;
    if (open)
      // Without an answer mends come from the closet and the box alone.
      call('pull-list', { boxId, askId: null }).then(
        (answer) => mine && setRows(answer.rows),
        () => undefined,
      );
    return () => {
      mine = false;
    };
  }, [boxId, open, held]);
  return open ? rows : NONE;
}
