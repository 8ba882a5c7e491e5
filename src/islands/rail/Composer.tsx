import { isSettled } from '@core/box';
import { piecesOf, settingOf, speakerOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { applyMend, atStage, judge, type Mend, piecesAt, type Setting, type Stage as Part } from '@core/look';
import { modesOf, type Piece } from '@core/piece';
import type { Way } from '@core/ways';
import { stepped } from '@ui/choosing';
import { useCallbackRef } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { memo, useCallback, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { Findings } from './Findings';
import { Instead } from './Instead';
import { LookForm } from './LookForm';
import { OtherSchool } from './OtherSchool';
import { Rack } from './Rack';
import { Stage } from './Stage';
import { StageTabs, useStages } from './StageTabs';
import { LookNote } from './LookNote';
import { EMPTY, type LookStore } from './store';
import type { Saved } from './useSaving';
import { useMends } from './useMends';
import { TurnDialog } from './TurnDialog';
import { WaysDialog } from './WaysDialog';

interface ComposerProps {
  readonly view: BoxView;
  readonly store: LookStore;
  readonly pool: readonly Piece[];
  /** On the shelf in the client's size, not held yet. */
  readonly stock: readonly PullRow[];
  readonly onHoldFromStock: (row: PullRow) => Promise<string | undefined>;
  readonly saved: Saved;
  readonly onPress: (piece: Piece) => void;
  readonly onSave: () => void;
}

const NO_STAGES: readonly Part[] = [];
const NO_PIECES: readonly Piece[] = [];

/** Piece that has the keyboard: on the rail, or in the list of what is worn. */
function focused(): string | undefined {
  const at = document.activeElement as HTMLElement | null;
  return at?.dataset.ref ?? at?.dataset.off;
}

/** The rack, the figure wearing the look, and what the rules say of it; judged on every change. */
export const Composer = memo(function Composer({
  view,
  store,
  pool,
  stock,
  onHoldFromStock,
  saved,
  onPress,
  onSave,
}: ComposerProps) {
  const worn = useStore(store, (look) => look.worn);
  const overrules = useStore(store, (look) => look.overrules);
  const occasionId = useStore(store, (look) => look.occasionId);
  const offs = useStore(store, (look) => look.stages);
  const { takeOff, setMode, setOff, patch, overrule, restore } = store.getState();
  const [lit, setLit] = useState<readonly string[]>([]);
  const [tried, setTried] = useState<Mend>();
  const [stageTitle, setStageTitle] = useState<string>();
  const [asksWays, setAsksWays] = useState(false);
  const askWays = useCallback(() => setAsksWays(true), []);
  const [asksTurn, setAsksTurn] = useState(false);
  const askTurn = useCallback(() => setAsksTurn(true), []);

  const all = useMemo(() => piecesOf(view, worn), [view, worn]);
  const planned = view.occasions.find(({ id }) => id === occasionId);
  const occasion = planned?.occasion;
  const stages = planned?.stages ?? NO_STAGES;
  const stage = stages.find(({ title }) => title === stageTitle);
  const pieces = useMemo(() => (stage ? piecesAt(all, stage.title, offs) : all), [all, stage, offs]);
  const given = useMemo(() => settingOf(view), [view]);
  const setting = useMemo<Setting>(
    () => ({ ...given, occasion: occasion && stage ? atStage(occasion, stage) : occasion }),
    [given, occasion, stage],
  );
  const { settings } = view.shop;
  const byStage = useStages({ pieces: all, stages, offs, occasion, setting: given, settings, overrules });
  const alone = useMemo(
    () => judge(pieces, setting, settings, overrules),
    [pieces, setting, settings, overrules],
  );
  // A stage knows what later ones show; until all of them are judged it is judged alone.
  const verdict = (stage && byStage?.find(({ title }) => title === stage.title)?.verdict) ?? alone;
  const shelf = useMemo(() => stock.map(({ piece }) => piece), [stock]);
  const question = useMemo(
    () => ({ pieces, pool, stock: shelf, setting, settings, overrules }),
    [pieces, pool, shelf, setting, settings, overrules],
  );
  const { mends, ways, less, busy, instead, best } = useMends(question);
  const by = useMemo(() => speakerOf(view, shelf), [view, shelf]);
  const everything = useMemo(() => [...pool, ...shelf], [pool, shelf]);
  const shown = useMemo(
    () => (tried ? applyMend(pieces, tried, everything) : pieces),
    [tried, pieces, everything],
  );
  // The rail is drawn again when other pieces are worn, not when one is worn another way.
  const wornKey = worn.map(({ ref }) => ref).join(' ');
  const wornIds = useMemo(() => new Set(wornKey.split(' ')), [wornKey]);

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
      setTried(undefined);
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
  const along = (by: number) => () => {
    const all = [...document.querySelectorAll<HTMLButtonElement>('.hanging')];
    const at = all.indexOf(document.activeElement as HTMLButtonElement);
    stepped(all, at, by)?.focus();
  };
  const nextMode = (): void => {
    const piece = pieces.find(({ id }) => id === focused());
    if (!piece) return;
    const modes = modesOf(piece);
    const at = modes.findIndex(({ id }) => id === (piece.mode ?? modes[0]?.id));
    const next = modes[(at + 1) % modes.length];
    if (next) setMode(piece.id, next.id);
  };
  useKeys([
    ['ArrowRight', along(1)],
    ['ArrowLeft', along(-1)],
    ['m', nextMode],
    ['w', askWays],
    ['e', askTurn],
    [
      'Delete',
      () => {
        const id = focused();
        if (id) off(id);
      },
    ],
  ]);

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
  const chosen = useMemo(
    () => view.occasions.filter(({ id }) => view.occasionIds.includes(id)),
    [view.occasions, view.occasionIds],
  );
  const open = !isSettled(view.state);
  const { profile } = view.client;
  const offerInstead = useCallback(
    (piece: Piece) => (
      <Instead
        piece={piece}
        tongue={view.shop.tongue}
        currency={view.shop.currency}
        client={profile}
        find={instead}
        onTry={setTried}
        onKeep={keepMend}
      />
    ),
    [view.shop, profile, instead, keepMend],
  );
  return (
    <div className="combine">
      <Rack
        view={view}
        shelf={stock}
        occasion={occasion}
        wornIds={wornIds}
        lit={lit}
        best={best}
        onPress={pressed}
        onPressShelf={pressShelf}
      />
      <Stage
        pieces={pieces}
        tried={shown}
        client={view.client.profile}
        verdict={verdict}
        tongue={view.shop.tongue}
        lit={lit}
        onMode={setMode}
        onTakeOff={off}
        offHere={stage ? all.filter((piece) => !pieces.includes(piece)) : NO_PIECES}
        onPutBack={(id) => stage && setOff(stage.title, id, false)}
        instead={open && !stage ? offerInstead : undefined}
      >
        {stages.length > 0 && (
          <StageTabs
            stages={byStage}
            titles={stages}
            whole={alone}
            current={stage?.title}
            onGo={setStageTitle}
          />
        )}
      </Stage>
      <aside className="combine-side">
        <LookForm
          store={store}
          occasions={chosen}
          open={open}
          saved={saved}
          onSave={onSave}
          mixAt={`/box/${view.id}/mix`}
          onWays={askWays}
          onTurn={askTurn}
        />
        <Findings
          pieces={pieces}
          verdict={verdict}
          mends={mends}
          ways={ways}
          less={less}
          onFinish={askWays}
          by={by}
          busy={busy}
          assumed={pieces.filter((piece) => piece.assumed).map(({ title }) => title)}
          schools={
            <OtherSchool pieces={pieces} setting={setting} settings={settings} verdict={verdict} by={by} />
          }
          overrules={overrules}
          onLight={setLit}
          onTry={setTried}
          onKeep={keepMend}
          onOverrule={overrule}
          onRestore={restore}
        />
        <LookNote store={store} open={open} />
      </aside>
      <WaysDialog
        open={asksWays}
        view={view}
        pool={pool}
        shelf={shelf}
        worn={pieces}
        isBegun={pieces.length > 0 && !verdict.complete}
        by={by}
        onClose={() => setAsksWays(false)}
        onWear={(way) => void wearWay(way)}
      />
      {asksTurn && pieces.length > 0 && (
        <TurnDialog
          view={view}
          pool={pool}
          worn={pieces}
          others={chosen.filter(({ id }) => id !== store.getState().occasionId)}
          by={by}
          onClose={() => setAsksTurn(false)}
          onWear={(turn, { id, occasion }) => {
            // A look of its own: the one it came from stays as it is.
            store.getState().replace({
              ...EMPTY,
              worn: turn.pieces.map((piece) => ({ ref: piece.id, mode: piece.mode })),
              occasionId: id,
              title: occasion.title,
            });
            setAsksTurn(false);
          }}
        />
      )}
    </div>
  );
});
