import { piecesOf } from '@contracts/look-pieces';
import type { BoxView, LookView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { inTheWay } from '@core/look';
import type { Piece } from '@core/piece';
import { DndContext, DragOverlay, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import { useKeys } from '@ui/useKeys';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { TURN_KEY } from '@ui/useSide';
import { useCallback, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { Composer } from './Composer';
import { LookStrip } from './LookStrip';
import { SideBySide } from './SideBySide';
import { createLookStore, draftOf, EMPTY } from './store';
import { useKeptDraft } from './useKeptDraft';
import { useSaving } from './useSaving';
import { useStock } from './useStock';
import { withQueries } from '@ui/withQueries';
import './rail.css';

const KEYS = [
  { keys: '/', does: 'Find a piece by name, kind, colour or cloth; Enter wears the first' },
  { keys: 'Enter', does: 'Wear the piece you are on, or take it off' },
  { keys: 'Delete', does: 'Take off the piece you are on' },
  { keys: 'm', does: 'Wear the piece you are on another way' },
  { keys: 'w', does: 'Ways to wear a piece, as different as can be' },
  { keys: 'e', does: 'Take the look into another occasion of the box' },
  { keys: '← →', does: 'Go along the rail' },
  { keys: 'Ctrl Z, Ctrl Y', does: 'Undo, redo' },
  { keys: 'Ctrl S', does: 'Save the look' },
  { keys: 'Alt N', does: 'Begin a new look' },
  TURN_KEY,
  { keys: 'r', does: 'A ruler beside the figure: thirds, landmarks, hems' },
  { keys: 'd', does: 'The look once more, as a new one' },
  { keys: 'c', does: 'Two saved looks side by side' },
  { keys: 'v', does: 'Show the saved looks to the client' },
];

/** Step 3, the heart: pieces on the rail, the figure wearing the look, and what the rules say of it. */
export const RailPage = withQueries(function RailPage({ initial }: { readonly initial: BoxView }) {
  return (
    <Providers keys={KEYS}>
      <Rail initial={initial} />
    </Providers>
  );
});

/** Saving, opening, undo and dragging. What changes with every piece is in Composer, so that this stays still. */
function Rail({ initial }: { readonly initial: BoxView }) {
  const { view, show, run } = useBox(initial);
  const [store] = useState(() =>
    createLookStore(
      initial.looks[0] ? draftOf(initial.looks[0]) : { ...EMPTY, occasionId: initial.occasionIds[0] ?? null },
    ),
  );
  const savedId = useStore(store, (look) => look.savedId);
  const [dragged, setDragged] = useState<Piece>();
  // A finger that moves scrolls the rack; one that rests on a piece takes it along.
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
  );
  const pool = useMemo(
    () => [...view.owned, ...view.lines.filter((line) => line.held).map((line) => line.piece)],
    [view.owned, view.lines],
  );

  const stock = useStock(view);

  /** Holds a piece of the stock for this box; its name as a line once it is held. */
  const holdFromStock = useCallback(
    async (row: PullRow): Promise<string | undefined> => {
      const held = await run(
        'hold-line',
        { boxId: initial.id, variantId: row.variantId },
        `${row.piece.title} is held.`,
      );
      return held?.lines.findLast(({ variantId }) => variantId === row.variantId)?.piece.id;
    },
    [run, initial.id],
  );

  const press = useCallback(
    (piece: Piece): void => {
      const { worn, takeOff, wear: putOn } = store.getState();
      if (worn.some(({ ref }) => ref === piece.id)) return takeOff(piece.id);
      putOn(piece.id, undefined, inTheWay(piece, piecesOf(view, worn)));
    },
    [store, view],
  );
  const { saved, save, known } = useSaving({ store, view, show });
  useKeptDraft(store, initial.id, initial.looks, known);
  const saveNow = useCallback(() => void save(), [save]);

  const fresh = useCallback((): void => {
    const { occasionId, replace } = store.getState();
    replace({ ...EMPTY, occasionId });
  }, [store]);
  const openLook = useCallback((look: LookView): void => store.getState().replace(draftOf(look)), [store]);
  const copyLook = useCallback(
    (look: LookView): void =>
      store
        .getState()
        .replace({ ...draftOf(look), title: `${look.title || 'A look'}, again`, savedId: undefined }),
    [store],
  );
  const removeLook = useCallback(
    async (look: LookView): Promise<void> => {
      const gone = await run('remove-look', { boxId: initial.id, id: look.id }, 'The look is gone.');
      if (gone && store.getState().savedId === look.id) fresh();
    },
    [run, initial.id, store, fresh],
  );
  const [comparing, setComparing] = useState(false);
  const compare = useCallback(() => setComparing(true), []);
  const { temporal } = store;
  useKeys([
    ['mod+Z', () => temporal.getState().undo()],
    ['mod+Y', () => temporal.getState().redo()],
    ['mod+shift+Z', () => temporal.getState().redo()],
    ['alt+N', fresh],
    [
      'd',
      () => {
        const current = view.looks.find(({ id }) => id === savedId);
        if (current) copyLook(current);
      },
    ],
    ['c', () => view.looks.length > 1 && compare()],
    ['v', () => view.looks.length > 0 && location.assign(`/box/${view.id}/show`)],
  ]);
  useKeys([['mod+S', saveNow]], true);

  return (
    <>
      <LookStrip
        view={view}
        currentId={savedId}
        onOpen={openLook}
        onNew={fresh}
        onCompare={compare}
        onCopy={copyLook}
        onRemove={removeLook}
      />
      {comparing && <SideBySide view={view} currentId={savedId} onClose={() => setComparing(false)} />}
      <DndContext
        sensors={sensors}
        onDragStart={({ active }) => setDragged(pool.find(({ id }) => id === active.id))}
        onDragCancel={() => setDragged(undefined)}
        onDragEnd={({ over, active }) => {
          setDragged(undefined);
          const piece = pool.find(({ id }) => id === active.id);
          const worn = store.getState().worn.some(({ ref }) => ref === piece?.id);
          // Letting go is seen at once, and what it does to the look is a task of its own.
          if (piece && (over?.id === 'figure' ? !worn : !over && worn)) setTimeout(press, 0, piece);
        }}
      >
        <Composer
          view={view}
          store={store}
          pool={pool}
          stock={stock}
          onHoldFromStock={holdFromStock}
          saved={saved}
          onPress={press}
          onSave={saveNow}
        />
        <DragOverlay>{dragged && <GarmentSketch piece={dragged} scale={0.2} decorative />}</DragOverlay>
      </DndContext>
    </>
  );
}
