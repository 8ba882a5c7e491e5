import type { BoxView } from '@contracts/box/box-view';
import { CATEGORY, type Piece, type Slot } from '@core/piece';
import { useDraggable } from '@dnd-kit/core';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { memo } from 'react';

interface RackProps {
  readonly view: BoxView;
  readonly wornIds: ReadonlySet<string>;
  readonly lit: readonly string[];
  readonly onPress: (piece: Piece) => void;
}

const ORDER: readonly Slot[] = [
  'layer',
  'whole',
  'top',
  'bottom',
  'shoes',
  'legwear',
  'bag',
  'belt',
  'scarf',
  'head',
  'eyes',
  'neck',
  'ears',
  'brooch',
  'wrist',
  'hand',
  'gloves',
  'watch',
  'tie',
  'pocket',
  'beneath',
];
const byPlace = (a: Piece, b: Piece): number =>
  ORDER.indexOf(CATEGORY[a.category].slot) - ORDER.indexOf(CATEGORY[b.category].slot);

/** The pieces on two rails: those of the box with a price ticket, owned ones with a cloth tag. One scale. */
export const Rack = memo(function Rack({ view, wornIds, lit, onPress }: RackProps) {
  const fromBox = view.lines
    .filter((line) => line.held)
    .map((line) => line.piece)
    .sort(byPlace);
  const owned = [...view.owned].sort(byPlace);
  return (
    <section className="rack" aria-label="Pieces">
      <Bar
        title="From the box"
        pieces={fromBox}
        empty="Nothing is pulled yet."
        {...{ view, wornIds, lit, onPress }}
      />
      <Bar
        title="From the closet"
        pieces={owned}
        empty="The closet is empty."
        {...{ view, wornIds, lit, onPress }}
      />
    </section>
  );
});

function Bar({
  title,
  pieces,
  empty,
  view,
  wornIds,
  lit,
  onPress,
}: RackProps & { readonly title: string; readonly pieces: readonly Piece[]; readonly empty: string }) {
  return (
    <div className="rack-bar">
      <h2 className="rack-title">{title}</h2>
      <div className="rack-rail">
        {pieces.length === 0 && <p className="soft rack-empty">{empty}</p>}
        {pieces.map((piece) => (
          <Hanging
            key={piece.id}
            piece={piece}
            currency={view.shop.currency}
            photo={view.photos[piece.id]}
            worn={wornIds.has(piece.id)}
            dim={lit.length > 0 && !lit.includes(piece.id)}
            onPress={onPress}
          />
        ))}
      </div>
    </div>
  );
}

interface HangingProps {
  readonly piece: Piece;
  readonly currency: string;
  readonly photo: string | undefined;
  readonly worn: boolean;
  readonly dim: boolean;
  readonly onPress: (piece: Piece) => void;
}

const Hanging = memo(function Hanging({ piece, currency, photo, worn, dim, onPress }: HangingProps) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: piece.id });
  // Only the pointer drags; Enter wears at once, so the keyboard needs no dragging.
  const { onKeyDown: _onKeyDown, ...pointer } = listeners ?? {};
  return (
    <button
      ref={setNodeRef}
      {...pointer}
      className={`hanging${worn ? ' hanging-worn' : ''}${piece.owned ? ' hanging-owned' : ''}`}
      style={{ opacity: isDragging ? 0.3 : dim ? 0.35 : undefined }}
      aria-pressed={worn}
      data-dragging={isDragging || undefined}
      data-ref={piece.id}
      title={`${piece.title}: ${worn ? 'take off' : 'wear'} (Enter)`}
      onClick={() => onPress(piece)}
    >
      <span className="hanging-sketch">
        <GarmentSketch piece={piece} scale={0.094} photo={photo} decorative />
      </span>
      <span className="hanging-tag">
        {piece.title}
        {piece.assumed && ' (assumed)'}
        {!piece.owned && piece.priceMinor !== undefined && (
          <b>
            {' '}
            <Money minor={piece.priceMinor} currency={currency} />
          </b>
        )}
      </span>
    </button>
  );
});
