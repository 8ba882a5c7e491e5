import type { BoxNews } from '@contracts/box/box-news';
import type { BoxView, DressedBox, LookView } from '@contracts/box/box-view';
import type { Input } from '@contracts/calls';
import { isSettled } from '@core/box';
import { useCallbackRef } from '@mantine/hooks';
import { ApiProblem, call, showDone, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { useCallback, useEffect, useRef, useState } from 'react';
import { draftOf, keepDraft, type LookDraft, type LookStore } from './store';

/** How the look on the figure stands to what the server has of it. */
export type Saved = 'new' | 'saved' | 'changed' | 'saving' | 'offline' | 'refused';

/** A look that was saved once saves itself when the hand has rested this long. */
const REST_MS = 1500;
/** Without a connection it is tried again so often; and what others do is asked for so often. */
const AGAIN_MS = 5000;
const NEWS_MS = 10_000;

type SaveLook = Input<'save-look'>;

/** What of a look is saved. */
const saidOf = (look: Omit<LookView, 'id' | 'version'>) => ({
  occasionId: look.occasionId,
  title: look.title,
  pieces: look.pieces.map(({ ref, mode }) => ({ ref, mode })),
  overrules: look.overrules.map(({ rule, about, reason }) => ({ rule, about, reason })),
  stages: look.stages.map(({ title, off }) => ({ title, off: [...off] })),
  note: look.note,
});
const saidByDraft = (draft: LookDraft) => saidOf({ ...draft, pieces: draft.worn });
/** Optional fields that are not there and ones that are undefined are the same. */
const isSame = (a: object, b: object): boolean => JSON.stringify(a) === JSON.stringify(b);

interface Question {
  readonly store: LookStore;
  readonly view: BoxView;
  readonly show: (answer: DressedBox) => void;
}

export interface Saving {
  readonly saved: Saved;
  /** Saves now; a new look is saved by this alone. */
  readonly save: () => Promise<void>;
  /** The look as this page last had it in common with the server, by id. */
  readonly known: { readonly current: ReadonlyMap<string, LookView> };
}

/**
 * Saves the look on the figure: a new one when it is said, from then on by itself. Without a connection work goes on, and it
 * is saved when there is one again. What a colleague saved is shown where nothing was changed here, and else both are merged.
 */
export function useSaving({ store, view, show }: Question): Saving {
  const [saved, setSaved] = useState<Saved>('new');
  const known = useRef(new Map(view.looks.map((look) => [look.id, look])));
  // What was sent and taken, by look: the server trims a title, and the hand may still be in it.
  const taken = useRef(new Map<string, object>());
  const busy = useRef(false);
  const refused = useRef<object>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const follow = useRef<() => void>(() => undefined);
  const isOver = isSettled(view.state);

  const isClean = useCallback((said: object, base: LookView): boolean => {
    const echo = taken.current.get(base.id);
    return isSame(said, saidOf(base)) || (echo !== undefined && isSame(said, echo));
  }, []);
  const send = useCallback(
    async (isAsked: boolean): Promise<void> => {
      const draft = keepDraft(store.getState());
      const said = saidByDraft(draft);
      const base = draft.savedId === undefined ? undefined : known.current.get(draft.savedId);
      if (busy.current || draft.worn.length === 0) return;
      if (!isAsked && (!base || isClean(said, base))) return;
      busy.current = true;
      setSaved('saving');
      const look: SaveLook = {
        boxId: view.id,
        ...said,
        ...(base ? { id: base.id, version: base.version } : {}),
      };
      try {
        let sent: SaveLook = look;
        const answer = base
          ? await callMerging('save-look', look, saidOf(base), (merged) => (sent = merged), !isAsked)
          : await call('save-look', look);
        const its = base
          ? answer.looks.find(({ id }) => id === base.id)
          : answer.looks.findLast(({ id }) => !known.current.has(id));
        for (const each of answer.looks)
          if (each.id === its?.id || !isOnFigure(store, each.id)) known.current.set(each.id, each);
        if (its && sent === look) taken.current.set(its.id, said);
        quietly(store, () => {
          if (its && draft.savedId !== its.id && isSame(saidByDraft(store.getState()), said))
            store.getState().patch({ savedId: its.id });
          // What was merged is not what stands on the figure: it is shown, unless somebody went on meanwhile.
          if (its && sent !== look && isSame(saidByDraft(store.getState()), said))
            store.getState().replace(draftOf(its));
        });
        show(answer);
        if (isAsked) showDone('The look is saved.');
      } catch (error) {
        const isOffline = error instanceof ApiProblem && error.status === 0;
        if (!isOffline) refused.current = said;
        // Offline the line under the look says so; a notice for every try would be noise.
        if (!isOffline || isAsked) showProblem(error);
        setSaved(isOffline ? 'offline' : 'refused');
      } finally {
        busy.current = false;
        follow.current();
      }
    },
    [store, view.id, show, isClean],
  );

  // How the look stands, and when it is sent, follow every change.
  useEffect(() => {
    follow.current = () => {
      const draft = keepDraft(store.getState());
      const base = draft.savedId === undefined ? undefined : known.current.get(draft.savedId);
      const said = saidByDraft(draft);
      clearTimeout(timer.current);
      if (!base) return setSaved('new');
      if (isClean(said, base)) return setSaved('saved');
      if (refused.current && isSame(said, refused.current)) return setSaved('refused');
      setSaved((now) => (now === 'offline' ? now : 'changed'));
      if (!isOver) timer.current = setTimeout(() => void send(false), REST_MS);
    };
    follow.current();
    const stop = store.subscribe(() => follow.current());
    return () => {
      stop();
      clearTimeout(timer.current);
    };
  }, [store, send, isClean, isOver]);

  useAgain(saved === 'offline', send);

  // A look that is gone is a new one here: what is on the figure stays.
  useEffect(() => {
    const here = new Set(view.looks.map(({ id }) => id));
    for (const id of known.current.keys())
      if (!here.has(id)) {
        known.current.delete(id);
        if (isOnFigure(store, id) && !busy.current)
          showDone('This look was removed. What is on the figure stays; save it to keep it.');
      }
    follow.current();
  }, [store, view.looks]);

  useNews(view, (box) => {
    for (const theirs of box.looks) {
      const before = known.current.get(theirs.id);
      if (before && before.version >= theirs.version) continue;
      const draft = keepDraft(store.getState());
      if (draft.savedId === theirs.id && before) {
        // Changed here too: it stays, and saving it shows both.
        if (busy.current || !isClean(saidByDraft(draft), before)) continue;
        taken.current.delete(theirs.id);
        known.current.set(theirs.id, theirs);
        quietly(store, () => store.getState().replace(draftOf(theirs)));
        showDone(`${theirs.title || 'This look'} was saved by a colleague. You see it as they left it.`);
      } else known.current.set(theirs.id, theirs);
    }
    show(box);
  });

  return { saved, save: useCallback(() => send(true), [send]), known };
}

const isOnFigure = (store: LookStore, id: string): boolean => store.getState().savedId === id;

/** A change that is no step to go back from. */
function quietly(store: LookStore, change: () => void): void {
  const history = store.temporal.getState();
  history.pause();
  change();
  history.resume();
}

/** Sends again, now and then and as soon as there is a connection, what could not be sent. */
function useAgain(isOffline: boolean, send: (isAsked: boolean) => Promise<void>): void {
  useEffect(() => {
    if (!isOffline) return;
    const again = (): void => void send(false);
    const wait = setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(wait);
      window.removeEventListener('online', again);
    };
  }, [isOffline, send]);
}

/** Hears what became of a box elsewhere, while the page is looked at. */
function useNews(view: BoxView, onNews: (box: DressedBox) => void): void {
  const hear = useCallbackRef(onNews);
  const shown = useRef(view);
  useEffect(() => {
    shown.current = view;
  });
  const boxId = view.id;
  useEffect(() => {
    let mark = '';
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      const before = shown.current;
      // Without an answer the page goes on as it is.
      const news: BoxNews | undefined = await call('box-news', { boxId, mark }).catch(() => undefined);
      // What was written here meanwhile is newer than this answer.
      if (!news || shown.current !== before) return;
      mark = news.mark;
      if (news.box) hear(news.box);
    };
    const every = setInterval(() => void ask(), NEWS_MS);
    const seen = (): void => void ask();
    document.addEventListener('visibilitychange', seen);
    return () => {
      clearInterval(every);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [boxId, hear]);
}
