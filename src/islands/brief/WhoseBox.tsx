import type { Input } from '@contracts/calls';
import type { BoxView } from '@contracts/box/box-view';
import { isEnded } from '@core/box';
import { Button, NativeSelect, Textarea } from '@mantine/core';
import { dayWords } from '@ui/days';
import { useState } from 'react';

interface Props {
  readonly view: BoxView;
  readonly busy: boolean;
  readonly onHandOver: (input: Input<'hand-over'>) => Promise<boolean>;
}

/** Whose box it is, how it came to them, and how it goes to somebody else. */
export function WhoseBox({ view, busy, onHandOver }: Props) {
  const others = view.stylists.filter(({ id }) => id !== view.stylist.id);
  const [giving, setGiving] = useState(false);
  const [to, setTo] = useState(others[0]?.id ?? '');
  const [note, setNote] = useState('');
  const give = async (): Promise<void> => {
    if (await onHandOver({ boxId: view.id, version: view.version, to, note })) {
      setGiving(false);
      setNote('');
    }
  };
  return (
    <section className="sheet" aria-label="Whose box">
      <div className="sheet-head">
        <h2>{view.stylist.name} has this box</h2>
        {!giving && others.length > 0 && !isEnded(view.state) && (
          <Button
            size="xs"
            variant="default"
            onClick={() => {
              setTo(others[0]?.id ?? '');
              setGiving(true);
            }}
          >
            Hand it over…
          </Button>
        )}
      </div>
      {view.handover && (
        <p className="small">
          From {view.handover.from}, {dayWords(view.handover.day)}
          {view.handover.note && (
            <>
              : <q>{view.handover.note}</q>
            </>
          )}
        </p>
      )}
      {giving && (
        <div className="hand-over">
          <NativeSelect
            label="To"
            data-autofocus
            data={others.map(({ id, name }) => ({ value: id, label: name }))}
            value={to}
            onChange={(event) => setTo(event.currentTarget.value)}
          />
          <Textarea
            label="What they should know"
            autosize
            minRows={2}
            maxLength={1000}
            value={note}
            onChange={(event) => setNote(event.currentTarget.value)}
          />
          <div className="hand-over-keys">
            <Button size="xs" loading={busy} onClick={() => void give()}>
              Hand over to {others.find(({ id }) => id === to)?.name ?? ''}
            </Button>
            <Button size="xs" variant="default" onClick={() => setGiving(false)}>
              Cancel
            </Button>
          </div>
        </div>
      )}
    </section>
  );
}
