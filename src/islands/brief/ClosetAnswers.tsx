import type { Ask } from '@core/reading';
import type { Piece } from '@core/piece';
import { GarmentSketch } from '@ui/GarmentSketch';

interface Props {
  /** Each ask with what is owned of its kinds. */
  readonly answered: readonly { readonly ask: Ask; readonly owned: readonly Piece[] }[];
}

/** What the client owns already of what was asked for. */
export function ClosetAnswers({ answered }: Props) {
  return (
    <section className="sheet" aria-label="What the closet already answers">
      <h2>The closet answers already</h2>
      {answered.every(({ owned }) => owned.length === 0) && (
        <p className="soft">Nothing of what was asked for is owned yet.</p>
      )}
      {answered
        .filter(({ owned }) => owned.length > 0)
        .map(({ ask, owned }) => (
          <div key={ask.text} style={{ marginTop: 8 }}>
            <p className="small">{ask.text}</p>
            <div className="piece-cards">
              {owned.map((piece) => (
                <span
                  key={piece.id}
                  className="piece-card"
                  style={{ minHeight: 104, width: 92, cursor: 'default' }}
                >
                  <GarmentSketch piece={piece} fit={66} decorative />
                  <span className="garment-tag">{piece.title}</span>
                </span>
              ))}
            </div>
          </div>
        ))}
    </section>
  );
}
