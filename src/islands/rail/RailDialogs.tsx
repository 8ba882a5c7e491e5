import type { BoxView } from '@contracts/box/box-view';
import type { Piece } from '@core/piece';
import type { Speaker } from '@core/say';
import type { Way } from '@core/ways';
import { EMPTY, type LookStore } from './store';
import { TurnDialog } from './TurnDialog';
import { WaysDialog } from './WaysDialog';

/** What is asked of the look that is worn: ways to wear it, or into which other occasion it may be turned. */
export type Asked = 'ways' | 'turn';

interface Props {
  readonly asks: Asked | undefined;
  readonly view: BoxView;
  readonly store: LookStore;
  readonly pool: readonly Piece[];
  readonly shelf: readonly Piece[];
  readonly pieces: readonly Piece[];
  readonly isBegun: boolean;
  readonly occasions: BoxView['occasions'];
  readonly by: Speaker;
  readonly onClose: () => void;
  readonly onWear: (way: Way) => Promise<void>;
}

export function RailDialogs(props: Props) {
  const { asks, view, store, pool, shelf, pieces, isBegun, occasions, by, onClose, onWear } = props;
  return (
    <>
      <WaysDialog
        open={asks === 'ways'}
        view={view}
        pool={pool}
        shelf={shelf}
        worn={pieces}
        isBegun={isBegun}
        by={by}
        onClose={onClose}
        onWear={(way) => void onWear(way)}
      />
      {asks === 'turn' && pieces.length > 0 && (
        <TurnDialog
          view={view}
          pool={pool}
          worn={pieces}
          others={occasions.filter(({ id }) => id !== store.getState().occasionId)}
          by={by}
          onClose={onClose}
          onWear={(turn, { id, occasion }) => {
            // A look of its own: the one it came from stays as it is.
            store.getState().replace({
              ...EMPTY,
              worn: turn.pieces.map((piece) => ({ ref: piece.id, mode: piece.mode })),
              occasionId: id,
              title: occasion.title,
            });
            onClose();
          }}
        />
      )}
    </>
  );
}
