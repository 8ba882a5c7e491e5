import type { Enclosed, Enclosure } from '@core/parcel';
import { Checkbox } from '@mantine/core';

const WORDS: Readonly<Record<Enclosure, string>> = {
  'hat sizer': 'Hat sizing strip',
  insole: 'Pair of insoles',
  pin: 'Pin',
  'fashion tape': 'Fashion tape',
  'spare button': 'Spare button',
};

/** Small things that go along unpriced, to be ticked by hand. */
export function Enclosures({ enclosed }: { readonly enclosed: readonly Enclosed[] }) {
  if (enclosed.length === 0) return null;
  return (
    <section aria-label="Goes along" className="out-enclosed">
      <h3>Goes along</h3>
      <ul className="plain-list">
        {enclosed.map(({ what, piece }) => (
          <li key={`${what} ${piece}`}>
            <Checkbox label={`${WORDS[what]}, for ${piece}`} />
          </li>
        ))}
      </ul>
    </section>
  );
}
