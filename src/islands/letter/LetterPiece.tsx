import type { BoxView, LineView } from '@contracts/box/box-view';
import { lineKey, type PieceNote } from '@core/letter';
import type { Piece } from '@core/piece';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { TaughtSteps } from '@ui/TaughtSteps';
import { LetterLine } from './LetterLine';
import { moveByKey, MoveKeys } from './MoveKeys';
import type { Letter } from './useLetter';

interface Props {
  readonly line: LineView;
  readonly note: PieceNote;
  readonly letter: Letter;
  readonly place: number;
  readonly count: number;
  /** The piece in a way of wearing that is worth showing. */
  readonly taught: Piece | undefined;
  readonly client: BoxView['client']['profile'];
  readonly currency: string;
}

/** What the letter says of one piece, line by line. */
export function LetterPiece({ line, note, letter, place, count, taught, client, currency }: Props) {
  const { title } = line.piece;
  const tools = (part: Exclude<keyof PieceNote, 'ref'>) => letter.line(lineKey(note.ref, part));
  const move = (by: -1 | 1): void => letter.move(note.ref, by);
  return (
    <div className="letter-piece" onKeyDown={moveByKey(move)}>
      <span className="letter-sketch">
        <GarmentSketch piece={line.piece} fit={96} />
      </span>
      <div>
        <h2 className="letter-title">
          {title}{' '}
          <span className="letter-price">
            <Money minor={line.priceMinor} currency={currency} />
          </span>
          {!letter.isLocked && count > 1 && (
            <MoveKeys title={title} place={place} count={count} onMove={move} />
          )}
        </h2>
        <LetterLine label={`Why ${title}`} tools={tools('why')} takesPhrases />
        <LetterLine label={`Fit of ${title}`} tools={tools('fit')} />
        <LetterLine
          label={`How to wear ${title}`}
          tools={tools('wear')}
          placeholder="How to wear it, if there is something to say."
        />
        {taught && <TaughtSteps piece={taught} client={client} />}
        {(note.beneath.length > 0 || tools('beneath').isStruck) && (
          <LetterLine label={`Beneath ${title}`} tools={tools('beneath')} />
        )}
        <LetterLine
          label={`What ${title} is made of`}
          tools={tools('facts')}
          placeholder="What it is made of is not entered."
        />
        <LetterLine
          label={`Care of ${title}`}
          tools={tools('care')}
          placeholder="Its care is not entered: write what the label says, or leave it out."
        />
      </div>
    </div>
  );
}
