import type { BoxView } from '@contracts/box/box-view';
import { lineKey, type LookNote, lookPicture } from '@core/letter';
import type { Piece } from '@core/piece';
import { Drawing } from '@ui/Drawing';
import { useMemo } from 'react';
import { LetterLine } from './LetterLine';
import { moveByKey, MoveKeys } from './MoveKeys';
import type { Letter } from './useLetter';

interface Props {
  readonly look: BoxView['looks'][number];
  readonly note: LookNote;
  readonly letter: Letter;
  readonly place: number;
  readonly count: number;
  readonly pieces: readonly Piece[];
  readonly client: BoxView['client']['profile'];
}

const TALL = 330;
const WIDE = 360;

/** A look of the box as the letter shows it, and what it says of it. */
export function LetterLook({ look, note, letter, place, count, pieces, client }: Props) {
  const title = look.title || 'A look';
  const { pictures } = letter.style;
  const drawing = useMemo(() => lookPicture(pieces, client, pictures), [pieces, client, pictures]);
  const scale = Math.min(TALL / drawing.box.h, WIDE / drawing.box.w);
  const move = (by: -1 | 1): void => letter.move(note.id, by);
  return (
    <figure
      data-hidden={note.hidden || undefined}
      className={note.hidden ? 'no-print' : undefined}
      onKeyDown={moveByKey(move)}
    >
      <span className={pictures === 'flat' ? 'letter-figure letter-flat' : 'stage letter-figure'}>
        <Drawing
          drawing={drawing}
          title={`${title}: ${pieces.map((piece) => piece.title).join(', ')}`}
          height={drawing.box.h * scale}
          width={drawing.box.w * scale}
        />
      </span>
      <figcaption>
        <h2>
          {title}
          {!letter.isLocked && (
            <span className="letter-look-keys no-print">
              {count > 1 && <MoveKeys title={title} place={place} count={count} onMove={move} />}
              <button
                className="plain-button small"
                aria-label={note.hidden ? `show it again: ${title}` : `leave it out: ${title}`}
                onClick={() => letter.showLook(note.id, note.hidden === true)}
              >
                {note.hidden ? 'show it again' : 'leave it out'}
              </button>
            </span>
          )}
        </h2>
        {note.hidden ? (
          <p className="small soft">Not in the letter.</p>
        ) : (
          <>
            <LetterLine label={`Line for ${title}`} tools={letter.line(lineKey(note.id, 'line'))} />
            <LetterLine
              label={`Instead of your own in ${title}`}
              tools={letter.line(lineKey(note.id, 'instead'))}
            />
          </>
        )}
      </figcaption>
    </figure>
  );
}
