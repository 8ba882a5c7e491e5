import type { MixSheet, reachIn } from '@core/mix';
import type { Piece } from '@core/piece';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { type KeyboardEvent, useMemo, useRef } from 'react';

/** From this share of what the best of friends have, two pieces are good friends. */
const MANY = 0.4;

interface Props {
  readonly pieces: readonly Piece[];
  /** Absent while everything is still tried with everything. */
  readonly sheet: MixSheet | undefined;
  readonly reach: ReturnType<typeof reachIn> | undefined;
  /** How many looks two pieces share, by their places. */
  readonly shared: readonly (readonly number[])[] | undefined;
  readonly rows: readonly number[];
  readonly columns: readonly number[];
  /** How many occasions there are. */
  readonly occasions: number;
  readonly currency: string;
  readonly out: ReadonlySet<number>;
  /** One piece, or two. */
  readonly chosen: readonly number[];
  readonly isNew: (place: number) => boolean;
  readonly nameOf: (place: number) => string;
  readonly onToggle: (place: number) => void;
  readonly onChoose: (places: readonly number[]) => void;
}

/** Every piece against every other, by mouse and by arrow keys. */
export function MixTable({
  pieces,
  sheet,
  reach,
  shared,
  rows,
  columns,
  occasions,
  currency,
  out,
  chosen,
  isNew,
  nameOf,
  onToggle,
  onChoose,
}: Props) {
  const grid = useRef<HTMLTableElement>(null);
  const many = useMemo(() => {
    const pairs = (shared ?? []).flatMap((row, a) => row.filter((_count, b) => a !== b));
    return Math.max(1, MANY * Math.max(0, ...pairs));
  }, [shared]);
  const onKey = (event: KeyboardEvent<HTMLButtonElement>, row: number, column: number): void => {
    const by = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key];
    if (event.key === 'o') onToggle(rows[row] as number);
    if (event.key === '3') onChoose([rows[row] as number]);
    if (!by) return;
    event.preventDefault();
    const [down = 0, right = 0] = by;
    // A piece has no cell with itself: the way goes on behind it.
    for (let step = 1; step <= 2; step++) {
      const cell = grid.current?.querySelector<HTMLButtonElement>(
        `[data-at="${row + step * down} ${column + step * right}"]`,
      );
      if (cell) return cell.focus();
    }
  };
  return (
    <table ref={grid} className="mix-table">
      <thead>
        <tr>
          <th scope="col">
            <span className="visually-hidden">Piece</span>
          </th>
          <th scope="col" className="num">
            Looks
          </th>
          <th scope="col">For</th>
          <th scope="col">A wear, about</th>
          {columns.map((place) => (
            <th key={place} scope="col" className={isNew(place) ? 'mix-new' : undefined}>
              <span title={(pieces[place] as Piece).title}>
                <GarmentSketch piece={pieces[place] as Piece} fit={30} decorative />
                <span className="visually-hidden">{(pieces[place] as Piece).title}</span>
              </span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((place, row) => {
          const own = reach?.[place];
          return (
            <tr key={place} className={out.has(place) ? 'mix-out' : undefined}>
              <th scope="row">
                <button
                  className="plain-button mix-name"
                  aria-pressed={out.has(place)}
                  title={out.has(place) ? 'With it again (o)' : 'See the sheet without it (o)'}
                  onClick={() => onToggle(place)}
                >
                  {(pieces[place] as Piece).title}
                </button>
                {(own?.looks ?? 0) > 0 && (
                  <button
                    className="plain-button mix-ways"
                    aria-label={`3 ways with ${nameOf(place)}`}
                    aria-pressed={chosen.length === 1 && chosen[0] === place}
                    title="Three ways to wear it, to print (3)"
                    onClick={() => onChoose([place])}
                  >
                    3 ways
                  </button>
                )}
              </th>
              <td className="num">{own?.looks ?? ''}</td>
              <td className="small">{own && `${own.occasions.length} of ${occasions}`}</td>
              <td className="small">
                {own?.perWearMinor !== undefined && <Money minor={own.perWearMinor} currency={currency} />}
              </td>
              {columns.map((other, column) => {
                const count = shared?.[place]?.[other] ?? 0;
                const words = `${nameOf(place)} with ${nameOf(other)}: ${count === 1 ? '1 look' : `${count} looks`}`;
                return (
                  <td key={other}>
                    {other === place ? (
                      <span className="mix-self" aria-hidden />
                    ) : (
                      <button
                        className="mix-cell"
                        data-at={`${row} ${column}`}
                        data-many={count >= many ? 'many' : count > 0 ? 'some' : 'none'}
                        aria-label={words}
                        title={words}
                        aria-pressed={chosen[0] === place && chosen[1] === other}
                        tabIndex={row === 0 && column === (columns[0] === place ? 1 : 0) ? 0 : -1}
                        onKeyDown={(event) => onKey(event, row, column)}
                        onClick={() => onChoose([place, other])}
                      >
                        {sheet ? (count > 0 ? count : '–') : ''}
                      </button>
                    )}
                  </td>
                );
              })}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
