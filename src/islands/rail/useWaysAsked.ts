import type { BoxView } from '@contracts/box/box-view';
import { settingOf } from '@contracts/look-pieces';
import type { Piece } from '@core/piece';
import { useCallbackRef } from '@mantine/hooks';
import { useEffect, useMemo, useState } from 'react';
import { useWays } from './useWays';

export const AROUND_MOST = 4;
/** The page itself comes first. */
const WARM_AFTER_MS = 1500;
export const WAYS_COUNT = { least: 2, usual: 5, most: 9 } as const;

export interface WaysWish {
  readonly open: boolean;
  readonly view: BoxView;
  /** Closet and box. */
  readonly pool: readonly Piece[];
  /** On the shelf in the client's size. */
  readonly shelf: readonly Piece[];
  readonly worn: readonly Piece[];
  /** What is worn is not a whole look yet. */
  readonly isBegun: boolean;
}

/** What the ways are asked around, and the ways. */
export function useWaysAsked({ open, view, pool, shelf, worn, isBegun }: WaysWish) {
  const [around, setAround] = useState<string[]>([]);
  const [bans, setBans] = useState<string[]>([]);
  const [count, setCount] = useState<number>(WAYS_COUNT.usual);
  const [withShelf, setWithShelf] = useState(false);
  const { ways, busy, failed, ask, warm } = useWays();
  const pieces = useMemo(() => (withShelf ? [...pool, ...shelf] : [...pool]), [withShelf, pool, shelf]);
  const occasions = useMemo(
    () => view.occasions.filter(({ id }) => view.occasionIds.includes(id)).map(({ occasion }) => occasion),
    [view.occasions, view.occasionIds],
  );
  const choices = useMemo(
    () => pieces.map(({ id, title, owned }) => ({ value: id, label: owned ? `${title} (closet)` : title })),
    [pieces],
  );
  // A look that is begun is finished around all of it. Else asked for what the box is about: the new piece that is worn, or
  // the first of the box.
  const begun = useMemo(
    () => (isBegun ? worn.slice(0, AROUND_MOST).map(({ id }) => id) : []),
    [isBegun, worn],
  );
  useEffect(() => {
    if (open && begun.length > 0) setAround(begun);
  }, [open, begun]);
  useEffect(() => {
    if (!open || around.length > 0 || begun.length > 0) return;
    const first = worn.find(({ owned }) => !owned) ?? worn[0] ?? pool.find(({ owned }) => !owned) ?? pool[0];
    if (first) setAround([first.id]);
  }, [open, around.length, begun.length, worn, pool]);
  const question = useMemo(
    () => ({
      pieces,
      around,
      bans,
      count,
      setting: settingOf(view),
      occasions,
      settings: view.shop.settings,
      // What was made ready stands for these pieces in this box alone.
      key: `${view.version} ${pieces.map(({ id }) => id).join()}`,
    }),
    [pieces, around, bans, count, view, occasions],
  );
  useEffect(() => {
    if (open && around.length > 0) ask(question);
  }, [open, around.length, question, ask]);
  // Out of what hangs here, once the page has come to rest.
  const { key } = question;
  const warmUp = useCallbackRef(() => warm(question));
  useEffect(() => {
    const wait = setTimeout(warmUp, WARM_AFTER_MS);
    return () => clearTimeout(wait);
  }, [key, warmUp]);
  return {
    around,
    setAround,
    bans,
    setBans,
    count,
    setCount,
    withShelf,
    setWithShelf,
    choices,
    ways,
    busy,
    failed,
  };
}
export type WaysAsked = ReturnType<typeof useWaysAsked>;
