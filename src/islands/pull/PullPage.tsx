import type { BoxView, PullAnswer, PullRow } from '@contracts/views';
import { CATEGORIES, CATEGORY, type Category } from '@core/piece';
import { parseMoney } from '@core/money';
import { Button, Checkbox, MultiSelect, Progress, TextInput } from '@mantine/core';
import { useDebouncedValue, useHotkeys } from '@mantine/hooks';
import { call, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { useEffect, useRef, useState } from 'react';
import { BoxSays } from './BoxSays';
import { useLooksOpened } from './useBoxWork';
import './pull.css';

/** Step 2: candidates from stock for each ask, in the client's size, and held. */
export function PullPage({ initial }: { readonly initial: BoxView }) {
  const { view, busy, run } = useBox(initial);
  const [askId, setAskId] = useState<string | null>(initial.asks[0]?.id ?? null);
  const [search, setSearch] = useState('');
  const [most, setMost] = useState('');
  const [categories, setCategories] = useState<Category[]>([]);
  const [fitsOnly, setFitsOnly] = useState(true);
  const [answer, setAnswer] = useState<PullAnswer>();
  const [showLeft, setShowLeft] = useState(false);
  const [filter] = useDebouncedValue({ search, most, categories, fitsOnly, askId }, 200);
  const turn = useRef(0);
  const held = view.lines.length;
  useEffect(() => {
    const mine = ++turn.current;
    const mostMinor = filter.most.trim() === '' ? null : (parseMoney(filter.most) ?? null);
    call('pull-list', {
      boxId: initial.id,
      askId: filter.askId,
      search: filter.search,
      mostMinor,
      categories: filter.categories,
      fitsOnly: filter.fitsOnly,
    }).then(
      // An older answer never replaces a newer one.
      (found) => mine === turn.current && setAnswer(found),
      showProblem,
    );
  }, [filter, initial.id, held]);
  const opened = useLooksOpened(view, answer?.rows);
  const list = useRef<HTMLOListElement>(null);
  const move = (by: number) => () => {
    const rows = [...(list.current?.querySelectorAll<HTMLButtonElement>('button.pull-hold') ?? [])];
    rows[
      Math.min(rows.length - 1, Math.max(0, rows.indexOf(document.activeElement as HTMLButtonElement) + by))
    ]?.focus();
  };
  const find = useRef<HTMLInputElement>(null);
  useHotkeys([
    ['ArrowDown', move(1)],
    ['ArrowUp', move(-1)],
    ['/', () => find.current?.focus()],
    ['c', () => location.assign(`/box/${view.id}/combine`)],
  ]);
  const hold = (row: PullRow, variantId: string): void => {
    void run(
      'hold-line',
      { boxId: view.id, variantId, askId, fit: variantId === row.variantId ? (row.reasons[0] ?? '') : '' },
      `${row.piece.title} is held.`,
    );
  };
  const { currency } = view.shop;
  const left = view.budgetMinor === null ? null : view.budgetMinor - view.spentMinor;
  const open = !['packed', 'out', 'tallying', 'closed', 'cancelled'].includes(view.state);
  return (
    <Providers
      keys={[
        { keys: '↓ ↑', does: 'Go through the candidates' },
        { keys: 'Enter', does: 'Hold the one you are on' },
        { keys: '/', does: 'Find by name' },
        { keys: 'c', does: 'Go on to combine' },
      ]}
    >
      <div className="columns pull">
        <section aria-label="Candidates">
          <div className="pull-asks" role="group" aria-label="Asks">
            <button className="ask-tab" aria-pressed={askId === null} onClick={() => setAskId(null)}>
              Everything
            </button>
            {view.asks.map(({ id, ask }) => {
              const pulled = view.lines.filter((line) => line.askId === id).length;
              return (
                <button key={id} className="ask-tab" aria-pressed={askId === id} onClick={() => setAskId(id)}>
                  {ask.text}
                  {pulled > 0 && <span className="num"> · {pulled}</span>}
                </button>
              );
            })}
          </div>
          <div className="pull-filter">
            <TextInput
              ref={find}
              aria-label="Find by name"
              placeholder="Find by name ( / )"
              value={search}
              onChange={(event) => setSearch(event.currentTarget.value)}
            />
            <TextInput
              aria-label="At most"
              placeholder={`At most, ${currency}`}
              inputMode="decimal"
              w={120}
              value={most}
              onChange={(event) => setMost(event.currentTarget.value)}
              error={most.trim() !== '' && parseMoney(most) === undefined ? 'not an amount' : undefined}
            />
            <MultiSelect
              aria-label="Kinds"
              placeholder={categories.length === 0 ? 'Kinds as asked' : ''}
              clearable
              searchable
              data={CATEGORIES.map((value) => ({ value, label: CATEGORY[value].label }))}
              value={categories}
              onChange={(found) => setCategories(found as Category[])}
              style={{ flex: 1 }}
            />
            <Checkbox
              label="Only what fits"
              checked={fitsOnly}
              onChange={(event) => setFitsOnly(event.currentTarget.checked)}
            />
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
          <ol className="rows pull-rows" ref={list}>
            {answer?.rows.map((row) => (
              <li key={row.garmentId}>
                <span className="pull-sketch">
                  <GarmentSketch piece={row.piece} fit={92} decorative />
                </span>
                <div>
                  <div className="serif pull-title">{row.piece.title}</div>
                  <ul className="pull-reasons">
                    {row.reasons.map((reason) => (
                      <li key={reason}>{reason}</li>
                    ))}
                    {row.doubt && <li className="pull-doubt">{row.doubt}</li>}
                  </ul>
                </div>
                <div className="pull-price">
                  <Money minor={row.piece.priceMinor ?? 0} currency={currency} />
                  <div className="small soft pull-opens" title="With the closet and what is in the box">
                    {looksWords(opened.get(row.piece.id))}
                  </div>
                </div>
                <div className="pull-act">
                  <Button
                    className="pull-hold"
                    size="xs"
                    disabled={!open}
                    loading={busy === 'hold-line'}
                    onClick={() => hold(row, row.variantId)}
                  >
                    Hold {row.size}
                  </Button>
                  <span className="small soft">
                    {row.free === 1 ? 'the last one' : `${row.free} on the shelf`}
                  </span>
                  <span className="small">
                    {row.otherSizes
                      .filter((size) => size.free > 0)
                      .slice(0, 4)
                      .map((size) => (
                        <button
                          key={size.variantId}
                          className="plain-button"
                          disabled={!open}
                          onClick={() => hold(row, size.variantId)}
                          aria-label={`Hold ${row.piece.title} in ${size.size}`}
                        >
                          {size.size}
                        </button>
                      ))}
                  </span>
                </div>
              </li>
            ))}
          </ol>
          {answer && answer.leftOut.length > 0 && (
            <div className="small" style={{ marginTop: 8 }}>
              <button
                className="plain-button"
                aria-expanded={showLeft}
                onClick={() => setShowLeft(!showLeft)}
              >
                {answer.leftOut.length} left out: why
              </button>
              {showLeft && (
                <ul>
                  {answer.leftOut.map(({ title, why }) => (
                    <li key={title + why}>
                      {title}: {why}
                    </li>
                  ))}
                </ul>
              )}
            </div>
          )}
        </section>
        <aside className="sheet pull-box" aria-label="In the box">
          <h2>In the box</h2>
          <p className="pull-budget">
            <Money minor={view.spentMinor} currency={currency} />
            {view.budgetMinor !== null && (
              <>
                {' '}
                <span className="soft">of</span> <Money minor={view.budgetMinor} currency={currency} />
              </>
            )}
          </p>
          {view.budgetMinor !== null && (
            <Progress
              aria-label="Share of the budget"
              value={Math.min(100, (view.spentMinor / Math.max(1, view.budgetMinor)) * 100)}
              color={left !== null && left < 0 ? 'madder' : 'lake'}
              size={6}
              radius={0}
            />
          )}
          {left !== null && (
            <p className="small soft" role="status">
              {left < 0 ? (
                <span className="tone tone-blocks">
                  <Money minor={-left} currency={currency} /> over the budget
                </span>
              ) : (
                <>
                  <Money minor={left} currency={currency} /> left
                </>
              )}
            </p>
          )}
          {view.lines.length === 0 && (
            <p className="empty">
              Nothing is held yet. Hold what answers the brief; a hold keeps it for this client for some days.
            </p>
          )}
          <ul className="rows">
            {view.lines.map((line) => (
              <li key={line.id} className="pull-line">
                <span className="pull-sketch small-sketch">
                  <GarmentSketch piece={line.piece} fit={48} decorative />
                </span>
                <div>
                  {line.piece.title} <span className="soft small">{line.size}</span>
                  <div className="small soft">
                    {line.held ? (
                      line.holdUntil && `held until ${dayWords(line.holdUntil)}`
                    ) : (
                      <span className="tone tone-blocks">no longer held</span>
                    )}
                  </div>
                </div>
                <div style={{ textAlign: 'right' }}>
                  <Money minor={line.priceMinor} currency={currency} />
                  {open && (
                    <div className="small">
                      {!line.held && (
                        <button
                          className="plain-button"
                          onClick={() => void run('renew-hold', { boxId: view.id, lineId: line.id })}
                          aria-label={`Hold ${line.piece.title} again`}
                        >
                          hold again
                        </button>
                      )}{' '}
                      <button
                        className="plain-button"
                        onClick={() =>
                          void run(
                            'release-line',
                            { boxId: view.id, lineId: line.id },
                            `${line.piece.title} is back on the shelf.`,
                          )
                        }
                        aria-label={`Release ${line.piece.title}`}
                      >
                        release
                      </button>
                    </div>
                  )}
                </div>
              </li>
            ))}
          </ul>
          <BoxSays view={view} />
          <Button
            component="a"
            href={`/box/${view.id}/combine`}
            fullWidth
            mt={12}
            disabled={view.lines.length === 0}
            title="Go on to combine (c)"
          >
            Combine
          </Button>
        </aside>
      </div>
    </Providers>
  );
}

/** How many looks a piece opens, once they were tried. */
const looksWords = (looks: number | undefined): string =>
  looks === undefined ? '…' : looks === 0 ? 'no look yet' : looks === 1 ? '1 look' : `${looks} looks`;
