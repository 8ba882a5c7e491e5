import type { BoxView } from '@contracts/box/box-view';
import { piecesOf } from '@contracts/look-pieces';
import type { PullRow } from '@contracts/pull/pull-row';
import { applyMend, type Mend, type Stage } from '@core/look';
import type { Piece } from '@core/piece';
import type { Way } from '@core/ways';
import { useCallbackRef } from '@mantine/hooks';
import { useCallback } from 'react';
import type { LookStore } from './store';

interface Given {
  readonly view: BoxView;
  readonly store: LookStore;
  readonly pool: readonly Piece[];
  readonly stock: readonly PullRow[];
  /** What is worn, at the stage that is shown. */
  readonly pieces: readonly Piece[];
  readonly stage: Stage | undefined;
  readonly onHoldFromStock: (row: PullRow) => Promise<string | undefined>;
  readonly onPress: (piece: Piece) => void;
}

/** What may be done to a look: put on and off, a mend kept, a way of wearing it all taken; what is on the shelf is held first. */
export function useDeeds({ view, store, pool, stock, pieces, stage, onHoldFromStock, onPress }: Given) {
  const { takeOff, setOff, patch } = store.getState();
  // At a stage a piece comes off there alone; everywhere else it comes off for good.
  const off = useCallback(
    (id: string): void => (stage ? setOff(stage.title, id, true) : takeOff(id)),
    [stage, setOff, takeOff],
  );
  // The rack is drawn again when other pieces are worn, and not for every change: what it is handed stays the same.
  const pressed = useCallbackRef((piece: Piece): void => {
    if (stage && store.getState().worn.some(({ ref }) => ref === piece.id))
      setOff(
        stage.title,
        piece.id,
        pieces.some(({ id }) => id === piece.id),
      );
    else onPress(piece);
  });
  // What hangs on the shelf is held for the box first; then it is worn like any other.
  const pressShelf = useCallback(
    async (row: PullRow): Promise<void> => {
      const ref = await onHoldFromStock(row);
      if (ref) onPress({ ...row.piece, id: ref });
    },
    [onHoldFromStock, onPress],
  );
  const keepMend = useCallback(
    async (mend: Mend): Promise<void> => {
      if (stage && mend.kind === 'take-off') return off(mend.piece);
      let kept = mend;
      const row = stock.find(({ garmentId }) => garmentId === (mend.with ?? mend.piece));
      const before = piecesOf(view, store.getState().worn);
      let from: readonly Piece[] = pool;
      if (mend.from === 'stock' && row) {
        const line = await onHoldFromStock(row);
        if (!line) return;
        kept = mend.kind === 'swap' ? { ...mend, with: line } : { ...mend, piece: line };
        from = [{ ...row.piece, id: line }];
      }
      const after = applyMend(before, kept, from);
      patch({ worn: after.map((piece) => ({ ref: piece.id, mode: piece.mode })) });
    },
    [store, view, pool, stock, stage, off, patch, onHoldFromStock],
  );
  const wearWay = useCallback(
    async (way: Way): Promise<void> => {
      // What comes from the shelf is held first, so that nobody else has it meanwhile.
      const refs: { ref: string; mode: string | undefined }[] = [];
      for (const { id, mode } of way.pieces) {
        const row = stock.find(({ garmentId }) => garmentId === id);
        const ref = row ? await onHoldFromStock(row) : id;
        if (!ref) return;
        refs.push({ ref, mode });
      }
      const planned = view.occasions.find(({ occasion: { title } }) => title === way.occasion);
      patch({ worn: refs, ...(planned ? { occasionId: planned.id } : {}) });
    },
    [stock, onHoldFromStock, view.occasions, patch],
  );
  return { off, pressed, pressShelf, keepMend, wearWay };
}
