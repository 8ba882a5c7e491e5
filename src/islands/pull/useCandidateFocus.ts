import type { PullRow } from '@contracts/pull/pull-row';
import { stepped } from '@ui/choosing';
import { useEffect, useRef } from 'react';

/** Going through the candidates by keyboard: each is stood on at its Hold button. `answer`: the list as it came. */
export function useCandidateFocus(answer: unknown) {
  const list = useRef<HTMLOListElement>(null);
  const buttons = () => [...(list.current?.querySelectorAll<HTMLButtonElement>('button.pull-hold') ?? [])];
  const placeOf = ({ garmentId }: PullRow): number =>
    buttons().findIndex(({ dataset }) => dataset.garment === garmentId);
  // What is held leaves the list: whoever works by keyboard goes on at the next one.
  const goOnAt = useRef<number>(undefined);
  useEffect(() => {
    if (goOnAt.current === undefined) return;
    const all = buttons();
    all[Math.min(goOnAt.current, all.length - 1)]?.focus();
    goOnAt.current = undefined;
  }, [answer]);
  return {
    list,
    move: (by: number) => () => {
      const all = buttons();
      stepped(all, all.indexOf(document.activeElement as HTMLButtonElement), by)?.focus();
    },
    goTo: (row: PullRow): void => buttons()[placeOf(row)]?.focus(),
    /** Once this one has left the list, the next is stood on. */
    goOnAfter: (row: PullRow): void => {
      const at = placeOf(row);
      goOnAt.current = at < 0 ? undefined : at;
    },
    /** The candidate that is stood on. */
    focused: (rows: readonly PullRow[]): PullRow | undefined => {
      const { garment } = (document.activeElement as HTMLElement | null)?.dataset ?? {};
      return rows.find(({ garmentId }) => garmentId === garment);
    },
  };
}
