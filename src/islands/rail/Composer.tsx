import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/views';
import { applyMend, judge, type Mend, type Setting } from '@core/look';
import { modesOf, type Piece } from '@core/piece';
import { useHotkeys } from '@mantine/hooks';
import { memo, useCallback, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { Findings } from './Findings';
import { LookForm } from './LookForm';
import { OtherSchool } from './OtherSchool';
import { Rack } from './Rack';
import { Stage } from './Stage';
import type { LookStore } from './store';
import { useMends } from './useMends';

interface ComposerProps {
  readonly view: BoxView;
  readonly store: LookStore;
  readonly pool: readonly Piece[];
  readonly saving: boolean;
  readonly onPress: (piece: Piece) => void;
  readonly onSave: () => void;
}

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
  saving,
  onPress,
  onSave,
}: ComposerProps) {
  const worn = useStore(store, (look) => look.worn);
  const overrules = useStore(store, (look) => look.overrules);
  const occasionId = useStore(store, (look) => look.occasionId);
  const { takeOff, setMode, patch, overrule, restore } = store.getState();
  const [lit, setLit] = useState<readonly string[]>([]);
  const [tried, setTried] = useState<Mend>();

  const pieces = useMemo(() => piecesOf(view, worn), [view, worn]);
  const occasion = view.occasions.find(({ id }) => id === occasionId)?.occasion;
  const setting = useMemo<Setting>(
    () => ({
      client: view.client.profile,
      occasion,
      shopSchools: view.shop.schools,
      budget: { boxMinor: view.budgetMinor ?? undefined, pieceMinor: view.client.pieceBudgetMinor },
    }),
    [view, occasion],
  );
  const { settings } = view.shop;
  const verdict = useMemo(
    () => judge(pieces, setting, settings, overrules),
    [pieces, setting, settings, overrules],
  );
  const question = useMemo(
    () => ({ pieces, pool, setting, settings, overrules }),
    [pieces, pool, setting, settings, overrules],
  );
  const { mends, ways, busy } = useMends(question);
  const shown = useMemo(() => (tried ? applyMend(pieces, tried, pool) : pieces), [tried, pieces, pool]);
  // The rail is drawn again when other pieces are worn, not when one is worn another way.
  const wornKey = worn.map(({ ref }) => ref).join(' ');
  const wornIds = useMemo(() => new Set(wornKey.split(' ')), [wornKey]);

  const keepMend = useCallback(
    (mend: Mend): void => {
      setTried(undefined);
      const after = applyMend(piecesOf(view, store.getState().worn), mend, pool);
      patch({ worn: after.map((piece) => ({ ref: piece.id, mode: piece.mode })) });
    },
    [store, view, pool, patch],
  );
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
    if (next) setMode(piece.id, next.id);
  };
  useHotkeys([
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

  const chosen = useMemo(
    () => view.occasions.filter(({ id }) => view.occasionIds.includes(id)),
    [view.occasions, view.occasionIds],
  );
  const open = !['out', 'tallying', 'closed', 'cancelled'].includes(view.state);
  return (
    <div className="combine">
      <Rack view={view} wornIds={wornIds} lit={lit} onPress={onPress} />
      <Stage
        pieces={shown}
        client={view.client.profile}
        verdict={verdict}
        lit={lit}
        onMode={setMode}
        onTakeOff={takeOff}
      />
      <aside className="combine-side">
        <LookForm store={store} occasions={chosen} open={open} saving={saving} onSave={onSave} />
        <Findings
          verdict={verdict}
          mends={mends}
          ways={ways}
          busy={busy}
          assumed={pieces.filter((piece) => piece.assumed).map(({ title }) => title)}
          schools={<OtherSchool pieces={pieces} setting={setting} settings={settings} verdict={verdict} />}
          overrules={overrules}
          onLight={setLit}
          onTry={setTried}
          onKeep={keepMend}
          onOverrule={overrule}
          onRestore={restore}
        />
      </aside>
    </div>
  );
});
