import type { BoxView } from '@contracts/box/box-view';
import { settingOf, speakerOf } from '@contracts/look-pieces';
import { plannedFor } from '@contracts/plan/box-problem';
import { type MixSheet, reachIn, sharedIn } from '@core/mix';
import { CATEGORIES, type Piece } from '@core/piece';
import { shortName } from '@core/say';
import { NativeSelect, SegmentedControl } from '@mantine/core';
import { toggled } from '@ui/choosing';
import { Providers } from '@ui/Providers';
import { orDies } from '@ui/worker';
import type { MixWork } from '@workers/mix';
import { wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { MixTable } from './MixTable';
import { PairPanel } from './PairPanel';
import './mix.css';

const KEYS = [
  { keys: '→ ← ↓ ↑', does: 'Go from pair to pair' },
  { keys: 'Enter', does: 'See what the two make together' },
  { keys: '3', does: 'Three ways to wear the piece of this row, to print' },
  { keys: 'o', does: 'See the sheet without the piece of this row, or with it again' },
];
const SORTS = { reach: 'Most looks first', kind: 'By kind', title: 'By name' } as const;
type Sort = keyof typeof SORTS;

/** Pieces of box and closet against each other: what they make together, and what stands alone. */
export function MixPage({ view }: { readonly view: BoxView }) {
  const pieces = useMemo(
    (): readonly Piece[] => [...view.lines.map(({ piece }) => piece), ...view.owned],
    [view.lines, view.owned],
  );
  const occasions = useMemo(() => plannedFor(view), [view]);
  const [sheet, setSheet] = useState<MixSheet>();
  const [failed, setFailed] = useState(false);
  const [whole, setWhole] = useState(view.lines.length === 0);
  const [sort, setSort] = useState<Sort>('reach');
  const [out, setOut] = useState<ReadonlySet<number>>(new Set());
  // One piece, for its ways; or two, for what they make together.
  const [chosen, setChosen] = useState<readonly number[]>([]);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/mix.ts', import.meta.url), { type: 'module' });
    const { settings } = view.shop;
    orDies(
      worker,
      wrap<MixWork>(worker).sheet({ pieces, setting: settingOf(view), occasions, settings }),
    ).then(setSheet, () => setFailed(true));
    return () => worker.terminate();
  }, [pieces, occasions, view]);
  const all = useMemo(() => sheet && reachIn(sheet, pieces), [sheet, pieces]);
  const reach = useMemo(() => sheet && reachIn(sheet, pieces, out), [sheet, pieces, out]);
  const shared = useMemo(() => sheet && sharedIn(sheet, pieces.length, out), [sheet, pieces.length, out]);
  const order = useMemo(() => {
    const by: Record<Sort, (a: number, b: number) => number> = {
      reach: (a, b) => (all?.[b]?.looks ?? 0) - (all?.[a]?.looks ?? 0) || a - b,
      kind: (a, b) =>
        CATEGORIES.indexOf((pieces[a] as Piece).category) - CATEGORIES.indexOf((pieces[b] as Piece).category),
      title: (a, b) => ((pieces[a] as Piece).title < (pieces[b] as Piece).title ? -1 : 1),
    };
    return [...pieces.keys()].sort(by[sort]);
  }, [all, pieces, sort]);
  const isNew = (place: number): boolean => place < view.lines.length;
  const rows = whole ? order : order.filter(isNew);
  const { english } = view.shop.tongue;
  const nameOf = (place: number): string => shortName(pieces[place] as Piece, english);
  const toggle = (place: number): void => setOut((now) => toggled(now, place));
  const total = sheet?.looks.length ?? 0;
  const left = sheet ? sheet.looks.filter(({ places }) => !places.some((place) => out.has(place))).length : 0;
  const alone = (reach ?? []).flatMap(({ looks }, place) => (looks === 0 && !out.has(place) ? [place] : []));
  return (
    <Providers keys={KEYS}>
      <div className="mix">
        <section aria-label="Mix sheet">
          <div className="mix-head">
            <h2>Mix sheet</h2>
            <span role="status" className="small">
              {failed
                ? 'The mixing stopped. Load the page again.'
                : !sheet
                  ? 'Trying everything with everything…'
                  : out.size === 0
                    ? `${total} good ${total === 1 ? 'look' : 'looks'} for ${occasions.map(({ title }) => title).join(', ')}`
                    : `${left} good looks, ${total - left} fewer without ${[...out].map(nameOf).join(', ')}`}
            </span>
            <div className="end">
              {view.lines.length > 0 && (
                <SegmentedControl
                  size="xs"
                  data={[
                    { value: 'box', label: 'The box' },
                    { value: 'all', label: 'Closet too' },
                  ]}
                  value={whole ? 'all' : 'box'}
                  onChange={(value) => setWhole(value === 'all')}
                />
              )}
              <NativeSelect
                size="xs"
                aria-label="Order"
                data={Object.entries(SORTS).map(([value, label]) => ({ value, label }))}
                value={sort}
                onChange={(event) => setSort(event.currentTarget.value as Sort)}
              />
            </div>
          </div>
          {pieces.length === 0 ? (
            <p className="sheet empty">
              <strong>Nothing to mix yet.</strong>
              Pull something, or enter what the client owns.
            </p>
          ) : (
            <div className="mix-scroll">
              <MixTable
                pieces={pieces}
                sheet={sheet}
                reach={reach}
                shared={shared}
                rows={rows}
                columns={order}
                occasions={occasions.length}
                currency={view.shop.currency}
                out={out}
                chosen={chosen}
                isNew={isNew}
                nameOf={nameOf}
                onToggle={toggle}
                onChoose={setChosen}
              />
            </div>
          )}
          {sheet && alone.length > 0 && (
            <p className="small mix-alone">
              With nothing yet: {alone.map((place) => (pieces[place] as Piece).title).join('; ')}.
            </p>
          )}
          <p className="small mix-back">
            <a href={`/box/${view.id}/pull`}>Pull</a> · <a href={`/box/${view.id}/combine`}>Style</a>
          </p>
        </section>
        <PairPanel
          sheet={sheet}
          chosen={chosen}
          pieces={pieces}
          occasions={occasions}
          view={view}
          by={speakerOf(view)}
          out={out}
        />
      </div>
    </Providers>
  );
}
