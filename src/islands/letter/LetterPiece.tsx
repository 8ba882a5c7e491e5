import type { BoxView, LineView } from '@contracts/box/box-view';
import type { PieceNote } from '@core/letter';
import type { Piece } from '@core/piece';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { TaughtSteps } from '@ui/TaughtSteps';
import { Lines } from './Lines';

interface Props {
  readonly line: LineView;
  readonly note: PieceNote;
  /** The piece in a way of wearing that is worth showing. */
  readonly taught: Piece | undefined;
  readonly client: BoxView['client']['profile'];
  readonly currency: string;
  readonly onChange: (part: Partial<PieceNote>) => void;
}

/** What the letter says of one piece, line by line. */
export function LetterPiece({ line, note, taught, client, currency, onChange }: Props) {
  return (
    <div className="letter-piece">
      <span className="letter-sketch">
        <GarmentSketch piece={line.piece} fit={96} />
      </span>
      <div>
        <h3>
          {line.piece.title}{' '}
          <span className="letter-price">
            <Money minor={line.priceMinor} currency={currency} />
          </span>
        </h3>
        <Lines label={`Why ${line.piece.title}`} value={note.why} onChange={(why) => onChange({ why })} />
        <Lines label={`Fit of ${line.piece.title}`} value={note.fit} onChange={(fit) => onChange({ fit })} />
        <Lines
          label={`How to wear ${line.piece.title}`}
          value={note.wear.join('\n')}
          onChange={(text) => onChange({ wear: text.split('\n').filter(Boolean) })}
        />
        {taught && <TaughtSteps piece={taught} client={client} />}
        {note.beneath.length > 0 && (
          <Lines
            label={`Beneath ${line.piece.title}`}
            value={note.beneath.join('\n')}
            onChange={(text) => onChange({ beneath: text.split('\n').filter(Boolean) })}
          />
        )}
        <Lines
          label={`What ${line.piece.title} is made of`}
          value={note.facts}
          onChange={(facts) => onChange({ facts })}
        />
        <Lines
          label={`Care of ${line.piece.title}`}
          value={note.care}
          placeholder="Its care is not entered: write what the label says, or leave it out."
          onChange={(care) => onChange({ care })}
        />
      </div>
    </div>
  );
}
