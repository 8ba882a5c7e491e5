import { piecesOf } from '@contracts/look-pieces';
import type { BoxView, LookView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { EXCLUSIVE, type Piece, wear } from '@core/piece';
import { DndContext, DragOverlay, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { useHotkeys } from '@mantine/hooks';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { TURN_KEY } from '@ui/useSide';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { Composer } from './Composer';
import { LookStrip } from './LookStrip';
import { SideBySide } from './SideBySide';
import { createLookStore, EMPTY, type LookDraft } from './store';
import { useKeptDraft } from './useKeptDraft';
import { useStock } from './useStock';
import { withQueries } from '@ui/withQueries';
import './rail.css';

const KEYS = [
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
  { keys: 'c', does: 'Two saved looks side by side' },
  { keys: 'v', does: 'Show the saved looks to the client' },
];

/** A look as it was last saved, in the shape it is saved in; undefined for a new one. */
const lookOf = (look: LookView | undefined) =>
  look && {
    occasionId: look.occasionId,
    title: look.title,
    pieces: [...look.pieces],
    overrules: [...look.overrules],
    stages: look.stages.map(({ title, off }) => ({ title, off: [...off] })),
  };

const draftOf = (look: LookView): LookDraft => ({
  worn: look.pieces,
  overrules: look.overrules,
  occasionId: look.occasionId,
  title: look.title,
  stages: look.stages,
  savedId: look.id,
});

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
  const { view, busy, run } = useBox(initial);
  const [store] = useState(() =>
    createLookStore(
      initial.looks[0] ? draftOf(initial.looks[0]) : { ...EMPTY, occasionId: initial.occasionIds[0] ?? null },
    ),
  );
  useKeptDraft(store, initial.id, initial.looks, view.looks);
  const savedId = useStore(store, (look) => look.savedId);
  const [dragged, setDragged] = useState<Piece>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
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
  const save = useCallback(async (): Promise<void> => {
    const look = store.getState();
    if (look.worn.length === 0) return;
    await run(
      'save-look',
      {
        boxId: initial.id,
        id: look.savedId,
        // As this page last saw it: a step back in the history does not take the look itself back.
        version: view.looks.find(({ id }) => id === look.savedId)?.version,
        occasionId: look.occasionId,
        title: look.title,
        pieces: [...look.worn],
        overrules: [...look.overrules],
        stages: look.stages.map(({ title, off }) => ({ title, off: [...off] })),
      },
      'The look is saved.',
      lookOf(view.looks.find(({ id }) => id === look.savedId)),
    );
  }, [run, store, initial.id, view.looks]);
  const saveNow = useCallback(() => void save(), [save]);
  // A new look that was saved is that look from now on; that is no step to go back from.
  useEffect(() => {
    const look = store.getState();
    if (look.savedId) return;
    const mine = view.looks.find(
      (each) => JSON.stringify(each.pieces) === JSON.stringify(look.worn) && each.title === look.title,
    );
    if (!mine) return;
    const history = store.temporal.getState();
    history.pause();
    look.patch({ savedId: mine.id });
    history.resume();
  }, [view.looks, store]);

  const fresh = useCallback((): void => {
    const { occasionId, replace } = store.getState();
    replace({ ...EMPTY, occasionId });
  }, [store]);
  const openLook = useCallback((look: LookView): void => store.getState().replace(draftOf(look)), [store]);
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
  useHotkeys([
    ['mod+Z', () => temporal.getState().undo()],
    ['mod+Y', () => temporal.getState().redo()],
    ['mod+shift+Z', () => temporal.getState().redo()],
    ['alt+N', fresh],
    ['c', () => view.looks.length > 1 && compare()],
    ['v', () => view.looks.length > 0 && location.assign(`/box/${view.id}/show`)],
  ]);
  useHotkeys([['mod+S', saveNow]], []);

  return (
    <>
      <LookStrip
        view={view}
        currentId={savedId}
        onOpen={openLook}
        onNew={fresh}
        onCompare={compare}
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
          if (piece && (over?.id === 'figure' ? !worn : !over && worn)) press(piece);
        }}
      >
        <Composer
          view={view}
          store={store}
          pool={pool}
          stock={stock}
          onHoldFromStock={holdFromStock}
          saving={busy === 'save-look'}
          onPress={press}
          onSave={saveNow}
        />
        <DragOverlay>{dragged && <GarmentSketch piece={dragged} scale={0.2} decorative />}</DragOverlay>
      </DndContext>
    </>
  );
}

/** Worn pieces that share an exclusive place with a new one: a top gives way to a top, a top and skirt to a dress. */
function inTheWay(piece: Piece, worn: readonly Piece[]): string[] {
  const slot = wear(piece).slot;
  const clash = (other: Piece): boolean => {
    const its = wear(other).slot;
    return (
      (its === slot && EXCLUSIVE.has(slot)) ||
      (slot === 'whole' && (its === 'top' || its === 'bottom')) ||
      (its === 'whole' && (slot === 'top' || slot === 'bottom'))
    );
  };
  return worn.filter(clash).map(({ id }) => id);
}
