import { hasLeft } from '@core/box';
import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { taughtIn } from '@core/letter';
import { Button } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { dayWords } from '@ui/days';
import { GuardList } from '@ui/GuardList';
import { Providers } from '@ui/Providers';
import { useMemo } from 'react';
import { LetterJourney } from './LetterJourney';
import { LetterLook } from './LetterLook';
import { LetterPiece } from './LetterPiece';
import { Lines } from './Lines';
import { useLetter } from './useLetter';
import './letter.css';

/** Step 4: the sheet the client reads. Drafted from the box, edited here, printed as it stands. */
export function LetterPage({ initial }: { readonly initial: BoxView }) {
  const { view, busy, run, letter, stands, draft, save, change, changeNote, changeLook } = useLetter(initial);
  const looks = useMemo(() => view.looks.map((look) => piecesOf(view, look.pieces)), [view]);
  useKeys(
    [
      ['mod+S', () => void save()],
      ['mod+P', () => window.print()],
    ],
    true,
  );
  const locked = hasLeft(view.state);
  return (
    <Providers
      keys={[
        { keys: 'Ctrl S', does: 'Save the letter' },
        { keys: 'Ctrl P', does: 'Print it' },
      ]}
    >
      <div className="letter-bar no-print">
        <span className="soft" role="status">
          {stands} Every line may be rewritten; print shows it without this bar.
        </span>
        <Button variant="default" onClick={() => void draft()} disabled={locked}>
          Draft anew
        </Button>
        {!locked && (
          <Button variant="default" component="a" href={`/box/${view.id}/journey`}>
            Pack for a journey
          </Button>
        )}
        <Button variant="default" onClick={() => window.print()} title="Print (Ctrl P)">
          Print
        </Button>
        {view.letter && (
          <Button
            variant="default"
            component="a"
            href={`/box/${view.id}/letter.pdf`}
            title="The saved letter as PDF"
          >
            PDF
          </Button>
        )}
        <Button
          onClick={() => void save()}
          loading={busy === 'save-letter'}
          disabled={locked || letter === null}
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
          Pack
        </Button>
      </div>
      <GuardList view={view} run={run} />
      {letter && (
        <article className="sheet letter" aria-label="Letter">
          <header>
            <div className="letter-head serif">{view.shop.name}</div>
            <div className="soft">{view.shop.town}</div>
          </header>
          <Lines label="Greeting" value={letter.greeting} onChange={(greeting) => change({ greeting })} big />
          <section className="letter-pieces">
            {view.lines.map((line) => {
              const note = letter.pieces.find(({ ref }) => ref === line.piece.id);
              return (
                note && (
                  <LetterPiece
                    key={line.id}
                    line={line}
                    note={note}
                    taught={taughtIn(line.piece.id, looks)}
                    client={view.client.profile}
                    currency={view.shop.currency}
                    onChange={(part) => changeNote(note.ref, part)}
                  />
                )
              );
            })}
          </section>
          {view.looks.length > 0 && (
            <section className="letter-looks">
              {view.looks.map((look) => (
                <LetterLook
                  key={look.id}
                  look={look}
                  pieces={piecesOf(view, look.pieces)}
                  client={view.client.profile}
                  line={letter.looks.find(({ id }) => id === look.id)?.line ?? ''}
                  onChange={(line) => changeLook(look.id, line)}
                />
              ))}
            </section>
          )}
          {letter.journey && (
            <LetterJourney
              journey={letter.journey}
              view={view}
              onChange={(journey) => change({ journey })}
              onLeaveOut={locked ? undefined : () => change({ journey: undefined })}
            />
          )}
          <Lines label="Closing" value={letter.closing} onChange={(closing) => change({ closing })} />
          <footer className="small soft">
            {view.due?.occasion && <>For {dayWords(view.due.occasion)}. </>}
            Care and fibres as the label states them. If something itches or irritates, take it off and tell
            us.
          </footer>
        </article>
      )}
      {view.lines.length === 0 && (
        <p className="sheet empty">
          <strong>The box is empty.</strong>
          Pull and hold pieces first; the letter is drafted from them.
        </p>
      )}
    </Providers>
  );
}
