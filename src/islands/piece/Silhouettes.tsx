import { CATEGORIES, type Category, pieceFrom } from '@core/piece';
import { GarmentSketch } from '@ui/GarmentSketch';
import { kindCalled } from '@ui/called';

const KINDS = CATEGORIES.map((category) =>
  pieceFrom({ id: category, category, colours: [{ hex: '#8f928e', share: 1 }] }),
);

interface Props {
  readonly category: Category;
  readonly onPick: (category: Category) => void;
}

/** Every kind of piece by its outline. */
export function Silhouettes({ category, onPick }: Props) {
  return (
    <div className="silhouettes" role="group" aria-label="Silhouette">
      {KINDS.map((piece) => (
        <button
          key={piece.id}
          type="button"
          aria-pressed={piece.category === category}
          onClick={() => onPick(piece.category)}
        >
          <GarmentSketch piece={piece} fit={46} decorative />
          {kindCalled(piece.category)}
        </button>
      ))}
    </div>
  );
}
