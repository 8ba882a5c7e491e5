import type { LetterOutView, OutboxView } from '@contracts/outbox/outbox-view';
import { Button } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';

const STATE_WORDS: Readonly<Record<LetterOutView['state'], string>> = {
  'to send': 'to send',
  sent: 'sent',
  over: 'done: the link was used, stopped or is too old',
};

/** Letters the shop would e-mail. Nothing is posted by itself: whoever owns the shop sends each by hand. */
export function OutboxPanel({ initial }: { readonly initial: OutboxView }) {
  const [{ letters }, setView] = useState(initial);
  const [open, setOpen] = useState<{ readonly id: string; readonly text: string }>();
  const [busy, setBusy] = useState<string>();
  const read = async ({ id }: LetterOutView): Promise<void> => {
    setBusy(id);
    try {
      const { text, path } = await call('open-letter', { id });
      setOpen({ id, text: `${text}\n\n${new URL(path, location.origin).href}` });
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(undefined);
    }
  };
  const settle = async ({ id, toName }: LetterOutView, as: 'sent' | 'thrown away'): Promise<void> => {
    setBusy(id);
    try {
      setView(await call('settle-letter', { id, as }));
      setOpen(undefined);
      showDone(as === 'sent' ? `Noted: sent to ${toName}.` : 'The letter is thrown away.');
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(undefined);
    }
  };
  return (
    <div className="shop-panel">
      <section className="sheet" aria-label="Outbox">
        <h2>Outbox</h2>
        <p className="small soft">
          A stand-in for a mailer: nothing leaves by itself. Open a letter, send it from your own e-mail, and
          mark it as sent.
        </p>
        {letters.length === 0 && (
          <p className="soft">
            No letters yet. Inviting somebody, or a client’s private link, lays one here.
          </p>
        )}
        <ul className="rows shop-letters">
          {letters.map((letter) => (
            <li key={letter.id}>
              <div className="shop-letter">
                <span>
                  <strong>{letter.subject}</strong>
                  <span className="small soft facts-line">
                    To {letter.toName}, {letter.toAddress}; {dayWords(letter.day)};{' '}
                    {STATE_WORDS[letter.state]}
                  </span>
                </span>
                <span className="shop-actions">
                  {letter.state !== 'over' && open?.id !== letter.id && (
                    <Button
                      size="compact-xs"
                      variant={letter.state === 'to send' ? 'filled' : 'default'}
                      loading={busy === letter.id}
                      onClick={() => void read(letter)}
                    >
                      Open the letter
                    </Button>
                  )}
                  <Button
                    size="compact-xs"
                    variant="default"
                    disabled={busy !== undefined}
                    onClick={() => void settle(letter, 'thrown away')}
                  >
                    Throw away
                  </Button>
                </span>
              </div>
              {open?.id === letter.id && (
                <div className="shop-link">
                  <p style={{ whiteSpace: 'pre-line', overflowWrap: 'anywhere' }}>{open.text}</p>
                  <div className="shop-actions" style={{ justifyContent: 'flex-start' }}>
                    <Button
                      size="xs"
                      component="a"
                      href={`mailto:${encodeURIComponent(letter.toAddress)}?subject=${encodeURIComponent(letter.subject)}&body=${encodeURIComponent(open.text)}`}
                    >
                      Write it in your e-mail
                    </Button>
                    <Button
                      size="xs"
                      variant="default"
                      loading={busy === letter.id}
                      onClick={() => void settle(letter, 'sent')}
                    >
                      Mark as sent
                    </Button>
                    <Button size="xs" variant="default" onClick={() => setOpen(undefined)}>
                      Close it
                    </Button>
                  </div>
                </div>
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
