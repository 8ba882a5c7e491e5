import { hasLeft } from '@core/box';
import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { broughtUp, type LetterDraft, type PieceNote, taughtIn } from '@core/letter';
import { Button, Textarea } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { call, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { Figure } from '@ui/Figure';
import { GarmentSketch } from '@ui/GarmentSketch';
import { GuardList } from '@ui/GuardList';
import { Money } from '@ui/Money';
import { Providers } from '@ui/Providers';
import { TaughtSteps } from '@ui/TaughtSteps';
import { useBox } from '@ui/useBox';
import { useCallback, useEffect, useMemo, useState } from 'react';
import './letter.css';

/** Step 4: the sheet the client reads. Drafted from the box, edited here, printed as it stands. */
export function LetterPage({ initial }: { readonly initial: BoxView }) {
  const { view, busy, run } = useBox(initial);
  const [letter, setLetter] = useState<LetterDraft | null>(initial.letter);
  const [dirty, setDirty] = useState(false);
  const [renewed, setRenewed] = useState(false);
  const { id: boxId, letter: written } = initial;
  const draft = useCallback(
    () =>
      call('draft-letter', { boxId }).then((answer) => {
        setLetter(answer.letter);
        setDirty(true);
      }, showProblem),
    [boxId],
  );
  // A letter that was written is brought up to the box as it is now: swapped, altered or held since.
  useEffect(() => {
    if (written === null) return void draft();
    if (hasLeft(initial.state)) return undefined;
    call('draft-letter', { boxId }).then(({ letter: fresh }) => {
      const now = broughtUp(written, fresh);
      if (now === written) return;
      setLetter(now);
      setDirty(true);
      setRenewed(true);
    }, showProblem);
    return undefined;
  }, [written, draft, boxId, initial.state]);
  const save = async (): Promise<void> => {
    if (
      letter &&
      (await run(
        'save-letter',
        { boxId: view.id, version: view.version, letter },
        'The letter is written.',
        view.letter ? { letter: view.letter } : { letter },
      ))
    ) {
      setDirty(false);
      setRenewed(false);
    }
  };
  const looks = useMemo(() => view.looks.map((look) => piecesOf(view, look.pieces)), [view]);
  useHotkeys(
    [
      ['mod+S', () => void save()],
      ['mod+P', () => window.print()],
    ],
    [],
  );
  const change = (part: Partial<LetterDraft>): void => {
    setLetter((now) => (now ? { ...now, ...part } : now));
    setDirty(true);
  };
  const changeNote = (ref: string, part: Partial<PieceNote>): void =>
    change({
      pieces: (letter?.pieces ?? []).map((note) => (note.ref === ref ? { ...note, ...part } : note)),
    });
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
          {letter === null
            ? 'Drafting…'
            : renewed
              ? 'The box has changed since: what is new is drafted, not saved yet.'
              : dirty
                ? 'Drafted, not saved yet.'
                : 'Saved.'}{' '}
          Every line may be rewritten; print shows it without this bar.
        </span>
        <Button variant="default" onClick={() => void draft()} disabled={locked}>
          Draft anew
        </Button>
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
          {view.looks.length > 0 && (
            <section className="letter-looks">
              {view.looks.map((look) => {
                const line = letter.looks.find(({ id }) => id === look.id)?.line ?? '';
                const pieces = piecesOf(view, look.pieces);
                return (
                  <figure key={look.id}>
                    <span className="stage letter-figure">
                      <Figure
                        pieces={pieces}
                        client={view.client.profile}
                        height={330}
                        title={`${look.title || 'Look'}: ${pieces.map((piece) => piece.title).join(', ')}`}
                      />
                    </span>
                    <figcaption>
                      <h2>{look.title || 'A look'}</h2>
                      <Lines
                        label={`Line for ${look.title || 'the look'}`}
                        value={line}
                        onChange={(text) =>
                          change({
                            looks: letter.looks.map((each) =>
                              each.id === look.id ? { ...each, line: text } : each,
                            ),
                          })
                        }
                      />
                    </figcaption>
                  </figure>
                );
              })}
            </section>
          )}
          <section className="letter-pieces">
            {view.lines.map((line) => {
              const note = letter.pieces.find(({ ref }) => ref === line.piece.id);
              if (!note) return null;
              const taught = taughtIn(line.piece.id, looks);
              return (
                <div key={line.id} className="letter-piece">
                  <span className="letter-sketch">
                    <GarmentSketch piece={line.piece} fit={96} />
                  </span>
                  <div>
                    <h3>
                      {line.piece.title}{' '}
                      <span className="letter-price">
                        <Money minor={line.priceMinor} currency={view.shop.currency} />
                      </span>
                    </h3>
                    <Lines
                      label={`Why ${line.piece.title}`}
                      value={note.why}
                      onChange={(why) => changeNote(note.ref, { why })}
                    />
                    <Lines
                      label={`Fit of ${line.piece.title}`}
                      value={note.fit}
                      onChange={(fit) => changeNote(note.ref, { fit })}
                    />
                    <Lines
                      label={`How to wear ${line.piece.title}`}
                      value={note.wear.join('\n')}
                      onChange={(text) => changeNote(note.ref, { wear: text.split('\n').filter(Boolean) })}
                    />
                    {taught && <TaughtSteps piece={taught} client={view.client.profile} />}
                    {note.beneath.length > 0 && (
                      <Lines
                        label={`Beneath ${line.piece.title}`}
                        value={note.beneath.join('\n')}
                        onChange={(text) =>
                          changeNote(note.ref, { beneath: text.split('\n').filter(Boolean) })
                        }
                      />
                    )}
                    <Lines
                      label={`What ${line.piece.title} is made of`}
                      value={note.facts}
                      onChange={(facts) => changeNote(note.ref, { facts })}
                    />
                    <Lines
                      label={`Care of ${line.piece.title}`}
                      value={note.care}
                      placeholder="Its care is not entered: write what the label says, or leave it out."
                      onChange={(care) => changeNote(note.ref, { care })}
                    />
                  </div>
                </div>
              );
            })}
          </section>
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

function Lines({
  label,
  value,
  onChange,
  placeholder,
  big,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Shown while the line is empty; never printed. */
  readonly placeholder?: string;
  readonly big?: boolean;
}) {
  return (
    <Textarea
      aria-label={label}
      variant="unstyled"
      autosize
      minRows={1}
      value={value}
      placeholder={placeholder}
      onChange={(event) => onChange(event.currentTarget.value)}
      className={value === '' ? 'no-print' : undefined}
      classNames={{ input: big ? 'letter-line letter-big' : 'letter-line' }}
    />
  );
}
