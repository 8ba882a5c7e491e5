import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { BACK_WORDS, type BackTo } from '@core/box';
import { Button } from '@mantine/core';
import type { BoxState } from '@ui/useBox';

interface Props<V extends BoxView | PackView> {
  readonly line: V['lines'][number];
  readonly box: BoxState<V>;
  /** Where what comes back is put. */
  readonly backTo: BackTo;
  /** Its name says of which piece, where several stand below one another with nothing else to tell them apart. */
  readonly named?: boolean;
}

/** Checks in one piece that came back, or says that it is. */
export function CheckIn<V extends BoxView | PackView>({
  line,
  box: { view, busy, run },
  backTo,
  named,
}: Props<V>) {
  const { title } = line.piece;
  if (line.checkedIn) return <span className="tone tone-works">checked in</span>;
  return (
    <Button
      size="xs"
      variant={named ? 'filled' : 'default'}
      aria-label={named ? `Check in ${title}` : undefined}
      loading={busy === 'check-in-line'}
      onClick={() =>
        void run(
          'check-in-line',
          { boxId: view.id, lineId: line.id, backTo },
          `${title}: ${BACK_WORDS[backTo]}.`,
        )
      }
    >
      Check in
    </Button>
  );
}
