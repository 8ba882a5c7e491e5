import { reasonWords, sharedBy } from '@core/pull';
import { isOpen } from '@core/box';
import type { BoxView, LineView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import { CATEGORIES, CATEGORY, type Category } from '@core/piece';
import { eitherOf, uncapital } from '@core/words';
import { parseMoney } from '@core/money';
import { Button, Checkbox, MultiSelect, TextInput } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { stepped } from '@ui/choosing';
import { Providers } from '@ui/Providers';
import { useWedge } from '@ui/ScanField';
import { useBox } from '@ui/useBox';
import { useEffect, useRef, useState, useMemo } from 'react';
import { BoxLines } from './BoxLines';
import { BoxMoney } from './BoxMoney';
import { BoxSays } from './BoxSays';
import { CandidateRow, type HoldWish } from './CandidateRow';
import { Compare, COMPARED_MOST } from './Compare';
import { LineSheet } from './LineSheet';
import { useLooksOpened } from './useBoxWork';
import { type PullFilter, useInItsPlace, useOrder, usePullList } from './usePullList';
import { WhyNot } from './WhyNot';
import { withQueries } from '@ui/withQueries';
import './pull.css';

const KEYS = [
  { keys: '↓ ↑', does: 'Go through the candidates' },
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
  const [compared, setCompared] = useState<readonly PullRow[]>([]);
  const [beside, setBeside] = useState(false);
  const [lineId, setLineId] = useState<string>();
  const open = isOpen(view.state);

  const list = useRef<HTMLOListElement>(null);
  const find = useRef<HTMLInputElement>(null);
  const why = useRef<HTMLInputElement>(null);
  const buttons = () => [...(list.current?.querySelectorAll<HTMLButtonElement>('button.pull-hold') ?? [])];
  const move = (by: number) => () => {
    const all = buttons();
    stepped(all, all.indexOf(document.activeElement as HTMLButtonElement), by)?.focus();
  };
  // What is held leaves the list: whoever works by keyboard goes on at the next one.
  const goOnAt = useRef<number>(undefined);
  useEffect(() => {
    if (goOnAt.current === undefined) return;
    const all = buttons();
    all[Math.min(goOnAt.current, all.length - 1)]?.focus();
    goOnAt.current = undefined;
  }, [answer]);

  const hold = (row: PullRow, wish: HoldWish): void => {
    const at = buttons().findIndex(({ dataset }) => dataset.garment === row.garmentId);
    goOnAt.current = beside || at < 0 ? undefined : at;
    setCompared((now) => now.filter(({ garmentId }) => garmentId !== row.garmentId));
    void run('hold-line', { boxId: view.id, askId: filter.askId, ...wish }, `${row.piece.title} is held.`);
  };
  const release = (line: LineView): void =>
    void run(
      'release-line',
      { boxId: view.id, lineId: line.id },
      `${line.piece.title} is back on the shelf.`,
    );
  const goTo = (row: PullRow): void =>
    buttons()
      .find(({ dataset }) => dataset.garment === row.garmentId)
      ?.focus();
  const compare = (row: PullRow): void =>
    setCompared((now) =>
      now.some(({ garmentId }) => garmentId === row.garmentId)
        ? now.filter(({ garmentId }) => garmentId !== row.garmentId)
        : [...now, row].slice(-COMPARED_MOST),
    );
  const focused = (): PullRow | undefined => {
    const { garment } = (document.activeElement as HTMLElement | null)?.dataset ?? {};
    return rows.find(({ garmentId }) => garmentId === garment);
  };
  // A tag that is scanned is looked up among everything, whether it fits or not.
  useWedge((code) => narrow({ askId: null, search: code, categories: [], most: '', fitsOnly: false }));
  useHotkeys([
    ['ArrowDown', move(1)],
    ['ArrowUp', move(-1)],
    ['/', () => find.current?.focus()],
    ['c', () => location.assign(`/box/${view.id}/combine`)],
    ['p', () => location.assign(`/box/${view.id}/plan`)],
    ['w', () => why.current?.focus()],
    [
      'v',
      () => {
        const row = focused();
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
          <div className="pull-filter">
            <TextInput
              ref={find}
              aria-label="Find by name"
              placeholder="Find by name ( / )"
              value={filter.search}
              onChange={(event) => narrow({ search: event.currentTarget.value })}
            />
            <TextInput
              aria-label="At most"
              placeholder={`At most, ${view.shop.currency}`}
              inputMode="decimal"
              w={120}
              value={filter.most}
              onChange={(event) => narrow({ most: event.currentTarget.value })}
              error={
                filter.most.trim() !== '' && parseMoney(filter.most) === undefined
                  ? 'not an amount'
                  : undefined
              }
            />
            <MultiSelect
              aria-label="Kinds"
              placeholder={filter.categories.length === 0 ? 'Kinds as asked' : ''}
              clearable
              searchable
              data={CATEGORIES.map((value) => ({ value, label: CATEGORY[value].label }))}
              value={[...filter.categories]}
              onChange={(found) => narrow({ categories: found as Category[] })}
              style={{ flex: 1 }}
            />
            <Checkbox
              label="Only what fits"
              checked={filter.fitsOnly}
              onChange={(event) => narrow({ fitsOnly: event.currentTarget.checked })}
            />
          </div>
          <div className="pull-order small">
            <span className="soft">
              {answer
                ? `${answer.rows.length} ${answer.rows.length === 1 ? 'candidate' : 'candidates'}, best first`
                : ''}
            </span>
            <button className="plain-button" aria-pressed={byLooks} onClick={() => setByLooks(!byLooks)}>
              {byLooks ? 'best first' : 'by the looks they open'}
            </button>
            {compared.length > 0 && (
              <Button
                size="compact-xs"
                variant="default"
                disabled={compared.length < 2}
                onClick={() => setBeside(true)}
                title="Shift V"
              >
                Side by side ({compared.length})
              </Button>
            )}
          </div>
          {!answer && (
            <p role="status" className="sheet empty">
              Looking through the stock…
            </p>
          )}
          {answer?.rows.length === 0 && (
            <p className="sheet empty">
              <strong>Nothing on the shelf fits and answers this.</strong>
              Look at everything, allow a higher price, or untick "Only what fits".
            </p>
          )}
          {answer && answer.noneIn.length > 0 && (
            <p role="status" className="sheet empty">
              <strong>No {eitherOf(answer.noneIn, view.shop.tongue.english)} in this size.</strong> The
              nearest come first.
            </p>
          )}
          {(shared.reasons.length > 0 || shared.doubt) && (
            <p className="pull-shared">
              {shared.reasons.length > 0 && (
                <>
                  All of them:{' '}
                  {shared.reasons.map((said) => uncapital(reasonWords(said, view.shop.tongue))).join('; ')}.
                </>
              )}
              {shared.doubt && (
                <span className="pull-doubt">{reasonWords(shared.doubt, view.shop.tongue)}.</span>
              )}
            </p>
          )}
          <ol className="rows pull-rows" ref={list}>
            {rows.map((row) => (
              <CandidateRow
                key={row.garmentId}
                row={row}
                view={view}
                looks={opened.get(row.piece.id)}
                shared={shared}
                open={open}
                busy={busy === 'hold-line'}
                compared={compared.some(({ garmentId }) => garmentId === row.garmentId)}
                instead={elseOf.get(row.garmentId)}
                onGo={goTo}
                onHold={hold}
                onCompare={compare}
              />
            ))}
          </ol>
          <WhyNot ref={why} leftOut={answer?.leftOut ?? []} asked={asked} tongue={view.shop.tongue} />
        </section>
        <aside className="sheet pull-box" aria-label="In the box">
          <h2>In the box</h2>
          <BoxMoney view={view} />
          <BoxLines box={box} open={open} onOpen={(line) => setLineId(line.id)} onRelease={release} />
          <BoxSays view={view} />
          {open && (
            <Button
              component="a"
              href={`/box/${view.id}/plan`}
              variant="default"
              fullWidth
              mt={12}
              title="Plan the box (p)"
            >
              Plan the box
            </Button>
          )}
          <Button
            component="a"
            href={`/box/${view.id}/combine`}
            fullWidth
            mt={8}
            disabled={view.lines.length === 0}
            title="Go on to Style (c)"
          >
            Style
          </Button>
          <p className="small pull-mix">
            <a href={`/box/${view.id}/mix`}>Mix sheet: everything with everything</a>
          </p>
        </aside>
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

interface AsksProps {
  readonly view: BoxView;
  readonly askId: string | null;
  readonly onAsk: (id: string | null) => void;
}

/** The asks of the brief, with how many pieces were pulled for each. */
function Asks({ view, askId, onAsk }: AsksProps) {
  return (
    <div className="pull-asks" role="group" aria-label="Asks">
      <button className="ask-tab" aria-pressed={askId === null} onClick={() => onAsk(null)}>
        Everything
      </button>
      {view.asks.map(({ id, ask }) => {
        const pulled = view.lines.filter((line) => line.askId === id).length;
        return (
          <button key={id} className="ask-tab" aria-pressed={askId === id} onClick={() => onAsk(id)}>
            {ask.text}
            {pulled > 0 && <span className="num"> · {pulled}</span>}
          </button>
        );
      })}
    </div>
  );
}
