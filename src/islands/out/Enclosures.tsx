import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import type { Enclosed, Enclosure } from '@core/parcel';
import { Checkbox } from '@mantine/core';
import type { BoxState } from '@ui/useBox';

const WORDS: Readonly<Record<Enclosure, string>> = {
  'hat sizer': 'Hat sizing strip',
  insole: 'Pair of insoles',
  pin: 'Pin',
  'fashion tape': 'Fashion tape',
  'spare button': 'Spare button',
};

interface Props<V extends BoxView | PackView> {
  readonly enclosed: readonly Enclosed[];
  readonly box: BoxState<V>;
}

/** Small things that go along unpriced, ticked as they are laid in: whoever packs after a break, or at another desk, sees it. */
export function Enclosures<V extends BoxView | PackView>({ enclosed, box: { view, run } }: Props<V>) {
  if (enclosed.length === 0) return null;
  return (
    <section aria-label="Goes along" className="out-enclosed">
      <h3>Goes along</h3>
      <ul className="plain-list">
        {enclosed.map(({ what, piece, lineId, done }) => (
          <li key={`${what} ${lineId}`}>
            <Checkbox
              label={`${WORDS[what]}, for ${piece}`}
              checked={done}
              onChange={({ currentTarget: { checked } }) =>
                void run('lay-in', { boxId: view.id, lineId, what, done: checked })
              }
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
