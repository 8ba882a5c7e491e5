import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import type { BoxFinding, BoxInput, Opened } from '@core/box-rules';
import type { Piece } from '@core/piece';
import { objectionsTo } from '@core/pull';
import { call } from '@ui/api';
import { piecesOf, speakerOf } from '@contracts/look-pieces';
import type { Speaker } from '@core/say';
import type { BoxWork } from '@workers/box';
import { proxy, type Remote, wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';

const boxInput = (view: BoxView, stock: BoxInput['stock']): BoxInput => ({
  stock,
  lines: view.lines.map(({ piece, askId }) => ({ piece, askId })),
  closet: view.owned,
  loved: view.loved,
  asks: view.asks,
  occasions: view.occasions.filter(({ id }) => view.occasionIds.includes(id)),
  looks: view.looks.map(({ occasionId, pieces }) => ({ occasionId, pieces: piecesOf(view, pieces) })),
  client: view.client.profile,
  schools: view.shop.schools,
  settings: view.shop.settings,
});

/** Starts a worker for one question and ends it with it: a newer question never waits behind an older one. */
function asking(work: (remote: Remote<BoxWork>) => Promise<unknown>): () => void {
  const worker = new Worker(new URL('../../workers/box.ts', import.meta.url), { type: 'module' });
  void work(wrap<BoxWork>(worker)).finally(() => worker.terminate());
  return () => worker.terminate();
}

/** What the rules find of the whole box, undefined while they are at it, and who puts it into words. */
export function useBoxFindings(view: BoxView): {
  readonly found: readonly BoxFinding[] | undefined;
  readonly by: Speaker;
} {
  const stock = useSafeStock(view);
  // Judged once, when it is known what the shelves have: a list that stands is not taken away again.
  const input = useMemo(
    () => (stock === undefined ? undefined : boxInput(view, stock ?? undefined)),
    [view, stock],
  );
  const [answer, setAnswer] = useState<{ for: BoxInput; found: readonly BoxFinding[] }>();
  useEffect(
    () => input && asking(async (remote) => setAnswer({ for: input, found: await remote.judge(input) })),
    [input],
  );
  const by = useMemo(() => speakerOf(view, stock ?? []), [view, stock]);
  return { found: input && answer?.for === input ? answer.found : undefined, by };
}

const NO_STOCK: readonly Piece[] = [];

/**
 * What is safe for this client on the shelves, of the kinds in the box (U5); undefined while it is looked for, null when
 * nobody could say: the rule is silent then.
 */
function useSafeStock(view: BoxView): readonly Piece[] | null | undefined {
  const [found, setFound] = useState<{ readonly for: string; readonly stock: readonly Piece[] | null }>();
  const boxId = view.id;
  // The shelves are asked about pieces that the client may have something against, and about no others.
  const held = view.lines
    .filter(({ piece }) => objectionsTo(piece, view.client.profile).length > 0)
    .map(({ id }) => id)
    .join();
  useEffect(() => {
    let mine = true;
    if (held !== '')
      call('line-swaps', { boxId }).then(
        ({ stock }) => mine && setFound({ for: held, stock }),
        () => mine && setFound({ for: held, stock: null }),
      );
    return () => {
      mine = false;
    };
  }, [boxId, held]);
  if (held === '') return NO_STOCK;
  return found?.for === held ? found.stock : undefined;
}

const NONE_OPENED: ReadonlyMap<string, Opened> = new Map();

/** How many looks each candidate opens and which shows it best, by piece; they come in after the list stands, and nothing moves for them. */
export function useLooksOpened(
  view: BoxView,
  rows: readonly PullRow[] | undefined,
): ReadonlyMap<string, Opened> {
  const [opened, setOpened] = useState<{ for: readonly PullRow[]; by: ReadonlyMap<string, Opened> }>();
  const { lines, owned, client, shop, occasions, occasionIds } = view;
  useEffect(() => {
    if (!rows || rows.length === 0) return undefined;
    return asking((remote) =>
      remote.opened(
        {
          others: [...lines.map(({ piece }) => piece), ...owned],
          candidates: rows.map(({ piece }) => piece),
          occasions: occasions.flatMap(({ id, occasion }) => (occasionIds.includes(id) ? [occasion] : [])),
          setting: { client: client.profile, shopSchools: shop.schools },
          settings: shop.settings,
        },
        proxy(async (id: string, found: Opened) => {
          setOpened((now) => ({
            for: rows,
            by: new Map([...(now?.for === rows ? now.by : []), [id, found]]),
          }));
        }),
      ),
    );
  }, [rows, lines, owned, client, shop, occasions, occasionIds]);
  return opened && opened.for === rows ? opened.by : NONE_OPENED;
}
