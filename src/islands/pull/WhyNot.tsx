import type { Input } from '@contracts/calls';
import type { LeftOut } from '@contracts/pull/pull-row';
import { leftOutWords } from '@core/pull';
import type { Tongue } from '@core/words';
import { Button, TextInput } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { forwardRef, useState } from 'react';

interface Props {
  readonly leftOut: readonly LeftOut[];
  readonly tongue: Tongue;
  /** What the list was asked for, so that the answer is about it. */
  readonly asked: Omit<Input<'why-not'>, 'search'>;
}

/** What was left out and why; and of anything by name, why it is not among the candidates. */
export const WhyNot = forwardRef<HTMLInputElement, Props>(function WhyNot({ leftOut, asked, tongue }, ref) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [found, setFound] = useState<{ readonly name: string; readonly rows: readonly LeftOut[] }>();
  const [busy, setBusy] = useState(false);
  const ask = async (): Promise<void> => {
    setBusy(true);
    try {
      const answer = await call('why-not', { ...asked, search: name.trim() });
      setFound({ name: name.trim(), rows: answer.found });
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section className="why-not" aria-label="Why not">
      {leftOut.length > 0 && (
        <>
          <button className="plain-button small" aria-expanded={open} onClick={() => setOpen(!open)}>
            {leftOut.length} left out: why
          </button>
          {open && <Reasons rows={leftOut} tongue={tongue} />}
        </>
      )}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim().length >= 2) void ask();
        }}
      >
        <TextInput
          ref={ref}
          size="xs"
          aria-label="Why not this one"
          placeholder="Why not… (w): a name, a label, a SKU"
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
          style={{ flex: 1 }}
        />
        <Button size="xs" variant="default" type="submit" loading={busy} disabled={name.trim().length < 2}>
          Say why
        </Button>
      </form>
      <div role="status">
        {found &&
          (found.rows.length === 0 ? (
            <p className="small soft">Nothing in the stockroom is called “{found.name}”.</p>
          ) : (
            <Reasons rows={found.rows} tongue={tongue} />
          ))}
      </div>
    </section>
  );
});

function Reasons({ rows, tongue }: { readonly rows: readonly LeftOut[]; readonly tongue: Tongue }) {
  return (
    <ul className="small">
      {rows.map(({ title, why }) => (
        <li key={title + why.code}>
          <b>{title}</b>: {leftOutWords(why, tongue)}
        </li>
      ))}
    </ul>
  );
}
