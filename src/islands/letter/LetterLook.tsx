import type { BoxView } from '@contracts/box/box-view';
import type { Piece } from '@core/piece';
import { Figure } from '@ui/Figure';
import { Lines } from './Lines';

interface Props {
  readonly look: BoxView['looks'][number];
  readonly pieces: readonly Piece[];
  readonly client: BoxView['client']['profile'];
  readonly line: string;
  readonly onChange: (line: string) => void;
}

/** A look of the box on her figure, and what the letter says of it. */
export function LetterLook({ look, pieces, client, line, onChange }: Props) {
  return (
    <figure>
      <span className="stage letter-figure">
        <Figure
          pieces={pieces}
          client={client}
          height={330}
          title={`${look.title || 'Look'}: ${pieces.map((piece) => piece.title).join(', ')}`}
        />
      </span>
      <figcaption>
        <h2>{look.title || 'A look'}</h2>
        <Lines label={`Line for ${look.title || 'the look'}`} value={line} onChange={onChange} />
      </figcaption>
    </figure>
  );
}
