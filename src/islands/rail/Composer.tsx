import { isSettled } from '@core/box';
import { speakerOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { applyMend, type Mend } from '@core/look';
import type { Piece } from '@core/piece';
import { memo, useCallback, useMemo, useState } from 'react';
import { Instead } from './Instead';
import { LookSide } from './LookSide';
import { Rack } from './Rack';
import { Stage } from './Stage';
import { StageTabs } from './StageTabs';
import { type Asked, RailDialogs } from './RailDialogs';
import type { LookStore } from './store';
import { useDeeds } from './useDeeds';
import { useJudged } from './useJudged';
import { useRailKeys } from './useRailKeys';
import type { Saved } from './useSaving';
import { useMends } from './useMends';

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

const NO_PIECES: readonly Piece[] = [];

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
  const { setMode, setOff } = store.getState();
  const [lit, setLit] = useState<readonly string[]>([]);
  const [stageTitle, setStageTitle] = useState<string>();
  const { asks, askWays, askTurn, close } = useDialogs();

  const judged = useJudged(view, store, stageTitle);
  const { worn, overrules, all, occasion, stages, stage, pieces, setting, settings, verdict } = judged;
  const shelf = useMemo(() => stock.map(({ piece }) => piece), [stock]);
  const question = useMemo(
    () => ({ pieces, pool, stock: shelf, setting, settings, overrules }),
    [pieces, pool, shelf, setting, settings, overrules],
  );
  const mended = useMends(question);
  const { instead, best } = mended;
  const by = useMemo(() => speakerOf(view, shelf), [view, shelf]);
  // The rail is drawn again when other pieces are worn, not when one is worn another way.
  const wornKey = worn.map(({ ref }) => ref).join(' ');
  const wornIds = useMemo(() => new Set(wornKey.split(' ')), [wornKey]);

  const { off, pressed, pressShelf, keepMend, wearWay } = useDeeds({
    view,
    store,
    pool,
    stock,
    pieces,
    stage,
    onHoldFromStock,
    onPress,
  });
  const { shown, setTried, keep } = useTried(pieces, pool, shelf, keepMend);
  useRailKeys({ pieces, setMode, off, askWays, askTurn });
  const chosen = useMemo(
    () => view.occasions.filter(({ id }) => view.occasionIds.includes(id)),
    [view.occasions, view.occasionIds],
  );
  const open = !isSettled(view.state);
  const offerInstead = useInstead(view, instead, setTried, keep);
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
            stages={judged.byStage}
            titles={stages}
            whole={judged.alone}
            current={stage?.title}
            onGo={setStageTitle}
          />
        )}
      </Stage>
      <LookSide
        view={view}
        store={store}
        judged={judged}
        mended={mended}
        by={by}
        occasions={chosen}
        saved={saved}
        onSave={onSave}
        onWays={askWays}
        onTurn={askTurn}
        onLight={setLit}
        onTry={setTried}
        onKeep={keep}
      />
      <RailDialogs
        asks={asks}
        view={view}
        store={store}
        pool={pool}
        shelf={shelf}
        pieces={pieces}
        isBegun={pieces.length > 0 && !verdict.complete}
        occasions={chosen}
        by={by}
        onClose={close}
        onWear={wearWay}
      />
    </div>
  );
});

/** Which of its dialogs is asked for. */
function useDialogs() {
  const [asks, setAsks] = useState<Asked>();
  return {
    asks,
    askWays: useCallback(() => setAsks('ways'), []),
    askTurn: useCallback(() => setAsks('turn'), []),
    close: useCallback(() => setAsks(undefined), []),
  };
}

/** The pieces as a mend that is only tried would have them; what is kept is tried no longer. */
function useTried(
  pieces: readonly Piece[],
  pool: readonly Piece[],
  shelf: readonly Piece[],
  keepMend: (mend: Mend) => Promise<void>,
) {
  const [tried, setTried] = useState<Mend>();
  const everything = useMemo(() => [...pool, ...shelf], [pool, shelf]);
  const shown = useMemo(
    () => (tried ? applyMend(pieces, tried, everything) : pieces),
    [tried, pieces, everything],
  );
  const keep = useCallback(
    (mend: Mend): Promise<void> => {
      setTried(undefined);
      return keepMend(mend);
    },
    [keepMend],
  );
  return { shown, setTried, keep };
}

/** What could be worn instead of a piece, drawn for whoever asks at it. */
function useInstead(
  { shop: { tongue, currency }, client: { profile } }: BoxView,
  find: ReturnType<typeof useMends>['instead'],
  onTry: (mend: Mend | undefined) => void,
  onKeep: (mend: Mend) => Promise<void>,
) {
  return useCallback(
    (piece: Piece) => (
      <Instead
        piece={piece}
        tongue={tongue}
        currency={currency}
        client={profile}
        find={find}
        onTry={onTry}
        onKeep={onKeep}
      />
    ),
    [tongue, currency, profile, find, onTry, onKeep],
  );
}
