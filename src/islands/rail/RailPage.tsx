import { piecesOf } from '@contracts/look-pieces';
import type { BoxView, LookView } from '@contracts/views';
import { applyMend, judge, type Mend, type Setting } from '@core/look';
import { EXCLUSIVE, modesOf, type Piece, wear } from '@core/piece';
import { DndContext, DragOverlay, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { Figure } from '@ui/Figure';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { memo, useCallback, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { Findings } from './Findings';
import { Rack } from './Rack';
import { Stage } from './Stage';
import { createLookStore, EMPTY, type LookDraft } from './store';
import { useMends } from './useMends';
import './rail.css';

const KEYS = [
  { keys: 'Enter', does: 'Wear the piece you are on, or take it off' },
  { keys: 'Delete', does: 'Take off the piece you are on' },
  { keys: 'm', does: 'Wear the piece you are on another way' },
  { keys: '← →', does: 'Go along the rail' },
  { keys: 'Ctrl Z, Ctrl Y', does: 'Undo, redo' },
  { keys: 'Ctrl S', does: 'Save the look' },
  { keys: 'Alt N', does: 'Begin a new look' },
];

const draftOf = (look: LookView): LookDraft => ({
  worn: look.pieces,
  overrules: look.overrules,
  occasionId: look.occasionId,
  title: look.title,
  savedId: look.id,
  savedVersion: look.version,
});

/** Step 3, the heart: pieces on the rail, the figure wearing the look, and what the rules say of it. */
export function RailPage({ initial }: { readonly initial: BoxView }) {
  const { view, busy, run } = useBox(initial);
  const [store] = useState(() =>
    createLookStore(
      initial.looks[0] ? draftOf(initial.looks[0]) : { ...EMPTY, occasionId: initial.occasionIds[0] ?? null },
    ),
  );
  const draft = useStore(store);
  const history = useStore(store.temporal);
  const [lit, setLit] = useState<readonly string[]>([]);
  const [tried, setTried] = useState<Mend>();
  const [dragged, setDragged] = useState<Piece>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));

  const pool = useMemo(
    () => [...view.owned, ...view.lines.filter((line) => line.held).map((line) => line.piece)],
    [view.owned, view.lines],
  );
  const pieces = useMemo(() => piecesOf(view, draft.worn), [view, draft.worn]);
  const occasion = view.occasions.find(({ id }) => id === draft.occasionId)?.occasion;
  const setting = useMemo<Setting>(
    () => ({
      client: view.client.profile,
      occasion,
      shopSchools: view.shop.schools,
      budget: { boxMinor: view.budgetMinor ?? undefined, pieceMinor: view.client.pieceBudgetMinor },
    }),
    [view, occasion],
  );
  const verdict = useMemo(
    () => judge(pieces, setting, view.shop.settings, draft.overrules),
    [pieces, setting, view.shop.settings, draft.overrules],
  );
  const question = useMemo(
    () => ({ pieces, pool, setting, settings: view.shop.settings, overrules: draft.overrules }),
    [pieces, pool, setting, view.shop.settings, draft.overrules],
  );
  const { mends, ways, busy: mending } = useMends(question);
  const shown = useMemo(() => (tried ? applyMend(pieces, tried, pool) : pieces), [tried, pieces, pool]);
  // The rail is drawn again when other pieces are worn, not when one is worn another way.
  const wornKey = draft.worn.map(({ ref }) => ref).join(' ');
  const wornIds = useMemo(() => new Set(wornKey.split(' ')), [wornKey]);

  const { wear: putOn, takeOff } = draft;
  const press = useCallback(
    (piece: Piece): void => {
      if (store.getState().worn.some(({ ref }) => ref === piece.id)) return takeOff(piece.id);
      putOn(piece.id, undefined, inTheWay(piece, piecesOf(view, store.getState().worn)));
    },
    [store, view, putOn, takeOff],
  );
  const keepMend = (mend: Mend): void => {
    setTried(undefined);
    const after = applyMend(pieces, mend, pool);
    draft.patch({ worn: after.map((piece) => ({ ref: piece.id, mode: piece.mode })) });
  };
  const save = async (): Promise<void> => {
    const look = store.getState();
    if (look.worn.length === 0) return;
    await run(
      'save-look',
      {
        boxId: view.id,
        id: look.savedId,
        version: look.savedVersion,
        occasionId: look.occasionId,
        title: look.title,
        pieces: [...look.worn],
        overrules: [...look.overrules],
      },
      'The look is saved.',
    );
  };
  // A saved look carries its new version on, or is the newest when it was new.
  useEffect(() => {
    const look = store.getState();
    const mine = look.savedId
      ? view.looks.find(({ id }) => id === look.savedId)
      : view.looks.find(
          (each) => JSON.stringify(each.pieces) === JSON.stringify(look.worn) && each.title === look.title,
        );
    if (mine && (mine.version !== look.savedVersion || mine.id !== look.savedId))
      look.patch({ savedId: mine.id, savedVersion: mine.version });
  }, [view.looks, store]);

  const focused = (): string | undefined => {
    const at = document.activeElement as HTMLElement | null;
    return at?.dataset.ref ?? at?.dataset.off;
  };
  const along = (by: number) => () => {
    const all = [...document.querySelectorAll<HTMLButtonElement>('.hanging')];
    const at = all.indexOf(document.activeElement as HTMLButtonElement);
    all[Math.min(all.length - 1, Math.max(0, at + by))]?.focus();
  };
  const nextMode = (): void => {
    const piece = pieces.find(({ id }) => id === focused());
    if (!piece) return;
    const modes = modesOf(piece);
    const at = modes.findIndex(({ id }) => id === (piece.mode ?? modes[0]?.id));
    const next = modes[(at + 1) % modes.length];
    if (next) draft.setMode(piece.id, next.id);
  };
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
  useHotkeys([
    ['mod+Z', () => history.undo()],
    ['mod+Y', () => history.redo()],
    ['mod+shift+Z', () => history.redo()],
    ['alt+N', fresh],
    ['ArrowRight', along(1)],
    ['ArrowLeft', along(-1)],
    ['m', nextMode],
    [
      'Delete',
      () => {
        const id = focused();
        if (id) takeOff(id);
      },
    ],
  ]);
  useHotkeys([['mod+S', () => void save()]], []);

  const chosen = view.occasions.filter(({ id }) => view.occasionIds.includes(id));
  const open = !['out', 'tallying', 'closed', 'cancelled'].includes(view.state);
  return (
    <Providers keys={KEYS}>
      <LookStrip
        view={view}
        currentId={draft.savedId}
        onOpen={openLook}
        onNew={fresh}
        onRemove={removeLook}
      />
      <DndContext
        sensors={sensors}
        onDragStart={({ active }) => setDragged(pool.find(({ id }) => id === active.id))}
        onDragCancel={() => setDragged(undefined)}
        onDragEnd={({ over, active }) => {
          setDragged(undefined);
          const piece = pool.find(({ id }) => id === active.id);
          if (over?.id === 'figure' && piece && !wornIds.has(piece.id)) press(piece);
          if (!over && piece && wornIds.has(piece.id)) takeOff(piece.id);
        }}
      >
        <div className="combine">
          <Rack view={view} wornIds={wornIds} lit={lit} onPress={press} />
          <Stage
            pieces={shown}
            client={view.client.profile}
            verdict={verdict}
            lit={lit}
            onMode={draft.setMode}
            onTakeOff={takeOff}
          />
          <aside className="combine-side">
            <form
              className="look-save"
              onSubmit={(event) => {
                event.preventDefault();
                void save();
              }}
            >
              <NativeSelect
                aria-label="Occasion"
                size="xs"
                value={draft.occasionId ?? ''}
                onChange={(event) => draft.patch({ occasionId: event.currentTarget.value || null })}
                data={[
                  { value: '', label: 'No occasion' },
                  ...chosen.map(({ id, occasion: each }) => ({ value: id, label: each.title })),
                ]}
              />
              <TextInput
                aria-label="Name of the look"
                size="xs"
                placeholder="Name of the look"
                value={draft.title}
                onChange={(event) => draft.patch({ title: event.currentTarget.value })}
              />
              <Button
                type="submit"
                size="xs"
                disabled={!open || draft.worn.length === 0}
                loading={busy === 'save-look'}
                title="Save the look (Ctrl S)"
              >
                {draft.savedId ? 'Save again' : 'Save look'}
              </Button>
              <Button
                size="xs"
                variant="default"
                disabled={history.pastStates.length === 0}
                onClick={() => history.undo()}
                title="Undo (Ctrl Z)"
              >
                Undo
              </Button>
              <Button
                size="xs"
                variant="default"
                disabled={history.futureStates.length === 0}
                onClick={() => history.redo()}
                title="Redo (Ctrl Y)"
              >
                Redo
              </Button>
            </form>
            <Findings
              verdict={verdict}
              mends={mends}
              ways={ways}
              busy={mending}
              overrules={draft.overrules}
              onLight={setLit}
              onTry={setTried}
              onKeep={keepMend}
              onOverrule={draft.overrule}
              onRestore={draft.restore}
            />
          </aside>
        </div>
        <DragOverlay>{dragged && <GarmentSketch piece={dragged} scale={0.2} decorative />}</DragOverlay>
      </DndContext>
    </Providers>
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

/** The picture of a saved look; drawn again only when the look or its pieces change. */
const Thumb = memo(function Thumb({ view, look }: { readonly view: BoxView; readonly look: LookView }) {
  const pieces = useMemo(() => piecesOf(view, look.pieces), [view, look.pieces]);
  return <Figure pieces={pieces} client={view.client.profile} height={52} title="" decorative />;
});

interface StripProps {
  readonly view: BoxView;
  readonly currentId: string | undefined;
  readonly onOpen: (look: LookView) => void;
  readonly onNew: () => void;
  readonly onRemove: (look: LookView) => Promise<void>;
}

const LookStrip = memo(function LookStrip({ view, currentId, onOpen, onNew, onRemove }: StripProps) {
  return (
    <nav className="look-strip" aria-label="Saved looks">
      {view.looks.map((look) => {
        const occasion = view.occasions.find(({ id }) => id === look.occasionId)?.occasion.title;
        return (
          <span key={look.id} className="look-card" data-current={look.id === currentId || undefined}>
            <button
              className="look-open"
              aria-current={look.id === currentId || undefined}
              onClick={() => onOpen(look)}
            >
              <span className="stage look-thumb">
                <Thumb view={view} look={look} />
              </span>
              <span>
                <span className="serif">{look.title || 'A look'}</span>
                <br />
                <span className="small soft">{occasion ?? 'no occasion'}</span>
              </span>
            </button>
            <button
              className="plain-button look-remove"
              aria-label={`Remove the look ${look.title}`}
              onClick={() => void onRemove(look)}
            >
              remove
            </button>
          </span>
        );
      })}
      <Button size="xs" variant="default" onClick={onNew} title="Begin a new look (Alt N)">
        New look
      </Button>
      {view.looks.length === 0 && (
        <span className="soft">No look is saved yet. Dress the figure, then save.</span>
      )}
      <Button
        size="xs"
        component="a"
        href={`/box/${view.id}/letter`}
        disabled={view.looks.length === 0}
        style={{ marginLeft: 'auto' }}
      >
        Write the letter
      </Button>
    </nav>
  );
});
