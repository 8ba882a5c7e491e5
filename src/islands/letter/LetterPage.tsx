import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { type LetterDraft, type LetterStyle, taughtIn } from '@core/letter';
import { Button } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { dayWords } from '@ui/days';
import { GuardList } from '@ui/GuardList';
import { Providers } from '@ui/Providers';
import { useMemo } from 'react';
import { LetterJourney } from './LetterJourney';
import { LetterLine } from './LetterLine';
import { LetterLook } from './LetterLook';
import { LetterPiece } from './LetterPiece';
import { LetterStyleBar } from '@ui/LetterStyleBar';
import { type Letter, useLetter } from './useLetter';
import './letter.css';

const KEYS = [
  { keys: 'Ctrl S', does: 'Save the letter' },
  { keys: 'Ctrl P', does: 'Print it' },
  { keys: 'Ctrl Z', does: 'Take back what was drafted, struck or moved' },
  { keys: 'Alt W', does: 'Another wording of the line you are in' },
  { keys: 'Alt X', does: 'Strike it' },
  { keys: 'Alt R', does: 'Take the draft’s line instead of yours' },
  { keys: 'Alt ↑ or ↓', does: 'Move the piece, or the look, up or down' },
] as const;

/** Step 4: the sheet the client reads. Drafted from the box, edited here, printed as it stands. */
export function LetterPage({ initial }: { readonly initial: BoxView }) {
  const letter = useLetter(initial);
  const { view, run } = letter;
  const print = usePrint(letter);
  useKeys(
    [
      ['mod+S', () => void letter.save()],
      ['mod+P', print],
    ],
    true,
  );
  useKeys([['mod+Z', () => letter.undo?.()]]);
  return (
    <Providers keys={KEYS}>
      <Bar letter={letter} onPrint={print} />
      <GuardList view={view} run={run} />
      {letter.letter && <Sheet letter={letter} draft={letter.letter} />}
      {view.lines.length === 0 && (
        <p className="sheet empty">
          <strong>The box is empty.</strong>
          Pull and hold pieces first; the letter is drafted from them.
        </p>
      )}
    </Providers>
  );
}

/** Opens the letter as it is printed; what is not saved yet is saved before. */
function usePrint({ view, letter, isDirty, isLocked, save }: Letter): () => void {
  return () => {
    if (letter === null) return;
    // Opened at once: a window that opens after an answer is taken for an unwanted one.
    const page = window.open('', '_blank');
    const show = (): void => page?.location.replace(`/box/${view.id}/letter.pdf`);
    if (isLocked || (!isDirty && view.letter)) return show();
    void save().then((done) => (done ? show() : page?.close()));
  };
}

function stands({ letter, isDirty, isLocked, changed, view }: Letter): string {
  if (letter === null) return 'Drafting…';
  if (isLocked) return 'It has gone out with the box.';
  if (changed > 0 && view.letter)
    return `${changed === 1 ? 'One line reads' : `${changed} lines read`} otherwise now: marked, not saved yet.`;
  if (!view.letter) return 'Drafted, not saved yet.';
  return isDirty ? 'Not saved yet.' : 'Saved.';
}

function Bar({ letter, onPrint }: { readonly letter: Letter; readonly onPrint: () => void }) {
  const { view, busy, isLocked, style } = letter;
  const setStyle = (next: LetterStyle): void => {
    if (next.tone === style.tone && next.length === style.length) letter.change({ style: next });
    else void letter.draft(next);
  };
  return (
    <div className="letter-bar no-print">
      <LetterStyleBar style={style} disabled={isLocked || letter.letter === null} onStyle={setStyle} />
      <span className="soft" role="status">
        {stands(letter)}
      </span>
      <Button variant="default" onClick={letter.undo} disabled={!letter.undo} title="Undo (Ctrl Z)">
        Undo
      </Button>
      <Button
        variant="default"
        onClick={() => void letter.draft(style)}
        disabled={isLocked}
        title="What you wrote stays as it is"
      >
        Draft anew
      </Button>
      {!isLocked && (
        <Button variant="default" component="a" href={`/box/${view.id}/journey`}>
          Pack for a journey
        </Button>
      )}
      <Button
        variant="default"
        onClick={onPrint}
        disabled={letter.letter === null}
        title="As it is printed (Ctrl P)"
      >
        Print
      </Button>
      <Button
        onClick={() => void letter.save()}
        loading={busy === 'save-letter'}
        disabled={isLocked || letter.letter === null}
        title="Save (Ctrl S)"
      >
        Save the letter
      </Button>
      <Button
        component="a"
        href={`/box/${view.id}/out`}
        variant={view.letter ? 'filled' : 'default'}
        disabled={view.letter === null}
      >
        {isLocked ? 'Out' : 'Pack'}
      </Button>
    </div>
  );
}

/** The letter itself. */
function Sheet({ letter, draft }: { readonly letter: Letter; readonly draft: LetterDraft }) {
  const { view, isLocked, line, change } = letter;
  const looks = useMemo(() => view.looks.map((look) => piecesOf(view, look.pieces)), [view]);
  const notes = draft.pieces.flatMap((note) => {
    const own = view.lines.find(({ piece }) => piece.id === note.ref);
    return own ? [{ note, own }] : [];
  });
  const shown = draft.looks.flatMap((note) => {
    const look = view.looks.find(({ id }) => id === note.id);
    return look ? [{ note, look }] : [];
  });
  return (
    <article className="sheet letter" aria-label="Letter">
      <header>
        <div className="letter-head serif">{view.shop.name}</div>
        <div className="soft">{view.shop.town}</div>
      </header>
      <LetterLine label="Greeting" tools={line('greeting')} big takesPhrases />
      <section className="letter-pieces">
        {notes.map(({ note, own }, place) => (
          <LetterPiece
            key={own.id}
            line={own}
            note={note}
            letter={letter}
            place={place}
            count={notes.length}
            taught={taughtIn(own.piece.id, looks)}
            client={view.client.profile}
            currency={view.shop.currency}
          />
        ))}
      </section>
      {shown.length > 0 && (
        <section className="letter-looks">
          {shown.map(({ note, look }, place) => (
            <LetterLook
              key={look.id}
              look={look}
              note={note}
              letter={letter}
              place={place}
              count={shown.length}
              pieces={looks[view.looks.indexOf(look)] ?? []}
              client={view.client.profile}
            />
          ))}
        </section>
      )}
      {draft.journey && (
        <LetterJourney
          journey={draft.journey}
          view={view}
          onChange={(journey) => change({ journey })}
          onLeaveOut={isLocked ? undefined : () => change({ journey: undefined })}
        />
      )}
      <LetterLine label="Closing" tools={line('closing')} takesPhrases />
      <footer className="small soft">
        {view.due?.occasion && <>For {dayWords(view.due.occasion)}. </>}
        Care and fibres as the label states them. If something itches or irritates, take it off and tell us.
      </footer>
    </article>
  );
}
