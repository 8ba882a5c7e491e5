import type { LookView } from '@contracts/box/box-view';
import { showDone } from '@ui/api';
import { keepIn, keptIn } from '@ui/kept';
import { useEffect } from 'react';
import { keepDraft, type LookDraft, type LookStore } from './store';

/** What a tab keeps of its Rail while the page is loaded again. */
interface Kept {
  readonly draft: LookDraft;
  readonly past: readonly LookDraft[];
  readonly future: readonly LookDraft[];
  /** Version of the saved look it came from. */
  readonly version?: number | undefined;
}

/** Steps of undo that come back. */
const STEPS = 50;
const same = (a: LookDraft, b: LookDraft): boolean => JSON.stringify(a) === JSON.stringify(b);
const keyOf = (boxId: string): string => `rail ${boxId}`;

/**
 * The look on the figure, saved or not, and its undo outlive a reload of the page; in this tab alone, so that two tabs do not
 * meet. It is written when the page is left, and costs a change nothing. A look that somebody saved meanwhile comes back as a new
 * one beside theirs.
 */
export function useKeptDraft(
  store: LookStore,
  boxId: string,
  loaded: readonly LookView[],
  known: { readonly current: ReadonlyMap<string, LookView> },
): void {
  useEffect(() => {
    const kept = keptIn<Kept>(keyOf(boxId));
    const begun = keepDraft(store.getState());
    if (kept && (!same(kept.draft, begun) || kept.past.length > 0)) {
      const saved = loaded.find(({ id }) => id === kept.draft.savedId);
      const isTheirs = kept.draft.savedId !== undefined && saved?.version !== kept.version;
      const history = store.temporal.getState();
      history.pause();
      store.getState().replace(isTheirs ? { ...kept.draft, savedId: undefined } : kept.draft);
      history.resume();
      if (!isTheirs) store.temporal.setState({ pastStates: [...kept.past], futureStates: [...kept.future] });
      if (!same(kept.draft, begun))
        showDone(
          isTheirs
            ? 'Somebody saved this look meanwhile. Yours is back as a new one.'
            : 'The look is as you left it.',
        );
    }
  }, [store, boxId, loaded]);
  useEffect(() => {
    const write = (): void => {
      const draft = keepDraft(store.getState());
      const { pastStates, futureStates } = store.temporal.getState();
      const own: Kept = {
        draft,
        past: pastStates.slice(-STEPS) as LookDraft[],
        future: futureStates.slice(-STEPS) as LookDraft[],
        version: known.current.get(draft.savedId ?? '')?.version,
      };
      keepIn(keyOf(boxId), own);
    };
    window.addEventListener('pagehide', write);
    return () => window.removeEventListener('pagehide', write);
  }, [store, boxId, known]);
}
