import type { OwnedView } from '@contracts/closet/owned-view';
import IconHeart from '@tabler/icons-react/icons/IconHeart';
import IconX from '@tabler/icons-react/icons/IconX';
import { GarmentSketch } from '@ui/GarmentSketch';
import { memo } from 'react';

interface Props {
  readonly item: OwnedView;
  readonly photo: boolean;
  readonly onOpen: (item: OwnedView) => unknown;
  /** Absent for what is out already: pressing it puts it back. */
  readonly onRetire: ((item: OwnedView) => Promise<void>) | undefined;
}

/** One piece of the closet; five hundred of them stay smooth because each is drawn once. */
export const OwnedCard = memo(function OwnedCard({ item, photo, onOpen, onRetire }: Props) {
  return (
    <span className="closet-card">
      <button
        className="piece-card"
        onClick={() => onOpen(item)}
        title={`${item.piece.title}: ${onRetire ? 'change' : 'put back'}`}
      >
        <GarmentSketch piece={item.piece} scale={0.088} photo={photo ? item.photo : undefined} decorative />
        <span className="garment-tag">
          {item.loved && <IconHeart size={11} aria-label="loved" style={{ verticalAlign: -1 }} />}{' '}
          {item.piece.title}
          {item.assumed && ' (assumed)'}
          {item.fromBox && ' (from a box)'}
        </span>
      </button>
      {onRetire && (
        <button
          className="closet-out"
          aria-label={`Take ${item.piece.title} out of the closet`}
          title="Take out of the closet"
          onClick={() => void onRetire(item)}
        >
          <IconX size={12} aria-hidden />
        </button>
      )}
    </span>
  );
});
