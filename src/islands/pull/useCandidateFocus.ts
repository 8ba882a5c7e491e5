import type { PullRow } from '@contracts/pull/pull-row';
import { stepped } from '@ui/choosing';
import { useEffect, useRef } from 'react';

/** How many candidates stand side by side. */
const columnsOf = (list: HTMLElement): number => getComputedStyle(list).gridTemplateColumns.split(' ').length;

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
    /** So many to the side, or so many lines down; from nowhere to the first. */
    move:
      ({ right = 0, down = 0 }: { readonly right?: number; readonly down?: number }) =>
      () => {
        const all = buttons();
        const at = all.indexOf(document.activeElement as HTMLButtonElement);
        const by = right + down * (list.current ? columnsOf(list.current) : 1);
        (at < 0 ? all[0] : stepped(all, at, by))?.focus();
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
