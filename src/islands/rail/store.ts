import type { LookView } from '@contracts/box/box-view';
import type { Overrule, StageOff } from '@core/look';
import { temporal } from 'zundo';
import { create } from 'zustand';

export interface WornRef {
  readonly ref: string;
  readonly mode?: string | undefined;
}

/** The look on the figure; everything here can be undone. */
export interface LookDraft {
  readonly worn: readonly WornRef[];
  readonly overrules: readonly Overrule[];
  readonly occasionId: string | null;
  readonly title: string;
  /** What comes off at a stage of the occasion. */
  readonly stages: readonly StageOff[];
  /** Of the stylist, for colleagues. */
  readonly note: string;
  /** Saved look this draft came from. */
  readonly savedId?: string | undefined;
}

interface Actions {
  readonly wear: (ref: string, mode?: string, instead?: readonly string[]) => void;
  readonly takeOff: (ref: string) => void;
  /** Takes a piece off at one stage alone, or puts it back on there. */
  readonly setOff: (stage: string, ref: string, off: boolean) => void;
  readonly setMode: (ref: string, mode: string) => void;
  readonly overrule: (over: Overrule) => void;
  readonly restore: (over: Overrule) => void;
  readonly replace: (draft: LookDraft) => void;
  readonly patch: (part: Partial<LookDraft>) => void;
}

export const EMPTY: LookDraft = {
  worn: [],
  overrules: [],
  occasionId: null,
  title: '',
  stages: [],
  note: '',
};

/** The look alone, without what is done to it. */
export const keepDraft = ({
  worn,
  overrules,
  occasionId,
  title,
  stages,
  note,
  savedId,
}: LookDraft): LookDraft => ({
  worn,
  overrules,
  occasionId,
  title,
  stages,
  note,
  savedId,
});

/** A saved look as it goes on the figure. */
export const draftOf = ({ id, version: _version, pieces, ...look }: LookView): LookDraft => ({
  ...look,
  worn: pieces,
  savedId: id,
});

/** State of the Rail with its undo and redo. One store a page. */
export const createLookStore = (initial: LookDraft) =>
  create<LookDraft & Actions>()(
    temporal<LookDraft & Actions, [], [], LookDraft>(
      (set) => ({
        ...initial,
        // What shares an exclusive place with the new piece comes off: `instead` names it.
        wear: (ref, mode, instead = []) =>
          set((now) => ({
            worn: [
              ...now.worn.filter((each) => each.ref !== ref && !instead.includes(each.ref)),
              { ref, mode },
            ],
          })),
        takeOff: (ref) =>
          set((now) => ({
            worn: now.worn.filter((each) => each.ref !== ref),
            stages: now.stages.map((stage) => ({ ...stage, off: stage.off.filter((each) => each !== ref) })),
          })),
        setOff: (title, ref, off) =>
          set((now) => {
            const before = now.stages.find((stage) => stage.title === title)?.off ?? [];
            const after = [...before.filter((each) => each !== ref), ...(off ? [ref] : [])];
            return {
              stages: [
                ...now.stages.filter((stage) => stage.title !== title),
                ...(after.length > 0 ? [{ title, off: after }] : []),
              ],
            };
          }),
        setMode: (ref, mode) =>
          set((now) => ({ worn: now.worn.map((each) => (each.ref === ref ? { ref, mode } : each)) })),
        overrule: (over) => set((now) => ({ overrules: [...now.overrules, over] })),
        restore: (over) => set((now) => ({ overrules: now.overrules.filter((each) => each !== over) })),
        replace: (draft) => set({ ...EMPTY, savedId: undefined, ...draft }),
        patch: (part) => set(part),
      }),
      { partialize: keepDraft, equality: (a, b) => JSON.stringify(a) === JSON.stringify(b), limit: 200 },
    ),
  );
export type LookStore = ReturnType<typeof createLookStore>;
