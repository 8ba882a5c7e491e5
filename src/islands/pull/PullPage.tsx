import { speakerOf } from '@contracts/look-pieces';
import { sharedBy } from '@core/pull';
import { isOpen } from '@core/box';
import type { BoxView, LineView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { useCallbackRef } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { Providers } from '@ui/Providers';
import { useWedge } from '@ui/ScanField';
import { useBox } from '@ui/useBox';
import { useMemo, useRef, useState } from 'react';
import { Asks } from './Asks';
import { CandidateRow, type HoldWish } from './CandidateRow';
import { Compare } from './Compare';
import { InTheBox } from './InTheBox';
import { LineSheet } from './LineSheet';
import { PullFilterBar } from './PullFilterBar';
import { PullNews } from './PullNews';
import { PullOrder } from './PullOrder';
import { useLooksOpened } from './useBoxWork';
import { useCandidateFocus } from './useCandidateFocus';
import { useCompared } from './useCompared';
import { type PullFilter, useInItsPlace, useOrder, usePullList } from './usePullList';
import { WhyNot } from './WhyNot';
import { withQueries } from '@ui/withQueries';
import './pull.css';

const KEYS = [
  { keys: '→ ← ↓ ↑', does: 'Go through the candidates' },
  { keys: 'Enter', does: 'Hold the one you are on' },
  { keys: 'r', does: 'Release what was held last' },
  { keys: 'v', does: 'Put the one you are on side by side with others' },
  { keys: 'Shift V', does: 'Look at them side by side' },
  { keys: 'w', does: 'Ask why something is not among them' },
  { keys: '/', does: 'Find by name; a scanner’s reading finds its piece' },
  { keys: 'p', does: 'Plan the box' },
  { keys: 'c', does: 'Go on to Style' },
];

/** Step 2: candidates from stock for each ask, in the client's size, and held. */
export const PullPage = withQueries(function PullPage({ initial }: { readonly initial: BoxView }) {
  const box = useBox(initial);
  const { view, busy, run } = box;
  const [filter, setFilter] = useState<PullFilter>({
    askId: initial.asks[0]?.id ?? null,
    search: '',
    most: '',
    categories: [],
    fitsOnly: true,
  });
  const narrow = (part: Partial<PullFilter>): void => setFilter((now) => ({ ...now, ...part }));
  const { answer, asked } = usePullList(view, filter);
  const opened = useLooksOpened(view, answer?.rows);
  const [byLooks, setByLooks] = useState(false);
  const elseOf = useInItsPlace(answer?.rows, view.client.profile);
  const rows = useOrder(answer?.rows, opened, byLooks);
  const shared = useMemo(() => sharedBy(answer?.rows ?? []), [answer?.rows]);
  const { compared, compare, letGo, beside, setBeside } = useCompared();
  const [lineId, setLineId] = useState<string>();
  const open = isOpen(view.state);

  const { list, move, goTo, goOnAfter, focused } = useCandidateFocus(answer);
  const find = useRef<HTMLInputElement>(null);
  const why = useRef<HTMLInputElement>(null);
  // A row is drawn anew when it changes, and not whenever another one learns how many looks it opens.
  const hold = useCallbackRef((row: PullRow, wish: HoldWish): void => {
    if (!beside) goOnAfter(row);
    letGo(row);
    void run('hold-line', { boxId: view.id, askId: filter.askId, ...wish }, `${row.piece.title} is held.`);
  });
  const release = (line: LineView): void =>
    void run(
      'release-line',
      { boxId: view.id, lineId: line.id },
      `${line.piece.title} is back on the shelf.`,
    );
  const goOn = useCallbackRef(goTo);
  const by = useMemo(() => speakerOf(view), [view]);
  // A tag that is scanned is looked up among everything, whether it fits or not.
  useWedge((code) => narrow({ askId: null, search: code, categories: [], most: '', fitsOnly: false }));
  useKeys([
    ['ArrowDown', move({ down: 1 })],
    ['ArrowUp', move({ down: -1 })],
    ['ArrowRight', move({ right: 1 })],
    ['ArrowLeft', move({ right: -1 })],
    ['/', () => find.current?.focus()],
    ['c', () => location.assign(`/box/${view.id}/combine`)],
    ['p', () => location.assign(`/box/${view.id}/plan`)],
    ['w', () => why.current?.focus()],
    [
      'v',
      () => {
        const row = focused(rows);
        if (row) compare(row);
      },
    ],
    ['shift+V', () => compared.length > 1 && setBeside(true)],
    [
      'r',
      () => {
        const last = view.lines.at(-1);
        if (last && open) release(last);
      },
    ],
  ]);
  return (
    <Providers keys={KEYS}>
      <div className="columns columns-side">
        <section aria-label="Candidates">
          <Asks view={view} askId={filter.askId} onAsk={(askId) => narrow({ askId })} />
          <PullFilterBar filter={filter} currency={view.shop.currency} find={find} onNarrow={narrow} />
          <PullOrder
            count={answer?.rows.length}
            byLooks={byLooks}
            compared={compared.length}
            onByLooks={setByLooks}
            onBeside={() => setBeside(true)}
          />
          <PullNews answer={answer} shared={shared} tongue={view.shop.tongue} />
          <ol className="rows pull-rows" ref={list}>
            {rows.map((row) => (
              <CandidateRow
                key={row.garmentId}
                row={row}
                view={view}
                by={by}
                opened={opened.get(row.piece.id)}
                shared={shared}
                open={open}
                busy={busy === 'hold-line'}
                compared={compared.some(({ garmentId }) => garmentId === row.garmentId)}
                instead={elseOf.get(row.garmentId)}
                onGo={goOn}
                onHold={hold}
                onCompare={compare}
              />
            ))}
          </ol>
          <WhyNot ref={why} leftOut={answer?.leftOut ?? []} asked={asked} tongue={view.shop.tongue} />
        </section>
        <InTheBox box={box} open={open} onOpen={(line) => setLineId(line.id)} onRelease={release} />
      </div>
      <Compare
        rows={compared}
        view={view}
        looks={opened}
        open={beside && compared.length > 0}
        mayHold={open && busy === undefined}
        onClose={() => setBeside(false)}
        onHold={hold}
        onDrop={compare}
      />
      <LineSheet
        line={view.lines.find(({ id }) => id === lineId)}
        box={box}
        onClose={() => setLineId(undefined)}
      />
    </Providers>
  );
});
